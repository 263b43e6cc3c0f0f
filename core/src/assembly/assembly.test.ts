import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import type { Job } from '../job/job';
import { contextInSpace } from '../plan/context-in-space';
import { fourDrums, twoDrums } from '../test/layouts';
import { type SampleHole, tankWith, place } from '../test/sample-jobs';
import { beforeCutting } from './before-cutting';
import { cannotClose, pushedAtOnce, stretchesOf } from './closure';
import { holdingOf } from './coming-out';
import { spoiltByHeat } from './heat';
import { courseOf } from './course';
import { natureOf } from './joint-nature';
import { assemblyOf, orderOf } from './order';
import { looksSomewhere, pointingOf } from './pointing';
import { bendSweepMm, swingMm, withoutRoom } from './swing';

const plan = (job: Job) => contextOf(job, shippedCatalogue);
/** One hole with a run in a drum; `link`: it ends in a second hole of the same size with the same fitting. */
const withRun = (
  parts: NonNullable<SampleHole['parts']>,
  link?: { readonly seal: string },
  hole: SampleHole = {},
  type = 'open-drum',
) =>
  plan(
    tankWith({
      type,
      others: [{ id: 't2', type }],
      holes: [
        {
          id: 'a',
          ...hole,
          parts: link ? [...parts, { code: link.seal, inEnd: 1 }] : parts,
          ...(link ? { end: { of: 'hole', id: 'b' } as const } : {}),
        },
        { id: 'b', tankId: 't2', ...(hole.size ? { size: hole.size } : {}) },
      ].toReversed(),
    }),
  );
/** Nobody shifts it by hand. */
const HEAVY = 'corrugated';
const strandOf = (context: ReturnType<typeof plan>, holeId = 'a') => {
  const strand = context.runs.find(({ penetration }) => penetration.id === holeId)?.strands[0];
  if (!strand) throw new Error('no strand');
  return strand;
};
const numbers = (context: ReturnType<typeof plan>) =>
  cannotClose(strandOf(context), context).map(({ because, at }) => `${because} J${at.number}`);

/** How joints come apart is common practice, no source. */
describe('the nature of a joint', () => {
  test.each([
    ['cement', [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 1 }], 'a-j2', 'glued'],
    ['a taper thread', [{ code: 'BH-075' }, { code: 'NC-075' }], 'a-j2', 'turns'],
    ['a hose nut', [{ code: 'BH-075' }, { code: 'AD-075M' }, { code: 'HS-075100' }], 'a-j3', 'by-hand'],
    ['a hose on a tail', [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 1 }], 'a-j3', 'by-tool'],
    ['a pipe in a gasket', [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 1 }], 'a-j2', 'pulls'],
    ['what stands in the wall', [{ code: 'BH-075' }], 'a-j1', 'in-wall'],
  ] as const)('%s', (_, parts, jointId, nature) => {
    const joint = withRun(parts).joints.find((one) => one.joint.id === jointId);
    expect(joint && natureOf(joint)).toBe(nature);
  });
});

/** Between two fixed points something must turn or give: common practice, no source. */
describe('closing between two tanks', () => {
  test('threads alone cannot be closed: neither side turns', () =>
    expect(numbers(withRun([{ code: 'BH-075' }, { code: 'NL-075-4' }], { seal: 'BH-075' }))).toEqual(['threads J2']));

  test('glued pipe must be sprung apart by the depth of its socket: 1 in Schedule 40, 0.875 in (ASTM D2466)', () => {
    const pipe = [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.5 }];
    const context = withRun(pipe, { seal: 'BS-100' }, { size: '1' }, HEAVY);
    expect(numbers(context)).toEqual(['sprung J3']);
    expect(cannotClose(strandOf(context), context)[0]?.byMm).toBeCloseTo(0.875 * 25.4, 1);
  });

  // ASTM D2466, Table 1: a 3/4 in socket is 0.719 in deep, a 1 in socket 0.875 in.
  test('of two depths the shallower socket is sprung, and by its own depth', () => {
    const context = withRun(
      [
        { code: 'BS-100' },
        { code: 'PI-100', lengthM: 0.5 },
        { code: 'RS-100075' },
        { code: 'PI-075', lengthM: 0.5 },
        { code: 'RS-100075', inEnd: 1 },
        { code: 'PI-100', lengthM: 0.5 },
      ],
      { seal: 'BS-100' },
      { size: '1' },
      HEAVY,
    );
    const [found] = cannotClose(strandOf(context), context);
    expect(found?.byMm).toBeCloseTo(0.719 * 25.4, 1);
    const depths = context.joints.map(({ mating }) => mating.engagementMm).filter((mm) => mm > 0);
    expect(Math.max(...depths)).toBeCloseTo(0.875 * 25.4, 1);
    // The first of the shallow ones: from the reducer into the thinner pipe.
    expect([found?.at.a, found?.at.b].map((side) => side?.end && 'size' in side.end && side.end.size)).toContain('3/4');
  });

  test.each([
    ['a union', [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'U-075' }, { code: 'NC-075' }]],
    ['a hose', [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 1 }, { code: 'HB-075', inEnd: 1 }]],
  ] as const)('%s closes it', (_, parts) => expect(numbers(withRun(parts, { seal: 'BH-075' }))).toEqual([]));

  test('an end that is free needs nothing', () =>
    expect(numbers(withRun([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }]))).toEqual([]));

  test('what stands already holds a new piece as a wall does', () => {
    const context = withRun([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075', existing: true }]);
    expect(stretchesOf(strandOf(context), context).map(({ heldAtBothEnds }) => heldAtBothEnds)).toEqual([true]);
    expect(numbers(context)).toEqual(['threads J3']);
  });
});

describe('two drums linked under their stand', () => {
  const context = contextInSpace(twoDrums(), shippedCatalogue);
  const strand = strandOf(context, 't1-o');
  const nameOf = (judged: NonNullable<ReturnType<typeof pushedAtOnce>>['near']) =>
    [judged.a, judged.b].map(({ ref }) => (ref.of === 'part' ? ref.id : ref.of)).toSorted();

  test('both drops go up into their adapters at once: no union, nothing sprung', () => {
    const found = pushedAtOnce(strand, context);
    expect(found && nameOf(found.near)).toContain('A1');
    expect(found && nameOf(found.far)).toEqual(['A4', 'AM2']);
    expect(cannotClose(strand, context)).toEqual([]);
  });

  test('adapters first, then all between them on the bench, both drops last', () => {
    const steps = assemblyOf(strand, context);
    expect(steps.map(({ when }) => when)).toEqual([
      'on',
      'from-far-end',
      ...Array.from({ length: 6 }, () => 'bench'),
      'at-once',
      'at-once',
    ]);
  });

  test('a line straight across from tank to tank is not pushed on to both', () => {
    const straight = withRun([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.5 }], { seal: 'BS-100' }, { size: '1' });
    expect(pushedAtOnce(strandOf(straight), straight)).toBeUndefined();
  });

  test('a manifold is pushed up on the drops of the first drum and each other', () => {
    const four = contextInSpace(fourDrums(), shippedCatalogue);
    const run = four.runs.find(({ penetration }) => penetration.id === 't1-o');
    const linked = run?.strands.filter(({ end }) => end.at === 'hole') ?? [];
    expect(linked).toHaveLength(3);
    expect(linked.flatMap((one) => cannotClose(one, four))).toEqual([]);
    // What hangs on the far drum is made from its wall outward, as one stands before it: nothing is brought to thin air.
    for (const strand of linked) {
      const back = assemblyOf(strand, four).filter(({ when }) => when === 'from-far-end');
      const walked = strand.items.map(({ placed }) => placed.id);
      const places = back.map(({ brought }) => walked.indexOf(brought?.placed.id ?? ''));
      expect(places.length).toBeGreaterThan(1);
      expect(places).toEqual(places.toSorted((a, b) => b - a));
    }
  });
});

describe('the order of work', () => {
  const steps = (context: ReturnType<typeof plan>) =>
    assemblyOf(strandOf(context), context).map(({ judged, brought, when }) =>
      judged ? `J${judged.number} ${when}` : `${brought?.part.name ?? ''} ${when}`,
    );

  test('goes outward where the end is free', () =>
    expect(steps(withRun([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }]))).toEqual([
      'J1 on',
      'J2 on',
      'J3 on',
    ]));

  test('from both sides to the union where both ends are held, and closes there', () =>
    expect(
      steps(
        withRun([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'U-075' }, { code: 'NC-075' }], { seal: 'BH-075' }),
      ),
    ).toEqual(['J6 on', 'J1 from-far-end', 'J5 on', 'J4 on', 'J2 from-far-end', 'J3 from-far-end', 'Union closes']));

  test('what goes in from inside is in its hole before anything stands in front of it', () => {
    const glued = withRun([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.5 }], { seal: 'BS-100' }, { size: '1' });
    const threaded = withRun([{ code: 'BH-075' }, { code: 'NL-075-4' }], { seal: 'BH-075' });
    for (const context of [glued, threaded]) {
      const [first, second, ...rest] = assemblyOf(strandOf(context), context);
      expect([first?.nature, second?.nature]).toEqual(['in-wall', 'in-wall']);
      expect(rest.map(({ nature }) => nature)).not.toContain('in-wall');
    }
  });
});

// Plumbers' practice, no source: no flame near plastic that is in place, a length of metal between them.
test('a joint that is soldered near plastic in place is told so; far along the tube, and on the bench, it is not', () => {
  const context = withRun([
    { code: 'BH-075' },
    { code: 'AMCTS-075' },
    { code: 'PIK-075', lengthM: 0.1 },
    { code: 'ECTS-075' },
    { code: 'PIK-075', lengthM: 1 },
  ]);
  const run = context.runs.find(({ penetration }) => penetration.id === 'a');
  const told = run ? spoiltByHeat(orderOf(run, context), run, context) : new Map<never, never>();
  expect([...told].map(([{ judged }, { placed }]) => [judged?.number, placed.code])).toEqual([
    [4, 'BH-075'],
    [5, 'BH-075'],
  ]);
  // The tube is soldered into its adapter before that is screwed into the bulkhead.
  const steps = run ? orderOf(run, context) : [];
  expect(steps.map(({ judged, when }) => `J${judged?.number} ${when}`)).toEqual([
    'J1 on',
    'J3 bench-before',
    'J2 on',
    'J4 on',
    'J5 on',
  ]);
});

// Two brass fittings are soldered on the bench far from any plastic: nothing is said of it, though plastic stands where they go.
test('what is soldered on the bench spoils nothing that stands elsewhere', () => {
  const context = withRun([{ code: 'BH-075' }, { code: 'AMCTS-075' }, { code: 'PIK-075', lengthM: 1 }]);
  const run = context.runs.find(({ penetration }) => penetration.id === 'a');
  if (!run) throw new Error('no run');
  const steps = orderOf(run, context);
  const inPlace = steps.map((step) => (step.judged?.number === 3 ? { ...step, when: 'on' as const } : step));
  expect(spoiltByHeat(steps, run, context).size).toBe(0);
  expect(
    spoiltByHeat(
      inPlace.toSorted((a, b) => (a.judged?.number ?? 0) - (b.judged?.number ?? 0)),
      run,
      context,
    ).size,
  ).toBe(1);
});

test('a slip coupling is pushed back over both of its joints, a hose closes at its far end', () => {
  const whens = (parts: NonNullable<SampleHole['parts']>, seal: string) => {
    const context = withRun(parts, { seal }, seal === 'BS-100' ? { size: '1' } : {});
    return assemblyOf(strandOf(context), context).flatMap(({ judged, when }) =>
      when === 'closes' ? [`J${judged?.number ?? ''}`] : [],
    );
  };
  const pipe = { code: 'PI-100', lengthM: 0.3 };
  expect(whens([{ code: 'BS-100' }, pipe, { code: 'CLS-100' }, pipe], 'BS-100')).toEqual(['J4', 'J3']);
  expect(
    whens(
      [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 1 }, { code: 'HB-075', inEnd: 1 }],
      'BH-075',
    ),
  ).toEqual(['J3']);
});

describe('what can come out again', () => {
  const held = (parts: NonNullable<SampleHole['parts']>, part: number, link?: { readonly seal: string }) => {
    const { comesOut, heldBy } = holdingOf(`a-${part}`, withRun(parts, link));
    return { comesOut, by: heldBy.map(({ number }) => number) };
  };

  test('a filter between two cemented pipes never comes out', () =>
    expect(
      held(
        [
          { code: 'BS-100' },
          { code: 'PI-100', lengthM: 0.3 },
          { code: 'AM-100', inEnd: 1 },
          { code: 'YT-100' },
          { code: 'AM-100' },
          { code: 'PI-100', lengthM: 0.3 },
        ],
        4,
        { seal: 'BS-100' },
      ),
    ).toEqual({ comesOut: false, by: [5, 4] }));

  test('with a union on one side it does: the other side turns off', () =>
    expect(
      held(
        [
          { code: 'BH-075' },
          { code: 'NC-075' },
          { code: 'YT-075' },
          { code: 'NC-075' },
          { code: 'U-075' },
          { code: 'NC-075' },
        ],
        3,
        {
          seal: 'BH-075',
        },
      ).comesOut,
    ).toBe(true));

  test('at the end of a line one thread is enough', () =>
    expect(held([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }], 3).comesOut).toBe(true));
});

describe('room to swing', () => {
  test('a nipple sweeps half its own thickness, an elbow its leg, a valve its lever', () => {
    const swing = (code: string) => swingMm(shippedCatalogue.byCode.get(code)!);
    expect(swing('NC-100')).toBeLessThan(25);
    expect(swing('EV-100')).toBeGreaterThan(swing('NC-100'));
    expect(swing('LV-100')).toBeGreaterThan(80);
  });

  const noRoom = (hole: SampleHole, parts: NonNullable<SampleHole['parts']>) => {
    const context = withRun(parts, undefined, hole);
    const run = context.runs.find(({ penetration }) => penetration.id === 'a');
    return run
      ? withoutRoom(run, courseOf(run, context), context).map(({ leg, against }) => `${leg.part.code} ${against}`)
      : [];
  };

  test('an elbow of 33.3 mm to its end and 34 mm outside sweeps 37.4 mm (Pythagoras)', () =>
    expect(bendSweepMm(33.274, 17, 90)).toBeCloseTo(37.37, 2));

  test('a valve a hand above the ground cannot be screwed on', () => {
    expect(noRoom({ heightM: 0.06 }, [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }])).toEqual([
      'LV-075 the ground',
    ]);
    expect(noRoom({ heightM: 0.2 }, [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }])).toEqual([]);
  });

  test('one that stands already need not be', () =>
    expect(
      noRoom({ heightM: 0.06 }, [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075', existing: true }]),
    ).toEqual([]));
});

/** Turns past hand tight are common practice, no source. */
describe('which way a part points', () => {
  const pointing = (parts: NonNullable<SampleHole['parts']>, joint: number) => {
    const judged = withRun(parts).joints.find((one) => one.joint.id === `a-j${joint}`);
    return judged && pointingOf(judged);
  };

  test('metal in metal comes tight over a whole turn: any way', () =>
    expect(pointing([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, { code: 'EM-075' }], 4)?.ways).toBe(
      'window',
    ));

  test('a metal tap in plastic has half a turn of choice', () =>
    expect(pointing([{ code: 'BH-075' }, { code: 'HT-075M' }], 2)).toMatchObject({ ways: 'some', shareOfTurn: 0.5 }));

  test('cement is turned before it sets', () =>
    expect(pointing([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 1 }, { code: 'ES-100' }], 3)).toEqual({
      ways: 'any',
      how: 'marked',
    }));

  test('only what bends, branches or pours looks anywhere', () => {
    const looks = (code: string) => looksSomewhere(shippedCatalogue.byCode.get(code)!);
    expect([looks('ES-100'), looks('TS-100'), looks('HT-075M'), looks('NC-100')]).toEqual([true, true, true, false]);
  });
});

describe('before a line is cut', () => {
  test('the valve between is shut, and the hose behind it runs out: 60 ft of 1 in, 9.3 litres (geometry)', () => {
    const { shut, letDown, lineM3 } = beforeCutting('p4-6', plan(ternPoint()));
    expect(shut.map(({ placed }) => placed.id)).toEqual(['p4-3']);
    expect(letDown).toEqual([]);
    expect(lineM3 * 1000).toBeCloseTo((Math.PI / 4) * 0.254 ** 2 * 182.88, 1);
  });

  test('with no valve the tank is let down to the opening: a cylinder, area times height', () => {
    const context = plan(
      tankWith({
        type: 'own-cylinder',
        tank: { capacityM3: 1, diameterM: 1, baseDiameterM: 1, brimM: 1.4, heightM: 1.5, wallM: 0.01, accessM: 0.4 },
        holes: [{ id: 'a', size: '1', heightM: 0.4, parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 1 }] }],
      }),
    );
    const [down] = beforeCutting('a-2', context).letDown;
    // Full to the brim: 1 m3 over 1.39 m of water; the opening's lowest point is half a bore below 0.4 m.
    const bore = (context.runs[0]?.strands[0]?.items[0]?.part.boreMm ?? 0) / 1000;
    expect(down?.volumeM3).toBeCloseTo((1 / 1.39) * (1.4 - (0.4 - bore / 2)), 2);
  });

  test('a link without a valve lets both tanks down', () => {
    const context = withRun([{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'U-075' }, { code: 'NC-075' }], {
      seal: 'BH-075',
    });
    expect(
      beforeCutting('a-3', context)
        .letDown.map(({ tank }) => tank.id)
        .sort(),
    ).toEqual(['t1', 't2']);
  });

  test('the mains behind it are named', () => {
    const job = tankWith({
      terminals: [place({ id: 'm', name: 'mains', offers: '3/4 NPT M', mains: true })],
      holes: [
        {
          id: 'a',
          roles: ['float-fill'],
          parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'U-075' }],
          end: { of: 'terminal', id: 'm' },
        },
      ],
    });
    expect(beforeCutting('a-2', plan(job)).mains).toEqual(['mains']);
  });
});
