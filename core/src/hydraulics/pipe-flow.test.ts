import { AS_ASKED } from '../job/job';
import { Project, Workspace } from 'epanet-js';
import { beforeAll, describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import type { PumpCurve } from '../fittings/part';
import { contextOf } from '../derived/context';
import { drumWith, place } from '../test/sample-jobs';
import { GRAVITY_M_S2 } from './free-flow';
import { lineFlows } from './line-flow';
import { type Reach, freeRunM3s, frictionFactor, lossM, pumpHeadM, velocityHeadM } from './pipe-flow';

const INCH = 0.0254;
const FOOT = 0.3048;
const GPM = (231 * INCH ** 3) / 60;
const PLASTIC_M = 1.5e-6;
const HOSE_M = 1e-5;

const pipe = (boreM: number, lengthM: number, roughnessM = PLASTIC_M, lossK = 0): Reach => ({
  boreM,
  lengthM,
  roughnessM,
  lossK,
});

describe('the friction factor', () => {
  test('is 64/Re while the flow is laminar (Hagen and Poiseuille)', () =>
    expect(frictionFactor(1000, 0.001)).toBeCloseTo(0.064, 9));

  test.each([
    [5000, 0],
    [1e4, 0.0001],
    [1e5, 0.001],
    [1e6, 0.01],
  ])(
    'at Re %d and roughness %d it solves Colebrook and White, by bisection of the law itself',
    (reynolds, roughness) => {
      let [low, high] = [0.001, 0.2];
      for (let step = 0; step < 200; step++) {
        const f = (low + high) / 2;
        const off = 1 / Math.sqrt(f) + 2 * Math.log10(roughness / 3.7 + 2.51 / (reynolds * Math.sqrt(f)));
        if (off > 0) low = f;
        else high = f;
      }
      expect(frictionFactor(reynolds, roughness)).toBeCloseTo(low, 7);
    },
  );

  // Asked of the open engine itself, one pipe of each roughness (Dunlop's cubic): its upper end is an estimate of Colebrook's law, 1.6 %
  // over it on smooth pipe, 2.6 % on rough. On the pipes that are sold here it is within 2 %.
  test.each([
    [2200, 0.00005, 0.02970641],
    [2500, 0.00005, 0.0291439],
    [3000, 0.00005, 0.03310121],
    [3500, 0.00005, 0.03866032],
    [2500, 0.0005, 0.02921994],
    [3000, 0.0005, 0.03334723],
    [3500, 0.0005, 0.03908307],
    [2500, 0.005, 0.02992951],
    [3000, 0.005, 0.03563815],
  ])('at Re %d and roughness %d it is within 2 % of what the open engine has', (reynolds, roughness, engine) =>
    expect(Math.abs(frictionFactor(reynolds, roughness) / engine - 1)).toBeLessThan(0.02),
  );

  test('what is lost rises with every litre, through the change too: a flow is found once', () => {
    const lost = Array.from({ length: 60 }, (_, step) => 1500 + 50 * step).map(
      (reynolds) => frictionFactor(reynolds, 0.0001) * reynolds ** 2,
    );
    expect(lost).toEqual(lost.toSorted((a, b) => a - b));
  });

  test('goes without a step from laminar to turbulent', () => {
    expect(frictionFactor(2000.1, 0.001)).toBeCloseTo(frictionFactor(2000, 0.001), 4);
    expect(frictionFactor(3999.9, 0.001)).toBeCloseTo(frictionFactor(4000, 0.001), 4);
  });
});

/** Hoses and a pipe under so much head; the sum of losses has the exit in it. Handbook level, from memory. */
describe('worked examples', () => {
  test.each([
    ['100 ft of 5/8 in hose under 16 ft', 0.625, 100, 16, HOSE_M, 1.5, 4.15],
    ['50 ft of 1/2 in hose under 6 ft', 0.5, 50, 6, HOSE_M, 1.5, 1.92],
    ['25 ft of 3/4 in hose under 3 ft', 0.75, 25, 3, HOSE_M, 1.5, 5.46],
    ['40 ft of 1 in Schedule 40 under 6 ft with valve and elbows', 1.049, 40, 6, PLASTIC_M, 4.33, 13.82],
  ])('%s', (_, boreIn, lengthFt, headFt, roughnessM, lossK, gpm) =>
    // The exit is in the sum; here it is lost at the end as velocity.
    expect(freeRunM3s(headFt * FOOT, [pipe(boreIn * INCH, lengthFt * FOOT, roughnessM, lossK - 1)]) / GPM).toBeCloseTo(
      gpm,
      1,
    ),
  );
});

describe('a line', () => {
  test('with nothing on the way runs by Torricelli', () =>
    expect(freeRunM3s(2, [pipe(0.02, 0)]) / ((Math.PI / 4) * 0.02 ** 2)).toBeCloseTo(
      Math.sqrt(2 * GRAVITY_M_S2 * 2),
      6,
    ));

  test('spends its head: losses and velocity at the end make it up', () => {
    const reaches = [pipe(0.02, 0, PLASTIC_M, 1.5), pipe(0.025, 12), pipe(0.019, 4, HOSE_M)];
    const flow = freeRunM3s(3, reaches);
    expect(reaches.reduce((sum, reach) => sum + lossM(reach, flow), velocityHeadM(flow, 0.019))).toBeCloseTo(3, 6);
  });

  test('without head, or without a way, gives nothing', () => {
    expect(freeRunM3s(-0.1, [pipe(0.02, 3)])).toBe(0);
    expect(freeRunM3s(3, [])).toBe(0);
  });

  const curve: PumpCurve = [
    [0, 30],
    [0.0005, 22],
    [0.001, 0],
  ];

  test('a pump gives what its curve says, straight between its points', () => {
    expect(pumpHeadM(curve, 0.00025)).toBeCloseTo(26, 9);
    expect(pumpHeadM(curve, 0)).toBe(30);
    expect(pumpHeadM(curve, 0.002)).toBe(0);
  });

  test('a pump lifts over its water, as far as its curve goes', () => {
    expect(freeRunM3s(-10, [pipe(0.02, 20)], curve)).toBeGreaterThan(0);
    expect(freeRunM3s(-31, [pipe(0.02, 20)], curve)).toBe(0);
  });
});

/** The engine that water works calculate with, on the same lines: within 2 %. */
describe('against EPANET', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());

  /** Flow from a reservoir through one pipe to another [m3/s]; the exit is a loss of the pipe. */
  function epanetM3s(headM: number, { boreM, lengthM, roughnessM, lossK }: Reach): number {
    workspace.writeFile(
      'line.inp',
      `[RESERVOIRS]
A ${headM}
B 0
[JUNCTIONS]
J 0 0
[PIPES]
P A J ${lengthM} ${boreM * 1000} ${roughnessM * 1000} ${lossK + 1} Open
Q J B 0.001 1000 0.0015 0 Open
[OPTIONS]
Units LPS
Headloss D-W
Viscosity 1.1144
Accuracy 0.00001
Trials 200
[END]`,
    );
    const project = new Project(workspace);
    project.open('line.inp', 'line.rpt', 'line.out');
    project.solveH();
    // 0 is EN_FLOW's place among the properties of a link: 8.
    const flow = project.getLinkValue(project.getLinkIndex('P'), 8);
    project.close();
    return flow / 1000;
  }

  test.each([
    [0.5, pipe(0.021, 3)],
    [2, pipe(0.0266, 20, PLASTIC_M, 2)],
    [5, pipe(0.0158, 30, HOSE_M, 1)],
    [10, pipe(0.0409, 120, 1.5e-4, 6)],
    [0.3, pipe(0.0525, 40)],
  ])('%d m of head', (headM, reach) => {
    const [ours, theirs] = [freeRunM3s(headM, [reach]), epanetM3s(headM, reach)];
    expect(Math.abs(ours / theirs - 1)).toBeLessThan(0.02);
  });
});

describe('lines of a job', () => {
  const flows = (job = ternPoint()) => {
    const context = contextOf(job, shippedCatalogue);
    return context.runs.flatMap((run) =>
      lineFlows(context, run).map((line) => ({ label: run.penetration.label, ...line })),
    );
  };

  test('only what lets water out of a tank has one', () =>
    expect(flows().map(({ label }) => label)).toEqual(['P4', 'P5']));

  test('pressure at the shut end is the height of the water over it: 9.80665 kPa a metre (hydrostatics)', () => {
    for (const { states } of flows())
      for (const { headM, shutKpa } of states) expect(shutKpa).toBeCloseTo(headM * 9.80665, 6);
  });

  test('less water gives less pressure and less flow', () => {
    for (const { states } of flows()) {
      const [full, half, low] = states.map(({ flowM3s }) => flowM3s);
      expect(full).toBeGreaterThan(half ?? 0);
      expect(half).toBeGreaterThan(low ?? 0);
    }
  });

  test('a place whose drop was measured rules, and is said to', () => {
    const at = (dropM: number | null) =>
      flows(
        drumWith({
          terminals: [place({ id: 'bed', name: 'bed', dropM })],
          parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 10 }],
          end: { of: 'terminal', id: 'bed' },
        }),
      )[0];
    expect(at(2)).toMatchObject({ endKnownBy: 'place', endM: -2 });
    expect(at(null)).toMatchObject({ endKnownBy: 'assumed' });
  });

  test('an end above the water gives nothing', () => {
    const [line] = flows(
      drumWith({
        terminals: [place({ id: 'roof', name: 'roof', dropM: -3 })],
        parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 10 }],
        end: { of: 'terminal', id: 'roof' },
      }),
    );
    expect(line?.states.map(({ flowM3s, shutKpa }) => [flowM3s, shutKpa])).toEqual([
      [0, 0],
      [0, 0],
      [0, 0],
    ]);
  });

  test('a branch is a line of its own, with what comes before it', () => {
    const job = drumWith({
      hole: { size: '1' },
      parts: [
        { code: 'BS-100' },
        { code: 'PI-100', lengthM: 2 },
        { code: 'TS-100', points: 'down' },
        { code: 'PI-100', lengthM: 1 },
      ],
    });
    const [like] = job.parts;
    if (!like) throw new Error('no part');
    const lines = flows({
      ...job,
      parts: [...job.parts, { ...like, id: 'tap', code: 'PI-100', lengthM: 0.5 }],
      joints: [
        ...job.joints,
        {
          id: 'tap-j',
          a: { of: 'part', id: 'h-3', end: 2 },
          b: { of: 'part', id: 'tap', end: 0 },
          ...AS_ASKED,
        },
      ],
    });
    expect(lines.map(({ strand, items }) => [strand, items.length])).toEqual([
      [0, 4],
      [1, 4],
    ]);
    // The branch hangs down: it ends lower and is under more pressure.
    expect(lines[1]?.endM).toBeLessThan(lines[0]?.endM ?? 0);
  });
});

// Darcy and Weisbach by hand: two pipes of one bore, each with a fitting loss of its own. What they lose together is the sum.
test('stretches of one bore that are taken as one keep the losses of each', () => {
  const one = { boreM: 0.025, lengthM: 3, roughnessM: 1.5e-6, lossK: 4 };
  const two = { ...one, lengthM: 5, lossK: 9 };
  const flow = freeRunM3s(2, [one, two]);
  const headsLost = lossM({ ...one, lossK: 0 }, flow) + lossM({ ...two, lossK: 0 }, flow);
  const velocity = flow / ((Math.PI / 4) * 0.025 ** 2);
  expect(headsLost + ((4 + 9 + 1) * velocity ** 2) / (2 * 9.80665)).toBeCloseTo(2, 5);
});
