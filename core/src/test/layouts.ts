import { falling } from '../job/placed-part';
import { buildJob } from '../edits/build-job';
import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef, Job, PlacedPart } from '../job/job';
import { newPart } from '../job/new-part';
import { newTank } from '../job/new-tank';
import { newMark, newTerminal } from '../job/places';
import type { Placed, Turned } from '../walls/placing';

/** A part of a string: its code, what is said of it, the end it goes on by, a name to find it by. */
type Piece = readonly [
  code: string,
  said?: Partial<PlacedPart> & { readonly inEnd?: number; readonly outEnd?: number; readonly as?: string },
];

const turned = (degrees: number): Turned => ({ by: 'degrees', degrees });
const rough = (xM: number, yM: number): Placed => ({ by: 'rough', xM, yM });
/** Tapes from the beginning of the plan and another mark would do as well: what counts is that it was measured. */
export const measured = (alongM: number, offM: number): Placed => ({
  by: 'wall',
  from: { of: 'mark', id: 'a' },
  towards: { of: 'mark', id: 'b' },
  alongM,
  offM,
});

function builderOf(name: string) {
  const builder = buildJob(name, 'mm-l');
  builder.edit({ type: 'add-mark', mark: newMark({ id: 'a', name: 'A', placed: { by: 'origin' } }) });
  builder.edit({ type: 'add-mark', mark: newMark({ id: 'b', name: 'B', placed: { by: 'line', alongM: 5 } }) });
  let made = 0;
  const grow = (start: EndRef, pieces: readonly Piece[], end?: EndRef): EndRef => {
    let at = start;
    for (const [code, { inEnd = 0, outEnd = inEnd === 0 ? 1 : 0, as, ...said } = {}] of pieces) {
      const id = as ?? `n${++made}`;
      const partEnd = shippedCatalogue.byCode.get(code)?.ends.length === 1 ? 0 : inEnd;
      builder.edit({ type: 'add-part', part: newPart(id, code, said), at, partEnd, jointId: `${id}-j` });
      at = { of: 'part', id, end: outEnd };
    }
    if (end) builder.edit({ type: 'join-ends', jointId: `end-${++made}`, a: at, b: end });
    return at;
  };
  return { ...builder, grow };
}

/** A 3/4 NPT male stands so far in the female that is made up by wrench: L1 + L3 (ASME B1.20.1), so its tip is as far behind the joint. */
const MADE_UP_M = (0.339 + 3 / 14) * 0.0254;

const CLEAN = { contents: 'olives', foodGrade: true, cleaning: 'washed' } as const;

/** Two drums on their heads, linked under their stand, with a tee and a tap to the front. */
export function twoDrums(secondTurned = -90): Job {
  const { edit, hole, grow, job } = builderOf('Two drums');
  for (const [id, placed, degrees] of [
    ['t1', measured(0, 0), -90],
    ['t2', measured(0.61, 0), secondTurned],
  ] as const) {
    const tank = newTank(id, 'drum-upside-down');
    edit({
      type: 'add-tank',
      tank: {
        ...tank,
        ...CLEAN,
        diameterM: 0.585,
        baseDiameterM: 0.585,
        heightM: 0.89,
        plinthM: 0.5,
        placed,
        turned: turned(degrees),
      },
    });
    hole({
      id: `${id}-o`,
      tankId: id,
      name: 'Bung',
      roles: ['link'],
      size: '3/4',
      face: 'bottom',
      heightM: 0,
      aroundM: 0.5031,
      depthM: 0.2925,
      port: '3/4 NPT F',
      portUse: 'use',
    });
  }
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'tap',
      name: 'tap',
      offers: '3/4 NPT M',
      placed: measured(0.305, -0.36 + MADE_UP_M),
      looks: { way: 'level', degrees: 90 },
      readings: [{ from: { of: 'ground' }, by: 'tape', downM: -0.4 }],
    }),
  });
  // Its front looks away from the second drum: seen by who stands before it, that is behind it, and the tap is to the right.
  grow(
    { of: 'hole', id: 't1-o' },
    [
      ['AM-075'],
      ['PI-075', { as: 'A1', lengthM: 0.0801 }],
      ['ES-075', { as: 'E1', points: 'back' }],
      ['PI-075', { as: 'A2' }],
      ['TS-075', { as: 'T', points: 'right' }],
      ['PI-075', { as: 'A3' }],
      ['ES-075', { as: 'E2', points: 'up' }],
      ['PI-075', { as: 'A4' }],
      ['AM-075', { as: 'AM2', inEnd: 1 }],
    ],
    { of: 'hole', id: 't2-o' },
  );
  grow(
    { of: 'part', id: 'T', end: 2 },
    [
      ['PI-075', { as: 'A5' }],
      ['AF-075', { as: 'AF', inEnd: 1 }],
    ],
    { of: 'terminal', id: 'tap' },
  );
  return job();
}

/** Four open drums in a row, a drop at each to a manifold below their outlets. */
export function fourDrums(): Job {
  const { edit, hole, grow, job } = builderOf('Four drums');
  for (const place of [0, 1, 2, 3]) {
    const id = `t${place + 1}`;
    edit({
      type: 'add-tank',
      tank: {
        ...newTank(id, 'open-drum'),
        ...CLEAN,
        diameterM: 0.6,
        baseDiameterM: 0.6,
        wallM: 0.0035,
        plinthM: 0.6,
        placed: measured(place * 0.65, 0),
        turned: turned(0),
      },
    });
    hole({
      id: `${id}-o`,
      tankId: id,
      name: 'Outlet',
      roles: ['link'],
      size: '3/4',
      face: 'wall',
      heightM: 0.1,
      aroundM: 0.3 * Math.PI,
    });
  }
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'tap',
      name: 'tap',
      offers: '3/4 NPT M',
      placed: measured(2.15 - MADE_UP_M, -0.3846),
      readings: [{ from: { of: 'ground' }, by: 'tape', downM: -0.45 }],
    }),
  });
  // The manifold runs to the right of who looks at the drums.
  grow(
    { of: 'hole', id: 't1-o' },
    [
      ['BH-075'],
      ['NLV-075-2'],
      ['EYS-075', { as: 'EL1', inEnd: 1, points: 'down' }],
      ['PI-075', { as: 'B1.1', lengthM: 0.221425 }],
      ['TS-075', { as: 'T1', inEnd: 2, outEnd: 0, points: 'right' }],
      ['PI-075', { as: 'B3' }],
      ['TS-075', { as: 'T2', points: 'up' }],
      ['PI-075', { as: 'B4a', lengthM: 0.295955 }],
      ['US-075'],
      ['PI-075', { as: 'B4b' }],
      ['TS-075', { as: 'T3', points: 'up' }],
      ['PI-075', { as: 'B5' }],
      ['TS-075', { as: 'T4', points: 'up' }],
      ['PI-075', { as: 'B6' }],
      ['AF-075', { as: 'AF', inEnd: 1 }],
    ],
    { of: 'terminal', id: 'tap' },
  );
  grow({ of: 'part', id: 'T1', end: 1 }, [
    ['PI-075', { as: 'B2', lengthM: 0.15 }],
    ['KS-075', { as: 'KS' }],
  ]);
  for (const place of [2, 3, 4])
    grow(
      { of: 'part', id: `T${place}`, end: 2 },
      [
        ['PI-075', { as: `B1.${place}` }],
        ['EYS-075', { as: `EL${place}`, points: 'back' }],
        ['NLV-075-2'],
        ['BH-075', { inEnd: 1, outEnd: 0 }],
      ],
      { of: 'hole', id: `t${place}-o` },
    );
  return job();
}

/** A crate 3 m from a wall: its overflow of soil pipe round a corner to a gully, falling 1 in 60. */
export function crateOverflow(): Job {
  const { edit, hole, grow, job } = builderOf('Crate');
  edit({
    type: 'add-tank',
    tank: {
      ...newTank('t1', 'crate-eu'),
      ...CLEAN,
      lengthM: 1.2,
      widthM: 1,
      wallM: 0.002,
      plinthM: 0.135,
      placed: measured(0, 0.5),
      turned: turned(0),
    },
  });
  hole({
    id: 'o',
    tankId: 't1',
    name: 'Overflow',
    roles: ['overflow'],
    size: '110',
    face: 'back',
    heightM: 0.85,
    aroundM: 0.6,
  });
  edit({
    type: 'add-terminal',
    terminal: newTerminal({
      id: 'gully',
      name: 'gully',
      kind: 'daylight',
      placed: measured(0.4, 3.85),
      looks: { way: 'up' },
      readings: [{ from: { of: 'ground' }, by: 'tape', downM: -0.02 }],
    }),
  });
  // Seen by who stands behind the crate and looks at it: out is to the wall, left is to the right of the plan.
  const falls = { slope: falling(1 / 60) };
  grow(
    { of: 'hole', id: 'o' },
    [
      ['PG-110M'],
      ['PISL-110M', { as: 'C1', lengthM: 0.1339 }],
      ['ESL-110M', { as: 'E1', points: 'down' }],
      ['PISL-110M', { as: 'C2' }],
      ['ESL-110M', { as: 'E2', points: 'out' }],
      ['PISL-110M', { as: 'C3', lengthM: 0.970223, ...falls }],
      ['FSL-110M', { as: 'F1', points: 'left' }],
      ['PISL-110M', { as: 'C4', ...falls }],
      ['FSL-110M', { as: 'F2', points: 'right' }],
      ['PISL-110M', { as: 'C5', ...falls }],
      ['ESL-110M', { as: 'E3', points: 'down' }],
      ['PISL-110M', { as: 'C6', lengthM: 0.0839 }],
    ],
    { of: 'terminal', id: 'gully' },
  );
  return job();
}

/** The same places with nothing on any opening. */
export const placesOnly = (job: Job): Job => ({ ...job, parts: [], joints: [] });

/** The same job with something else said of a part. */
export const withPart = (job: Job, id: string, more: Partial<PlacedPart>): Job => ({
  ...job,
  parts: job.parts.map((part) => (part.id === id ? { ...part, ...more } : part)),
});

/** The link of the two drums cut 26.4 mm too short for where their bungs are. */
export const cutTooShort = (): Job =>
  withPart(withPart(twoDrums(), 'A2', { lengthM: 0.276425 }), 'A3', { lengthM: 0.25 });

/** Two tees in a row, the branch of one led into that of the other. */
export function ring(): Job {
  const { edit, hole, grow, job } = builderOf('Ring');
  edit({ type: 'add-tank', tank: { ...newTank('t1', 'open-drum'), ...CLEAN } });
  hole({
    id: 'o',
    tankId: 't1',
    name: 'Outlet',
    roles: ['draw-off'],
    size: '3/4',
    face: 'wall',
    heightM: 0.1,
    aroundM: 0.5,
  });
  grow({ of: 'hole', id: 'o' }, [
    ['BH-075'],
    ['NLV-075-2'],
    ['T-075', { as: 'S1' }],
    ['NLV-075-2'],
    ['T-075', { as: 'S2' }],
  ]);
  edit({
    type: 'join-ends',
    jointId: 'ring',
    a: { of: 'part', id: 'S1', end: 2 },
    b: { of: 'part', id: 'S2', end: 2 },
  });
  return job();
}

/** The same job with a tank somewhere else. */
export const movedBy = (job: Job, tankId: string, xM: number): Job => ({
  ...job,
  tanks: job.tanks.map((tank) =>
    tank.id === tankId && tank.placed?.by === 'wall'
      ? { ...tank, placed: { ...tank.placed, alongM: tank.placed.alongM + xM } }
      : tank,
  ),
});

/** The same job with a tank that is only drawn where it is. */
export const drawnRoughly = (job: Job, tankId: string): Job => ({
  ...job,
  tanks: job.tanks.map((tank) =>
    tank.id === tankId && tank.placed?.by === 'wall'
      ? { ...tank, placed: rough(tank.placed.alongM, tank.placed.offM) }
      : tank,
  ),
});

/** The two drums, from whose tee a line goes to a tap in front, and a wall between two marks. */
export const withWall = (from: Placed, to: Placed, throughM: number | null = null): Job => {
  const job = twoDrums();
  return {
    ...job,
    marks: [
      ...job.marks,
      newMark({ id: 'd', name: 'east corner', placed: to }),
      newMark({ id: 'c', name: 'west corner', placed: from, wallTo: 'd' }),
    ],
    terminals: job.terminals.map((tap) => ({ ...tap, throughM })),
  };
};
