import { type Page, expect, test } from '@playwright/test';
import { emptyJob, copyOfTernPoint, noViolations, notes, settled, station } from './support';

const section = (page: Page) => page.getByRole('group', { name: 'The fall line' });
const about = (page: Page, name: string) => page.getByRole('region', { name: `About ${name}` });
const heightRow = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) });

async function addToSite(page: Page, what: string, name: string, kind?: string): Promise<void> {
  await page.getByRole('button', { name: what, exact: true }).click();
  await page.getByLabel('What is it called?').fill(name);
  if (kind !== undefined) await page.getByLabel(/^What is it\?|^Where is it\?/).selectOption(kind);
  await page.getByRole('button', { name: 'Add it' }).click();
}

/** One reading of what is chosen. */
async function read(page: Page, name: string, from: string, way: 'down' | 'up', figure: string): Promise<void> {
  const panel = about(page, name);
  await panel.getByLabel('Taken from').selectOption({ label: from });
  await panel.getByRole('radio', { name: way, exact: true }).click();
  await panel.getByLabel(/^How far/).fill(figure);
  await panel.getByLabel(/^How far/).press('Enter');
}

test('a site from nothing: roof, level line, places, each height as it is read', async ({ page }) => {
  const id = await emptyJob(page, 'Slope', 'millimetres, litres');
  await page.goto(`/jobs/${id}/site`);
  await expect(page.getByText('No height yet')).toBeVisible();

  // A roof of nothing is named, and nothing is lost.
  await page.getByRole('button', { name: 'a roof', exact: true }).click();
  await page.getByLabel('What is it called?').fill('barn');
  await page.getByLabel(/^How large/).fill('none');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('none is no area. Write it like 60 m2.')).toBeVisible();
  await page.getByLabel(/^How large/).fill('0');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('The area is more than nothing and at most 100000 m2.')).toBeVisible();
  await page.getByLabel(/^How large/).fill('50');
  await page.getByRole('button', { name: 'Add it' }).click();
  const barn = about(page, 'barn');
  await barn.getByLabel('Seen from above, m2').fill('80');
  await barn.getByLabel('Seen from above, m2').press('Enter');
  await barn.getByLabel('Covered with').selectOption('Asbestos cement');
  await expect(notes(page).getByText('Not from this roof')).toBeVisible();
  await barn.getByLabel('Covered with').selectOption('Slate');
  await expect(notes(page).getByText('Not from this roof')).toHaveCount(0);
  await read(page, 'barn', 'ground at the tanks', 'up', '2600');
  await expect(heightRow(page, 'gutter of barn')).toContainText('2600 mm up');

  await addToSite(page, 'a nail, stake or level line', 'level');
  await read(page, 'level', 'gutter of barn', 'down', '1.2 m');
  await expect(heightRow(page, 'level')).toContainText('1400 mm up');

  await addToSite(page, 'a place to use it', 'trough', 'trough');
  await read(page, 'trough', 'level', 'down', '2000');
  await expect(heightRow(page, 'trough')).toContainText('600 mm below');
  await expect(section(page).getByRole('button', { name: /^trough/ })).toContainText('600 mm below');

  // What others were read from cannot go.
  await page.getByRole('button', { name: 'level', exact: true }).click();
  await about(page, 'level').getByRole('button', { name: 'Take level away' }).click();
  await expect(about(page, 'level').getByText('The height of trough was read from level.')).toBeVisible();
  await noViolations(page, 'site');
});

test('nonsense is named and kept; a blunder is named, left out, and struck out by one press @deep', async ({
  page,
}) => {
  await copyOfTernPoint(page, 'Blunder');
  await station(page, 'Site').click();
  await page.getByRole('button', { name: 'gutter of boat house', exact: true }).click();
  const panel = about(page, 'boat house');
  await panel.getByLabel(/^How far/).fill('ladder');
  await panel.getByLabel(/^How far/).press('Enter');
  await expect(panel.getByText('ladder is no length. Write it like 17-3/4 in.')).toBeVisible();
  await expect(panel.getByLabel(/^How far/)).toHaveValue('ladder');

  await read(page, 'boat house', 'ground at the tanks', 'up', '120 in');
  await expect(notes(page).getByText('Readings apart')).toBeVisible();
  await read(page, 'boat house', 'ground at the tanks', 'up', '114-1/4 in');
  await expect(notes(page).getByText('A blunder')).toBeVisible();
  await expect(heightRow(page, 'gutter of boat house')).toContainText('98-1/8 in up');
  await notes(page).getByRole('button', { name: 'Strike it out' }).click();
  await expect(notes(page).getByText('A blunder')).toHaveCount(0);
  await expect(panel.getByRole('button', { name: /^Strike out reading/ })).toHaveCount(2);
});

test('the stand-in laser says that it is one and sends readings that are averaged @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Laser');
  await station(page, 'Site').click();
  await section(page)
    .getByRole('button', { name: /^gravel bed/ })
    .click();
  const panel = about(page, 'gravel bed');
  await panel.getByRole('radio', { name: 'laser' }).click();
  await expect(panel.getByText(/is a stand-in: its readings are made up/)).toBeVisible();
  await panel.getByRole('button', { name: 'Three from the stand-in laser' }).click();
  await expect(panel.getByRole('button', { name: /^Strike out reading/ })).toHaveCount(3);
  await expect(heightRow(page, 'gravel bed')).toContainText(/below|up/);
});

test('the tank is dragged inside its window; keys move it by the mark; undo brings it back @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Window');
  await station(page, 'Site').click();
  const tank = page.getByRole('slider', { name: 'T1, how high it stands' });
  await tank.focus();
  await expect(about(page, 'T1').getByText(/may stand from 0 in to 35-7\/16 in up/)).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(tank).toHaveAttribute('aria-valuetext', 'stands 16-1/2 in up');
  const box = (await tank.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y - 60, { steps: 6 });
  // What is said follows while it is dragged: over the safe stand it no longer stands inside.
  await expect(about(page, 'T1').getByText('It does not.')).toBeVisible();
  await page.mouse.up();
  await expect(tank).not.toHaveAttribute('aria-valuetext', 'stands 16-1/2 in up');
  await page.keyboard.press('Control+z');
  await expect(tank).toHaveAttribute('aria-valuetext', 'stands 16-1/2 in up');
});

test('a kit too tall for the gutter is seen, and one press cuts the pipe @deep', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'Budget');
  const part = (partId: string, code: string) => ({
    id: partId,
    code,
    lengthM: null,
    existing: false,
    points: null,
    slope: null,
    held: false,
    lengthKind: 'computed',
    trimAt: null,
  });
  const answer = await page.request.post(`/api/v1/jobs/${id}/edits`, {
    data: {
      baseRevision: 1,
      batchId: 'kit',
      author: 'journey',
      edits: [
        { type: 'separate', jointId: 'p1-j3' },
        { type: 'change-field', in: 'parts', id: 'p1-2', field: 'lengthM', from: 31 * 0.0254, to: 1.4 },
        {
          type: 'add-part',
          part: part('c', 'CS-300'),
          at: { of: 'part', id: 'p1-2', end: 1 },
          partEnd: 0,
          jointId: 'c1',
        },
        {
          type: 'add-part',
          part: part('d', 'DA-300-IPS-40-300'),
          at: { of: 'part', id: 'c', end: 1 },
          partEnd: 1,
          jointId: 'c2',
        },
        {
          type: 'add-part',
          part: part('g', 'DGG-300'),
          at: { of: 'part', id: 'd', end: 0 },
          partEnd: 0,
          jointId: 'c3',
        },
      ],
    },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  await page.goto(`/jobs/${id}/site`);
  const way = page.getByRole('article', { name: 'The way of boat house' });
  await expect(way.getByText(/48 in from the opening up to the gutter/)).toBeVisible();
  await expect(notes(page).getByText('Too tall for the gutter')).toBeVisible();
  await notes(page)
    .getByRole('button', { name: /^Make the pipe/ })
    .click();
  await expect(way.getByText('It fits.')).toBeVisible();
  await expect(way.getByText(/The design rain brings 26 gpm/)).toBeVisible();
  await way.getByText('No gutter? One of slit pipe').click();
  await way.getByLabel('Pushed over an edge so thick').fill('7/8 in');
  await expect(way.getByText(/slit lengthwise it spreads/)).toBeVisible();
});

test('daylight that cannot be reached is said with what is short; the stake list reads from the level @deep', async ({
  page,
}) => {
  await copyOfTernPoint(page, 'Daylight');
  await station(page, 'Site').click();
  await addToSite(page, 'a place to use it', 'ditch', 'daylight');
  // P2 leaves 38-15/16 in over the base, 54-15/16 in over the ground; the ditch lies 50 in up: 4-15/16 in for 60 ft, 7-3/16 in asked.
  await read(page, 'ditch', 'ground at the tanks', 'up', '50 in');
  await about(page, 'ditch').getByLabel('Along the line').fill('60 ft');
  await about(page, 'ditch').getByLabel('Along the line').press('Enter');
  await expect(
    page.getByRole('region', { name: 'Falls' }).getByText(/daylight not reachable: 2-1\/4 in short/),
  ).toBeVisible();
  await expect(notes(page).getByText('Daylight not reachable')).toBeVisible();
  const stakes = page.getByRole('region', { name: 'Stake list' });
  await stakes.getByLabel('measured down from').selectOption({ label: 'line of the level' });
  // The level stands 49-1/2 in over the bases.
  await expect(stakes.getByRole('row', { name: /Base of T1/ })).toContainText('49-1/2 in down');
  await expect(stakes.getByRole('row', { name: /Outfall at ditch/ })).toContainText('15-1/2 in down');
});

test('the rainfall service is a stand-in and says so; mains ask for their air gap @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Rain');
  await station(page, 'Site').click();
  await page.getByLabel('Rainfall service (stand-in), climate').selectOption('tropical');
  await page.getByRole('button', { name: 'Ask for the design rain' }).click();
  await expect(page.getByText(/made up by the stand-in/)).toBeVisible();
  await addToSite(page, 'another inflow', 'town water', 'mains');
  await expect(notes(page).getByText('Air gap not said')).toBeVisible();
  const gap = about(page, 'town water').getByLabel('Air gap over the spill level');
  await gap.fill('1/2 in');
  await gap.press('Enter');
  await expect(notes(page).getByText('Air gap too small')).toBeVisible();
  await notes(page)
    .getByRole('button', { name: /^Raise its end/ })
    .click();
  await expect(notes(page).getByText('Air gap too small')).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the measuring sheet is filled in without a connection, and nothing is lost', async ({ page }) => {
    const id = await copyOfTernPoint(page, 'Field');
    await page.goto(`/jobs/${id}/site/measure`);
    await expect(page.getByText('4 to measure, in walking order')).toBeVisible();
    await page.route('**/api/v1/jobs/**', (route) => route.abort());
    // The gap that the run waits for: its note goes as it is filled in.
    await expect(notes(page).getByText('Not known yet')).toBeVisible();
    await page.getByLabel('length of pipe 1-1/2 Schedule 40').fill('17 in');
    await page.getByLabel('length of pipe 1-1/2 Schedule 40').press('Enter');
    await expect(page.getByText('3 to measure, in walking order')).toBeVisible();
    await expect(page.getByText(/1 change is kept on this device/)).toBeVisible();
    await expect(notes(page).getByText('Not known yet')).toHaveCount(0);
    // The next one is open at once.
    await page.getByLabel(/^How far down/).fill('12 in');
    await page.getByRole('button', { name: 'Take the reading' }).tap();
    await expect(page.getByText('2 to measure, in walking order')).toBeVisible();

    await page.unroute('**/api/v1/jobs/**');
    await page.reload();
    await expect(page.getByText('2 to measure, in walking order')).toBeVisible();
    await settled(page);
    const job = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as {
      terminals: { id: string; readings: unknown[] }[];
      parts: { id: string; lengthM: number | null }[];
    };
    expect(job.parts.find((part) => part.id === 'p3-5')?.lengthM).toBeCloseTo(17 * 0.0254, 6);
    expect(job.terminals.find((place) => place.id === 'downpipe')?.readings).toHaveLength(1);
  });

  test('on paper it has a line to write on for each', async ({ page }) => {
    const id = await copyOfTernPoint(page, 'Paper');
    await page.goto(`/jobs/${id}/site/measure`);
    await expect(page.getByText('gravel bed').first()).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByText(/taken from/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Take the reading' })).toBeHidden();
  });
});
