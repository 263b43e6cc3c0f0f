import { inflateSync } from 'node:zlib';
import {
  type Job,
  PATTERNS,
  type Penetration,
  REGIONS,
  applyEdits,
  contextOf,
  drillHoles,
  jobOfPattern,
  newPenetration,
  shippedCatalogue,
  ternPoint,
} from '@herrero/core';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { drillingSheet } from './drilling-sheet';
import { PAPERS, type Paper, drillingSheets } from './lay-out';
import { type Item, type Sheet } from '../sheet/sheet';

// The server runs in web/, where the fonts of the PDFs lie.
beforeAll(() => void vi.spyOn(process, 'cwd').mockReturnValue(path.join(import.meta.dirname, '../../..')));
afterAll(() => void vi.restoreAllMocks());

const NOON = new Date(2026, 10, 25, 12);

const sheetsOf = (job: Job, tankId = 't2', paper: Paper = 'a4'): readonly Sheet[] => {
  const tank = job.tanks.find(({ id }) => id === tankId);
  if (!tank) throw new Error('no tank');
  const holes = drillHoles(tank, contextOf(job, shippedCatalogue));
  return drillingSheets({ jobName: job.name, tank, measures: job.measures, holes, madeOn: '25 November 2026', paper });
};
const sheetOf = (label: string, job: Job = ternPoint()): Sheet => {
  const sheet = sheetsOf(job).find(({ title }) => title.startsWith(label));
  if (!sheet) throw new Error(`no sheet of ${label}`);
  return sheet;
};
type Circle = Extract<Item, { kind: 'circle' }>;
const circleOn = (sheet: Sheet, layer: string): Circle | undefined =>
  sheet.items.find((item): item is Circle => item.kind === 'circle' && item.layer === layer);
const textOf = ({ items }: Sheet): string =>
  items.flatMap((item) => (item.kind === 'text' ? item.text : [])).join('\n');

const withHole = (change: Partial<Penetration>): Job => {
  const penetration = newPenetration({
    id: 'big',
    tankId: 't2',
    name: 'Access',
    roles: ['access'],
    size: '6',
    face: 'wall',
    heightM: 0.6,
    aroundM: 1.6,
    ...change,
  });
  const edited = applyEdits(ternPoint(), [{ type: 'add-penetration', penetration }], shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};

describe('a sheet', () => {
  // P4: a 3/4 bulkhead, hole 1-5/8 in = 41.275 mm, flange (2 + 2.8) / 2 in = 60.96 mm (from memory); 8 in up = 203.2 mm.
  const sheet = sheetOf('P4');

  test('has circle, flange and pilot at true scale', () => {
    expect(circleOn(sheet, 'cut')?.radiusMm).toBeCloseTo(41.275 / 2, 6);
    expect(circleOn(sheet, 'flange')?.radiusMm).toBeCloseTo(60.96 / 2, 6);
    expect(circleOn(sheet, 'pilot')?.radiusMm).toBeCloseTo(6.35 / 2, 6);
  });

  test('stands with its cross at the true height over the lower paper edge', () =>
    expect(sheet.heightMm - (circleOn(sheet, 'cut')?.y ?? 0)).toBeCloseTo(203.2, 6));

  test('has saw, range, side, caution, every hole of the tank, and the day', () => {
    const text = textOf(sheet);
    for (const part of [
      '1-5/8 in saw',
      '1-3/8 in to 1-3/4 in',
      'Nut outside',
      'Caution',
      'P7',
      'P3',
      '25 November 2026',
    ])
      expect(text).toContain(part);
    expect(text).toContain('With care.');
  });

  test('has a ruler of 100 mm and 4 in', () => {
    const ruler = sheet.items.find(
      (item) => item.kind === 'line' && item.y1 === item.y2 && Math.abs(item.x2 - item.x1 - 101.6) < 1e-9,
    );
    expect(ruler).toBeDefined();
    expect(textOf(sheet)).toContain('100 mm');
  });

  test('of a hole too high for the paper says how far up to measure', () =>
    expect(
      textOf(sheetsOf(ternPoint()).find(({ title }) => title.startsWith('P6 Sight tube, top')) ?? sheet),
    ).toContain('measure 42 in'));

  test('of a hole in the top is measured from the rim', () => expect(textOf(sheetOf('P7'))).toContain('from the rim'));

  test('of a hole that is not sealed, or ruled out, has no circle and says why', () => {
    const bare = sheetOf('P8', withHole({ size: '1', roles: ['spare'] }));
    expect(circleOn(bare, 'cut')).toBeUndefined();
    expect(textOf(bare)).toContain('not chosen');
  });

  test.each(['a4', 'letter'] as const)('keeps everything but the height rule off the edge of %s', (paper) => {
    const [width, height] = PAPERS[paper];
    for (const { items } of sheetsOf(ternPoint(), 't2', paper))
      for (const item of items) {
        if (item.kind === 'circle') expect(item.x + item.radiusMm).toBeLessThan(width);
        if (item.kind === 'text') {
          expect(item.x).toBeGreaterThan(4);
          expect(item.y).toBeLessThan(height - 2);
        }
      }
  });
});

/** The least and the most distance of what is written from a point: a letter is about half as wide as it is high. */
function distances(item: Extract<Item, { kind: 'text' }>, x: number, y: number): readonly [number, number] {
  const wide = item.text.length * item.sizeMm * 0.5;
  const left = item.x - (item.anchor === 'end' ? wide : item.anchor === 'middle' ? wide / 2 : 0);
  const spans = [
    [left - x, left + wide - x],
    [item.y - item.sizeMm * 0.72 - y, item.y - y],
  ] as const;
  const near = spans.map(([from, to]) => (from <= 0 && to >= 0 ? 0 : Math.min(Math.abs(from), Math.abs(to))));
  const far = spans.map(([from, to]) => Math.max(Math.abs(from), Math.abs(to)));
  return [Math.hypot(...near), Math.hypot(...far)];
}

describe('no word stands over a ring, and every ring has its name', () => {
  const metric: Job = { ...ternPoint(), measures: 'mm-l' };
  const jobs: readonly (readonly [string, Job])[] = [
    ['in inches', ternPoint()],
    ['in millimetres', metric],
    ['a way in of 6 in', withHole({ holeM: 0.165 })],
    ...PATTERNS.map((pattern, at) => {
      const region = REGIONS[at % REGIONS.length] ?? 'US';
      return [`${pattern.id} in ${region}`, jobOfPattern(pattern, region)] as const;
    }),
  ];
  test.each(jobs.flatMap(([name, job]) => (['a4', 'letter'] as const).map((paper) => [name, paper, job] as const)))(
    '%s on %s',
    (_, paper, job) => {
      for (const sheet of job.tanks.flatMap(({ id }) => sheetsOf(job, id, paper))) {
        const rings = sheet.items.filter((item) => item.kind === 'circle');
        for (const item of sheet.items)
          if (item.kind === 'text')
            for (const ring of rings) {
              const [near, far] = distances(item, ring.x, ring.y);
              const over = near < ring.radiusMm && far > ring.radiusMm;
              expect(over ? `${sheet.title}: ${item.text} over ${ring.layer} ${ring.radiusMm}` : '').toBe('');
            }
        // Lines of the head and the table go from edge to edge.
        const across = sheet.items.flatMap((item) =>
          item.kind === 'line' && item.y1 === item.y2 && item.x2 - item.x1 > 150 ? { y: item.y1, from: item.x1 } : [],
        );
        for (const item of sheet.items)
          if (item.kind === 'text' && item.upright !== true)
            expect(
              across.some(({ y, from }) => item.x > from - 1 && item.y - item.sizeMm * 0.7 < y && item.y > y)
                ? item.text
                : '',
            ).toBe('');
        if (rings.length > 0)
          for (const name of ['Hole', 'Pilot', 'Flange', 'Flat'])
            expect(textOf(sheet)).toMatch(new RegExp(`^${name}`, 'm'));
      }
    },
  );
});

describe('a hole larger than the paper', () => {
  // 300 mm across on paper of 210: two tiles across at least, each with the same circle shifted by what it shows.
  const tiles = sheetsOf(withHole({ holeM: 0.3 })).filter(({ title }) => title.startsWith('P8 tile'));

  test('comes in tiles whose circles are one circle when laid together', () => {
    expect(tiles.length).toBeGreaterThanOrEqual(4);
    for (const tile of tiles) expect(circleOn(tile, 'cut')?.radiusMm).toBeCloseTo(150, 6);
    const xs = new Set(tiles.map((tile) => Math.round(circleOn(tile, 'cut')?.x ?? 0)));
    expect(xs.size).toBeGreaterThanOrEqual(2);
  });

  test('is cut with a jigsaw from a starter hole', () =>
    expect(textOf(tiles[0] ?? sheetOf('P4'))).toContain('Starter hole inside the line'));
});

describe('its formats', () => {
  const written = async (kind: 'pdf' | 'svg' | 'dxf'): Promise<string> => {
    const sheet = await drillingSheet(ternPoint(), shippedCatalogue, 't2', kind, 'a4', NOON);
    if (sheet === undefined) throw new Error('no sheet');
    return typeof sheet === 'string' ? sheet : sheet.toString('latin1');
  };

  test('SVG: millimetres, with the circle of P4', async () => {
    const svg = await written('svg');
    expect(svg).toMatch(/width="210mm"/);
    // 41.275 / 2, to a thousandth.
    expect(svg).toMatch(/<circle cx="[\d.]+" cy="93.8" r="20.63[78]" class="cut"/);
  });

  test('DXF: millimetres, what is cut on a layer of its own', async () => {
    const dxf = await written('dxf');
    expect(dxf).toMatch(/\$INSUNITS\s+70\s+4/);
    const circles = [...dxf.matchAll(/CIRCLE[\s\S]*?AcDbEntity\s+8\s+(\w+)[\s\S]*?\n40\n([\d.]+)/g)];
    const cut = circles.filter(([, layer]) => layer === 'cut').map(([, , radius]) => Number(radius));
    expect(cut.some((radius) => Math.abs(radius - 20.6375) < 1e-6)).toBe(true);
  });

  test('PDF: a page a hole, of the paper’s size, its circle in millimetres', async () => {
    const pdf = await drillingSheet(ternPoint(), shippedCatalogue, 't2', 'pdf', 'a4', NOON);
    if (!Buffer.isBuffer(pdf)) throw new Error('no PDF');
    const raw = pdf.toString('latin1');
    // It is not fitted to the paper unasked, and each hole has its bookmark.
    expect(raw).toContain('/PrintScaling /None');
    expect(raw.match(/\/Title /g)?.length).toBeGreaterThanOrEqual(5);
    expect(raw.match(/\/MediaBox \[0 0 595\.2\d* 841\.8\d*\]/g)).toHaveLength(5);
    const streams = [...raw.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)].map(([, body = '']) => {
      try {
        return inflateSync(Buffer.from(body, 'latin1')).toString('latin1');
      } catch {
        return '';
      }
    });
    const page = streams.find((text) => text.includes('2.834646 0 0 2.834646') && text.includes('93.8'));
    const { x = 0 } = circleOn(sheetOf('P4'), 'cut') ?? {};
    // A circle begins at its left: middle less 20.6375 mm.
    expect(page).toContain(`${Math.round((x - 20.6375) * 1e6) / 1e6} 93.8 m`);
  });

  test('nothing to drill, no such tank: no sheet', async () => {
    const without = { ...ternPoint(), penetrations: [], joints: [], parts: [] };
    expect(await drillingSheet(without, shippedCatalogue, 't2', 'svg', 'a4', NOON)).toBeUndefined();
    expect(await drillingSheet(ternPoint(), shippedCatalogue, 'nowhere', 'svg', 'a4', NOON)).toBeUndefined();
  });
});
