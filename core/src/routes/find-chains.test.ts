import { describe, expect, test } from 'vitest';
import { mate } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import { parseEnd } from '../connections/parse';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { type OpenEnd, findChains } from './find-chains';

const open = (text: string): OpenEnd => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return { end: parsed.value };
};

const PAIRS = [
  ['3/4 NPT M', '3/4 NH F swivel'],
  ['3/4 NPT F', '3/4 NH M'],
  ['1 NPT F', '1/2 NPT F'],
  ['1 hose bore', '3/4 NH F swivel'],
  ['1-1/2 IPS socket', '3/4 NPT F'],
  ['2 NPT F', '1 barb'],
] as const;

describe('findChains', () => {
  test.each(PAIRS)('%s to %s: every joint of every chain holds', (from, to) => {
    for (const { links } of findChains(open(from), open(to), shippedCatalogue)) {
      let standing = open(from);
      for (const { part, endIn, endOut } of links) {
        const near = part.ends[endIn]?.end;
        const far = part.ends[endOut]?.end;
        if (!near || !far) throw new Error('no such end');
        expect(holdsAtAll(mate(standing.end, near, { a: standing.material, b: part.material }).verdict)).toBe(true);
        standing = { end: far, material: part.material };
      }
      expect(holdsAtAll(mate(standing.end, open(to).end, { a: standing.material }).verdict)).toBe(true);
    }
  });

  test('one adapter closes pipe nipple to hose swivel', () =>
    expect(
      findChains(open('3/4 NPT M'), open('3/4 NH F swivel'), shippedCatalogue)[0]?.links.map(({ part }) => part.code),
    ).toEqual(['AD-075F']));

  /** Exhaustive search for the least number of parts, on a small catalogue: independent of the code under test. */
  test('finds the least number of parts, against exhaustive search', () => {
    const small = catalogueOf(
      shippedCatalogue.list.filter(({ family }) => ['hose-fitting', 'nipple', 'reducer', 'coupling'].includes(family)),
    );
    const usable = small.list.filter((part) => !isByLength(part) && part.ends.length === 2);
    const holds = (a: OpenEnd, b: OpenEnd): boolean =>
      holdsAtAll(mate(a.end, b.end, { a: a.material, b: b.material }).verdict);
    const least = (standing: OpenEnd, to: OpenEnd, left: number): number => {
      if (left === 0) return Number.POSITIVE_INFINITY;
      const answers = usable.flatMap((part) =>
        [0, 1].map((endIn) => {
          const near = part.ends[endIn]?.end;
          const far = part.ends[1 - endIn]?.end;
          if (!near || !far || !holds(standing, { end: near, material: part.material }))
            return Number.POSITIVE_INFINITY;
          return holds({ end: far, material: part.material }, to)
            ? 1
            : 1 + least({ end: far, material: part.material }, to, left - 1);
        }),
      );
      return Math.min(...answers);
    };
    for (const [from, to] of PAIRS) {
      const best =
        findChains(open(from), open(to), small, { mostParts: 2 })[0]?.links.length ?? Number.POSITIVE_INFINITY;
      expect(best, `${from} to ${to}`).toBe(least(open(from), open(to), 2));
    }
  }, 60_000);

  test('no way is an empty answer', () =>
    expect(findChains(open('3/4 NPT M'), open('3/4 NPT F'), catalogueOf([]))).toEqual([]));
});
