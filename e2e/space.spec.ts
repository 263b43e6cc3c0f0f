import { type Page, expect, test } from '@playwright/test';
import { crateOverflow, cutTooShort, placesOnly, twoDrums } from '../core/src/test/layouts';
import { emptyJob, noViolations, notes, rack, settled, station } from './support';

/** Opens a job as it stands and leaves the page at one of its screens. */
async function open(page: Page, data: object, screen: string): Promise<void> {
  const { id } = (await (await page.request.post('/api/v1/jobs', { data })).json()) as { id: string };
  await page.goto(`/jobs/${id}/${screen}`);
  await expect(notes(page)).toBeVisible();
}
const where = (page: Page, name: string) => page.getByRole('region', { name: `Where ${name} stands` });
const placeRow = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) });
const piece = (page: Page, number: number) => page.getByRole('row', { name: new RegExp(`^Piece ${number} `) });
const meets = (page: Page) => page.getByRole('region', { name: 'Where its ends are' });
const sheetOf = (page: Page) => page.getByRole('group', { name: 'From above' });

async function tape(page: Page, name: string, from: string, reads: string, to?: string): Promise<void> {
  const panel = where(page, name);
  await panel.getByLabel('Tape held at').selectOption({ label: from });
  if (to !== undefined) await panel.getByLabel('To its').selectOption({ label: to });
  await panel.getByLabel('It reads, level').fill(reads);
  await panel.getByRole('button', { name: 'Take the reading' }).click();
}

test('a site from above, from nothing: two things that stay, two tapes, a check, the other side', async ({ page }) => {
  const id = await emptyJob(page, 'From above', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await settled(page);
  await page.goto(`/jobs/${id}/site`);
  await page.getByRole('navigation', { name: 'Sheets of the site' }).getByRole('link', { name: 'From above' }).click();
  await noViolations(page, 'empty plan');
  // What cannot be read is said, and nothing is lost.
  await page.getByLabel('A is').fill('mill corner');
  await page.getByLabel('B is').fill('gate post');
  await page.getByLabel('From A to B, taped level').fill('far');
  await page.getByRole('button', { name: 'Begin the plan', exact: true }).click();
  await expect(page.getByText('far is no length.')).toBeVisible();
  await page.getByLabel('From A to B, taped level').fill('4 m');
  await page.getByRole('button', { name: 'Begin the plan', exact: true }).click();
  await expect(placeRow(page, 'A mill corner')).toContainText('the plan begins here');

  await page.getByRole('button', { name: 'T1', exact: true }).last().click();
  await where(page, 'T1').getByLabel('Its place').selectOption('two tapes');
  // Law of cosines by hand: 2.3625 and 3.0305 to the near side of a drum of 600 mm cross 2.20 m off the line.
  await tape(page, 'T1', 'A mill corner', '2.3625 m', 'near side');
  await expect(where(page, 'T1').getByText('one tape: a second from elsewhere places it')).toBeVisible();
  await tape(page, 'T1', 'B gate post', '3.0305 m', 'near side');
  await expect(where(page, 'T1').getByText('The tapes cross twice')).toBeVisible();
  await expect(where(page, 'T1').getByText(/Its middle lies 266\d mm from A and 333\d mm from B/)).toBeVisible();
  const high = async () => (await sheetOf(page).getByRole('button', { name: /^T1/ }).boundingBox())?.y ?? 0;
  const line = async () => (await sheetOf(page).getByRole('button', { name: /^A,/ }).boundingBox())?.y ?? 0;
  expect(await high()).toBeLessThan(await line());
  await where(page, 'T1').getByRole('button', { name: 'Other side' }).click();
  await expect.poll(async () => (await high()) > (await line())).toBe(true);

  // A third tape is a check: its difference stands there, and is spread over nothing.
  await page.getByRole('button', { name: 'a nail, stake or level line' }).click();
  await page.getByLabel('What is it called?').fill('stake');
  await page.getByRole('button', { name: 'Add it' }).click();
  await where(page, 'C stake').getByLabel('Its place').selectOption('along a line');
  await where(page, 'C stake').getByLabel('Along it').fill('4 m');
  await where(page, 'C stake').getByLabel('Along it').press('Enter');
  await where(page, 'C stake').getByLabel('Off it, to the left').fill('3 m');
  await where(page, 'C stake').getByLabel('Off it, to the left').press('Enter');
  await where(page, 'C stake').getByRole('button', { name: 'Other side of the line' }).click();
  await expect(placeRow(page, 'C stake')).toContainText('5000 mm');
  await page.getByRole('button', { name: 'T1', exact: true }).last().click();
  await tape(page, 'T1', 'C stake', '3 m', 'middle');
  await expect(where(page, 'T1').getByText('a tape does not agree: one more tells which')).toBeVisible();
  await expect(where(page, 'T1').getByText(/3000 mm from C stake: read 37\d mm too long/)).toBeVisible();
  await where(page, 'T1').getByRole('button', { name: 'Strike out tape 3' }).click();
  await expect(where(page, 'T1').getByText('a tape does not agree')).toBeHidden();

  // How it is turned is asked on the measuring sheet, and answered there.
  await page.getByRole('link', { name: 'Measuring sheet' }).click();
  await page.getByRole('button', { name: /T1\s*how it is turned/ }).click();
  await noViolations(page, 'measuring a place');
  await page.getByLabel('It is turned, degrees').fill('-30');
  await page.getByLabel('It is turned, degrees').press('Enter');
  await expect(page.getByRole('button', { name: /T1\s*how it is turned/ })).toBeHidden();
});

test('what is drawn roughly is moved by keys and taken back, and asks for tapes @deep', async ({ page }) => {
  await open(page, twoDrums(), 'site/plan');
  await page.getByRole('button', { name: 'tap', exact: true }).last().click();
  await where(page, 'tap').getByLabel('Its place').selectOption('roughly');
  await expect(placeRow(page, 'tap')).toContainText('roughly');
  const handle = page.getByRole('button', { name: /^Move tap/ });
  const before = (await handle.boundingBox())?.x ?? 0;
  await handle.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => ((await handle.boundingBox())?.x ?? 0) > before + 5).toBe(true);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => Math.abs(((await handle.boundingBox())?.x ?? 0) - before) < 2).toBe(true);
  await noViolations(page, 'plan');
});

test('two drums linked under their stand: lengths follow from both ends, and from a drum that is moved @deep', async ({
  page,
}) => {
  await open(page, twoDrums(), 'runs');
  await page
    .getByRole('navigation', { name: 'Ways to look at this run' })
    .getByRole('link', { name: 'In space' })
    .click();
  // Cuts reckoned by hand from the places of the bungs and the sockets of the standard.
  for (const [number, cut] of [
    [1, '80 mm'],
    [2, '276 mm'],
    [3, '276 mm'],
    [4, '80 mm'],
    [5, '115 mm'],
  ] as const)
    await expect(piece(page, number)).toContainText(cut);
  await expect(piece(page, 3)).toContainText('from both ends');
  await expect(meets(page).getByText('Meets')).toHaveCount(2);
  await noViolations(page, 'a run in space');
  await page.getByRole('button', { name: 'turn right' }).first().click();
  // Another opening is shown in the same way; its line is the same, met from its other end.
  await rack(page).getByText('P2', { exact: true }).click();
  await expect(page.getByRole('heading', { name: /^Run P2/ })).toBeVisible();
  await expect(page).toHaveURL(/runs\/space$/);
  await expect(piece(page, 1)).toContainText('80 mm');

  await station(page, 'Site').click();
  await page.getByRole('navigation', { name: 'Sheets of the site' }).getByRole('link', { name: 'From above' }).click();
  await page.getByRole('button', { name: 'T2', exact: true }).last().click();
  await where(page, 'T2').getByLabel('Along it').fill('710 mm');
  await where(page, 'T2').getByLabel('Along it').press('Enter');
  await settled(page);
  await station(page, 'Runs').click();
  await page
    .getByRole('navigation', { name: 'Ways to look at this run' })
    .getByRole('link', { name: 'In space' })
    .click();
  // Seen from the second drum it is the second piece.
  await expect(piece(page, 2)).toContainText('376 mm');
  // Every piece is in the cut list, though nobody typed its length.
  await station(page, 'Parts').click();
  await expect(
    page
      .getByRole('region', { name: 'Cut list' })
      .getByText(/P1 376 mm/)
      .last(),
  ).toBeVisible();
});

test('a length that was cut too short leaves a gap in three figures, and one press closes it', async ({ page }) => {
  await open(page, cutTooShort(), 'parts');
  await notes(page)
    .getByRole('button', { name: /^Ends do not meet/ })
    .click();
  await expect(page).toHaveURL(/runs\/space$/);
  await expect(meets(page)).toContainText('Does not meet P2');
  await expect(meets(page)).toContainText('26 mm');
  await expect(station(page, 'Runs')).toContainText('1 to put right');
  await notes(page)
    .getByRole('button', { name: /^Let Pipe 3.4 Schedule 40, now 250 mm, follow/ })
    .first()
    .click();
  await expect(meets(page)).toContainText('Meets P2');
  await expect(station(page, 'Runs')).not.toContainText('to put right');
});

test('two bungs that both look down are linked by finishing the run: down, across and up, and its ends meet', async ({
  page,
}) => {
  await open(page, { ...placesOnly(twoDrums()), region: 'US' }, 'runs');
  await page.getByLabel('Where the run finishes').selectOption({ label: 'into P2 Bung' });
  const space = page.getByRole('region', { name: 'Ways in space' });
  // A hose would do as well; this one is rigid.
  const way = space.getByRole('button', { name: /Elbow/ }).first();
  await expect(way).toContainText('points up');
  await way.click();
  await page
    .getByRole('navigation', { name: 'Ways to look at this run' })
    .getByRole('link', { name: 'In space' })
    .click();
  await expect(meets(page)).toContainText('Meets P2');
  await expect(page.getByRole('row', { name: /^Piece \d/ })).toHaveCount(3);
  await expect(page.getByText('measure', { exact: true })).toHaveCount(0);
  // The order of work makes up what lies between the two drops on the bench.
  await page
    .getByRole('navigation', { name: 'Ways to look at this run' })
    .getByRole('link', { name: 'In line' })
    .click();
  await page.getByRole('button', { name: 'Order of work' }).click();
  await expect(
    page
      .getByRole('region', { name: 'The order of work' })
      .getByText(/^On the bench/)
      .first(),
  ).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'The order of work' }).getByText(/push it on to both ends/),
  ).toHaveCount(2);
});

test('an overflow is finished to a gully across the yard: it drops, falls all along, and meets it @deep', async ({
  page,
}) => {
  const crate = crateOverflow();
  const seals = new Set(crate.parts.filter(({ code }) => code === 'PG-110M').map(({ id }) => id));
  const sealed = {
    ...crate,
    region: 'UK',
    parts: crate.parts.filter(({ id }) => seals.has(id)),
    joints: crate.joints.filter(({ a, b }) => a.of === 'hole' && seals.has(b.id)),
  };
  await open(page, sealed, 'runs');
  const space = page.getByRole('region', { name: 'Ways in space' });
  const way = space.getByRole('button').first();
  await expect(way).toContainText('points down');
  await expect(way).toContainText('falls 1 in 100');
  // Joining the gasket to a gully four metres off, as if it were in line, is not the first thing offered.
  await expect(page.getByRole('button', { name: /no part is needed/ })).toBeHidden();
  await way.click();
  await page
    .getByRole('navigation', { name: 'Ways to look at this run' })
    .getByRole('link', { name: 'In space' })
    .click();
  await expect(meets(page)).toContainText('Meets gully');
  await expect(page.getByRole('row', { name: /^Piece \d/ })).toHaveCount(4);
  await expect(page.getByText('measure', { exact: true })).toHaveCount(0);
  await expect(notes(page).getByText(/Ends do not meet|Falls too little|Runs into/)).toHaveCount(0);
  await station(page, 'Parts').click();
  // Nothing above ground buys sand; the list is there when its other lines are.
  const list = page.getByRole('region', { name: 'Parts by place' });
  await list.getByText('Wall and ground').click();
  await expect(list.getByText('Outfall marker')).toBeVisible();
  await expect(list.getByText(/^(Bedding s|S)and/)).toHaveCount(0);
});
