import { expect, test } from '@playwright/test';
import { copyOfTernPoint, notes, rack, settled, station, stored } from './support';

test('a hole is moved by dragging, by arrow keys, by stepper and by exact entry', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'Moving');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  const value = page.getByLabel('Centre above base', { exact: true });
  await expect(value).toHaveValue('8 in');

  const hole = page.getByRole('button', { name: /P4 Hose outlet in T2, on the unrolled wall/ });
  const box = await hole.boundingBox();
  if (!box) throw new Error('no box');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 10, y - 20, { steps: 6 });
  await page.mouse.move(x + 30, y - 40, { steps: 6 });
  await page.mouse.up();
  await expect(value).not.toHaveValue('8 in');
  await settled(page);
  const dragged = (await stored(page, id)).penetrations.find((one) => one.label === 'P4')?.heightM ?? 0;
  expect(dragged).toBeGreaterThan(0.4);
  // Snapped to a quarter inch, or just clear of the rib above it.
  const clearOfRib = 0.69 * 43.5 * 0.0254 - 0.0254 - 1.2 * 0.0254;
  const marks = dragged / 0.00635;
  expect(Math.min(Math.abs(marks - Math.round(marks)), Math.abs(dragged - clearOfRib))).toBeLessThan(1e-3);

  await value.fill('10 1/2');
  await value.press('Enter');
  await expect(value).toHaveValue('10-1/2 in');
  await page.getByRole('button', { name: 'Centre above base: more' }).click();
  await expect(value).toHaveValue('11 in');
  await hole.focus();
  await page.keyboard.press('ArrowDown');
  await expect(value).toHaveValue('10-15/16 in');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(value).toHaveValue('11-9/16 in');
});

test('a height above the tank is named and the last good one stays @deep', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'Too high');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  const value = page.getByLabel('Centre above base', { exact: true });
  await value.fill('60 in');
  await value.press('Enter');
  await expect(page.getByText('P4 is outside T2: its height is from the base to the lid.')).toBeVisible();
  await expect(value).toHaveValue('60 in');
  expect((await stored(page, id)).penetrations.find((one) => one.label === 'P4')?.heightM).toBeCloseTo(0.2032, 6);
});

test('a hole on a rib is trouble, and one press moves it to the flat', async ({ page }) => {
  await copyOfTernPoint(page, 'On a rib');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  const value = page.getByLabel('Centre above base', { exact: true });
  await value.fill('15-1/2 in');
  await value.press('Enter');
  await expect(notes(page).getByText('reaches into the rib')).toBeVisible();
  await expect(station(page, 'Holes')).toContainText('1 to put right');
  await notes(page)
    .getByRole('button', { name: /Move it to/ })
    .click();
  // What is left is the nut that no hand reaches.
  await expect(station(page, 'Holes')).toContainText('1 to check');
});

test('a hole is added, sealed, given another size, and taken away @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Adding');
  await station(page, 'Holes').click();
  await page.getByRole('button', { name: /^Spare/ }).click();
  await expect(page.getByRole('heading', { name: 'P8 Spare, 3/4 in' })).toBeVisible();
  await expect(notes(page).getByText(/P8 is a hole in T2 with nothing in it/)).toBeVisible();
  await page.getByRole('button', { name: /^Push-through gasket/ }).click();
  await page.getByLabel('Size', { exact: true }).selectOption('1');
  await expect(page.getByRole('heading', { name: 'P8 Spare, 1 in' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /^Push-through gasket for 1 in Schedule 40/, pressed: true }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take P8 away' }).click();
  await expect(page.getByRole('heading', { name: /P8/ })).toHaveCount(0);
});
