import fc from 'fast-check';
import { runs } from '../test/runs';
import { unit } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { REGIONS, type Region } from '../region';
import { FIGURES, type FigureKind, figureFacts } from './figure';
import { type FigureEntry, figureProblemWords, readFigure } from './read-figure';
import { writeFigure } from './write-figure';

const US: FigureEntry = { kind: 'length', measures: 'in-gal', region: 'US' };
const inUs = (kind: FigureKind, more: Partial<FigureEntry> = {}): FigureEntry => ({ ...US, kind, ...more });
const inEu = (kind: FigureKind, more: Partial<FigureEntry> = {}): FigureEntry => ({
  kind,
  measures: 'mm-l',
  region: 'EU',
  ...more,
});
const value = (text: string, entry: FigureEntry): number => {
  const read = readFigure(text, entry);
  if (!read.ok) throw new Error(`${text}: ${read.error.code}`);
  return read.value;
};

describe('what installers type', () => {
  // By hand from the exact inch of 25.4 mm, the foot of 12 of them and the gallons of 231 cubic inches and 4.54609 L.
  test.each<readonly [string, FigureEntry, number]>([
    ['1 1/2 in', US, 0.0381],
    ['1-1/2', US, 0.0381],
    ['10 1/2', US, 0.2667],
    ['48½', US, 1.2319],
    ['48 ½ in', US, 1.2319],
    ['3/4', US, 0.01905],
    ['22 mm', US, 0.022],
    ['5 ft 6 in', US, 1.6764],
    [`5' 6"`, US, 1.6764],
    ['5’ 6”', US, 1.6764],
    ['5′ 6½″', US, 1.6891],
    [`5'-6"`, US, 1.6764],
    ["5' 6", US, 1.6764],
    ["10''", US, 0.254],
    ['−2 in', US, -0.0508],
    ['60ft', US, 18.288],
    ['1.5 m', inEu('length', { region: 'UK' }), 1.5],
    ['1 m 20 cm', inEu('length'), 1.2],
    ['450', inEu('length'), 0.45],
    ['1,5', inEu('length'), 0.0015],
    ['1 250', inEu('length'), 1.25],
    ['1,250 gal', inUs('volume'), 1250 * 0.003785411784],
    ['2,500 L', inUs('volume'), 2.5],
    ['1.250,5 L', inEu('volume'), 1.2505],
    ['1.250 L', inEu('volume'), 1.25],
    ['275 imp gal', inUs('volume'), 275 * 0.00454609],
    ['275 US gal', inEu('volume', { region: 'UK' }), 275 * 0.003785411784],
    ['2.5 m3', inUs('volume'), 2.5],
    ['2,5 m³', inEu('volume'), 2.5],
    ['430 sq ft', inEu('area'), 430 * 0.3048 ** 2],
    ['40 m2', inUs('area'), 40],
    ['40 m²', inUs('area'), 40],
    ['30 psi', inEu('pressure'), (30 * 0.45359237 * 9.80665) / 0.0254 ** 2 / 1000],
    ['1.5 bar', inUs('pressure'), 150],
    ['8 gpm', inEu('flow'), (8 * 0.003785411784) / 60],
    ['12 L/min', inUs('flow'), 0.0002],
    ['2 in/h', inEu('rain'), 50.8],
    ['212 F', inEu('temperature'), 100],
    ['50', inUs('temperature'), 10],
    ['$12.50', inUs('money', { currency: 'USD' }), 12.5],
    ['12,50 €', inEu('money', { currency: 'EUR' }), 12.5],
    ['1,299.00', inUs('money', { currency: 'USD' }), 1299],
    ['2 %', inEu('share'), 0.02],
  ])('%s', (text, entry, si) => expect(value(text, entry)).toBeCloseTo(si, 9));

  test.each<readonly [string, FigureEntry, string, string]>([
    ['', US, 'no-figure', ''],
    ['about 3', US, 'no-figure', 'about 3'],
    ['3 furlong', US, 'unknown-unit', 'furlong'],
    ['1e9', US, 'unknown-unit', 'e9'],
    ['5 gal', US, 'wrong-unit', 'gal'],
    ['5 m3', US, 'wrong-unit', 'm3'],
    ['5 in/h', US, 'wrong-unit', 'in/h'],
    ['12 ft', inUs('area'), 'wrong-unit', 'ft'],
    ['1/0 in', US, 'zero-denominator', '1/0'],
    ['5 ft x', US, 'trailing-words', 'x'],
    ['5 in 6 ft', US, 'trailing-words', '6'],
    ['10-12', US, 'trailing-words', '-12'],
    ['1,25,30', US, 'grouping', '1,25,30'],
    ['£12', inUs('money', { currency: 'USD' }), 'unknown-unit', '£'],
  ])('%s is refused: %o', (text, entry, code, word) =>
    expect(readFigure(text, entry)).toMatchObject({ ok: false, error: { code, word } }),
  );
});

describe('a point or a comma', () => {
  const readings = (text: string, entry: FigureEntry): readonly (readonly [string, number])[] => {
    const read = readFigure(text, entry);
    if (read.ok || read.error.code !== 'two-readings') return [];
    return read.error.readings.map(({ text: said, value: si }) => [said, si] as const);
  };
  test('that breaks the custom of the region is asked about', () => {
    expect(readings('1,5', US).map(([said]) => said)).toEqual(['1.5 in', '15 in']);
    expect(readings('0,75 m', US).map(([said]) => said)).toEqual(['0.75 m', '75 m']);
    expect(readings('2.5 m', inEu('length')).map(([, si]) => si)).toEqual([2.5, 25]);
  });
  test('is asked about where only the other custom gives what is usual', () => {
    const tank = { usual: [0.05, 30] } as const;
    expect(readings('1.250 gal', inUs('volume', tank)).map(([said]) => said)).toEqual(['1.25 US gal', '1250 US gal']);
    expect(value('1,250 gal', inUs('volume', tank))).toBeCloseTo(4.7318, 3);
    expect(readings('1,250 L', inEu('volume', tank)).map(([, si]) => si)).toEqual([0.00125, 1.25]);
  });
  test('where no region is said, only the usual one is taken unasked', () => {
    const anywhere: FigureEntry = { kind: 'length', measures: 'mm-l' };
    expect(readings('1,250', anywhere)).toHaveLength(2);
    expect(value('1,250', { ...anywhere, usual: [0.5, 3] })).toBeCloseTo(1.25, 9);
    expect(value('2,5', anywhere)).toBeCloseTo(0.0025, 12);
    expect(value('2.5', anywhere)).toBeCloseTo(0.0025, 12);
  });
  test('a gallon is asked about where two of them are known', () => {
    const uk = inEu('volume', { region: 'UK' });
    expect(readings('100 gal', uk).map(([said]) => said)).toEqual(['100 imp gal', '100 US gal']);
    expect(value('100 imp gal', uk)).toBeCloseTo(0.454609, 9);
  });
});

// Against a general-purpose library of units, which knows nothing of this application.
describe('every unit against a reference library', () => {
  const NAMES: Readonly<Record<string, string>> = {
    'sq ft': 'sqft',
    L: 'litre',
    mL: 'millilitre',
    gal: 'gallon',
    'US gal': 'gallon',
    'cu ft': 'cuft',
    lb: 'lbm',
    t: 'tonne',
    ft: 'foot',
    in: 'inch',
    yd: 'yard',
    'L/min': 'litre/minute',
    'L/s': 'litre/s',
    'L/h': 'litre/hour',
    'm3/h': 'm^3/hour',
    'm3/s': 'm^3/s',
    gpm: 'gallon/minute',
    gph: 'gallon/hour',
    'mm/h': 'mm/hour',
    'in/h': 'inch/hour',
    m2: 'm^2',
    m3: 'm^3',
    '°C': 'degC',
    '°F': 'degF',
  };
  const KEPT: Readonly<Record<string, string>> = {
    m2: 'm^2',
    m3: 'm^3',
    'm3/s': 'm^3/s',
    'mm/h': 'mm/hour',
    '°C': 'degC',
  };
  const physical = (['length', 'area', 'volume', 'mass', 'pressure', 'flow', 'rain', 'temperature'] as const).flatMap(
    (kind) => figureFacts(kind).units.map(({ name }) => [kind, name] as const),
  );
  // Not in the library: the imperial gallon (Weights and Measures Act 1985), and heads of water (conventional, 9.80665 kPa).
  const own: Readonly<Record<string, number>> = {
    'imp gal': 0.00454609,
    'm head': 9.80665,
    'ft head': 9.80665 * 0.3048,
  };
  test.each(physical)('%s in %s', (kind, name) => {
    const expected = own[name] ?? unit(1, NAMES[name] ?? name).toNumber(KEPT[FIGURES[kind].kept] ?? FIGURES[kind].kept);
    const read = readFigure(`1 ${name}`, { kind, measures: 'mm-l', region: 'US' });
    expect(read.ok && read.value).toBeCloseTo(expected, 8);
  });
});

describe('what is written into a field', () => {
  test.each<readonly [number, FigureKind, 'in-gal' | 'mm-l', Region | null, string]>([
    [0.0015, 'length', 'mm-l', 'US', '1.5 mm'],
    [0.0015, 'length', 'mm-l', 'EU', '1,5 mm'],
    [1.0795, 'length', 'in-gal', 'US', '42-1/2 in'],
    [0.055, 'length', 'in-gal', 'US', '2.165 in'],
    [12.5, 'length', 'mm-l', null, '12.50 m'],
    [0.4164, 'volume', 'in-gal', 'US', '110 gal'],
    [1.2505, 'volume', 'mm-l', 'EU', '1250,5 L'],
    [0.01, 'share', 'mm-l', null, '1 %'],
  ])('%d as %s', (si, kind, measures, region, text) => expect(writeFigure(si, { kind, measures, region })).toBe(text));

  test('is read back as the same, in every region, kind and measure', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(FIGURES) as FigureKind[])),
        fc.constantFrom<'in-gal' | 'mm-l'>('in-gal', 'mm-l'),
        fc.constantFrom<Region | null>(...REGIONS, null),
        fc.double({ min: 0.01, max: 99, noNaN: true }),
        (kind, measures, region, si) => {
          // Where a gallon may be either, the field says which it is in.
          if ((region === 'UK' || region === 'ANZ') && measures === 'in-gal' && ['volume', 'flow'].includes(kind))
            return;
          const text = writeFigure(si, { kind, measures, region });
          const read = readFigure(text, { kind, measures, region });
          if (!read.ok && read.error.code === 'two-readings' && region === null) return;
          expect(read.ok, text).toBe(true);
          if (read.ok)
            expect(Math.abs(read.value - si), text).toBeLessThanOrEqual(
              Math.max(3e-4 * si, kind === 'temperature' ? 0.02 : 0.0008),
            );
        },
      ),
      { numRuns: runs(2000) },
    );
  });
});

test('every refusal says what is wrong and how to write it', () => {
  for (const text of ['', 'x', '3 furlong', '5 gal', '1/0', '5 ft x', '1,2,3', '1,5']) {
    const read = readFigure(text, US);
    if (read.ok) throw new Error(text);
    const words = figureProblemWords(read.error, text, US);
    expect(words).toMatch(/\.$/);
    expect(words).toMatch(/17-3\/4 in|nought|two ways/);
  }
});
