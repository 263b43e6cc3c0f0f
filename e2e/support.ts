import AxeBuilder from '@axe-core/playwright';
import { type Locator, type Page, expect } from '@playwright/test';

/** Begins a job through the dialog and leaves the page at its tanks. */
export async function beginJob(
  page: Page,
  name: string,
  measures: 'inches, gallons' | 'millimetres, litres' = 'inches, gallons',
): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('What is it called?').fill(name);
  await page.getByRole('radio', { name: measures }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/\/jobs\/[^/]+\/tanks/);
  return /jobs\/([^/]+)\//.exec(page.url())?.[1] ?? '';
}

/** Makes a fresh copy of the demo job through the menu, so that a journey spoils nothing for the next. */
export async function copyOfTernPoint(page: Page, name: string): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'More for Tern Point boat rinse', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  const copy = page.getByRole('link', { name: 'Copy of Tern Point boat rinse', exact: true }).first();
  await copy.click();
  await page.waitForURL(/\/jobs\/[^/]+\/\w+/);
  await page.getByRole('button', { name: 'Copy of Tern Point boat rinse' }).click();
  await page.getByLabel('Name of the job').fill(name);
  await page.getByLabel('Name of the job').press('Enter');
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  await settled(page);
  return /jobs\/([^/]+)\//.exec(page.url())?.[1] ?? '';
}

export const notes = (page: Page): Locator => page.getByRole('complementary', { name: 'Margin notes' });
export const rack = (page: Page): Locator => page.getByRole('complementary', { name: 'Tanks and their holes' });
export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name });
/** Takes a part from what goes on, narrowed down by the first words of its name. */
export async function takePart(page: Page, name: string): Promise<void> {
  const next = page.getByRole('region', { name: 'Next part' });
  await next.getByLabel('Narrow the parts down').fill(/^[^,:]*/.exec(name)?.[0] ?? '');
  await next.getByRole('button', { name, exact: true }).click();
}

/** Nothing is kept back: all that was done here has been answered by the server. */
export async function settled(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('herrero-unsent-')).length),
    )
    .toBe(0);
}

/** The document as the server has it. */
export async function stored(
  page: Page,
  id: string,
): Promise<{
  name: string;
  penetrations: { id: string; label: string; heightM: number }[];
  parts: { code: string }[];
}> {
  const response = await page.request.get(`/api/v1/jobs/${id}`);
  return (await response.json()) as never;
}

/** By which light a screen is looked at. */
export type Light = 'bench' | 'shed';

/** Everybody can use what is on the page, as far as axe can tell. By shed light only the colours are others. */
export async function noViolations(page: Page, where: string, light: Light = 'bench'): Promise<void> {
  const axe = new AxeBuilder({ page });
  const { violations } = await (light === 'shed' ? axe.withRules(['color-contrast']) : axe).analyze();
  expect(
    violations.map(({ id, nodes }) => `${where}: ${id} at ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
  ).toEqual([]);
}
