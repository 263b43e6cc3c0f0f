import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { OVERFLOW, type SampleHole, tankWith, place } from '../test/sample-jobs';
import type { Tank } from '../walls/tank';
import { contextOf } from './context';
import type { Job, Settings } from '../job/job';
import { inflowM3s } from '../hydraulics/overflow';
import { newRoof } from '../job/places';
import { levelsOf } from './levels';

/** A box of a square metre and a metre high, so that a millimetre is a litre; its floor is a hundredth of a millimetre. */
const BOX = { lengthM: 1, widthM: 1, brimM: 1, heightM: 1, capacityM3: 1, wallM: 1e-5 };
const box = (
  holes: readonly SampleHole[],
  tank: Partial<Tank> = {},
  more: Partial<Parameters<typeof tankWith>[0]> = {},
) =>
  tankWith({
    type: 'own-box',
    tank: { ...BOX, ...tank },
    holes: holes.map((hole) => ({ face: 'front', ...hole })),
    ...more,
  });

function levels(job: Job, index = 0) {
  const tank = job.tanks[index];
  if (!tank) throw new Error('no tank');
  return levelsOf(tank, contextOf(job, shippedCatalogue));
}
const inlet = { roles: ['inlet'], face: 'top', heightM: 1, aroundM: 0.5, depthM: 0.5 } as const;

describe('full', () => {
  test('to the brim without an overflow', () =>
    expect(levels(box([]))).toMatchObject({ fullM: 1, fullBecause: 'brim', usableM3: 1 }));

  // Nominal 1-1/2 in with nothing in it yet: the lowest point is 19.05 mm under the middle.
  test('to the lowest point of the overflow', () => {
    const { fullM, fullBecause } = levels(box([{ roles: ['overflow'], size: '1-1/2', heightM: 0.9 }]));
    expect(fullBecause).toBe('overflow');
    expect(fullM).toBeCloseTo(0.88095, 9);
  });

  // What is plugged, capped or shut lets nothing out, and the water goes on up to the brim.
  test.each([
    ['a plug in the hole', [{ code: 'WBP-100' }], {}],
    ['a cap at the end of its pipe', [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: 'KS-150' }], {}],
    ['a cover of one’s own', [], { ownSeal: 'cap' }],
    ['a port that is plugged', [], { port: '1-1/2 NPT F', portUse: 'plug' }],
  ] as const)('to the brim with %s', (_, parts, more) =>
    expect(levels(box([{ roles: ['overflow'], size: '1-1/2', heightM: 0.9, ...more, parts }]))).toMatchObject({
      fullM: 1,
      fullBecause: 'brim',
    }),
  );

  // The gasket lets 1-1/2 Schedule 40 pipe through: its bore is 40.89 mm (ASTM D1785).
  test('by the bore of the pipe once there is one', () =>
    expect(levels(box([{ ...OVERFLOW, heightM: 0.9 }])).fullM).toBeCloseTo(0.9 - 0.04089 / 2, 4));

  test('to where the float valve shuts, and what that costs', () => {
    const found = levels(box([{ roles: ['float-fill'], heightM: 0.8, shutsM: 0.7 }]));
    expect(found).toMatchObject({ fullM: 0.7, fullBecause: 'float valve' });
    expect(found.floatLosesM3).toBeCloseTo(0.3, 4);
  });

  test('rain fills past the float valve', () =>
    expect(levels(box([{ roles: ['float-fill'], heightM: 0.8, shutsM: 0.7 }, inlet]))).toMatchObject({
      fullM: 1,
      floatLosesM3: 0,
    }));
});

describe('dead water', () => {
  test('below the lowest point of the lowest outlet', () => {
    const found = levels(box([{ heightM: 0.2 }, { heightM: 0.5, aroundM: 0.2 }]));
    expect(found.deadBecause).toBe('outlet');
    expect(found.deadM).toBeCloseTo(0.2 - 0.01905 / 2, 9);
    expect(found.usableM3).toBeCloseTo(1 - found.deadM, 4);
  });

  test('below the highest point the water must pass', () => {
    const terminals = [place({ id: 'bay', name: 'bay', dropM: -0.4 })];
    const parts = [{ code: 'BH-075' }];
    const job = box([{ heightM: 0.2, parts, end: { of: 'terminal', id: 'bay' } }], {}, { terminals });
    expect(levels(job)).toMatchObject({ deadM: 0.4, deadBecause: 'destination' });
  });

  test('down to the intake of a pump', () => {
    const pump = { diameterM: 0.15, lengthM: 0.4, intakeM: 0.06, fromLeftM: 0.5, fromFrontM: 0.5 };
    expect(levels(box([{ roles: ['pump-line'], heightM: 0.9 }], { pump }))).toMatchObject({
      deadM: 0.06,
      deadBecause: 'pump',
    });
  });

  test('none where nothing is drawn', () =>
    expect(levels(box([]))).toMatchObject({ deadM: 0, deadBecause: 'nothing' }));

  test('the bottom is drained to its floor', () =>
    expect(levels(box([{ face: 'bottom', heightM: 0, aroundM: 0.5, depthM: 0.5 }])).deadM).toBeCloseTo(0, 4));
});

describe('tanks that share their water', () => {
  const job = ternPoint();
  // The overflow of T1 stands at 40-1/2 in; Schedule 40 of 3 in has a bore of 3.068 in (ASTM D1785).
  test('are full to the one overflow, and give what the other’s outlet leaves above the link', () => {
    const [t1, t2] = [levels(job, 0), levels(job, 1)];
    expect(t1.fullM).toBeCloseTo((40.5 - 3.068 / 2) * 0.0254, 4);
    expect(t2.fullM).toBeCloseTo(t1.fullM, 9);
    expect(t1.deadBecause).toBe('link');
    expect(t1.deadM).toBeCloseTo(t2.deadM, 9);
  });

  test('stand to one level above the ground, whatever each stands on', () => {
    const raised = {
      ...job,
      tanks: job.tanks.map((tank, index) => (index === 1 ? { ...tank, plinthM: tank.plinthM + 0.1 } : tank)),
    };
    expect(levels(raised, 1).fullM).toBeCloseTo(levels(job, 1).fullM - 0.1, 9);
  });
});

test('the sediment band is as deep as is said, or as is assumed', () => {
  const of = (settings: Partial<Settings>) => levels(box([], {}, { settings })).sedimentM3;
  expect(of({})).toBeCloseTo(0.05, 4);
  expect(of({ sedimentM: 0.12 })).toBeCloseTo(0.12, 4);
});

/** Two boxes beside each other on the ground, the second with an overflow at so much, and a line between two of their openings. */
const pair = (
  overflowM: number,
  from: SampleHole,
  to: Omit<SampleHole, 'parts'>,
  parts: NonNullable<SampleHole['parts']>,
) =>
  tankWith({
    type: 'own-box',
    tank: BOX,
    others: [{ id: 't2', type: 'own-box', ...BOX }],
    holes: [
      { id: 'o', tankId: 't2', face: 'front', roles: ['overflow'], size: '3', heightM: overflowM, aroundM: 0.2 },
      { id: 'b', tankId: 't2', face: 'front', ...to },
      { id: 'a', face: 'front', ...from, parts, end: { of: 'hole', id: 'b' } },
    ],
  });
const OVERFLOW_3_M = 1.5 * 0.0254;
const LINK = [{ code: 'BH-075' }, { code: 'NL-075-4' }, { code: 'BH-075', inEnd: 1 }] as const;

describe('what one tank spills at, and what comes to it', () => {
  const link = { roles: ['link'], size: '3/4' } as const;

  test('a low link makes both as full as the overflow of one', () => {
    const job = pair(0.5, { ...link, heightM: 0.1 }, { ...link, heightM: 0.1 }, LINK);
    for (const tank of [0, 1]) expect(levels(job, tank).fullM).toBeCloseTo(0.5 - OVERFLOW_3_M, 6);
  });

  // Communicating vessels part where the water falls below the line between them.
  test('a link that lies higher than the overflow keeps what is below it', () => {
    const job = pair(0.5, { ...link, heightM: 0.7 }, { ...link, heightM: 0.7 }, LINK);
    expect(levels(job, 0).fullM).toBeGreaterThan(0.68);
    expect(levels(job, 0).fullM).toBeLessThan(0.7);
    expect(levels(job, 1).fullM).toBeCloseTo(0.5 - OVERFLOW_3_M, 6);
  });

  test('a float valve between two tanks ends their level: the upper is full to its own brim', () => {
    const job = pair(
      0.5,
      { roles: ['draw-off'], size: '3/4', heightM: 0.1 },
      { roles: ['float-fill'], size: '1/2', heightM: 0.8 },
      [{ code: 'BH-075' }, { code: 'NL-075-4' }, { code: 'WFN-050', inEnd: 1 }],
    );
    expect(levels(job, 0)).toMatchObject({ fullM: 1, fullBecause: 'brim' });
    expect(levels(job, 1).fullM).toBeCloseTo(0.5 - OVERFLOW_3_M, 6);
  });

  test('surplus that is led into the next tank is no level of both, and comes on top of its own', () => {
    const job = pair(
      0.5,
      { roles: ['overflow'], size: '3/4', heightM: 0.9 },
      { roles: ['inlet'], size: '3/4', heightM: 0.9 },
      LINK,
    );
    expect(levels(job, 0).fullM).toBeGreaterThan(0.88);
    const rained: Job = {
      ...job,
      roofs: [newRoof({ id: 'r', name: 'shed', planAreaM2: 36, into: 'a' })],
      stormMmPerH: 100,
    };
    const context = contextOf(rained, shippedCatalogue);
    // Rational method, all of it off: 36 m2 at 100 mm an hour is 1 L/s. It falls into the first tank and runs on.
    const [first, second] = rained.tanks;
    expect(inflowM3s([first!], context)).toBeCloseTo(0.001, 9);
    expect(inflowM3s([second!], context)).toBeCloseTo(0.001, 9);
  });
});
