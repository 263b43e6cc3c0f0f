import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { dataModelPage } from './data-model';

const src = path.join(import.meta.dirname, '..');
const read = (file: string): string => readFileSync(path.join(src, file), 'utf8');
const filesIn = (folder: string, but: readonly string[] = []): readonly string[] =>
  readdirSync(path.join(src, folder), { withFileTypes: true })
    .filter((entry) => entry.isFile() && entry.name.endsWith('.ts') && !/\.(test|bench)\.ts$/.test(entry.name))
    .map((entry) => entry.name.replace(/\.ts$/, ''))
    .filter((name) => !but.includes(name));

/** Where a kind of thing lives, and the file with its one line for each. What is no thing of its kind is named. */
const REGISTRIES: readonly {
  readonly folder: string;
  readonly registry: string | readonly string[];
  readonly but?: readonly string[];
}[] = [
  { folder: 'fittings/families', registry: 'fittings/catalogue.ts' },
  { folder: 'walls/tank-types', registry: 'walls/tank-types.ts', but: ['define'] },
  { folder: 'walls/forms', registry: 'walls/forms.ts' },
  { folder: 'connections/families/pipe-joints', registry: 'connections/families/pipes.ts' },
  { folder: 'connections/standards/wall-seals', registry: 'connections/standards/wall-seals.ts' },
  { folder: 'job/migrations', registry: 'job/migrate.ts' },
];
const helpersOf = (folder: string, registry: string, names: readonly string[]): readonly string[] =>
  // A file that others of its folder build on is a tool of theirs.
  names.filter((name) =>
    filesIn(folder).some((other) => other !== name && read(`${folder}/${other}.ts`).includes(`'./${name}'`)),
  );

describe.each(REGISTRIES)('every file of $folder', ({ folder, registry, but = [] }) => {
  test('has its line in its registry', () => {
    const text = [registry].flat().map(read).join('\n');
    const missing = filesIn(folder, but).filter((name) => !new RegExp(`/${name}'`).test(text));
    expect(missing.filter((name) => !helpersOf(folder, '', missing).includes(name))).toEqual([]);
  });
});

test('every table of the standards is read by threads, pipes, hose, couplings or wall seals', () => {
  const folder = 'connections/standards';
  const names = filesIn(folder);
  const texts = names.map((name) => [name, read(`${folder}/${name}.ts`)] as const);
  const all = [...filesIn('connections'), ...filesIn('connections/families').map((name) => `families/${name}`)]
    .map((name) => read(`connections/${name}.ts`))
    .join('\n');
  const unread = names.filter(
    (name) =>
      !texts.some(([other, text]) => other !== name && text.includes(`'./${name}'`)) &&
      !all.includes(`standards/${name}'`),
  );
  expect(unread).toEqual([]);
});

test('every kind of edit has its line', () => {
  const text = read('edits/edits.ts');
  const kinds = filesIn('edits').filter((name) => read(`edits/${name}.ts`).includes('defineEdit({'));
  expect(kinds.filter((name) => !text.includes(`'./${name}'`))).toEqual([]);
  expect(kinds.length).toBeGreaterThan(15);
});

test('the picture of the data model is drawn from the descriptions of today', () =>
  expect(readFileSync(path.join(src, '../../docs/data-model.md'), 'utf8')).toBe(dataModelPage()));
