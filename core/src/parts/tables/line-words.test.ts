import { expect, test } from 'vitest';
import { placesWords } from './line-words';

test.each([
  ['', ''],
  ['P1', 'P1'],
  ['P1 P2 P3', 'P1, P2, P3'],
  ['P1 P2 P3 P4', 'P1 to P4'],
  ['P1 P2 P3 P4 P6 T1', 'P1 to P4, P6, T1'],
  // Nine and ten follow one another; a tank does not follow an opening, and nothing is drawn together out of its order.
  ['P8 P9 P10 P11 T12 P2', 'P8 to P11, T12, P2'],
  ['P4 P3 P2 P1', 'P4, P3, P2, P1'],
  ['Well Roof 3 4 5 6', 'Well, Roof, 3, 4, 5, 6'],
])('%s are read as %s', (labels, words) => expect(placesWords(labels === '' ? [] : labels.split(' '))).toBe(words));
