import { describe, expect, test } from 'vitest';
import { levelsOf } from '../derived/levels';
import { holdsAtAll } from '../connections/mating';
import { partTitle, shippedCatalogue } from '../fittings/catalogue';
import type { Job, Penetration } from '../job/job';
import { type Plan, plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { kindsInRegions } from '../test/kinds';
import { jobOfPattern } from './pattern';
import { PATTERNS } from './patterns';

/** The nouns of each kind's line: every one is a part, an opening or a place of it. */
const NOUNS: Readonly<Record<string, readonly RegExp[]>> = {
  'crate-outlet': [/Outlet valve/, /Lever valve/, /Hose tap/, /^Hose /, /Rainwater diverter/, /Overflow/, /Vent/],
  'upside-down-drums': [/Reducing (drum|container) bung/, /Lever valve/, /Union/, /Tee/, /Vent/, /Hose tap/],
  'sunken-tank': [
    /Settling box/,
    /Backwater valve/,
    /Outfall flap/,
    /Submersible pump/,
    /Cable gland/,
    /Vent cowl/,
    /Polyethylene pipe/,
  ],
  'slim-by-float': [/Float valve on a shank/, /Lever valve/, /strainer/i, /^Hose /, /Overflow screen/],
  'drum-row': [/Tee/, /Lever valve/, /Union/, /Vent/, /Overflow/, /Cap/],
  'joined-concrete': [/Tee with threaded branch/, /Cam adapter/, /Hose tap/, /Outfall flap/, /Wall boot/, /link seal/i],
  'drum-pump': [/Submersible pump/, /Spring check valve/, /filter/i, /Pressure reducer/, /Drip tube/, /Cable gland/],
  'bin-tap': [/Barrel tap on a shank/, /Drop-in grate/],
  'crate-manifold': [/Rainwater diverter/, /Manifold, 2 hoses/, /first bed/, /second bed/],
  'precast-cistern': [
    /Settling box/,
    /Wye/,
    /Backwater valve/,
    /Outfall flap/,
    /Submersible pump/,
    /switch of the pump/,
  ],
  'gasket-drum': [/Push-through gasket/, /Elbow/, /Hose tap/, /grate/],
  'sight-tube': [/Reducing tee/, /Union/, /Clear pipe/, /Vented cap/, /Hose tap/],
  'cam-crate': [/Cam coupler/, /Hex bushing/, /Lever valve/, /Hose tap/],
  'pump-housing': [/First flush/, /Sand filter/, /Self-priming pump/, /Union/, /Cable gland/],
  'surface-pump': [/Self-priming pump/, /Pressure vessel/, /dry-run protected/, /Spring check valve/, /Union/],
  'air-gap': [/Drop-in grate/, /Tundish/, /Overflow screen/],
  'trailer-tank': [/Cam adapter/, /Cam coupler/, /Cam dust cap/, /^Hose /],
  'corrugated-fire': [/Bolted tank flange/, /fire coupling/, /Lever valve/, /Plug/],
};

test('the eighteen kinds of system, each once', () => {
  expect(PATTERNS).toHaveLength(18);
  expect(new Set(PATTERNS.map(({ id }) => id)).size).toBe(18);
  expect(Object.keys(NOUNS).toSorted()).toEqual(PATTERNS.map(({ id }) => id).toSorted());
});

/**
 * Inside diameters [mm] of the narrower of what stands in an opening and what comes next, typed from the standards' tables: Schedule 40
 * (ASTM D1785, D2665), PE SDR 11 (EN 12201-2), drain pipe (EN 1401-1, EN 1451-1, EN 1455-1, AS/NZS 1254, AS/NZS 1260), pressure pipe
 * (EN ISO 1452-2, AS/NZS 1477). Moulded necks of bolted flanges, shanks and boots: values of the trade, from memory.
 */
const BORES: readonly (readonly [RegExp, mm: number])[] = [
  [/^W(TB|TG)-075$/, 19.5],
  [/^WF.-150/, 39.8],
  [/^WF.-200/, 48.4],
  [/^WF.-300/, 71.8],
  [/^WFT-400/, 92],
  [/PI.?-75M|PIEP-75M/, 70.4],
  [/PIEP-110M/, 104.6],
  [/PISL-110M|PIZD-100M/, 103.6],
  [/PIQ-50M|PIZD-50M/, 51.6],
  [/PIZS-90M/, 86.2],
  [/PIJ-25M/, 21.2],
  [/PIZ-20M/, 23.5],
  [/PE-63M/, 51.4],
  [/PE-32M/, 26],
  [/AMJ-40M/, 34],
  [/PID?-400/, 102.3],
  [/PID?-300/, 77.9],
  [/PID?-200/, 52.5],
  [/R.*-(125|150|200)100|CRB?.*-200100/, 26.6],
  [/-200075|(NC|NH|TAK).*-075|PI-075/, 20.9],
  [/-125|AMZ-32M/, 35.1],
  [/(NC|NH).*-150/, 40.9],
  [/-100$/, 26.6],
];

function boreMmOf(hole: Penetration, { runs }: Plan): number {
  const codes = (runs.find(({ penetration }) => penetration.id === hole.id)?.strands[0]?.items ?? [])
    .slice(0, 2)
    .map(({ placed }) => placed.code)
    .join(' + ');
  const found = BORES.find(([code]) => code.test(codes));
  if (!found) throw new RangeError(`no bore is typed for ${codes}`);
  return found[1];
}

/** From the base of each tank, by hand: water leaves at the lowest point of an overflow, and stays below that of the lowest outlet. */
function balance(job: Job, made: Plan): readonly { readonly fullM: number; readonly deadM: number | undefined }[] {
  const lowest = (tankId: string, role: Penetration['roles'][number]): number =>
    Math.min(
      Infinity,
      ...job.penetrations
        .filter((hole) => hole.tankId === tankId && hole.roles.includes(role) && hole.face !== 'top')
        .map((hole) => (hole.face === 'bottom' ? 0 : hole.heightM - boreMmOf(hole, made) / 2000)),
    );
  // All linked tanks of a pattern stand on one level: what one spills at they all do.
  const linked = job.tanks.filter(
    ({ id, type }) =>
      type === 'drum-upside-down' || job.penetrations.some((hole) => hole.tankId === id && hole.roles.includes('link')),
  );
  const shared = Math.min(Infinity, ...linked.map(({ id }) => lowest(id, 'overflow')));
  return job.tanks.map((tank) => {
    const own = lowest(tank.id, 'overflow');
    const fullM = Math.min(tank.brimM, linked.includes(tank) ? shared : own);
    const hangs = made.runs.some(
      ({ penetration, strands }) =>
        penetration.tankId === tank.id &&
        strands.some(({ items }) =>
          items.some(({ part }) => part.family === 'pump' && part.features.includes('strainer')),
        ),
    );
    if (hangs) return { fullM, deadM: undefined };
    const outlets = [
      lowest(tank.id, 'draw-off'),
      lowest(tank.id, 'pump-line'),
      linked.includes(tank) ? lowest(tank.id, 'link') : Infinity,
    ];
    const deadM = Math.min(...outlets);
    // A bung under a drum stands at its wall; a place that lies over its outlet rules it (the fire coupling, 0.2 m up).
    const places = job.terminals.filter(({ kind }) => kind === 'fire').map(() => 0.2);
    return { fullM, deadM: Math.max(deadM === 0 ? tank.wallM : deadM, ...places) };
  });
}

/** A chamber that is kept dry: the housing of a pump. */
const isDry = (job: Job, at: number): boolean => job.name.includes('pump housing') && at === 1;

describe.each(kindsInRegions(2))('$id in $region', ({ id, pattern, region }) => {
  const job = jobOfPattern(pattern, region);
  const made = plan(job);

  test('fails nowhere: no joint, seal, opening, run, level, tank or place', () =>
    expect(
      made.findings
        .filter(({ severity }) => severity === 'fails')
        .map(({ check, at, title }) => `${check} ${at.label}: ${title}`),
    ).toEqual([]));

  test('every joint holds, every end is closed, and the list lacks nothing', () => {
    expect(
      made.joints
        .filter(({ mating }) => !holdsAtAll(mating.verdict))
        .map(({ joint, mating }) => `${joint.id}: ${mating.why}`),
    ).toEqual([]);
    const { ends, joints, holes, lengths, listed, questions } = provenList(made);
    for (const count of [ends, joints, holes, lengths, listed]) {
      expect(count.missing).toEqual([]);
      expect(count.done).toBe(count.of);
    }
    expect(questions).toEqual([]);
  });

  test('every noun of its line is there, in parts that are sold there', () => {
    const there = [
      ...job.parts.map(({ code }) =>
        partTitle(shippedCatalogue.byCode.get(code) ?? { name: `no ${code}`, detail: '' }),
      ),
      ...job.penetrations.map(({ name }) => name),
      ...job.terminals.map(({ name }) => name),
    ];
    expect((NOUNS[id] ?? []).filter((noun) => !there.some((one) => noun.test(one)))).toEqual([]);
    expect(
      job.parts
        .filter(({ code }) => !shippedCatalogue.byCode.get(code)?.regions.includes(region))
        .map(({ code }) => code),
    ).toEqual([]);
  });

  test('its levels agree with a balance by hand within 1 mm', () => {
    const byHand = balance(job, made);
    job.tanks.forEach((tank, at) => {
      const { fullM, deadM } = levelsOf(tank, made.context);
      if (isDry(job, at)) return expect(fullM).toBe(0);
      const hand = byHand[at];
      expect(Math.abs(fullM - (hand?.fullM ?? NaN)), `full ${tank.label}`).toBeLessThanOrEqual(0.001);
      if (hand?.deadM === undefined) {
        // What hangs draws off the floor, out of what settles, and far under its opening.
        expect(deadM).toBeGreaterThan(0.05);
        expect(deadM).toBeLessThan(0.3);
      } else expect(Math.abs(deadM - hand.deadM), `left ${tank.label}`).toBeLessThanOrEqual(0.001);
      return undefined;
    });
  });
});

test('its figures are taken: five drums are five, each with its own tee', () => {
  const row = PATTERNS.find(({ id }) => id === 'drum-row');
  if (!row) throw new RangeError('no drum row');
  const job = jobOfPattern(row, 'EU', { drums: 5 });
  expect(job.tanks).toHaveLength(5);
  expect(job.parts.filter(({ code }) => shippedCatalogue.byCode.get(code)?.name === 'Tee')).toHaveLength(5);
  expect(plan(job).findings.filter(({ severity }) => severity === 'fails')).toEqual([]);
});

// Clear pipe is stocked in 5 ft: a tube of 2 m is two pieces and a coupling, and both count for how high it stands.
test('a sight tube that is longer than its stock reaches over the water all the same', () => {
  const tube = PATTERNS.find(({ id }) => id === 'sight-tube');
  if (!tube) throw new RangeError('no sight tube');
  const job = jobOfPattern(tube, 'US', { brimM: 2.2 });
  expect(job.parts.filter(({ code }) => code.startsWith('CP-'))).toHaveLength(2);
  expect(plan(job).findings.filter(({ severity }) => severity === 'fails')).toEqual([]);
});
