import type { ProvenList } from '../list/parts-list';

/**
 * What a list leaves open, for every paper it goes out on: what is not known, and what the proof misses on it. What nobody knows is
 * a line with its question, never left out.
 */
export const openQuestions = ({ questions, listed }: Pick<ProvenList, 'questions' | 'listed'>): readonly string[] => [
  ...questions,
  ...listed.missing.map((what) => `${what}: it is needed, and not enough of it is on the list.`),
];
