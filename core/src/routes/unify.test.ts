import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue, catalogueOf } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { contextOf } from '../derived/context';
import { applyEdits } from '../edits/edits';
import type { Job } from '../job/job';
import { type SampleHole, tankWith } from '../test/sample-jobs';
import { unify } from './unify';
import { fromHand } from './from-hand';

const part = (code: string): Part => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(code);
  return found;
};
const outlets = (...runs: readonly (readonly string[])[]): Job =>
  tankWith({
    holes: runs.map((codes, place): SampleHole => ({
      id: `h${place}`,
      heightM: 0.15 * (place + 1),
      parts: codes.map((code) => ({ code, lengthM: code.startsWith('HO') ? 3 : null })),
    })),
  });
const after = (job: Job, edits: Parameters<typeof applyEdits>[1]): Job => {
  const made = applyEdits(job, edits, shippedCatalogue);
  if (!made.ok) throw new Error(made.error.message);
  return made.value.job;
};

describe('unify', () => {
  const job = outlets(
    ['BH-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075'],
    ['BH-075', 'HB-075', 'HO-075'],
    ['BH-075', 'NL-075-4', 'GV-075', 'HB-075', 'HO-075'],
  );

  test('counts what is there, each code once, fittings and lengths', () =>
    expect(unify(contextOf(job, shippedCatalogue)).now).toMatchObject({
      differentParts: 7,
      parts: 13,
      edits: [],
      changes: [],
    }));

  test('never needs more different parts than are there, and the cheapest never costs more', () => {
    for (const one of [job, ternPoint()]) {
      const { now, fewest, cheapest } = unify(contextOf(one, shippedCatalogue));
      expect(fewest.differentParts).toBeLessThanOrEqual(Math.min(now.differentParts, cheapest.differentParts));
      expect(cheapest.priceUsd).toBeLessThanOrEqual(Math.min(now.priceUsd, fewest.priceUsd));
    }
  });

  test('what it says is what its edits make: the job after them has those parts, and every joint holds', () => {
    const context = contextOf(job, shippedCatalogue);
    for (const building of [unify(context).fewest, unify(context).cheapest]) {
      const made = contextOf(after(job, building.edits), shippedCatalogue);
      expect(new Set(made.job.parts.map(({ code }) => code)).size).toBe(building.differentParts);
      expect(made.job.parts).toHaveLength(building.parts);
      expect(made.joints.every(({ mating }) => mating.verdict === 'holds' || mating.verdict === 'holds-with')).toBe(
        true,
      );
      expect(unify(made).now.priceUsd).toBeCloseTo(building.priceUsd, 2);
    }
  });

  test('a valve stays a valve', () => {
    const { fewest } = unify(contextOf(job, shippedCatalogue));
    const made = contextOf(after(job, fewest.edits), shippedCatalogue);
    const shut = made.runs.map(({ strands }) =>
      strands[0]?.items.some((item) =>
        item.part.features.some((one) => ['ball-and-lever', 'gate-and-wheel', 'spout'].includes(one)),
      ),
    );
    expect(shut).toEqual([true, false, true]);
  });

  test('on a small catalogue it is the best there is (every combination tried by hand)', () => {
    // Two rows ask for the same: a nipple and a valve, by close or long nipple, by ball or gate.
    const small = catalogueOf(['BH-075', 'NC-075', 'NL-075-4', 'LV-075', 'GV-075', 'HB-075', 'HO-075'].map(part));
    const two = outlets(
      ['BH-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075'],
      ['BH-075', 'NL-075-4', 'GV-075', 'HB-075', 'HO-075'],
    );
    const { fewest, cheapest } = unify(contextOf(two, small));
    // Fixed: bulkhead, hose. One nipple, one valve, one tail serve both rows: five different parts; the cheaper of each.
    expect(fewest.differentParts).toBe(5);
    const nipple = Math.min(part('NC-075').priceUsd, part('NL-075-4').priceUsd);
    const valve = Math.min(part('LV-075').priceUsd, part('GV-075').priceUsd);
    const fixed = 2 * part('BH-075').priceUsd;
    expect(fewest.priceUsd).toBeCloseTo(fixed + 2 * (nipple + valve + part('HB-075').priceUsd), 2);
    expect(cheapest.priceUsd).toBeCloseTo(fewest.priceUsd, 2);
  });

  // A bend of 45 for one of 90, a part that drinking water may not touch, a joint without the adapter that made it one of a
  // standard: each was proposed once.
  describe('never proposes', () => {
    const small = (...codes: readonly string[]) => catalogueOf(codes.map(part));
    test('an eighth bend for a quarter bend', () => {
      const bends = outlets(
        ['BH-075', 'NC-075', 'E-075', 'HB-075', 'HO-075'],
        ['BH-075', 'NC-075', 'F-075', 'HB-075', 'HO-075'],
      );
      const { fewest } = unify(contextOf(bends, small('BH-075', 'NC-075', 'E-075', 'F-075', 'HB-075', 'HO-075')));
      expect(fewest.changes).toEqual([]);
    });
    test('galvanised steel where the row drinks through brass, though it is there already and cheaper', () => {
      const two = outlets(
        ['BH-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075'],
        ['BH-075', 'NCG-075', 'LV-075', 'HB-075', 'HO-075'],
      );
      const { fewest, cheapest } = unify(
        contextOf(two, small('BH-075', 'NC-075', 'NCG-075', 'LV-075', 'HB-075', 'HO-075')),
      );
      for (const { changes } of [fewest, cheapest])
        for (const change of changes) expect(change.in.map(({ material }) => material)).not.toContain('galvanised');
    });
    test('a taped R in a G socket where a flat-faced adapter makes it a joint of a standard', () => {
      // It goes in turned round: its G face on the tank, its Rp socket to the tail.
      const cured = tankWith({
        holes: [
          {
            id: 'h',
            parts: [
              { code: 'WBG-075' },
              { code: 'TAJ-075', inEnd: 1 },
              { code: 'HR-07519M' },
              { code: 'HO-19M', lengthM: 3 },
            ],
          },
        ],
      });
      const context = contextOf(cured, small('WBG-075', 'TAJ-075', 'HR-07519M', 'HO-19M'));
      expect(context.joints.map(({ words }) => words)).toEqual([
        'Holds with washer',
        'Holds with washer',
        'Holds with tape',
        'Holds with clamp',
      ]);
      const { fewest, cheapest } = unify(context);
      expect(fewest.changes).toEqual([]);
      expect(cheapest.changes).toEqual([]);
    });
  });

  test('a job with nothing in it has nothing to unify', () =>
    expect(unify(contextOf(tankWith({}), shippedCatalogue)).fewest).toMatchObject({
      differentParts: 0,
      priceUsd: 0,
      edits: [],
    }));
});

describe('using what is on hand', () => {
  const stocked = (stock: Readonly<Record<string, number>>) =>
    catalogueOf(shippedCatalogue.list, new Map(Object.entries(stock)));
  const proposals = (job: Job, stock: Readonly<Record<string, number>>, place = 0) => {
    const context = contextOf(job, stocked(stock));
    const run = context.runs[place];
    return run ? fromHand(run, context) : [];
  };
  const job = outlets(['BH-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075']);

  test('a valve in the van stands for the one to be bought, and does what it did', () => {
    const [first] = proposals(job, { 'GV-075': 1 });
    expect(first?.data).toMatchObject({ parts: expect.stringContaining('Gate valve') as string });
    expect(first?.priceUsd).toBeCloseTo(-part('LV-075').priceUsd, 2);
    expect(after(job, first?.edits ?? []).parts.map(({ code }) => code)).toContain('GV-075');
  });

  test('two places do not take the same piece', () => {
    const twice = outlets(['BH-075', 'NC-075', 'LV-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075']);
    expect(proposals(twice, { 'GV-075': 1 })).toHaveLength(1);
  });

  test('nothing is proposed where nothing that fits is there', () => {
    expect(proposals(job, {})).toEqual([]);
    expect(proposals(job, { 'LV-100': 3 })).toEqual([]);
  });

  test('what is on hand already stays', () =>
    expect(proposals(job, { 'LV-075': 1, 'NC-075': 1, 'HB-075': 1, 'GV-075': 1 })).toEqual([]));
});
