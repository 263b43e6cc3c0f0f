import { expect, test } from '@playwright/test';
import { copyOfTernPoint, notes, rack, settled, station, stored } from './support';

test('the deliberate mistake: seen, explained, put right with one press, undone and redone across a reload', async ({
  page,
}) => {
  const id = await copyOfTernPoint(page, 'False friend');
  await station(page, 'Runs').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  const panel = page.getByTestId('joint-panel');
  await expect(panel.getByRole('heading', { name: /J5 starts, then leaks/ })).toBeVisible();
  await expect(panel.getByText(/14 against 11-.?1\/2 threads to the inch/)).toBeVisible();

  await panel.getByRole('button', { name: /Put between: Hose adapter/ }).click();
  await expect(notes(page).getByRole('button', { name: /^Starts, then leaks/ })).toHaveCount(0);
  await expect(station(page, 'Runs')).toContainText('1 end open');
  await settled(page);
  expect((await stored(page, id)).parts.filter(({ code }) => code === 'AD-075F')).toHaveLength(1);

  await page.reload();
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(notes(page).getByRole('button', { name: /^Starts, then leaks/ })).toBeVisible();
  await settled(page);
  expect((await stored(page, id)).parts.some(({ code }) => code === 'AD-075F')).toBe(false);

  await page.reload();
  await expect(page.getByRole('button', { name: /^Redo: / })).toBeEnabled();
  await page.keyboard.press('Control+Shift+z');
  await expect(notes(page).getByRole('button', { name: /^Starts, then leaks/ })).toHaveCount(0);
  await settled(page);
  expect((await stored(page, id)).parts.filter(({ code }) => code === 'AD-075F')).toHaveLength(1);
});

test('the deliberate unknown: asked for in the margin, kept as typed when it cannot be read, settled when measured', async ({
  page,
}) => {
  await copyOfTernPoint(page, 'The gap');
  const field = notes(page).getByLabel('Length of the pipe between');
  await expect(notes(page).getByText('The gap from T1 to T2 has not been measured')).toBeVisible();
  await field.fill('about a foot');
  await field.press('Enter');
  await expect(notes(page).getByText('about a foot is no length')).toBeVisible();
  await field.fill('14-1/2');
  await field.press('Enter');
  await expect(notes(page).getByText('The gap from T1 to T2')).toHaveCount(0);
  await station(page, 'Parts').click();
  await expect(page.getByRole('img', { name: /Pipe 1-1\/2 Schedule 40: P5 24 in, P3 14-1\/2 in/ })).toBeVisible();
});

test('a run is finished to the bay, a part is turned, replaced and taken out @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'String');
  await station(page, 'Runs').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  await page
    .getByRole('region', { name: 'Finish to' })
    .getByRole('button', { name: /^1 ?Hose male end 1 in tail x 3\/4 NH male/ })
    .click();
  const string = page.getByLabel('The string in half-section');
  await expect(string.getByText('At rinse bay')).toBeVisible();

  await string.getByRole('button', { name: /^Lever valve/ }).click();
  const part = page.getByTestId('part-panel');
  await part.getByRole('button', { name: 'Another part in its place' }).click();
  await part
    .getByRole('button', { name: /Ball valve 3\/4 NPT female/ })
    .first()
    .click();
  await expect(string.getByRole('button', { name: /^Ball valve/ })).toBeVisible();

  await string.getByRole('button', { name: /^Hex nipple/ }).click();
  await page.getByTestId('part-panel').getByRole('button', { name: 'Take it out' }).click();
  await expect(string.getByRole('button', { name: /J4 ?Will not go/ })).toBeVisible();
});

test('notes point at their place and lead to it @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Pointing');
  await station(page, 'Holes').click();
  await notes(page)
    .getByRole('button', { name: /^Water left behind/ })
    .hover();
  await notes(page)
    .getByRole('button', { name: /Lower it to/ })
    .click();
  await expect(page.getByLabel('Centre above base', { exact: true })).toHaveValue('4-3/16 in');
});
