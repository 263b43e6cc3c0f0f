import { MEDIA } from '../connections/mating';
import type { Fields, RecordOf, ValueOf } from '../record/field';

/** No part has as many ends. */
const MOST_ENDS = 20;

/** One side of a joint. */
export const END_REF = {
  kind: 'variant',
  on: 'of',
  of: {
    part: {
      id: { kind: 'reference', to: 'parts' },
      end: { kind: 'count', least: 0, most: MOST_ENDS, words: 'end' },
    },
    hole: { id: { kind: 'reference', to: 'penetrations' } },
    terminal: { id: { kind: 'reference', to: 'terminals' } },
  },
  words: 'side',
} as const;
export type EndRef = ValueOf<typeof END_REF>;

/** An end of a placed part. */
export const PART_SIDE = { ...END_REF, of: { part: END_REF.of.part } } as const;

/** Which of the ends of a part: a count from 0. */
export const PART_END = { kind: 'count', least: 0, most: MOST_ENDS, words: 'end' } as const;

/** Two ends that meet. */
export const JOINT = {
  id: { kind: 'id', fixed: true },
  a: { ...END_REF, fixed: true },
  b: { ...END_REF, fixed: true },
  madeWith: {
    kind: 'list',
    of: { kind: 'choice', of: MEDIA },
    most: MEDIA.length,
    orUnknown: true,
    words: 'sealant',
    says: 'What it is really made with, where that is known to differ from what it asks for; null: as it asks',
    asked: 'Made with',
  },
  forNow: {
    kind: 'yes-no',
    default: false,
    words: 'state',
    says: 'It is made for now, and made for good later',
    asked: 'Made for now',
  },
  factorySeal: {
    kind: 'yes-no',
    default: false,
    words: 'seal from the factory',
    says: 'It comes with a sealant or a ring on its thread: no tape',
    asked: 'Comes sealed from the factory',
  },
  dryFitTurns: {
    kind: 'number',
    least: 0,
    most: 20,
    orUnknown: true,
    words: 'turns of the dry fit',
    says: 'Turns that it goes on by hand, dry; the tape follows',
    asked: 'Turns by hand, dry',
  },
  cutToM: {
    kind: 'length',
    above: 0,
    most: 1,
    usual: [0.003, 0.2],
    orUnknown: true,
    words: 'length that is left of the thread',
    says: 'Of a male thread, or of a shank beyond its flange, that was cut short; null: it is whole',
    asked: 'Thread or shank left, if cut short',
  },
} as const satisfies Fields;
export interface Joint extends RecordOf<typeof JOINT> {}

/** A joint just made: closed as it asks. */
export const AS_ASKED = { madeWith: null, forNow: false, factorySeal: false, dryFitTurns: null, cutToM: null } as const;

export const refKey = (ref: EndRef): string =>
  ref.of === 'part' ? `part ${ref.id} ${ref.end}` : `${ref.of} ${ref.id}`;
