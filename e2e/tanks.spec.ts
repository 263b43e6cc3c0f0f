import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { emptyJob, copyOfTernPoint, noViolations, notes, rack, settled, station, stored } from './support';

test('a crate: its ports, its past and its light are said, and what is not said is a note', async ({ page }) => {
  const id = await emptyJob(page, 'Crate');
  await page.getByRole('button', { name: 'Add: Crate, 275 gal' }).click();
  await expect(station(page, 'Tanks')).toContainText('2 to say');
  await expect(notes(page).getByRole('button', { name: /^Ports not said/ })).toHaveCount(1);

  const outlet = page.getByRole('region', { name: 'P1 Outlet valve' });
  await outlet.getByRole('radio', { name: 'use' }).click();
  await outlet.getByRole('button', { name: /^Cam grooves, 2 in/ }).click();
  await expect(outlet.getByRole('button', { name: /^Cam grooves, 2 in/, pressed: true })).toBeVisible();
  await page.getByRole('region', { name: 'P2 Bung in the lid' }).getByRole('radio', { name: 'use' }).click();
  await page.getByLabel(/What it held before/).fill('apple juice');
  await page.getByLabel(/What it held before/).press('Enter');
  await page.getByRole('radiogroup', { name: 'Was that food grade?' }).getByRole('radio', { name: 'yes' }).click();
  await page.getByLabel('How it was cleaned').selectOption('Washed hot, rinsed three times');
  await expect(station(page, 'Tanks')).toContainText('1 settled');

  // A white bottle lets light in; the note is put right where it stands.
  await notes(page).getByRole('button', { name: 'It is covered or painted' }).click();
  await expect(notes(page).getByText('Light gets in')).toHaveCount(0);
  await expect(notes(page).getByText('Only its own valve')).toBeVisible();
  await settled(page);
  const hole = (await stored(page, id)).penetrations.find(({ label }) => label === 'P1') as Record<string, unknown>;
  expect(hole).toMatchObject({ port: '2 cam adapter', portUse: 'use', portId: 'outlet' });
});

test('a port is cut out and becomes a hole like any other; undo brings it back', async ({ page }) => {
  await emptyJob(page, 'Cut out');
  await page.getByRole('button', { name: 'Add: Closed-head drum' }).click();
  const bung = page.getByRole('region', { name: 'P1 Fine bung' });
  await bung.getByRole('button', { name: /Cut it out/ }).click();
  await expect(bung).toHaveCount(0);
  await expect(notes(page).getByText(/P1 is a hole in T1 with nothing in it/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(bung).toBeVisible();
});

test('the curve of a tank follows its shape, and a metered fill corrects it', async ({ page }) => {
  await emptyJob(page, 'Curve', 'millimetres, litres');
  await page.getByRole('button', { name: 'None of these: own size' }).click();
  await page.getByRole('button', { name: 'Add: Own size: lying cylinder' }).click();
  for (const [field, value] of [
    ['Length, outside', '2010'],
    ['Base to top of lid', '1010'],
    ['Width, outside', '1010'],
    ['Base to brim', '1005'],
    ['Holds, L', '1570'],
  ] as const) {
    await page.getByLabel(field).fill(value);
    await page.getByLabel(field).press('Enter');
  }
  // Half of a lying cylinder is half of what it holds: at 502.5 mm of a floor of 5 mm, 497.5 of 1000.
  await expect(page.getByText(/^78\d L, .* at half of its height/)).toBeVisible();

  await page.getByText('Filled by a meter: no readings').click();
  await page.getByLabel('Level above base').fill('502');
  await page.getByLabel('Had gone in, L').fill('700');
  await page.getByRole('button', { name: 'Add the reading' }).click();
  await expect(page.getByText('502 mm: 700 L, 185 gal')).toBeVisible();
  await expect(page.getByText(/^701 L, .* at half of its height/)).toBeVisible();

  // A reading that goes down is named, and nothing is lost.
  await page.getByLabel('Level above base').fill('600');
  await page.getByLabel('Had gone in, L').fill('650');
  await page.getByRole('button', { name: 'Add the reading' }).click();
  await expect(page.getByText(/rises: reading 2 is not above the one before it/)).toBeVisible();
  await expect(page.getByLabel('Had gone in, L')).toHaveValue('650');
});

test('a stand that is too weak is trouble; planks are checked as beams', async ({ page }) => {
  await emptyJob(page, 'Stand');
  await page.getByRole('button', { name: 'Add: Upright round tank' }).click();
  await page.getByRole('combobox', { name: 'Stands on' }).selectOption('Stand on legs');
  await expect(notes(page).getByText('Stand not rated')).toBeVisible();
  await page.getByLabel('Rated to carry, lb').fill('2000');
  await page.getByLabel('Rated to carry, lb').press('Enter');
  await expect(notes(page).getByText('Stand too weak')).toBeVisible();
  await page.getByRole('combobox', { name: 'Stands on' }).selectOption('Planks on blocks');
  await page.getByRole('button', { name: 'Take these planks' }).click();
  await expect(page.getByText('They carry it:')).toBeVisible();
  await page.getByLabel('Span between blocks').fill('4 ft');
  await page.getByLabel('Span between blocks').press('Enter');
  await expect(page.getByText('Too weak:')).toBeVisible();
  await expect(notes(page).getByText('Planks too weak')).toBeVisible();
});

test('figures of the site are assumed, marked so, and given', async ({ page }) => {
  await copyOfTernPoint(page, 'Arm');
  await station(page, 'Site').click();
  const arm = page.getByLabel('Arm, shoulder to fingertips (assumed)');
  await expect(notes(page).getByText('No hand inside')).toBeVisible();
  await arm.fill('5 in');
  await arm.press('Enter');
  await expect(page.getByText('The length of the arm is from 7-7/8 in to 47-3/16 in.')).toBeVisible();
  await arm.fill('47 in');
  await arm.press('Enter');
  await expect(page.getByLabel('Arm, shoulder to fingertips', { exact: true })).toHaveValue('47 in');
  // P4 is 48-3/8 in from the way in: still out of reach.
  await expect(notes(page).getByText(/an arm reaches 47 in/)).toBeVisible();
});

test('a hole in the top is moved on the plan by drag and by arrow keys, and measured from the rim @deep', async ({
  page,
}) => {
  const id = await copyOfTernPoint(page, 'On top');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P7 Vent/ })
    .click();
  const hole = page.getByRole('button', { name: /P7 Vent in T2, on the top: 9 in from the rim/ });
  const box = await hole.boundingBox();
  if (!box) throw new Error('no box');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 4, y - 8, { steps: 4 });
  await page.mouse.move(x - 6, y - 14, { steps: 6 });
  await page.mouse.up();
  await settled(page);
  const moved = (await stored(page, id)).penetrations.find(({ label }) => label === 'P7') as unknown as {
    depthM: number;
  };
  expect(moved.depthM).toBeGreaterThan(23 * 0.0254);
  const front = page.getByLabel('From the front edge', { exact: true });
  await front.fill('20 in');
  await front.press('Enter');
  await page.getByRole('button', { name: /P7 Vent in T2, on the top/ }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(front).toHaveValue('20-1/16 in');
});

test('ways to seal are allowed, warned of or ruled out with both figures; another face changes them', async ({
  page,
}) => {
  await emptyJob(page, 'Ways', 'millimetres, litres');
  await page.getByRole('button', { name: 'Add: Precast concrete' }).click();
  await page.getByRole('link', { name: 'Set out the holes' }).click();
  await page.getByRole('button', { name: /^Overflow/ }).click();
  await page.getByLabel('Size', { exact: true }).selectOption('110 mm');
  await expect(page.getByRole('button', { name: /^Mechanical link seal for 110 mm/ })).toBeVisible();
  await page.getByText(/ways are ruled out here: why/).click();
  await expect(page.getByText('Made for walls of plastic; this one is concrete, 100 mm thick.').first()).toBeVisible();
  await page.getByRole('button', { name: /^Mechanical link seal for 110 mm/ }).click();
  await page.getByLabel('Face', { exact: true }).selectOption('Top');
  // A lift-out piece lies in a top, but not in a slab of 100 mm.
  await expect(page.getByText('The wall is 100 mm thick; it grips at most 60 mm.').first()).toBeVisible();
});

test('an opening has several roles, and a measured shank gives its hole @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Roles');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  await page.getByLabel('Also for').selectOption('Drain');
  await expect(page.getByRole('button', { name: 'not this' })).toHaveCount(2);
  await page.getByLabel('Shank, measured').fill('1-9/16');
  await page.getByLabel('Shank, measured').press('Enter');
  await expect(page.getByRole('textbox', { name: 'Hole, if measured' })).toHaveValue('1-5/8 in');
});

test('the drilling sheet is downloaded as PDF, SVG and DXF', async ({ page }) => {
  await copyOfTernPoint(page, 'Sheet');
  await station(page, 'Holes').click();
  await rack(page)
    .getByRole('button', { name: /P4 Hose outlet/ })
    .click();
  const get = async (name: string): Promise<string> => {
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name, exact: true }).click();
    return readFile((await (await download).path()) ?? '', 'latin1');
  };
  expect((await get('PDF, Letter')).slice(0, 5)).toBe('%PDF-');
  const svg = await get('SVG');
  expect(svg).toContain('Drilling sheet: P4 Hose outlet, T2');
  // 1-5/8 in across: 20.638 mm of radius.
  expect(svg).toMatch(/r="20.63[78]" class="cut"/);
  expect(await get('DXF')).toContain('AcDbCircle');
});

test('all tanks stand on one datum, and the keyboard alone chooses one @deep', async ({ page }) => {
  await copyOfTernPoint(page, 'Row');
  await station(page, 'Holes').click();
  const tanks = page.getByRole('group', { name: 'Tanks' });
  await tanks.getByRole('button', { name: 'T1' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Holes in T1' })).toBeVisible();
  await expect(page.getByText(/T1 full .* over the ground/)).toBeVisible();
});

test('every demo job opens at Tanks and Holes, without a word to the console, for all @deep', async ({ page }) => {
  const said: string[] = [];
  page.on('pageerror', (error) => said.push(error.message));
  page.on('console', (message) => message.type() === 'error' && said.push(message.text()));
  const { jobs } = (await (await page.request.get('/api/v1/jobs')).json()) as { jobs: { id: string; name: string }[] };
  for (const name of ['Ashdown kennel wash', 'Kiln Yard pottery', 'Mill Row fire pond', 'Quarry Lane brick saw']) {
    const job = jobs.find((one) => one.name === name);
    expect(job, name).toBeDefined();
    for (const place of ['tanks', 'holes']) {
      await page.goto(`/jobs/${job?.id}/${place}`);
      await expect(notes(page)).toBeVisible();
      // A tank of flat faces and a lined one: the two kinds of sheet that Tern Point does not have.
      if (place === 'tanks' || !/Ashdown|Mill/.test(name)) continue;
      await noViolations(page, `${name} ${place}`);
    }
  }
  expect(said).toEqual([]);
});
