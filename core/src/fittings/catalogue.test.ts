import { describe, expect, test } from 'vitest';
import { PART_FAMILIES, catalogueOf, partTitle, shippedCatalogue } from './catalogue';
import { isMetricSize } from '../quantity/size';
import { isShutOff } from './capability';
import { formatEnd } from '../connections/format';
import { REGIONS } from '../region';
import { type Part, overallMm } from './part';

/** Two parts that differ only by length or by where they are sold are one kind. */
const kindOf = ({ family, name, material, ends, pump, ratedKpa, size }: Part): string =>
  [
    family,
    name,
    material,
    ends.map(({ end }) => formatEnd(end)).join(),
    pump?.outsideMm,
    ratedKpa,
    ends.length === 0 ? size : '',
  ].join('|');

describe('the shipped catalogue', () => {
  test('has at least 3,000 parts, not counting those that differ only by length or region', () =>
    expect(new Set(shippedCatalogue.list.map(kindOf)).size).toBeGreaterThan(3000));

  test('has parts in every family, each with a source', () => {
    for (const { id, source } of PART_FAMILIES) {
      expect(shippedCatalogue.list.filter(({ family }) => family === id).length, id).toBeGreaterThan(2);
      expect(source.document).not.toBe('');
    }
  });

  // '110 in' stood on a screen once: a nominal size has one printer, and what its number measures is its system's affair.
  test('calls no size of millimetres inches, and none of inches millimetres', () => {
    for (const part of shippedCatalogue.list)
      for (const size of [part.size, ...part.ends.flatMap(({ end }) => ('size' in end ? end.size : []))]) {
        const wrong = isMetricSize(size) ? 'in' : 'mm';
        const words = [partTitle(part), ...part.ends.map(({ end }) => formatEnd(end))].join('; ');
        expect(words, part.code).not.toMatch(new RegExp(`(^|[ (])${size.replace('.', '\\.')} ${wrong}\\b`));
      }
  });

  test('has the threads, pipes and hoses of every region', () => {
    for (const region of REGIONS) {
      const there = shippedCatalogue.list.filter(({ regions }) => regions.includes(region));
      for (const family of ['valve', 'elbow', 'tee', 'coupling', 'adapter', 'pipe', 'hose', 'downpipe-fitting', 'pump'])
        expect(there.filter((part) => part.family === family).length, `${region} ${family}`).toBeGreaterThan(3);
    }
    for (const { code, regions } of shippedCatalogue.list) expect(regions, code).not.toEqual([]);
  });

  test('a part starts at an inlet, unless its line starts in it: a foot valve, a pump, a gutter outlet', () => {
    const starts = shippedCatalogue.list.filter(({ ends }) => ends.length > 0 && ends[0]?.position !== 'inlet');
    expect([...new Set(starts.map(({ name }) => name))].sort()).toEqual([
      'Drain pump',
      'Drum pump with riser',
      'Foot valve with strainer',
      'Gutter outlet',
      'Leaf head with mesh',
      'Submersible pump',
      'Submersible pump, automatic',
      'Suction strainer',
    ]);
    for (const { family, ends, code } of shippedCatalogue.list)
      expect([code, ends.length === 0]).toEqual([code, ['support', 'loose-item', 'gutter'].includes(family)]);
  });

  test('every part has a body, a bore that fits inside it, a loss that is a number, and a price', () => {
    for (const part of shippedCatalogue.list) {
      expect(overallMm(part), part.code).toBeGreaterThan(5);
      expect(part.priceUsd, part.code).toBeGreaterThan(0);
      expect(part.lossK, part.code).toBeGreaterThanOrEqual(0);
      expect(part.boreMm, part.code).toBeGreaterThan(3);
      for (const section of part.body) {
        expect(section.lengthMm, part.code).toBeGreaterThanOrEqual(0);
        expect(section.boreMm, part.code).toBeLessThan(section.outsideMm);
      }
    }
  });

  // The lever valve of 3/4 in: 2.6 in overall (typical, value from memory), full bore 0.824 in (ASTM D1785).
  test('a part has the dimensions its table says', () => {
    const valve = shippedCatalogue.byCode.get('LV-075');
    expect(valve && overallMm(valve)).toBeCloseTo(2.6 * 25.4, 3);
    expect(valve?.boreMm).toBeCloseTo(0.824 * 25.4, 3);
  });

  test('a code twice is a bug of the caller', () => {
    const [part] = shippedCatalogue.list;
    if (!part) throw new Error('empty');
    expect(() => catalogueOf([part, part])).toThrow(RangeError);
  });
});

test('what shuts a line off is known by what it is, not by its name', () => {
  const part = (code: string) => {
    const found = shippedCatalogue.byCode.get(code);
    if (!found) throw new Error(code);
    return found;
  };
  for (const code of ['LV-075', 'HT-075M', 'WTB-075']) expect([code, isShutOff(part(code))]).toEqual([code, true]);
  for (const code of ['NC-075', 'BH-075', 'WFV-075']) expect([code, isShutOff(part(code))]).toEqual([code, false]);
});
