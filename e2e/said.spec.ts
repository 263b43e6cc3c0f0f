import { type Page, expect, test } from '@playwright/test';
import { emptyJob, noViolations, notes, settled, station, stored, takePart } from './support';

const choose = (page: Page, group: string, answer: string): Promise<void> =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: answer }).click();
const enter = async (page: Page, field: string, text: string): Promise<void> => {
  await page.getByLabel(field, { exact: true }).fill(text);
  await page.getByLabel(field, { exact: true }).press('Enter');
};

test('a tap is added to a crate that stands: three things are said, and no red note is left', async ({ page }) => {
  const id = await emptyJob(page, 'Standing crate', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Crate, 1000 L' }).click();
  await expect(notes(page).getByRole('button', { name: 'No overflow T1' })).toBeVisible();
  // It stands; its outlet has the coarse thread; it is covered.
  await choose(page, 'It stands already and works', 'yes');
  await page
    .getByRole('region', { name: 'P1 Outlet valve' })
    .getByRole('button', { name: /^Coarse outlet thread, S60x6/ })
    .click();
  await choose(page, 'Dark, or covered against light', 'yes');
  await expect(notes(page).getByText('nothing open')).toBeVisible();

  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Runs/ }).click();
  await takePart(page, 'Container adapter S60x6 F x 3/4 G F, polypropylene: Holds with washer');
  await takePart(page, 'Hose tap 3/4 R male x 3/4 G male, brass: Holds with tape');
  await station(page, 'Parts').click();
  await expect(page.getByRole('region', { name: 'Is it complete' })).toContainText('2 of 2 closed');
  const answer = await page.request.post('/api/v1/plan', { data: await stored(page, id) });
  const { findings } = (await answer.json()) as { findings: { severity: string; toDo: string; fixes: unknown[] }[] };
  expect(findings.filter(({ severity }) => severity === 'fails' || severity === 'unknown')).toEqual([]);
  expect(findings.every(({ toDo }) => toDo !== '')).toBe(true);
});

test('what no list has can be said: a seal of one’s own, an end that is cast in, a joint as it is @deep', async ({
  page,
}) => {
  await emptyJob(page, 'Own seals', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByText('None of these: it is otherwise here').click();
  await page.getByRole('combobox', { name: 'What is in it' }).selectOption('Silicone round what goes through');
  await expect(notes(page).getByText('Nobody rates that seal')).toBeVisible();
  await noViolations(page, 'holes, a seal of one’s own');
  await notes(page).getByRole('button', { name: 'Take a listed seal instead' }).click();
  await expect(notes(page).getByText('Nobody rates that seal')).toHaveCount(0);

  // The drum turns out to have an end of its own there; a slip of the tongue is named, and nothing of it is lost.
  const ownEnd = page.getByLabel('An end that is cast, moulded or cut in');
  await ownEnd.fill('3/4 BSPX F');
  await ownEnd.press('Enter');
  await expect(page.getByText('BSPX').first()).toBeVisible();
  await expect(ownEnd).toHaveValue('3/4 BSPX F');
  await ownEnd.fill('3/4 BSPP F');
  await ownEnd.press('Enter');
  await expect(page.getByRole('heading', { name: 'What becomes of it' })).toBeVisible();

  await page.getByRole('link', { name: /^Build the run of P1/ }).click();
  await takePart(page, 'Hose tap 3/4 R male x 3/4 G male, brass: Holds with tape');
  await page
    .getByRole('button', { name: /^P1 J1/ })
    .first()
    .click();
  const joint = page.getByRole('region', { name: 'Joint P1 J1' });
  await joint.getByRole('button', { name: 'What is known of this one' }).click();
  await choose(page, 'Comes sealed from the factory', 'yes');
  await expect(joint).toContainText('J1 holds');
  await expect(joint).toContainText('taken apart, it wants tape');
  await enter(page, 'Thread or shank left, if cut short', '3');
  await expect(joint).toContainText('3.0 mm are left of it');
  await noViolations(page, 'runs, a joint as it is made');
  await page.getByRole('button', { name: /^Undo: Change “Thread or shank left, if cut short” of a joint/ }).click();
  await expect(joint).toContainText('J1 holds');
});

test('what goes in with it is a line of the list; four equal drums are three presses @deep', async ({ page }) => {
  const id = await emptyJob(page, 'Four drums', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await enter(page, 'Logbook: how its water is, what was seen or mended', 'clear, no smell');
  await expect(page.getByRole('region', { name: 'Logbook of T1' })).toContainText('clear, no smell');
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await notes(page)
    .getByRole('button', { name: /^Seal it/ })
    .click();
  await station(page, 'Tanks').click();
  for (const label of ['T1', 'T2', 'T3']) await page.getByRole('button', { name: `One more like ${label}` }).click();
  await expect(page.getByRole('region', { name: 'Tank T4' })).toContainText('1 opening');
  await page.getByRole('checkbox', { name: 'Stock' }).check();
  await page.getByRole('button', { name: 'Make T1, T2, T3 as T4 is' }).click();
  await settled(page);
  const { tanks, penetrations, parts } = (await stored(page, id)) as unknown as {
    tanks: { purposes: string[]; logbook: unknown[] }[];
    penetrations: unknown[];
    parts: unknown[];
  };
  expect(tanks.map(({ purposes }) => purposes)).toEqual([['stock'], ['stock'], ['stock'], ['stock']]);
  expect(tanks.map(({ logbook }) => logbook.length)).toEqual([1, 0, 0, 0]);
  expect([penetrations.length, parts.length]).toEqual([4, 4]);

  await station(page, 'Parts').click();
  await page.getByRole('button', { name: /^What goes in besides/ }).click();
  await page.getByRole('combobox', { name: 'What it is' }).selectOption('Cover against light');
  await enter(page, 'A line on the list', 'Shade cloth');
  await enter(page, 'How many', '2');
  await enter(page, 'Price of one, GBP as paid', '9');
  await enter(page, 'Why', 'algae last summer');
  await page.getByText('With it', { exact: true }).last().click();
  await expect(page.getByRole('region', { name: 'Parts by place' })).toContainText('Shade cloth');
  await expect(page.getByRole('region', { name: 'Parts by place' })).toContainText('£18.00');
  await enter(page, 'Budget for the list, GBP', '10');
  await expect(page.getByRole('status').filter({ hasText: 'over the budget' })).toBeVisible();
  await noViolations(page, 'parts, a line of one’s own');
  const csv = await (await page.request.get(`/api/v1/jobs/${id}/parts.csv`)).text();
  expect(csv).toContain('Shade cloth');
  expect(csv).toContain('algae last summer');
});
