import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';
import { CHECKS } from './registry';

const here = import.meta.dirname;
const folders = readdirSync(here, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .flatMap((group) =>
    readdirSync(path.join(here, group.name), { withFileTypes: true })
      .filter((entry) => entry.isDirectory())
      .map((entry) => `${group.name}/${entry.name}`),
  );

test('every folder is registered, and every registered check has its folder', () =>
  expect(CHECKS.map(({ meta }) => meta.id).sort()).toEqual(folders.sort()));

test.each(folders)('%s has its test and its page, in the usual order', (folder) => {
  expect(existsSync(path.join(here, folder, 'check.test.ts'))).toBe(true);
  const headings = readFileSync(path.join(here, folder, 'doc.md'), 'utf8').match(/^## .*$/gm);
  expect(headings).toEqual([
    '## What it finds',
    '## Why it matters',
    '## A plan with it',
    '## A plan without',
    '## What to do',
    '## When it is wrong',
    '## Sources',
  ]);
});

test.each(CHECKS)('$meta.id says what to do, as its page does', ({ meta: { id, toDo, messages } }) => {
  const page = readFileSync(path.join(here, id, 'doc.md'), 'utf8');
  expect(page).toContain(`## What to do\n\n${toDo}\n\n`);
  for (const { toDo: other } of Object.values(messages))
    if (other !== undefined) expect(page).toContain(`- ${other}\n`);
});

test.each(CHECKS)('a title of $meta.id is written as it stands', ({ meta: { messages } }) =>
  expect(Object.values(messages).filter(({ title }) => title.includes('{'))).toEqual([]),
);
