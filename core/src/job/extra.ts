import type { Fields, RecordOf } from '../record/field';
import { MOST_CUT_M } from './placed-part';

/** What goes in with the work and is no part of a run. */
export const EXTRA_KINDS = ['kit', 'cable', 'cord', 'cover', 'lagging', 'lifting-line', 'tool', 'other'] as const;
export type ExtraKind = (typeof EXTRA_KINDS)[number];
export const EXTRA_NAMES: Readonly<Record<ExtraKind, string>> = {
  kit: 'Part of a kit',
  cable: 'Cable',
  cord: 'Cord',
  cover: 'Cover against light',
  lagging: 'Lagging',
  'lifting-line': 'Lifting line of a pump',
  tool: 'Tool',
  other: 'Something else',
};
/** These are said by their length. */
export const BY_LENGTH: readonly ExtraKind[] = ['cable', 'cord', 'lagging', 'lifting-line'];

/** A line of the list that somebody writes: it is bought, or there already, and nothing is judged of it. */
export const EXTRA = {
  id: { kind: 'id', fixed: true },
  name: { kind: 'text', most: 80, words: 'name' },
  kind: { kind: 'choice', of: EXTRA_KINDS, default: 'other', words: 'kind', asked: 'What it is' },
  code: {
    kind: 'text',
    most: 60,
    orUnknown: true,
    words: 'part',
    says: 'Its code in the catalogue, where it is there; null: it is only named',
  },
  count: { kind: 'count', least: 1, most: 10_000, default: 1, words: 'number' },
  lengthM: {
    kind: 'length',
    above: 0,
    most: MOST_CUT_M,
    usual: [0.1, 100],
    orUnknown: true,
    words: 'length',
    says: 'Of what is sold by length; null: pieces',
  },
  price: {
    kind: 'number',
    least: 0,
    most: 1_000_000,
    orUnknown: true,
    words: 'price',
    says: 'Of one, or of all of its length, as it is paid in the currency of the job; null: not known',
  },
  tankId: { kind: 'reference', to: 'tanks', orUnknown: true, words: 'tank', asked: 'Goes with' },
  penetrationId: { kind: 'reference', to: 'penetrations', orUnknown: true, words: 'opening', asked: 'Goes with' },
  stands: {
    kind: 'yes-no',
    default: false,
    words: 'state',
    says: 'It is there: not bought',
    asked: 'It is there already',
  },
  fitted: {
    kind: 'yes-no',
    default: true,
    words: 'use',
    says: 'No: it is bought and not fitted',
    asked: 'It is fitted',
  },
  because: { kind: 'text', most: 200, orUnknown: true, words: 'reason', asked: 'Why' },
} as const satisfies Fields;
export interface Extra extends RecordOf<typeof EXTRA> {}
