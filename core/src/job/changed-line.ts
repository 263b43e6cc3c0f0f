import type { Fields, RecordOf } from '../record/field';

/**
 * A line of the list that somebody has changed by hand: another number, another article, a box that it comes in, or not at all.
 * It stays so whatever the job becomes, and the line says it.
 */
export const CHANGED_LINE = {
  id: { kind: 'id', fixed: true },
  group: {
    kind: 'text',
    most: 120,
    fixed: true,
    words: 'place on the list',
    says: 'The group that the line stands in',
  },
  code: { kind: 'text', most: 120, fixed: true, words: 'article', says: 'The code of the line as it is reckoned' },
  detail: {
    kind: 'text',
    least: 0,
    most: 300,
    fixed: true,
    words: 'detail',
    says: 'Tells it apart where several lines of the group have the code',
  },
  buy: {
    kind: 'count',
    least: 0,
    most: 10_000,
    orUnknown: true,
    words: 'number to buy',
    says: '0: it is left out; null: as many as are reckoned',
  },
  instead: {
    kind: 'text',
    most: 120,
    orUnknown: true,
    words: 'article instead',
    says: 'Bought in its place: a code of the catalogue, or words',
  },
  kitId: {
    kind: 'reference',
    to: 'extras',
    orUnknown: true,
    words: 'kit',
    says: 'It comes in this box, and is not bought by itself',
  },
  because: { kind: 'text', most: 200, orUnknown: true, words: 'reason' },
} as const satisfies Fields;
export interface ChangedLine extends RecordOf<typeof CHANGED_LINE> {}

/** Do they change the same line? */
export const isOfSameLine = (one: ChangedLine, other: ChangedLine): boolean =>
  one.group === other.group && one.code === other.code && one.detail === other.detail;
