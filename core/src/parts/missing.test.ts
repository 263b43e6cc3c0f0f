import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../job/context';
import type { Job } from '../job/job';
import { OVERFLOW, TOP_INLET, drumWith, tankWith, upToGutter } from '../test/sample-jobs';
import { missingFrom } from './missing';
import type { PartsLine } from './parts-list';
import { takeOff } from './take-off';

/** Jobs in which every kind of line stands: tape, cement, clamps, gaskets, brackets, bedding, silicone. */
const JOBS: readonly Job[] = [
  ternPoint(),
  tankWith({
    roof: { fixedTo: 'masonry' },
    settings: { silicone: true },
    holes: [{ ...TOP_INLET, parts: upToGutter(2.5) }, OVERFLOW],
  }),
  tankWith({
    type: 'concrete',
    tank: { buriedM: 1.2, plinthM: 0 },
    holes: [{ size: '3', heightM: 0.7, parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, riseM: 0 }] }],
  }),
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }, { code: 'HM-075075' }] }),
];
const prepared = JOBS.map((job) => {
  const context = contextOf(job, shippedCatalogue);
  return { context, lines: takeOff(context).groups.flatMap(({ lines }) => lines) };
});
const tolerance = (unit: PartsLine['unit']): number => (unit === 'm' || unit === 'm3' ? 0.02 : 1);

describe('what a list lacks', () => {
  test.each(prepared.map(({ lines, context }) => [context.job.name, lines, context] as const))(
    '%s: nothing is forgotten',
    (_, lines, context) => expect(missingFrom(lines, context)).toEqual([]),
  );

  // Whatever is taken off a list, that and nothing else is named.
  test('200 random removals are named exactly', () => {
    const named = new Set<string>();
    fc.assert(
      fc.property(fc.nat({ max: prepared.length - 1 }), fc.nat(), fc.boolean(), (which, place, whole) => {
        const { context, lines } = prepared[which]!;
        // Tools of the van and lengths of stock hang on no single thing; the rest is proven line by line.
        const proven = lines.filter(({ uses, unit }) => uses.length > 0 && unit !== 'length');
        const line = proven[place % proven.length]!;
        const less = whole ? 0 : line.need - tolerance(line.unit);
        if (line.code === 'CD' || (!whole && (less <= 0 || line.code.startsWith('SW-')))) return;
        const left = whole
          ? lines.filter((one) => one !== line)
          : lines.map((one) => (one === line ? { ...one, need: less } : one));
        const missing = missingFrom(left, context);
        expect(
          missing.map(({ code }) => code),
          `${line.code} ${line.detail}`,
        ).toEqual([line.code]);
        expect(missing[0]!.uses.length).toBeGreaterThan(0);
        named.add(line.code);
      }),
      { numRuns: 200, seed: 3 },
    );
    // Among them a washer, a saw, a clamp, tape, cement, a bracket, bedding, a length of pipe.
    for (const code of ['WA', 'HC-16', 'TA-050', 'CE-118', 'DKG-300', 'AM', 'BE-20', 'SI-300'])
      expect([...named], code).toContain(code);
  });

  test('two washers of one code are told apart', () => {
    const { context, lines } = prepared[0]!;
    const washers = lines.filter(({ code }) => code === 'WA');
    expect(washers.length).toBeGreaterThan(1);
    const [first] = washers;
    expect(
      missingFrom(
        lines.filter((one) => one !== first),
        context,
      ),
    ).toMatchObject([{ code: 'WA', detail: first!.detail }]);
  });
});

test('every use leads back to something that is in the job', () => {
  for (const { context, lines } of prepared) {
    const { parts, joints, penetrations, terminals } = context.job;
    const ids = {
      part: new Set(parts.map(({ id }) => id)),
      joint: new Set(joints.map(({ id }) => id)),
      hole: new Set(penetrations.map(({ id }) => id)),
      terminal: new Set(terminals.map(({ id }) => id)),
    };
    for (const { uses, code } of lines)
      for (const { of, id } of uses) expect(ids[of].has(id), `${code} ${id}`).toBe(true);
  }
});
