import { type Browser, type Page, expect, test } from '@playwright/test';
import { copyOfTernPoint, notes, rack, settled, station, stored } from './support';

const openP4 = async (page: Page): Promise<void> => {
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  await expect(page.getByLabel('Centre above base', { exact: true })).toBeVisible();
};

const secondPerson = async (browser: Browser, url: string): Promise<Page> => {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(url);
  return page;
};

test('two people at one job lose nothing: both edits stand, and both see them', async ({ page, browser }) => {
  const id = await copyOfTernPoint(page, 'Two at once');
  await station(page, 'Holes').click();
  await page.waitForURL(/holes$/);
  const other = await secondPerson(browser, page.url());
  await openP4(page);
  await openP4(other);

  await page.getByLabel('Centre above base', { exact: true }).fill('9 in');
  await page.getByLabel('Centre above base', { exact: true }).press('Enter');
  await other.getByLabel('Round from the seam', { exact: true }).fill('60 in');
  await other.getByLabel('Round from the seam', { exact: true }).press('Enter');

  await expect(page.getByLabel('Round from the seam', { exact: true })).toHaveValue('60 in', { timeout: 60_000 });
  await expect(other.getByLabel('Centre above base', { exact: true })).toHaveValue('9 in', { timeout: 60_000 });
  expect((await stored(page, id)).penetrations.find(({ label }) => label === 'P4')?.heightM).toBeCloseTo(9 * 0.0254, 9);
  await other.context().close();
});

test('the same field changed twice is named, never overwritten: keep theirs, or make it mine', async ({
  page,
  browser,
}) => {
  const id = await copyOfTernPoint(page, 'Same field');
  await station(page, 'Holes').click();
  await page.waitForURL(/holes$/);
  const other = await secondPerson(browser, page.url());
  await openP4(page);
  await openP4(other);

  // The other one does not hear of it until after its own change.
  await other.context().setOffline(true);
  await other.getByLabel('Centre above base', { exact: true }).fill('12 in');
  await other.getByLabel('Centre above base', { exact: true }).press('Enter');
  await expect(notes(other).getByText(/No answer from the server/)).toBeVisible();
  await page.getByLabel('Centre above base', { exact: true }).fill('9 in');
  await page.getByLabel('Centre above base', { exact: true }).press('Enter');
  await settled(page);
  await other.context().setOffline(false);

  await expect(notes(other).getByRole('heading', { name: /Not taken: Set the height of P4/ })).toBeVisible({
    timeout: 100_000,
  });
  await expect(other.getByLabel('Centre above base', { exact: true })).toHaveValue('9 in');
  await notes(other).getByRole('button', { name: 'Make it 12 in' }).click();
  await settled(other);
  expect((await stored(page, id)).penetrations.find(({ label }) => label === 'P4')?.heightM).toBeCloseTo(
    12 * 0.0254,
    9,
  );
  await other.context().close();
});

test('what was done without the server is kept through a reload and sent when it answers', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'No signal');
  await station(page, 'Holes').click();
  await page.waitForURL(/holes$/);
  await openP4(page);
  await page.route('**/api/v1/jobs/*/edits', (route) => route.abort());
  await page.getByLabel('Centre above base', { exact: true }).fill('11 in');
  await page.getByLabel('Centre above base', { exact: true }).press('Enter');
  await expect(notes(page).getByText(/One change is kept here/)).toBeVisible();
  await page.reload();
  await openP4(page);
  await expect(page.getByLabel('Centre above base', { exact: true })).toHaveValue('11 in');
  await page.unroute('**/api/v1/jobs/*/edits');
  await settled(page);
  expect((await stored(page, id)).penetrations.find(({ label }) => label === 'P4')?.heightM).toBeCloseTo(
    11 * 0.0254,
    9,
  );
});
