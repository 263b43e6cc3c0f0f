import { describe, expect, test } from 'vitest';
import { parseEnd } from '../connections/parse';
import { KPA_PER_PSI } from '../quantity/pressure';
import { endClass } from './end-class';
import { endsWords } from './end-words';
import { reducingPairs, sizesOf } from './line';
import { METRIC_PRESSURE, SCHEDULE_40 } from './lines/socketed';
import { HOSE_NYLON } from './lines/tailed';
import { copperThread, metricThread, nominalThread } from './lines/threads-for-pipe';
import { ISO_GALVANISED, NPT_GALVANISED } from './lines/threaded';
import { roughFriction, suddenChangeLoss } from './loss';
import { regionsOfEnds } from './regions';

const end = (text: string) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};

describe('the sizes of a line', () => {
  test('run from one to another, both included; strange ones are a bug', () => {
    expect(sizesOf(SCHEDULE_40, '1', '2')).toEqual(['1', '1-1/4', '1-1/2', '2']);
    expect(sizesOf(METRIC_PRESSURE)).toHaveLength(9);
    expect(() => sizesOf(SCHEDULE_40, '32')).toThrow(RangeError);
  });

  test('reduce by so many sizes at most, never to themselves', () =>
    expect(reducingPairs(['1/2', '3/4', '1', '2'], 2)).toEqual([
      ['3/4', '1/2'],
      ['1', '1/2'],
      ['1', '3/4'],
      ['2', '3/4'],
      ['2', '1'],
    ]));

  // The pairs that counters sell together: common practice, no source.
  test('go with the threads they are sold with', () => {
    expect([metricThread('32'), metricThread('63')]).toEqual(['1', '2']);
    expect([nominalThread('25'), nominalThread('50')]).toEqual(['1', '2']);
    expect([copperThread('15'), copperThread('22')]).toEqual(['1/2', '3/4']);
    expect(() => metricThread('3/4')).toThrow(RangeError);
  });
});

describe('lengths of a line', () => {
  // ASME B16.3 class 150: centre to end 1.50 in; the thread of 1 in is 0.6828 in long (ASME B1.20.1, L2).
  test('a threaded take-off is centre to end less the thread', () =>
    expect(NPT_GALVANISED.takeOffMm('1', 90) / 25.4).toBeCloseTo(1.5 - 0.6828, 3));
  test('an eighth bend is shorter than a quarter bend, a sixteenth shorter still', () => {
    for (const line of [SCHEDULE_40, METRIC_PRESSURE, ISO_GALVANISED])
      for (const size of line.sizes) {
        expect(line.takeOffMm(size, 45), `${line.mark} ${size}`).toBeLessThan(line.takeOffMm(size, 90));
        expect(line.takeOffMm(size, 45), `${line.mark} ${size}`).toBeGreaterThan(0);
      }
    expect(SCHEDULE_40.takeOffMm('2', 22.5)).toBeLessThan(SCHEDULE_40.takeOffMm('2', 45));
  });
  // ISO 264: d/2 + 1 for a quarter, 0.2071 d + 1 for an eighth.
  test('a metric socket stands by ISO 264', () => {
    expect(METRIC_PRESSURE.takeOffMm('63', 90)).toBeCloseTo(32.5, 6);
    expect(METRIC_PRESSURE.takeOffMm('63', 45)).toBeCloseTo(0.20711 * 63 + 1, 3);
  });
  test('tails are the same on both sides of a pair', () =>
    expect(HOSE_NYLON.enters('1')).toEqual(HOSE_NYLON.takes('1')));
});

describe('loss', () => {
  // Friction at full turbulence of clean steel pipe by nominal size: handbook table, from memory; to 5 %.
  test.each([
    [15.8, 0.027],
    [20.9, 0.025],
    [26.6, 0.023],
    [35.1, 0.022],
    [40.9, 0.021],
    [52.5, 0.019],
    [77.9, 0.018],
    [102.3, 0.017],
  ])('of a bore of %d mm: %d', (bore, friction) => {
    expect(roughFriction(bore) / friction).toBeGreaterThan(0.95);
    expect(roughFriction(bore) / friction).toBeLessThan(1.05);
  });

  // Borda and Carnot on the bores of Schedule 40: contraction 0.5 (1 - b2), expansion (1 - b2)^2, b2 the ratio of areas.
  test.each([
    [15.8, 20.93, 0.215, 0.185],
    [20.93, 26.64, 0.191, 0.147],
    [26.64, 52.5, 0.371, 0.551],
    [52.5, 102.26, 0.368, 0.542],
  ])('of a change from %d to %d mm', (narrow, wide, narrowing, widening) => {
    expect(suddenChangeLoss(narrow, wide, narrow)).toBeCloseTo(narrowing, 2);
    expect(suddenChangeLoss(narrow, narrow, wide)).toBeCloseTo(widening, 2);
    expect(suddenChangeLoss(narrow, wide, wide)).toBeCloseTo(narrowing + widening, 2);
  });
  test('no change loses nothing', () => expect(suddenChangeLoss(20, 20, 20)).toBe(0));
});

// 1 psi is 6.894757 kPa (NIST SP 811).
test('pounds to the square inch', () => expect(KPA_PER_PSI).toBeCloseTo(6.894757, 6));

describe('ends in words', () => {
  test.each([
    [['3/4 NPT F', '3/4 NPT F'], '3/4 NPT female'],
    [['2 NPT F', '1 NPT F'], '2 x 1 NPT female'],
    [['3/4 NPT M', '1 barb'], '3/4 NPT male x 1 in tail'],
    [['2 IPS spigot', '1-1/2 IPS socket'], '2 spigot x 1-1/2 socket'],
    [['3/4 NH F swivel', '3/4 NH M'], '3/4 NH female swivel x 3/4 NH male'],
    [['1 R M', '32 PE compression'], '1 R male x 32 PE compression'],
    [['19 barb'], '19 mm tail'],
  ])('%j: %s', (ends, words) => expect(endsWords(ends.map(end))).toBe(words));
});

describe('what an end is sorted under', () => {
  test.each([
    ['3/4 G F', 'pipe thread female'],
    ['3/4 NH M', 'hose thread male'],
    ['S60x6 F', 'container thread'],
    ['32 PE spigot', 'pipe end'],
    ['110 SOIL push-fit', 'push-fit'],
    ['68 downpipe dry-hub', 'hub, sleeve or saddle'],
    ['1 rural barb', 'hose tail'],
    ['2 cam coupler', 'cam arms'],
    ['3 IPS gasket', 'in a wall'],
    ['union nut', undefined],
  ])('%s: %s', (text, expected) => expect(endClass(end(text))).toBe(expected));
});

describe('where a part is sold', () => {
  test.each([
    [['3/4 NPT M', '3/4 IPS socket'], ['US']],
    [
      ['1 R M', '32 PE compression'],
      ['UK', 'EU', 'ANZ'],
    ],
    [['1 R M', '15 CU-ANZ compression'], ['ANZ']],
    [
      ['3/4 NPT F', '3/4 G M'],
      ['US', 'UK', 'EU', 'ANZ'],
    ],
    [['2 cam adapter', '2 NPT M'], ['US']],
    [[], ['US', 'UK', 'EU', 'ANZ']],
  ])('with ends %j: %j', (ends, regions) => expect(regionsOfEnds(ends.map(end))).toEqual(regions));
});
