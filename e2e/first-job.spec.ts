import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { beginJob, noViolations, notes, settled, station, takePart } from './support';

test('from nothing to the parts list: a drum, an outlet with valve and hose, an overflow', async ({ page }) => {
  await beginJob(page, 'First drum');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();

  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByRole('button', { name: /^Bulkhead 3\/4 NPT/ }).click();
  // An arm does not reach the bottom of a drum: the head is drawn in on a cord, nobody leans in.
  await notes(page).getByRole('button', { name: 'Draw it in on a cord' }).click();
  await page.getByRole('link', { name: 'Build the run of P1' }).click();

  await takePart(page, 'Close nipple 3/4 NPT, 1-3/8 in, brass: Holds with tape');
  await page.getByRole('region', { name: 'Next part' }).getByLabel('Narrow').fill('lever');
  await takePart(page, 'Lever valve 3/4 NPT female, brass: Holds with tape');
  await takePart(page, 'Hose tail 3/4 NPT male x 3/4 in tail, brass: Holds with tape');
  await takePart(page, 'Hose 3/4 in bore, reinforced hose: Holds with clamp');
  await page.getByLabel('How long is it?').fill('25 ft');
  await page.getByLabel('How long is it?').press('Enter');
  await page.getByRole('button', { name: 'Water leaves here' }).click();
  await expect(page.getByLabel('The string in half-section').getByText('At open air')).toBeVisible();

  await notes(page)
    .getByRole('button', { name: /Add an overflow of .*: Push-.*through gasket for 1-.?1\/2 in Schedule 40 pipe/ })
    .click();
  await settled(page);

  await station(page, 'Parts').click();
  await expect(page.getByText('Every hole has its saw')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'List (CSV)' }).click();
  const csv = await readFile((await (await download).path()) ?? '', 'utf8');
  expect((await download).suggestedFilename()).toBe('first-drum-parts.csv');
  for (const row of [
    'Wall,BH-075,Bulkhead,"3/4 NPT female, polypropylene",1,piece,1',
    'Run P1,LV-075,Lever valve,"3/4 NPT female, brass",1,piece,1',
    'Run P1,HO-075,Hose,"3/4 in bore, 25 ft",7.62,m,0',
    'Pipe and hose,HO-075@7620,Hose,"3/4 in bore, 25 ft",1,length,1',
    'Consumables,HC-16,Hose clamp,worm-drive clamp no. 16,1,piece,1',
    'Drill,SW-413,Hole saw,1-5/8 in,1,piece,1',
  ])
    expect(csv).toContain(row);
});

test('by a kind of system to a whole list in five presses, sized by a figure, in the parts of its region', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'Europe', exact: true }).click();
  await dialog.getByRole('radio', { name: 'Row of open-head drums on one manifold' }).click();
  await noViolations(page, 'a new job by a kind of system');
  await dialog.getByLabel('How many drums').fill('4');
  // What no hose is as long as is said at its field, and nothing is lost.
  const hose = dialog.getByLabel('Hose to the bed');
  await hose.fill('400 m');
  await hose.press('Tab');
  await expect(dialog.getByText('Between 1000 mm and 60,00 m.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Set it out' }).click();
  await expect(hose).toBeFocused();
  await hose.fill('14 m');
  await dialog.getByRole('button', { name: 'Set it out' }).click();
  await page.waitForURL(/\/jobs\/[^/]+\/parts/);

  await expect(page.getByText(/^(\d+) of \1 found, counted anew/)).toBeVisible();
  await expect(station(page, 'Tanks')).toContainText('4');
  for (const place of ['Holes', 'Runs']) await expect(station(page, place)).not.toContainText('to put right');
  await expect(notes(page).getByText('No overflow')).toHaveCount(0);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'List (CSV)' }).click();
  const csv = await readFile((await (await download).path()) ?? '', 'utf8');
  // A bulkhead, a shut-off and a union for each drum; metric pipe; the hose as it was said.
  expect(csv).toMatch(/WBR-100,Bulkhead,.*,4,piece,4/);
  expect(csv).toMatch(/,Union,.*,4,piece,4/);
  expect(csv).toContain('metric pressure pipe');
  expect(csv).toMatch(/,Hose,.*14\.00 m/);
});

test('next part offers only what goes on, and says why the rest does not @deep', async ({ page }) => {
  await beginJob(page, 'Offers');
  await page.getByRole('button', { name: 'Add: Open-head drum' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Outlet/ }).click();
  await page.getByRole('button', { name: /^Bulkhead 3\/4 NPT/ }).click();
  await page.getByRole('link', { name: 'Build the run of P1' }).click();
  const next = page.getByRole('region', { name: 'Next part' });
  await expect(next.getByRole('button', { name: /Hose swivel 3\/4 NH/ })).toHaveCount(0);
  await next.getByRole('button', { name: /do not go on, and why/ }).click();
  await next.getByLabel('Narrow').fill('close nipple 1/2');
  await expect(next.getByText('slides into the female without touching').first()).toBeVisible();
});

test('a tank in millimetres: entries are read with and without their unit, and nonsense is named @deep', async ({
  page,
}) => {
  await beginJob(page, 'Metric', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Upright round tank' }).click();
  const height = page.getByLabel('Base to top of lid');
  await height.fill('1.5 m');
  await height.press('Enter');
  await expect(height).toHaveValue('1500 mm');
  await height.fill('tall');
  await height.press('Enter');
  await expect(page.getByText('tall is no length. Write it like 450 mm.')).toBeVisible();
  await expect(height).toHaveValue('tall');
  await height.press('Escape');
  await expect(height).toHaveValue('1500 mm');
  const wall = page.getByLabel('Wall thickness');
  await wall.fill('900');
  await wall.press('Enter');
  await expect(page.getByText(/The wall of T1 is more than nothing and at most 500 mm/)).toBeVisible();
});
