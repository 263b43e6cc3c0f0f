import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { beginJob, notes, settled, station, takePart } from './support';

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

test('next part offers only what goes on, and says why the rest does not', async ({ page }) => {
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

test('a tank in millimetres: entries are read with and without their unit, and nonsense is named', async ({ page }) => {
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
