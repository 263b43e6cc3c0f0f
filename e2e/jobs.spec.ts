import { expect, test } from '@playwright/test';
import { beginJob } from './support';

test('a job is named, renamed, put away and taken out again @deep', async ({ page }) => {
  await beginJob(page, 'Short life');
  await page.getByRole('button', { name: 'Short life' }).click();
  await page.getByLabel('Name of the job').fill('Long life');
  await page.getByLabel('Name of the job').press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Long life' })).toBeVisible();

  await page.getByRole('link', { name: 'Herrero: all jobs' }).click();
  await page.getByRole('button', { name: 'More for Long life' }).click();
  await page.getByRole('menuitem', { name: 'Archive' }).click();
  await expect(page.getByRole('link', { name: 'Long life', exact: true })).toHaveCount(0);
  await page.getByRole('link', { name: 'Archived jobs' }).click();
  await page.getByRole('button', { name: 'More for Long life' }).click();
  await page.getByRole('menuitem', { name: 'Take it out again' }).click();
  await expect(page.getByRole('link', { name: 'Long life', exact: true })).toHaveCount(0);
  await page.getByRole('link', { name: 'Back to the jobs' }).click();
  await expect(page.getByRole('link', { name: 'Long life', exact: true })).toBeVisible();
});

test('a copy is a job of its own @deep', async ({ page }) => {
  await beginJob(page, 'Two of it');
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Two of it', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await page.getByRole('link', { name: 'Copy of Two of it', exact: true }).click();
  await page.waitForURL(/\/jobs\/[^/]+\/tanks/);
  await page.getByRole('button', { name: 'Copy of Two of it' }).click();
  await page.getByLabel('Name of the job').fill('Own copy');
  await page.getByLabel('Name of the job').press('Enter');
  await page.getByRole('link', { name: 'Herrero: all jobs' }).click();
  await expect(page.getByRole('link', { name: 'Own copy', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Two of it', exact: true })).toBeVisible();
});

test('an address of no job says so and leads back', async ({ page }) => {
  const response = await page.goto('/jobs/no-such-job/holes');
  expect(response?.status()).toBe(404);
  await page.getByRole('link', { name: 'All jobs' }).click();
  await expect(page.getByRole('heading', { name: /^Jobs/ })).toBeVisible();
});
