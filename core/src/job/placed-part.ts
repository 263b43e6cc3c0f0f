import type { Fields, RecordOf, ValueOf } from '../record/field';

/** Ways a piece can point, as somebody says who stands before the opening and looks at the tank. */
export const HEADINGS = ['out', 'back', 'left', 'right', 'up', 'down'] as const;
export type Heading = (typeof HEADINGS)[number];

/** How the length of a piece is known: from the plan, taken on site before it is cut, or cut long and trimmed later. */
export const LENGTH_KINDS = ['computed', 'measured', 'left-long'] as const;
export type LengthKind = (typeof LENGTH_KINDS)[number];

/** The step at which a piece that was left long is trimmed. */
export const TRIM_STEPS = ['dry-fit', 'fixed', 'backfill', 'hand-over'] as const;
export type TrimStep = (typeof TRIM_STEPS)[number];

/** Nobody lays more of one piece (our judgement). */
export const MOST_CUT_M = 500;

/** A part of the catalogue in its place. */
export const PLACED_PART = {
  id: { kind: 'id', fixed: true },
  code: { kind: 'text', most: 60, fixed: true, words: 'part', says: 'Its code in the catalogue' },
  lengthM: {
    kind: 'length',
    above: 0,
    most: MOST_CUT_M,
    usual: [0.01, 60],
    orUnknown: true,
    words: 'length',
    says: 'Of what is sold by length; always null for a piece',
  },
  existing: {
    kind: 'yes-no',
    default: false,
    words: 'state',
    says: 'It stands there already: judged and drawn, not bought',
    asked: 'It stands already',
  },
  points: {
    kind: 'choice',
    of: HEADINGS,
    orUnknown: true,
    words: 'direction',
    says: 'Where its bend turns, its branch stands or its spout looks',
    asked: 'It points',
  },
  rollDegrees: {
    kind: 'angle',
    least: -360,
    most: 360,
    default: 0,
    words: 'roll',
    says: 'Turned on from where it points, clockwise for who looks along the line away from the tank',
    asked: 'Rolled on by',
  },
  slope: {
    kind: 'variant',
    on: 'by',
    of: {
      rise: {
        riseM: {
          kind: 'length',
          least: -MOST_CUT_M,
          most: MOST_CUT_M,
          usual: [-10, 10],
          words: 'rise',
          says: 'How much higher its far end lies than its near end, seen from the tank',
        },
      },
      fall: {
        fallShare: {
          kind: 'share',
          least: -1,
          most: 1,
          words: 'fall',
          says: 'How much it falls for its length, seen from the tank; negative: it rises',
        },
      },
    },
    orUnknown: true,
    words: 'slope',
    says: 'Only of what is sold by length; a hose that is sold in one piece rises by a length',
    asked: 'From the tank outward it',
  },
  held: {
    kind: 'yes-no',
    default: false,
    words: 'support',
    says: 'Held by straps or a stand of its own',
    asked: 'Held by straps or a block',
  },
  lengthKind: {
    kind: 'choice',
    of: LENGTH_KINDS,
    default: 'computed',
    words: 'way its length is taken',
    asked: 'Its length is',
  },
  trimAt: {
    kind: 'choice',
    of: TRIM_STEPS,
    orUnknown: true,
    words: 'step at which it is trimmed',
    says: 'Only of a piece that is left long',
  },
  cutAtCounter: {
    kind: 'yes-no',
    default: false,
    words: 'way it is bought',
    says: 'Off the coil or the reel at the counter, in one length as it is needed; only of what bends',
    asked: 'The counter cuts it in one length',
  },
  because: {
    kind: 'text',
    most: 200,
    orUnknown: true,
    words: 'reason',
    says: 'Why it is this part and stands here: a decision, for who comes later',
    asked: 'Why this one',
  },
  forNow: {
    kind: 'yes-no',
    default: false,
    words: 'state',
    says: 'It stands only until more is built: it must come off again',
    asked: 'For now: it comes off again',
  },
} as const satisfies Fields;
export interface PlacedPart extends RecordOf<typeof PLACED_PART> {}
export type Slope = ValueOf<typeof PLACED_PART.slope>;

/** The slope of what rises by so much from its near end to its far end [m]; falling negative. */
export const rising = (riseM: number) => ({ by: 'rise', riseM }) as const;
/** The slope of what falls so much for its length; rising negative. */
export const falling = (fallShare: number) => ({ by: 'fall', fallShare }) as const;
