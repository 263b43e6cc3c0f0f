import { expect, test } from '@playwright/test';
import { DEEP, emptyJob, copyOfTernPoint, noViolations, notes, station as stationLink } from './support';

const STATIONS = ['site', 'site/plan', 'site/measure', 'tanks', 'holes', 'runs', 'runs/space', 'parts'] as const;
const SAMPLE: readonly (typeof STATIONS)[number][] = ['site', 'runs'];

for (const [light, run] of [
  ['bench', ''],
  ['shed', ' @deep'],
] as const)
  test(`every screen can be used by all, by ${light} light, and says nothing to the console${run}`, async ({
    page,
  }) => {
    const said: string[] = [];
    page.on(
      'console',
      (message) =>
        ['error', 'warning'].includes(message.type()) && said.push(`${message.text()} ${message.location().url}`),
    );
    page.on('pageerror', (error) => said.push(error.message));
    await page.addInitScript((value) => localStorage.setItem('herrero-light', value), light);
    await page.goto('/');
    await noViolations(page, 'jobs', light);
    await page.getByRole('button', { name: 'New job' }).click();
    await noViolations(page, 'new job', light);
    await page.keyboard.press('Escape');
    const id = await copyOfTernPoint(page, `Access by ${light}`);
    for (const station of STATIONS) {
      await page.goto(`/jobs/${id}/${station}`);
      await expect(notes(page)).toBeVisible();
      await noViolations(page, station, light);
    }
    await page.getByRole('button', { name: /^Measures/ }).click();
    await expect(page.getByRole('button', { name: 'Done' })).toBeVisible();
    await noViolations(page, 'measures', light);
    expect(said).toEqual([]);
  });

test('an empty job has a next step at every station', async ({ page }) => {
  const id = await emptyJob(page, 'Empty');
  await page.goto(`/jobs/${id}/site`);
  await expect(page.getByText('No roof yet')).toBeVisible();
  await noViolations(page, 'empty site');
  for (const [station, step] of [
    ['holes', 'Choose a tank'],
    ['runs', 'Set out a hole'],
  ] as const) {
    await page.goto(`/jobs/${id}/${station}`);
    await expect(page.getByRole('main').getByRole('link', { name: step })).toBeVisible();
    await noViolations(page, `empty ${station}`);
  }
  await page.goto(`/jobs/${id}/parts`);
  await expect(page.getByText('Nothing is needed yet')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('nothing runs over the edge, and the string runs down', async ({ page }) => {
    const id = await copyOfTernPoint(page, 'Pocket');
    for (const station of STATIONS) {
      await page.goto(`/jobs/${id}/${station}`);
      await expect(notes(page)).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth), station).toBeLessThanOrEqual(390);
      if (DEEP || SAMPLE.includes(station)) await noViolations(page, `phone ${station}`);
    }
  });

  test('a joint is opened and put right by touch', async ({ page }) => {
    const id = await copyOfTernPoint(page, 'Touch');
    await page.goto(`/jobs/${id}/runs`);
    const down = page.getByLabel('The string, running down');
    await down.getByRole('button', { name: /Starts, then leaks/ }).tap();
    await page
      .getByTestId('joint-panel')
      .getByRole('button', { name: /Put between/ })
      .tap();
    await expect(down.getByRole('button', { name: /Starts, then leaks/ })).toHaveCount(0);
    await page.getByRole('link', { name: 'Next part' }).tap();
    await expect(page.getByRole('region', { name: 'Next part' })).toBeInViewport();
  });

  test('a hole is moved by its stepper', async ({ page }) => {
    const id = await copyOfTernPoint(page, 'Thumb');
    await page.goto(`/jobs/${id}/holes`);
    await page.getByRole('button', { name: 'Centre above base: more' }).tap();
    await expect(page.getByLabel('Centre above base', { exact: true })).toHaveValue('8-1/2 in');
  });
});

test('a station that does nothing yet says so and is no page', async ({ page }) => {
  await copyOfTernPoint(page, 'Later');
  for (const name of ['Flow', 'Build']) {
    const peg = page.getByRole('navigation', { name: 'Stations' }).getByText(name, { exact: true });
    await expect(peg).toBeVisible();
    await expect(page.getByRole('link', { name })).toHaveCount(0);
  }
  await expect(page.getByText('comes later').first()).toBeVisible();
});

test('the parts list prints whole, without what is only for the screen', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'On paper');
  await page.goto(`/jobs/${id}/tanks`);
  await stationLink(page, 'Parts').click();
  const valve = page.getByText('Lever valve 3/4 NPT female, brass');
  await expect(page.getByText('Run P1', { exact: true })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  for (const line of ['Hole saw 4-1/4 in', 'Vent cowl 2 socket, screened, PVC', 'Pipe cutter (square cuts, up to 2 in'])
    await expect(page.getByText(line)).toBeVisible();
  await expect(valve).toBeVisible();
  await expect(page.getByRole('link', { name: 'List (CSV)' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.getByText('Hole saw 4-1/4 in')).toBeHidden();
});
