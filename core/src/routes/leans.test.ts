import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { nhMale, nptFemale, nptMale } from '../fittings/ends';
import { CAPABILITIES, can } from '../fittings/capability';
import { NO_SOLUTIONS } from '../derived/solutions';
import { waysBetween } from './ways-between';
import { PIECE_M, type RouteWishes, priceInChain, traitsOf, weigh } from './leans';

const part = (code: string) => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(code);
  return found;
};
const traits = (code: string) => {
  const one = part(code);
  return traitsOf(
    one,
    CAPABILITIES.reduce((bits, capability, bit) => bits | (can(one, capability) ? 1 << bit : 0), 0),
  );
};
const ENDS = [nptMale('3/4'), nptFemale('3/4')];
const cost = (code: string, wishes: RouteWishes = {}, ends = ENDS) => weigh(wishes, ends).ofPart(traits(code));

/** The weights are our judgement; what they must bring about is what a fitter would say. */
describe('a part in a chain', () => {
  test('costs about one, and a little for its price', () => {
    expect(cost('CV-075')).toBeGreaterThan(1);
    expect(cost('CV-075')).toBeLessThan(1.1);
    expect(cost('C-075')).toBeGreaterThan(cost('CV-075'));
  });

  test('costs more where it does what nobody asked for, and nothing more where somebody did', () => {
    const asAdapter = cost('LM-075');
    expect(asAdapter).toBeGreaterThan(cost('LM-075', { require: ['shut-off'] }) + 0.5);
    expect(cost('TD-075', {}, [nhMale, nhMale])).toBeGreaterThan(cost('HU-075', {}, [nhMale, nhMale]) + 0.5);
  });

  test('costs more where it narrows below both ends, or leads through a larger size', () => {
    expect(cost('NR-075025')).toBeGreaterThan(cost('NR-075050'));
    expect(cost('NR-075050')).toBeGreaterThan(cost('NH-075'));
    expect(cost('RV-100075')).toBeLessThan(cost('RV-150100'));
  });

  test('costs more where it is not sold, and cannot be had at all where a region is said', () => {
    expect(cost('CBG-075')).toBeGreaterThan(cost('CG-075') + 0.9);
    expect(cost('CBG-075', { region: 'US' })).toBe(Number.POSITIVE_INFINITY);
    expect(cost('CBG-075', { region: 'UK' })).toBeLessThan(2);
  });

  test('that is cut from a length counts with a short piece', () =>
    expect(priceInChain(part('HO-100'))).toBeCloseTo(part('HO-100').priceUsd * PIECE_M, 9));

  test('may be shut out: by what it does, by metal or plastic, by its bore', () => {
    for (const wishes of [{ avoid: ['shut-off'] }, { avoid: ['metal'] }, { minBoreMm: 25 }] as const)
      expect(cost('LV-075', wishes), JSON.stringify(wishes)).toBe(Number.POSITIVE_INFINITY);
    // What must be in cannot be avoided at once: the wish for it wins.
    expect(cost('LV-075', { avoid: ['shut-off'], require: ['shut-off'] })).toBeLessThan(2);
  });

  test('leans: drinking water, on hand, metal', () => {
    expect(cost('CG-075', { prefer: ['potable'] })).toBeGreaterThan(cost('C-075', { prefer: ['potable'] }));
    const onHand = new Map([['CV-075', 1]]);
    expect(cost('CV-075', { prefer: ['on-hand'], onHand })).toBe(1);
    expect(cost('CV-075', { prefer: ['metal'] })).toBeGreaterThan(cost('C-075', { prefer: ['metal'] }));
  });
});

test('a joint with glue costs more without it wished, and cannot be where it is avoided', () => {
  expect(weigh({}, ENDS).ofJoint(true)).toBe(weigh({}, ENDS).ofJoint(false));
  expect(weigh({ prefer: ['no-glue'] }, ENDS).ofJoint(true)).toBeGreaterThan(1);
  expect(weigh({ avoid: ['glue'] }, ENDS).ofJoint(true)).toBe(Number.POSITIVE_INFINITY);
});

test('a question asked again is answered from memory, another one is not', () => {
  const [from, to] = [{ end: nptMale('3/4') }, { end: nhMale }];
  const over = { catalogue: shippedCatalogue, solutions: NO_SOLUTIONS };
  const once = waysBetween(from, to, over, { target: 'offers', limit: 1 });
  expect(waysBetween(from, to, over, { target: 'offers', limit: 1 })).toBe(once);
  expect(waysBetween(from, to, over, { target: 'offers', limit: 2 })).toHaveLength(2);
});
