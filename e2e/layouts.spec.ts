import { type Page, expect, test } from '@playwright/test';
import { emptyJob, notes, rack, settled, station, takePart } from './support';

const where = (page: Page, name: string) => page.getByRole('region', { name: `Where ${name} stands` });
const meets = (page: Page) => page.getByRole('region', { name: 'Where its ends are' });
const main = (page: Page) => page.getByRole('main');

async function say(page: Page, label: string, text: string): Promise<void> {
  const field = main(page).getByLabel(label, { exact: true }).first();
  await field.fill(text);
  await field.press('Enter');
  await settled(page);
}

async function fromAbove(page: Page): Promise<void> {
  await station(page, 'Site').click();
  await page.getByRole('navigation', { name: 'Sheets of the site' }).getByRole('link', { name: 'From above' }).click();
}

async function look(page: Page, way: 'In line' | 'In space'): Promise<void> {
  const ways = page.getByRole('navigation', { name: 'Ways to look at this run' });
  await ways.getByRole('link', { name: way }).click();
}

/** A tank by its label, one more of it, and where that stands: so far to the right. */
async function oneMore(page: Page, label: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /^Tanks/ })
    .click();
  await page.getByRole('button', { name: `One more like ${label}` }).click();
  await settled(page);
}

/** The plan begins at the first tank; a second like it stands so far to its right. */
async function second(page: Page, gap: string): Promise<void> {
  await fromAbove(page);
  await page.getByRole('button', { name: 'Begin the plan at T1' }).click();
  await oneMore(page, 'T1');
  await fromAbove(page);
  await page.getByRole('button', { name: 'T2', exact: true }).last().click();
  await where(page, 'T2').getByLabel('Gap between the two').fill(gap);
  await where(page, 'T2').getByLabel('Gap between the two').press('Enter');
}

async function openRun(page: Page, label: string): Promise<void> {
  await station(page, 'Runs').click();
  await rack(page).getByText(label, { exact: true }).click();
  await expect(page.getByRole('heading', { name: new RegExp(`^Run ${label}`) })).toBeVisible();
  await look(page, 'In line');
}

/** Finishes the run of an opening there, by the first way in space that is made of this. */
async function finish(page: Page, label: string, to: RegExp, made: RegExp): Promise<void> {
  await openRun(page, label);
  const choice = page.getByLabel('Where the run finishes');
  // Where there is one place only, nothing is chosen.
  await expect(page.getByRole('region', { name: 'Finish to' })).toBeVisible();
  const names = await choice.locator('option').allInnerTexts();
  const name = names.find((one) => to.test(one));
  if (name !== undefined) await choice.selectOption({ label: name });
  const ways = page.getByRole('region', { name: 'Ways in space' });
  await ways.getByRole('button', { name: made }).first().click();
  await settled(page);
}

/** Says where something stands: so far along the house and off it. */
async function along(page: Page, name: string, alongIt: string, offIt: string): Promise<void> {
  const panel = where(page, name);
  await panel.getByLabel('Its place').selectOption('along a line');
  for (const [label, text] of [
    ['Along it', alongIt],
    ['Off it, to the left', offIt],
  ] as const) {
    await panel.getByLabel(label).fill(text);
    await panel.getByLabel(label).press('Enter');
  }
}

/** Cuts a tee into a pipe of the run of an opening; which way its branch looks. */
async function branch(page: Page, label: string, pipe: RegExp, looks: string): Promise<void> {
  await openRun(page, label);
  await main(page).getByRole('button', { name: pipe }).first().click();
  await page.getByRole('button', { name: 'Cut something in' }).click();
  const form = main(page);
  await form
    .getByRole('button', { name: /^Saw out .*: Tee/ })
    .first()
    .click();
  await settled(page);
  await main(page).getByRole('button', { name: /^Tee/ }).last().click();
  await page.getByLabel('Its branch points').selectOption(looks);
  await settled(page);
}

/** Every end meets, no length is asked for, and the list proves itself. */
async function closed(page: Page, label: string, ends: number): Promise<void> {
  await openRun(page, label);
  await look(page, 'In space');
  await expect(meets(page).getByText('Meets')).toHaveCount(ends);
  await expect(page.getByText('measure', { exact: true })).toHaveCount(0);
  await expect(notes(page).getByText(/Ends do not meet|Runs into|Not known yet/)).toHaveCount(0);
}

async function listed(page: Page): Promise<void> {
  await station(page, 'Parts').click();
  await expect(page.getByText(/^(\d+) of \1 found/)).toBeVisible();
  await expect(page.getByText(/^(\d+) of \1 known/)).toBeVisible();
  await expect(page.getByText(/^(Bedding s|S)and/)).toHaveCount(0);
}

test.describe('whole layouts, each from an empty job by finishing runs @deep', () => {
  test('four drums in a row on one manifold', async ({ page }) => {
    await emptyJob(page, 'Row of four', 'millimetres, litres');
    await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
    await main(page).getByLabel('Stands on').first().selectOption('planks');
    await say(page, 'Stands up by', '600 mm');
    await page.getByRole('link', { name: 'Set out the holes' }).click();
    await page.getByRole('button', { name: /^Link/ }).click();
    await main(page)
      .getByRole('radiogroup', { name: 'Drawn in on a cord' })
      .getByRole('radio', { name: 'yes' })
      .click();
    await main(page)
      .getByRole('button', { name: /^Bulkhead\s*1 G female/ })
      .click();
    await second(page, '50 mm');
    // The row goes on as it stands.
    await rack(page).getByText('P2', { exact: true }).click();
    await oneMore(page, 'T2');
    await oneMore(page, 'T3');
    await finish(page, 'P1', /P4/, /Elbow 32/);
    await branch(page, 'P1', /^Pipe.*1\d\d\d mm/, 'towards the tank');
    await finish(page, 'P2', /branch 1 of P1/, /Pipe 32/);
    await branch(page, 'P1', /^Pipe.*1\d\d\d mm/, 'towards the tank');
    await finish(page, 'P3', /branch \d of P1/, /Pipe 32/);
    await closed(page, 'P1', 3);
    // Each drop stands where its drum does: 585 mm across and 50 mm on.
    await expect(page.getByRole('row', { name: /^Piece \d .*650 mm/ })).toHaveCount(3);
    await listed(page);
  });

  test('two drums on their heads, their bungs linked under the stand, with a tap to the front', async ({ page }) => {
    await emptyJob(page, 'Two drums');
    await page.getByRole('button', { name: 'Add: Drum, upside down' }).click();
    await say(page, 'Stands up by', '20 in');
    await page.getByRole('link', { name: 'Set out the holes' }).click();
    await page.getByRole('region', { name: 'P1 Fine bung' }).getByRole('radio', { name: 'use' }).click();
    await main(page).getByLabel('What it is for').first().selectOption('Link');
    await rack(page).getByText('P2', { exact: true }).click();
    await page.getByRole('region', { name: 'P2 Coarse bung' }).getByRole('radio', { name: 'leave' }).click();
    await second(page, '1 in');
    await finish(page, 'P1', /P3/, /Elbow 2 socket/);
    await branch(page, 'P1', /^Pipe.*2\d-.* in/, 'away from the tank');
    // A branch that nothing brings to its place is asked where it comes to lie.
    await openRun(page, 'P1');
    await main(page)
      .getByRole('button', { name: /^Pipe\s*length not known/ })
      .first()
      .click();
    await say(page, 'How long is it?', '9 in');
    await page.getByRole('button', { name: /^Branch 1/ }).click();
    await takePart(page, 'Reducing bushing 2 spigot x 3/4 NPT female, PVC: Holds with cement');
    await takePart(page, 'Quarter-turn hose tap 3/4 NPT male x 3/4 NH male, brass: Holds with tape');
    await closed(page, 'P1', 1);
    await listed(page);
  });

  test('a crate before a house, its overflow to a gully', async ({ page }) => {
    await emptyJob(page, 'Crate and gully', 'millimetres, litres');
    await page.getByRole('button', { name: 'Add: Crate, 1000 L' }).click();
    await page.getByRole('link', { name: 'Set out the holes' }).click();
    await page.getByRole('button', { name: /^Overflow/ }).click();
    await main(page).getByLabel('Size').selectOption('110 mm');
    await main(page)
      .getByRole('button', { name: /^Push-through gasket\s*for 110 mm soil/ })
      .click();
    await fromAbove(page);
    await page.getByLabel('A is').fill('house corner');
    await page.getByLabel('B is').fill('gate post');
    await page.getByLabel('From A to B, taped level').fill('8 m');
    await page.getByRole('button', { name: 'Begin the plan', exact: true }).click();
    await page.getByRole('button', { name: 'T1', exact: true }).last().click();
    await along(page, 'T1', '2 m', '3.5 m');
    await where(page, 'T1').getByLabel('It is turned, degrees').fill('0');
    await where(page, 'T1').getByLabel('It is turned, degrees').press('Enter');
    await page.getByRole('button', { name: 'a place to use it' }).click();
    await page.getByLabel('What is it called?').fill('gully');
    await page.getByLabel('What is it?').selectOption('Daylight');
    await page.getByRole('button', { name: 'Add it', exact: true }).click();
    await along(page, 'gully', '3 m', '0.2 m');
    await where(page, 'gully').getByLabel('It looks').selectOption('up');
    await page.getByRole('link', { name: 'Fall line' }).click();
    await main(page).getByLabel('How far down from the ground at the tanks').fill('20 mm');
    await main(page).getByRole('button', { name: 'Take the reading' }).click();
    await finish(page, 'P3', /gully/, /falls 1 in 100/);
    await closed(page, 'P3', 1);
    await listed(page);
  });
});
