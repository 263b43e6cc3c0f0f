import { readFile } from 'node:fs/promises';
import { type Page, expect, test } from '@playwright/test';
import { emptyJob, copyOfTernPoint, noViolations, notes, rack, settled, station, stored, takePart } from './support';

const string = (page: Page) => page.getByLabel('The string in half-section');
const partLabel = (page: Page, name: RegExp) => string(page).getByRole('button', { name });
const next = (page: Page) => page.getByRole('region', { name: 'Next part' });
const length = async (page: Page, value: string): Promise<void> => {
  await page.getByLabel('How long is it?').fill(value);
  await page.getByLabel('How long is it?').press('Enter');
};
/** Names of the parts of the string on the sheet, from the tank outward. */
const names = (page: Page): Promise<string[]> =>
  string(page)
    .locator('button:has(.sr-only)')
    .evaluateAll((labels) => labels.map((label) => label.querySelector('span')?.textContent ?? ''));

async function partsCsv(page: Page): Promise<string> {
  await settled(page);
  await station(page, 'Parts').click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'List (CSV)' }).click();
  return readFile((await (await download).path()) ?? '', 'utf8');
}

test('by hand: a drum with a push-through gasket, glued draw-off, hose tap and grated top', async ({ page }) => {
  await emptyJob(page, 'Grated drum');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Inlet/ }).click();
  await page.getByLabel('Size').selectOption('4 in');
  await page.getByRole('button', { name: /^Drop-in grate/ }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByRole('button', { name: /^Push-through gasket for 3\/4 in/ }).click();
  await page.getByRole('link', { name: 'Build the run of P2' }).click();

  await takePart(page, 'Pipe 3/4 Schedule 40, PVC: Holds with lubricant');
  await length(page, '8 in');
  await takePart(page, 'Elbow 3/4 socket, PVC: Holds with cement');
  await takePart(page, 'Pipe 3/4 Schedule 40, PVC: Holds with cement');
  await length(page, '4 in');
  await takePart(page, 'Female adapter 3/4 NPT female x socket, PVC: Holds with cement');
  await takePart(page, 'Hose tap 3/4 NPT male x 3/4 NH male, brass: Holds with tape');
  await expect(string(page).getByText('Water leaves here')).toBeVisible();

  // The elbow is turned aside: where the run goes is drawn, and the tap hangs where it is wanted.
  await partLabel(page, /^Elbow/).click();
  await page.getByLabel('It points').selectOption('to the right');
  await page.getByRole('button', { name: 'As it runs' }).click();
  await expect(page.getByRole('region', { name: 'As it runs' })).toContainText(/in to the right/);
  await page.getByRole('button', { name: 'Order of work' }).click();
  await expect(page.getByRole('region', { name: 'The order of work' })).toContainText(
    'Elbow: glue it in, so that it points to the right.',
  );
  await noViolations(page, 'order of work');

  const csv = await partsCsv(page);
  for (const part of ['PG-075', 'WDG-400', 'ES-075', 'AF-075', 'HT-075M']) expect(csv).toContain(part);
  expect(csv).toContain('Pipe and hose,PI-075');
});

test('by hand: a cam coupling on a crate, thread to socket, bushing, tap @deep', async ({ page }) => {
  const id = await emptyJob(page, 'Crate on cams');
  await page.getByRole('button', { name: 'Add: Crate, 275 gal' }).click();
  await page.getByRole('button', { name: /^Cam grooves, 2 in/ }).click();
  await station(page, 'Runs').first().click();
  await takePart(page, 'Cam coupler 2 cam coupler x 2 NPT male, aluminium: Holds with washer');
  await takePart(page, 'Female adapter 2 NPT female x socket, PVC: Holds with tape');
  await takePart(page, 'Reducing bushing 2 spigot x 3/4 NPT female, PVC: Holds with cement');
  await takePart(page, 'Hose tap 3/4 NPT male x 3/4 NH male, brass: Holds with tape');
  await expect(string(page).getByText('Water leaves here')).toBeVisible();
  expect(await names(page)).toEqual(['Cam coupler', 'Female adapter', 'Reducing bushing', 'Hose tap']);
  await settled(page);
  expect((await stored(page, id)).parts.map(({ code }) => code)).toHaveLength(4);
  expect(await partsCsv(page)).toContain('Cam coupler');
});

test('by hand: a sight tube cut into an outlet line that stands, with its own tap @deep', async ({ page }) => {
  const id = await emptyJob(page, 'Old line');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByLabel('Size').selectOption('1 in');
  await page.getByRole('button', { name: /^Slip bulkhead 1 socket/ }).click();
  await page.getByRole('link', { name: 'Build the run of P1' }).click();
  await takePart(page, 'Pipe 1 Schedule 40, PVC: Holds with cement');
  await length(page, '5 ft');
  await page.getByRole('button', { name: 'Water leaves here' }).click();

  // Both stand: from the first to the last by the keyboard.
  await partLabel(page, /^Slip bulkhead/).click();
  await string(page).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('button', { name: 'They stand already' }).click();

  await partLabel(page, /^Pipe/).click();
  await page.getByRole('button', { name: 'Cut something in' }).click();
  const before = page.getByRole('region', { name: 'Before it is cut' });
  await expect(before).toContainText(/No valve stands before P1: let T1 down to it, \d+ gal/);
  await page.getByLabel('Its middle, from the end nearer the tank').fill('18 in');
  await page.getByLabel('Its middle, from the end nearer the tank').press('Enter');
  await noViolations(page, 'cutting in');
  await page
    .getByRole('button', { name: /^Saw out .*Tee 1 socket.*Slip coupling|^Saw out .*Slip coupling.*Tee 1 socket/ })
    .first()
    .click();
  expect(await names(page)).toContain('Tee');
  expect(await names(page)).toContain('Slip coupling');

  // The branch is the tube: reduced, with a union and its tap below the clear pipe.
  await page
    .getByRole('list', { name: 'Strands of this run' })
    .getByRole('button', { name: /^Branch 1/ })
    .click();
  await takePart(page, 'Reducing bushing 1 spigot x 1/2 NPT female, PVC: Holds with cement');
  await takePart(page, 'Close nipple 1/2 NPT, 1-1/8 in, brass: Holds with tape');
  await takePart(page, 'Lever valve 1/2 NPT female, brass: Holds with tape');
  await takePart(page, 'Male adapter 1/2 NPT male x socket, PVC: Holds with tape');
  await takePart(page, 'Clear pipe 1/2 Schedule 40, clear PVC: Holds with cement');
  await length(page, '30 in');
  await expect(string(page).getByText('End open')).toBeVisible();
  await page.getByRole('button', { name: 'Water leaves here' }).click();

  const csv = await partsCsv(page);
  expect(csv).not.toContain('BS-100');
  expect(csv).not.toContain('Drill,SW');
  expect(csv).toContain('TS-100');
  expect(csv).toContain('CLS-100');
  expect(csv).toContain('Run P1,LV-050');
  const { parts } = (await stored(page, id)) as unknown as {
    parts: { code: string; existing: boolean; lengthM: number | null }[];
  };
  const old = parts.filter(({ code, existing }) => code === 'PI-100' && existing);
  expect(old).toHaveLength(2);
  expect(old[0]?.lengthM).toBeLessThan(18 * 0.0254);
});

test('a line is built by the keyboard alone', async ({ page }) => {
  await emptyJob(page, 'Hands on keys');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByRole('button', { name: /^Bulkhead 3\/4 NPT/ }).click();
  await page.getByRole('link', { name: 'Build the run of P1' }).click();
  // The panel that a letter goes to, and what was put in before the next is named.
  await expect(page.getByRole('region', { name: 'Next part' })).toBeVisible();
  await string(page).focus();
  for (const [at, words] of ['close nipple', 'lever valve', 'hose tail 3/4 npt male x 3/4 in'].entries()) {
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
    await expect.poll(() => names(page)).toHaveLength(at + 2);
  }
  await expect.poll(() => names(page)).toEqual(['Bulkhead', 'Close nipple', 'Lever valve', 'Hose tail']);
  // Back over three parts and their joints, and the valve is out again; undone, it is back.
  for (const key of ['ArrowLeft', 'ArrowLeft', 'ArrowLeft']) await page.keyboard.press(key);
  await page.keyboard.press('Delete');
  await expect.poll(() => names(page)).toEqual(['Bulkhead', 'Close nipple', 'Hose tail']);
  await page.keyboard.press('Control+z');
  await expect.poll(() => names(page)).toHaveLength(4);
});

test('the string is put in another order by drag, and back by undo @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Other order');
  await station(page, 'Runs').click();
  await rack(page)
    .getByRole('link', { name: /Hose outlet/ })
    .or(rack(page).getByRole('button', { name: /Hose outlet/ }))
    .first()
    .click();
  const before = await names(page);
  expect(before.slice(1, 4)).toEqual(['Close nipple', 'Lever valve', 'Hex nipple']);
  const [valve, joint] = [
    await partLabel(page, /^Lever valve/).boundingBox(),
    await string(page)
      .getByRole('button', { name: /P[0-9]+ J2/ })
      .boundingBox(),
  ];
  if (!valve || !joint) throw new Error('not on the sheet');
  await page.mouse.move(valve.x + valve.width / 2, valve.y + valve.height / 2);
  await page.mouse.down();
  await page.mouse.move(joint.x + joint.width / 2, valve.y + valve.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect.poll(() => names(page)).toEqual([before[0], 'Lever valve', 'Close nipple', ...before.slice(3)]);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => names(page)).toEqual(before);
});

test('a part found in the catalogue is put on the end it was looked for @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'From the book');
  await station(page, 'Runs').click();
  await next(page).getByRole('link', { name: 'Look for it in the catalogue' }).click();
  await page.getByLabel('Which part?').fill('hose male end 1in');
  await page.getByRole('button', { name: /^Hose male end 1 in tail x 3\/4 NH male/ }).click();
  await page.getByRole('button', { name: 'Put it in run P4: holds with clamp' }).click();
  await page.waitForURL(/\/jobs\/[^/]+\/runs/);
  await expect.poll(() => names(page)).toContain('Hose male end');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => names(page)).not.toContain('Hose male end');
});

test('what the whole job could have in common is weighed beside the page and built in one step @deep', async ({
  page,
}) => {
  await copyOfTernPoint(page, 'Alike');
  await station(page, 'Parts').click();
  await page.getByRole('button', { name: 'What could be the same everywhere?' }).click();
  const fewest = page.getByRole('region', { name: 'Fewest different', exact: true });
  await expect(fewest).toContainText('fewer to keep as spares');
  await noViolations(page, 'fewer different parts');
  await fewest.getByRole('button', { name: 'Build it so' }).click();
  await expect(notes(page).getByText('Starts, then leaks')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /weigh it again/ })).toBeVisible();
});
