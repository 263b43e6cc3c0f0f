import { expect, test } from 'vitest';
import { drumWith } from '../../test/sample-jobs';
import { plan } from '../../plan/plan';
import { provenList } from '../proven-list';
import { openQuestions } from './open-questions';

const HOSE = [{ code: 'BH-075' }, { code: 'HB-075' }] as const;
const asked = (lengthM: number | null) =>
  openQuestions(provenList(plan(drumWith({ parts: [...HOSE, { code: 'HO-075', lengthM }] }))));

test('a hose that nobody has measured is a question on every paper; one longer than it is sold is one and is missed', () => {
  expect(asked(3)).toEqual([]);
  expect(asked(null)).toEqual(['How long is Hose 3/4 in bore in P1?']);
  expect(asked(40)).toEqual([
    'Hose 3/4 in bore in P1 is longer than any stock length: where may it be joined?',
    'Hose 3/4 in bore: it is needed, and not enough of it is on the list.',
  ]);
});
