import type { Fields, RecordOf, ValueOf } from '../record/field';

/** Nobody tapes further on a site that rain is kept on (our judgement). */
const MOST_TAPE_M = 500;
const MOST_TAPES = 40;

/** What a tape is held at, or a thing stands beside: something that is placed itself. */
export const PLAN_REF = {
  kind: 'variant',
  on: 'of',
  of: {
    mark: { id: { kind: 'reference', to: 'marks' } },
    terminal: { id: { kind: 'reference', to: 'terminals' } },
    roof: { id: { kind: 'reference', to: 'roofs' } },
    tank: { id: { kind: 'reference', to: 'tanks' } },
  },
  words: 'reference of the place',
} as const;
export type PlanRef = ValueOf<typeof PLAN_REF>;

/** To what of a thing a tape is read; a corner is named as who stands before its front sees it. */
export const TAPED_TO = [
  'middle',
  'near-side',
  'front-left',
  'front-right',
  'back-left',
  'back-right',
  'opening',
] as const;
export type TapedTo = (typeof TAPED_TO)[number];

/** One reading of a tape, level from a reference to what is placed. */
export const TAPE = {
  from: PLAN_REF,
  tapeM: {
    kind: 'length',
    above: 0,
    most: MOST_TAPE_M,
    usual: [0.1, 60],
    words: 'tape',
    says: 'As it was read, level',
  },
  to: {
    kind: 'choice',
    of: TAPED_TO,
    default: 'middle',
    words: 'point it was read to',
    says: 'To the near side of a round tank its half width is added',
  },
  openingId: {
    kind: 'reference',
    to: 'penetrations',
    orUnknown: true,
    words: 'opening',
    says: 'Which opening, where it was read to one',
  },
} as const satisfies Fields;
export interface Tape extends RecordOf<typeof TAPE> {}

export const SIDES = ['left', 'right', 'front', 'back'] as const;
export type Side = (typeof SIDES)[number];

/** Tapes leave two answers, one on either side of a line. */
const OF_A_LINE = { kind: 'choice', of: ['left', 'right'], default: 'left', words: 'side' } as const;

/** Where something is on the plan: said once, in the way in which it was found on site. */
export const PLACED = {
  kind: 'variant',
  on: 'by',
  of: {
    /** The plan begins here. */
    origin: {},
    /** On the line that the plan lies along, so far from where it begins. */
    line: { alongM: { kind: 'length', above: 0, most: MOST_TAPE_M, orUnknown: true, words: 'distance' } },
    tapes: {
      readings: { kind: 'list', of: { kind: 'group', of: TAPE }, most: MOST_TAPES, words: 'tapes' },
      side: { ...OF_A_LINE, says: 'Of the line from the first reference to the second: two tapes cross on both' },
    },
    wall: {
      from: PLAN_REF,
      towards: PLAN_REF,
      alongM: { kind: 'length', least: -MOST_TAPE_M, most: MOST_TAPE_M, words: 'distance along the wall' },
      offM: {
        kind: 'length',
        least: -MOST_TAPE_M,
        most: MOST_TAPE_M,
        words: 'distance off the wall',
        says: 'To the left of the line; negative: to its right',
      },
    },
    beside: {
      tankId: { kind: 'reference', to: 'tanks', words: 'neighbour' },
      side: {
        kind: 'choice',
        of: SIDES,
        words: 'side',
        says: 'Of the neighbour, as who stands before its front sees it',
      },
      gapM: { kind: 'length', least: 0, most: MOST_TAPE_M, orUnknown: true, words: 'gap', says: 'null: not measured' },
    },
    rough: {
      xM: { kind: 'length', least: -MOST_TAPE_M, most: MOST_TAPE_M, words: 'place' },
      yM: { kind: 'length', least: -MOST_TAPE_M, most: MOST_TAPE_M, words: 'place' },
    },
    /** So far off along its line; nobody has said which way. */
    away: { distanceM: { kind: 'length', least: 0, most: MOST_TAPE_M, usual: [0.1, 200], words: 'distance' } },
  },
  orUnknown: true,
  words: 'place on the plan',
  says: 'null: not placed',
  asked: 'Its place',
} as const;
export type Placed = NonNullable<ValueOf<typeof PLACED>>;

/** How a tank is turned, counter-clockwise seen from above; 0: its front looks down the plan. */
export const TURNED = {
  kind: 'variant',
  on: 'by',
  of: {
    degrees: { degrees: { kind: 'angle', least: -360, most: 360, words: 'turning' } },
    tape: {
      from: PLAN_REF,
      tapeM: { kind: 'length', above: 0, most: MOST_TAPE_M, words: 'tape' },
      openingId: { kind: 'reference', to: 'penetrations', words: 'opening' },
      side: { ...OF_A_LINE, says: 'Of the line from the tank to the reference: one tape turns it both ways' },
    },
  },
  orUnknown: true,
  words: 'turning',
  says: 'null: not said',
  asked: 'It is turned',
} as const;
export type Turned = NonNullable<ValueOf<typeof TURNED>>;

/** Which way a place looks: where its line comes from. */
export const LOOKS = {
  kind: 'variant',
  on: 'way',
  of: { up: {}, down: {}, level: { degrees: { kind: 'angle', least: -360, most: 360, words: 'direction' } } },
  orUnknown: true,
  words: 'direction',
  says: 'The way its end looks; level: counter-clockwise from the right of the plan',
  asked: 'It looks',
} as const;
export type Looks = NonNullable<ValueOf<typeof LOOKS>>;

/** Everything that a place or a turning was taken from. */
export function takenFrom(placed: Placed | null, turned: Turned | null = null): readonly PlanRef[] {
  const of = placed?.by === 'tapes' ? placed.readings.map(({ from }) => from) : [];
  return [
    ...of,
    ...(placed?.by === 'wall' ? [placed.from, placed.towards] : []),
    ...(placed?.by === 'beside' ? [{ of: 'tank', id: placed.tankId } as const] : []),
    ...(turned?.by === 'tape' ? [turned.from] : []),
  ];
}

/** What the plan calls a thing: 'tank t1'. */
export const planKey = ({ of, id }: PlanRef): string => `${of} ${id}`;
