import path from 'node:path';
import { expect, test } from 'vitest';
import { PAIRINGS, pairingsPage, systemsPage } from './counter-pages';

const docs = path.join(import.meta.dirname, '../../../docs');

// After a change that is meant: npx vitest run --project core core/src/test/counter-pages.test.ts -u
test('the pairings that are argued about stand in the docs as the program judges them', async () => {
  expect(PAIRINGS.length).toBeGreaterThanOrEqual(30);
  await expect(pairingsPage()).toMatchFileSnapshot(path.join(docs, 'pairings.md'));
});

test('every system stands in the docs with what is behind it', () =>
  expect(systemsPage()).toMatchFileSnapshot(path.join(docs, 'systems.md')));
