import { describe, expect, test } from 'vitest';
import { MM_PER_INCH } from '../quantity/length';
import { KPA_PER_PSI } from '../quantity/pressure';
import { shippedCatalogue } from './catalogue';
import { type Part, overallMm, reachMmOf } from './part';

const part = (code: string): Part => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(code);
  return found;
};
const all = shippedCatalogue.list;

describe('what a counter really sells', () => {
  // ASME B16.3 class 150, street elbow and reducing tee (from memory).
  test('a street elbow of 1 in reaches 2.14 in with its thread and 1.50 with its socket', () => {
    const elbow = part('EMG-100');
    expect(elbow.ends.map((_, end) => reachMmOf(elbow, end) / MM_PER_INCH)).toEqual([
      expect.closeTo(2.14, 6),
      expect.closeTo(1.5, 6),
    ]);
    expect(overallMm(elbow) / MM_PER_INCH).toBeCloseTo(3.64, 6);
  });
  test('a reducing tee is shorter along its run than a straight one, and each face has its own length', () => {
    const [tee, straight] = [part('TRG-100050'), part('TG-100')];
    expect(tee.ends.map((_, end) => Math.round((reachMmOf(tee, end) / MM_PER_INCH) * 100) / 100)).toEqual([
      1.26, 1.26, 1.36,
    ]);
    expect(overallMm(tee)).toBeLessThan(overallMm(straight));
  });
  // ASTM D1785: 1.315 in outside, 0.179 in wall.
  test('a Schedule 80 nipple has the bore of Schedule 80 pipe', () =>
    expect(part('NLV8-100-4').boreMm / MM_PER_INCH).toBeCloseTo(1.315 - 2 * 0.179, 6));
  // Schedule 40 of 3/4 in bears 480 psi (ASTM D1785, from memory), its thread half of it (common practice).
  test('a thread in plastic bears half of its pipe, in brass all of it', () => {
    expect((part('AM-075').ratedKpa ?? 0) / KPA_PER_PSI).toBeCloseTo(240, 6);
    expect((part('AF-075').ratedKpa ?? 0) / KPA_PER_PSI).toBeCloseTo(240, 6);
    expect(part('AMCU-22M').ratedKpa).toBe(1600);
    expect(part('AMD-200').ratedKpa).toBeNull();
  });
  test('no plastic valve, check valve, filter or manifold bears more than 150 psi', () => {
    const bodies = all.filter(
      ({ family, material }) =>
        ['valve', 'check-valve', 'filter', 'manifold'].includes(family) &&
        ['pvc', 'cpvc', 'polypropylene', 'nylon'].includes(material),
    );
    expect(bodies.length).toBeGreaterThan(100);
    expect(
      bodies.filter(({ ratedKpa }) => (ratedKpa ?? 0) > 150 * KPA_PER_PSI + 0.001).map(({ code }) => code),
    ).toEqual([]);
  });
  test('what lets through by itself, and what only covers a hole, bears nothing', () => {
    const open = all.filter(
      ({ name, features }) =>
        (features.includes('screen') && name !== 'Air release valve') ||
        /cover|gland|grate|plug with rubber/.test(name),
    );
    expect(open.length).toBeGreaterThan(80);
    expect(open.filter(({ ratedKpa }) => ratedKpa !== null).map(({ code }) => code)).toEqual([]);
  });
  test('nobody moulds a drain bushing from 4 or 3 in down to 1-1/4', () => {
    expect(shippedCatalogue.byCode.has('RD-400125')).toBe(false);
    expect(shippedCatalogue.byCode.has('RD-300125')).toBe(false);
    expect(shippedCatalogue.byCode.has('RD-200125')).toBe(true);
  });
});

// Sizes of gutter and pipe by country are common practice, no source.
describe('where it is sold', () => {
  test.each([
    ['DPG-300', ['US']],
    ['DPA-2X3', ['US']],
    ['DPP-68M', ['UK']],
    ['DPG-80M', ['EU']],
    ['DPP-90M', ['ANZ']],
    ['DPG-100M', ['EU', 'ANZ']],
    ['SCG-075', ['US']],
    ['SCZV-25M', ['ANZ']],
    ['DKP-68M', ['UK']],
    ['SX-25', ['US', 'UK', 'EU', 'ANZ']],
    ['PER-100', ['ANZ']],
    ['PIEP-75M', ['EU']],
    ['PEP-100', ['US']],
  ])('%s: %j', (code, regions) => expect(part(code).regions).toEqual(regions));
});

describe('where its figures come from', () => {
  test('every part names a document and how it is known', () => {
    for (const { code, source } of all) {
      expect(source.document.length, code).toBeGreaterThan(3);
      expect(source.provenance, code).toMatch(/^(standard-formula|standard-table|from-memory|common-practice)$/);
    }
  });
  test.each([
    ['EG-100', 'ASME B16.3 class 150'],
    ['EMG-100', 'ASME B16.3 class 150'],
    ['TBG-100', 'EN 10242'],
    ['EJ-63M', 'ISO 264 (laying lengths of PVC sockets)'],
    ['NLG-100-4', 'ASTM A733 (lengths)'],
  ])('the lengths of %s come from %s', (code, document) => expect(part(code).source.document).toBe(document));
  test('a nipple that is not of American pipe thread does not cite the standard of those', () => {
    const nipples = all.filter(({ family, source }) => family === 'nipple' && source.document.includes('A733'));
    expect(nipples.length).toBeGreaterThan(50);
    for (const { code, ends } of nipples)
      for (const { end } of ends) expect(end.kind === 'thread' && end.standard, code).toBe('npt');
  });
});
