import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { type Page, expect, test } from '@playwright/test';
import { copyOfTernPoint, noViolations } from './support';

const candidates = (page: Page) =>
  page.getByRole('radiogroup', { name: 'Threads that fit, best first' }).getByRole('radio');
const verdict = (page: Page) => page.getByTestId('verdict');
const alert = (page: Page) => page.getByRole('main').getByRole('alert');
const tray = (page: Page) => page.getByRole('complementary', { name: 'On the bench' });

/** Caliper and ruler on a male of 26.5 mm with 14 crests to the inch: ASME B1.20.1 and ISO 7-1 both have one. */
async function measure(page: Page): Promise<void> {
  await page.goto('/bench');
  await page.getByLabel('Over the crests, mm').fill('26.5');
  await page.getByLabel('Crests counted').fill('10');
  await page.getByLabel('Counted over, mm').fill('18.1');
}

test('which thread is this: readings narrow it until one is left, and it is laid down', async ({ page }) => {
  await measure(page);
  // One value in two fields: 26.5 mm is 1.043 in.
  await expect(page.getByLabel('Over the crests, in')).toHaveValue('1.043');
  await expect(page.getByTestId('pitch')).toHaveText('14 to the inch, 1.81 mm apart');
  await expect(candidates(page)).toHaveCount(3);
  await expect(page.getByTestId('which-verdict')).toHaveText('Not known yet');
  await page.getByLabel(/Where it was bought/).selectOption('US');
  await expect(candidates(page).first()).toContainText('3/4 NPT');
  const apart = page.getByRole('region', { name: 'The one measurement' });
  await expect(apart).toContainText('Close the jaws on the first full crest, at the tip.');
  // The tip of R 3/4 is 26.441 - 9.5 / 16 = 25.85 mm (ISO 7-1); of 3/4 NPT 26.03 mm.
  await apart.getByLabel('First crest, at the tip, mm').fill('25.7');
  await expect(page.getByTestId('which-verdict')).toHaveText('3/4 R male');
  await page.getByRole('button', { name: 'Lay it down as 3/4 R M' }).click();
  await expect(tray(page)).toContainText('E1');
  await expect(tray(page)).toContainText('3/4 R M');
  await page.reload();
  await expect(tray(page)).toContainText('3/4 R M');
});

test('what cannot be parted is kept undecided, and its card can be printed', async ({ page }) => {
  await measure(page);
  await page.getByRole('button', { name: 'Keep all, undecided' }).click();
  await expect(tray(page)).toContainText('3/4 NPT M or 3/4 R M or 3/4 G M');
  await measure(page);
  await page.getByRole('button', { name: 'Print their card' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Thread card/ })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Usual ones' }).getByRole('checkbox', { name: '3/4 R M' }),
  ).toBeChecked();
  await expect(
    page.getByRole('region', { name: 'Usual ones' }).getByRole('checkbox', { name: '1/2 NPT M' }),
  ).not.toBeChecked();
});

test('the stand-in caliper says that it is one, and its readings go the way of typed ones', async ({ page }) => {
  await page.goto('/bench');
  const standIn = page.getByRole('region', { name: 'Stand-in caliper' });
  await expect(standIn).toContainText('made-up caliper');
  await standIn.getByLabel('The stand-in holds').selectOption('3/4 NH M');
  await standIn.getByRole('button', { name: 'Take five readings' }).click();
  await expect(standIn.getByRole('status')).toContainText(/The middle is 26\.\d\d, scatter 0\.\d\d/);
  await page.getByLabel('Crests counted').fill('11.5');
  await page.getByLabel('Counted over, in').fill('1');
  await expect(page.getByTestId('which-verdict')).toHaveText('3/4 NH male');
  await standIn.getByLabel('The stand-in holds').selectOption('1/2 G F');
  await standIn.getByRole('button', { name: 'Take five more' }).click();
  await expect(page.getByRole('radio', { name: 'female' })).toBeChecked();
});

test('an impossible reading is named, the sensible one offered, and nothing is lost', async ({ page }) => {
  await measure(page);
  await page.getByLabel('Over the crests, mm').fill('1.043');
  await expect(alert(page)).toContainText('1.04 mm is no thread on a tank');
  // The last good candidates stay.
  await expect(candidates(page)).toHaveCount(3);
  await page.getByRole('button', { name: 'Make it 26.49 mm' }).click();
  await expect(alert(page)).toHaveCount(0);
  await page.getByLabel('Crests counted').fill('ten');
  await expect(page.getByText('no number')).toBeVisible();
  await expect(page.getByLabel('Crests counted')).toHaveValue('ten');
});

test('do these two go together: the verdict, the dry fit, and the limit of tape', async ({ page }) => {
  await page.goto('/bench/together?a=3/4 R M&b=3/4 NPT F&am=brass&bm=pvc');
  await expect(verdict(page)).toHaveText('Fits, not rated');
  await expect(page.getByTestId('why')).toContainText('Same 14 threads to the inch, 55 against 60 degrees');
  await expect(page.getByRole('complementary', { name: 'Use instead' })).toContainText('is a wedge and splits it');
  await page.getByLabel('One end', { exact: true }).fill('3/4 npt m');
  await expect(verdict(page)).toHaveText('Holds with tape');
  // ASME B1.20.1: 0.339 in of hand-tight engagement at 14 to the inch is 4.75 turns.
  await expect(page.getByRole('region', { name: 'Tape, from the dry fit' })).toContainText(
    '4.7 turns expected, 1.0 either way',
  );
  const more = page.getByRole('button', { name: 'Turns by hand: more' });
  for (let press = 0; press < 4; press++) await more.click();
  await expect(page.getByTestId('hand-turns')).toHaveText('5-3/4 turns');
  await expect(page.getByTestId('tape-words')).toContainText('for the slack');
  for (let press = 0; press < 5; press++) await more.click();
  await expect(page.getByTestId('tape-words')).toHaveText('No amount of tape will make this hold.');
});

test('a false friend is refused with the way that holds; a washer left out is told from tape', async ({ page }) => {
  await page.goto('/bench/together?a=3/4 NPT M&b=3/4 NH F swivel');
  await expect(verdict(page)).toHaveText('Starts, then leaks');
  const instead = page.getByRole('complementary', { name: 'Use instead' });
  await expect(
    instead.getByRole('button', { name: /Hose adapter 3\/4 NPT female x 3\/4 NH male/ }).first(),
  ).toBeVisible();
  await page.getByLabel('One end', { exact: true }).fill('3/4 NH M');
  await expect(verdict(page)).toHaveText('Holds with washer');
  await expect(page.getByRole('region', { name: 'The washer' })).toContainText('No tape');
  await page.getByRole('radio', { name: 'tape instead' }).click();
  await expect(verdict(page)).toHaveText('Starts, then leaks');
  await expect(page.getByTestId('why')).toContainText('Tape on this joint does nothing');
});

test.describe('a word it does not know', () => {
  for (const [typed, said, offer, becomes] of [
    ['3/4 NTP M', 'NTP is no word for an end', 'NPT', '3/4 NPT M'],
    ['3/4 NPT MX', 'MX is no word for an end', 'M', '3/4 NPT M'],
    ['3/4 NPT', 'The end stops too soon', 'F', '3/4 NPT F'],
  ] as const)
    test(`${typed} is named, and the nearest put in by a press`, async ({ page }) => {
      await page.goto('/bench/together?a=1 NPT M&b=1 NPT F');
      await expect(verdict(page)).toHaveText('Holds with tape');
      await page.getByLabel('One end', { exact: true }).fill(typed);
      await expect(alert(page)).toContainText(said);
      await expect(verdict(page)).toBeVisible();
      await alert(page).getByRole('button', { name: offer, exact: true }).click();
      await expect(page.getByLabel('One end', { exact: true })).toHaveValue(becomes);
    });

  test('an end nobody knows is not judged, and says what to measure', async ({ page }) => {
    await page.goto('/bench/together?a=container neck&b=S60x6 F');
    await expect(verdict(page)).toHaveText('Not known yet');
    await expect(page.getByTestId('why')).toContainText('crests over 24 mm');
  });
});

test('two ends of the tray are joined by two taps @deep', async ({ page }) => {
  await page.goto('/bench/together?a=1 R M&b=1 Rp F');
  await expect(verdict(page)).toHaveText('Holds with tape');
  await page.getByRole('link', { name: /Go together/ }).click();
  await measure(page);
  await page.getByRole('button', { name: /^Lay it down as/ }).click();
  await measure(page);
  await page.getByRole('radio', { name: 'straight' }).click();
  await page.getByRole('button', { name: /^Lay it down as 3\/4 G M/ }).click();
  await tray(page).getByRole('button', { name: /^E1/ }).click();
  await tray(page).getByRole('button', { name: /^E2/ }).click();
  await expect(page).toHaveURL(/together/);
  await expect(verdict(page)).toHaveText('Will not go');
  await expect(page.getByTestId('why')).toHaveText('Both ends are male.');
  await expect(tray(page)).toContainText('1 R M in 1 Rp F');
  await tray(page).getByRole('button', { name: 'Put E1 away' }).click();
  await expect(tray(page).getByRole('button', { name: /^E1/ })).toHaveCount(0);
});

test('from a joint to the bench and back to the exact place @deep', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'To and fro');
  await page.goto(`/jobs/${id}/runs`);
  await page
    .getByRole('button', { name: /^P4 J5/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Look at it on the bench' }).click();
  await expect(verdict(page)).toHaveText('Starts, then leaks');
  await expect(tray(page)).toContainText('the joint you came from');
  await page.getByRole('link', { name: 'Put it right at P4 J5' }).click();
  await expect(page).toHaveURL(`/jobs/${id}/runs`);
  await page.getByRole('link', { name: /^Bench/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Which thread is this/ })).toBeVisible();
  await page.getByRole('link', { name: /Back to the job/ }).click();
  await expect(page).toHaveURL(`/jobs/${id}/runs`);
});

test('the thread card is true to scale on paper', async ({ page }, info) => {
  await page.goto('/bench/card?ends=3/4 NPT M,3/4 NH M');
  await page.getByRole('radio', { name: 'A4' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download the card' }).click();
  const file = path.join(info.outputDir, 'card.pdf');
  await (await download).saveAs(file);
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  for (const words of ['Thread card', '3/4 NPT', '3/4 NH', '11-1/2 to the inch', 'check ruler: 100 mm'])
    expect(text).toContain(words);
  // At 254 dots to the inch a millimetre is ten dots: the line under the check ruler, 4 in, is 1016 of them.
  execFileSync('pdftoppm', ['-gray', '-r', '254', '-singlefile', file, file]);
  const { width, height, dark } = grey(`${file}.pgm`);
  expect(Math.abs(width - 2100) + Math.abs(height - 2970)).toBeLessThanOrEqual(4);
  let longest = 0;
  for (let y = 2500; y < height; y++) {
    let run = 0;
    for (let x = 0; x < width; x++) {
      run = dark(x, y) ? run + 1 : 0;
      longest = Math.max(longest, run);
    }
  }
  expect(Math.abs(longest - 1016)).toBeLessThanOrEqual(3);
  // Letters are drawn, not blank: the title takes ink.
  let ink = 0;
  for (let y = 100; y < 260; y++) for (let x = 100; x < 700; x++) ink += dark(x, y) ? 1 : 0;
  expect(ink).toBeGreaterThan(2000);
});

/** A picture in the plain grey format of pdftoppm. */
function grey(file: string): { width: number; height: number; dark: (x: number, y: number) => boolean } {
  const bytes = readFileSync(file);
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'));
  if (!head) throw new Error('no grey picture');
  const [width, height] = [Number(head[1]), Number(head[2])];
  return { width, height, dark: (x, y) => (bytes[head[0].length + y * width + x] ?? 255) < 160 };
}

for (const [light, run] of [
  ['bench', ''],
  ['shed', ' @deep'],
] as const)
  test(`the bench can be used by all, by ${light} light, and says nothing to the console${run}`, async ({ page }) => {
    const said: string[] = [];
    page.on('console', (message) => ['error', 'warning'].includes(message.type()) && said.push(message.text()));
    page.on('pageerror', (error) => said.push(error.message));
    await page.addInitScript((value) => localStorage.setItem('herrero-light', value), light);
    await page.goto('/bench');
    await expect(page.getByText('Give the outside first')).toBeVisible();
    await noViolations(page, 'which, empty', light);
    await measure(page);
    await expect(candidates(page)).toHaveCount(3);
    await noViolations(page, 'which', light);
    const addresses = ['a=3/4 R M&b=3/4 NPT F', 'a=2 IPS spigot&b=2 IPS socket', 'a=5/8 barb&b=3/4 hose bore'];
    for (const address of addresses) {
      await page.goto(`/bench/together?${address}`);
      await expect(verdict(page)).toBeVisible();
      await noViolations(page, address, light);
    }
    await page.getByLabel('One end', { exact: true }).fill('nonsense');
    await noViolations(page, 'together, unknown word', light);
    await page.goto('/bench/card');
    await noViolations(page, 'card', light);
    expect(said).toEqual([]);
  });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('nothing of the bench runs over the edge, and a reading is taken by touch @deep', async ({ page }) => {
    for (const place of ['/bench', '/bench/together?a=3/4 NPT M&b=3/4 NH F swivel', '/bench/card']) {
      await page.goto(place);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth), place).toBeLessThanOrEqual(390);
    }
    await measure(page);
    await candidates(page).nth(1).tap();
    await expect(candidates(page).nth(1)).toBeChecked();
    await page.getByRole('button', { name: 'Read the tip' }).tap();
    await expect(page.getByLabel('First crest, at the tip, mm').or(page.getByTestId('which-verdict'))).toBeVisible();
  });
});
