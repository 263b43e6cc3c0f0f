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
  await page.getByRole('radio', { name: measures === 'inches, gallons' ? 'US' : 'UK, Ireland', exact: true }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/\/jobs\/[^/]+\/tanks/);
  return /jobs\/([^/]+)\//.exec(page.url())?.[1] ?? '';
}

/** The file of the demo job, as it goes out. */
async function demoFile(page: Page): Promise<string> {
  const { jobs } = (await (await page.request.get('/api/v1/jobs')).json()) as { jobs: { id: string; name: string }[] };
  const demo = jobs.find((job) => job.name === 'Tern Point boat rinse');
  return (await page.request.get(`/api/v1/jobs/${demo?.id}/job-file.json`)).text();
}

/** Opens a job file and says which job it became. */
async function opened(page: Page, data: object): Promise<string> {
  return ((await (await page.request.post('/api/v1/jobs', { data })).json()) as { id: string }).id;
}

/** An empty job by the server's own ways, and its tanks: for the journeys that are not about how a job begins. */
export async function emptyJob(
  page: Page,
  name: string,
  measures: 'inches, gallons' | 'millimetres, litres' = 'inches, gallons',
): Promise<string> {
  const { schemaVersion } = JSON.parse(await demoFile(page)) as { schemaVersion: number };
  const usual =
    measures === 'inches, gallons'
      ? { measures: 'in-gal', region: 'US' }
      : { measures: 'mm-l', region: 'UK', currency: 'GBP' };
  const id = await opened(page, { schemaVersion, name, ...usual });
  await page.goto(`/jobs/${id}/tanks`);
  return id;
}

/**
 * Makes a fresh job of the demo job's file, so that a journey spoils nothing for another. By the server's own ways:
 * journeys run side by side, and in the list of jobs a copy is like any other until it is named.
 */
export async function jobOfTernPoint(
  page: Page,
  name: string,
  change: (file: string) => string = (file) => file,
): Promise<string> {
  return opened(page, { ...(JSON.parse(change(await demoFile(page))) as object), name });
}

/** The same, and opens it. */
export async function copyOfTernPoint(page: Page, name: string): Promise<string> {
  const id = await jobOfTernPoint(page, name);
  await page.goto(`/jobs/${id}`);
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  return id;
}

export const notes = (page: Page): Locator => page.getByRole('complementary', { name: 'Margin notes' });
export const rack = (page: Page): Locator => page.getByRole('complementary', { name: 'Tanks and their holes' });
export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name}`) });
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

/**
 * The long run, `npm run test:deep`, looks at every screen by every light and on every device; the ordinary one at all of them
 * by bench light, and on the phone at a fixed sample.
 */
export const DEEP = (process.env.HERRERO_DEEP ?? '') !== '';

/** By which light a screen is looked at. */
export type Light = 'bench' | 'shed';

/** Everybody can use what is on the page, as far as axe can tell. By shed light only the colours are others. */
export async function noViolations(page: Page, where: string, light: Light = 'bench'): Promise<void> {
  // What is drawn and not awake yet is nobody's to use.
  await expect(page.locator('[inert][aria-busy=true]')).toHaveCount(0);
  // In the page itself, without frames and a second page to gather them in; only what is wrong is written out.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const { violations } = await (light === 'shed' ? axe.withRules(['color-contrast']) : axe).analyze();
  expect(
    violations.map(({ id, nodes }) => `${where}: ${id} at ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
  ).toEqual([]);
}
