import { expect, test } from 'vitest';
import { leftWords, putInWords } from './everything-words';

const none = { added: 0, left: [] };
const nothing = { jobs: none, own: none, holdings: none, offCuts: none, suppliers: none, refused: [] };

test('what was put in and what was here already is counted by kind, jobs by name', () => {
  const answer = {
    ...nothing,
    jobs: { added: 1, left: ['Jetty', 'Slip'] },
    own: { added: 2, left: [] },
    holdings: { added: 0, left: ['LV-075'] },
  };
  expect(putInWords(answer)).toBe('Put in: 1 job and 2 own parts.');
  expect(leftWords(answer)).toBe(
    'Here already, and left as here: 2 jobs (Jetty and Slip) and 1 stock or price of a part.',
  );
  const many = ['A', 'B', 'C', 'D', 'E', 'F'];
  expect(leftWords({ ...nothing, jobs: { added: 0, left: many } })).toContain('6 jobs (A, B, C, D and E …)');
});

test('where nothing is new that is said', () => {
  expect(putInWords(nothing)).toBe('Nothing of it is new here.');
  expect(leftWords(nothing)).toBeUndefined();
});
