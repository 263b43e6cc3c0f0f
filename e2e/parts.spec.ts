import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { copyOfTernPoint, noViolations, station } from './support';

test('a line leads to where it is used, and a part to its line', async ({ page }) => {
  await copyOfTernPoint(page, 'Trace');
  await station(page, 'Parts').click();
  await expect(page.getByText('Everything needed is listed')).toBeVisible();
  await page.getByText('Consumables', { exact: true }).click();
  await page.getByRole('button', { name: /^Primer/ }).click();
  const uses = page.getByRole('group', { name: 'Used at' });
  await expect(uses.getByRole('link').first()).toBeVisible();
  await noViolations(page, 'a followed line');
  await uses.getByRole('link', { name: 'P1 J2' }).click();
  await expect(page.getByTestId('joint-panel')).toContainText('J2');

  await page.getByLabel('The string').getByRole('button', { name: /^Pipe/ }).first().click();
  await page.getByRole('link', { name: 'See it on the list' }).click();
  await expect(page.getByRole('button', { name: /^Pipe 3 Schedule 40/, expanded: true }).first()).toBeVisible();
});

test('a line changed by hand stays so when the job is edited, and the papers say it', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'By hand');
  await station(page, 'Parts').click();
  const complete = page.getByRole('region', { name: 'Is it complete' });
  await expect(complete).toBeVisible();
  await page.getByRole('button', { name: /^Lever valve 3\/4/ }).click();
  await page.getByRole('button', { name: 'Change this line by hand' }).click();
  await page.getByLabel('Buy (1 reckoned)').fill('1.5');
  await page.getByLabel('Buy (1 reckoned)').press('Enter');
  await expect(page.getByText('A whole number, or 0.')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await page.getByLabel('Why').fill('one in the van');
  await page.getByLabel('Why').press('Enter');
  await expect(page.getByText('left out by hand; one in the van')).toBeVisible();
  await expect(complete).toContainText('1 changed by hand');
  await noViolations(page, 'a line that is changed');

  await station(page, 'Tanks').click();
  await page.keyboard.press('ArrowRight');
  await station(page, 'Parts').click();
  await expect(complete).toContainText('1 changed by hand');
  const csv = await (await page.request.get(`/api/v1/jobs/${id}/parts.csv`)).text();
  expect(csv.split('\n').find((row) => row.includes('LV-075'))).toContain('left out by hand; one in the van');

  await page.getByRole('button', { name: 'As reckoned again' }).click();
  await expect(complete).not.toContainText('changed by hand');
});

test('a job goes out as a file and comes in again; a damaged file is refused with its reason', async ({ page }) => {
  await copyOfTernPoint(page, 'Carried');
  await station(page, 'Parts').click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The whole job as a file' }).click();
  const file = await (await download).path();
  const text = await readFile(file, 'utf8');
  expect((JSON.parse(text) as { name: string }).name).toBe('Carried');

  await page.goto('/');
  const input = page.getByLabel('Job file');
  await input.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text.slice(0, 200)) });
  await expect(page.getByText('The body is not JSON in UTF-8.')).toBeVisible();
  await input.setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"name": "Carried"', '"name": "Carried back"')),
  });
  await page.waitForURL(/\/site$/);
  await expect(page.getByRole('heading', { level: 1, name: 'Carried back' })).toBeVisible();
});

test('the pick list is one file: it works from disk, keeps its ticks, and runs nothing of a name', async ({
  page,
  context,
}, info) => {
  await copyOfTernPoint(page, '<img src=x onerror=alert(1)> shop');
  await station(page, 'Parts').click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Pick list, one file for a phone' }).click();
  const file = info.outputPath('pick-list.html');
  await (await download).saveAs(file);

  const phone = await context.newPage();
  const asked: string[] = [];
  phone.on('request', (request) => asked.push(request.url()));
  phone.on('dialog', (dialog) => asked.push(dialog.message()));
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(`file://${file}`);
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Pick for <img src=x onerror=alert(1)> shop');
  const valve = phone.getByRole('button', { name: /^Lever valve/ });
  const lines = await phone.getByRole('button').count();
  await valve.click();
  await expect(valve).toHaveAttribute('aria-pressed', 'true');
  await expect(phone.getByRole('status')).toHaveText(`1 of ${lines} in the basket`);
  await phone.reload();
  await expect(phone.getByRole('status')).toHaveText(`1 of ${lines} in the basket`);
  await valve.click();
  await expect(phone.getByRole('status')).toHaveText(`0 of ${lines} in the basket`);
  await noViolations(phone, 'pick list');
  expect(asked.filter((url) => !url.startsWith('file:'))).toEqual([]);
});
