import { describe, expect, test } from 'vitest';
import { nextParts } from '../routes/next-parts';
import { PART_FAMILIES, catalogueOf, shippedCatalogue } from './catalogue';
import { nptFemale } from './ends';
import { isByLength, isShutOff, overallMm } from './part';

describe('the shipped catalogue', () => {
  test('has parts in every family, each with a source', () => {
    for (const { id, source } of PART_FAMILIES) {
      expect(shippedCatalogue.list.filter(({ family }) => family === id).length, id).toBeGreaterThan(2);
      expect(source.document).not.toBe('');
    }
  });

  test('every part has an inlet, a body, a bore that fits inside it, and a price', () => {
    for (const part of shippedCatalogue.list) {
      expect(part.ends[0]?.position, part.code).toBe('inlet');
      expect(overallMm(part), part.code).toBeGreaterThan(5);
      expect(part.priceUsd, part.code).toBeGreaterThan(0);
      for (const section of part.body) expect(section.boreMm, part.code).toBeLessThan(section.outsideMm);
      if (!isByLength(part))
        for (const section of part.body)
          if (section.surface !== 'closed')
            expect(section.boreMm, part.code).toBeGreaterThanOrEqual(Math.min(part.boreMm, section.boreMm));
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

describe('what goes on', () => {
  const at = { end: nptFemale('3/4'), material: 'polypropylene' } as const;

  test('is decided by the ends: renaming every part changes nothing', () => {
    const renamed = catalogueOf(
      shippedCatalogue.list.map((part, index) => ({ ...part, name: `Thing ${index}`, detail: '', family: 'x' })),
    );
    expect(nextParts(at, renamed).goesOn.map(({ part }) => part.code)).toEqual(
      nextParts(at, shippedCatalogue).goesOn.map(({ part }) => part.code),
    );
  });

  test('is every part with a 3/4 NPT male, and the rest says why not', () => {
    const { goesOn, doesNot } = nextParts(at, shippedCatalogue);
    const males = shippedCatalogue.list.filter(({ ends }) =>
      ends.some(
        ({ end }) => end.kind === 'thread' && end.standard === 'npt' && end.sex === 'male' && end.size === '3/4',
      ),
    );
    expect(goesOn.map(({ part }) => part.code).sort()).toEqual(males.map(({ code }) => code).sort());
    expect(goesOn.length + doesNot.length).toBe(shippedCatalogue.list.length);
    for (const { mating } of doesNot) expect(mating.why).not.toBe('');
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
