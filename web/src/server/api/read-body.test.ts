import { describe, expect, test } from 'vitest';
import { etagOf, revisionOf } from './etag';
import { operation, readBody } from './operation';
import { BODY_LIMIT_BYTES } from './body';
import { measureProblems } from './measure';
import { shapeProblems } from './read-body';

const OUTER = operation({
  id: 'outer',
  summary: 'Of a test',
  body: {
    name: { kind: 'text', least: 0, most: BODY_LIMIT_BYTES },
    inner: { kind: 'list', of: { kind: 'group', of: { count: { kind: 'count', least: 0, most: 9 } } }, most: 9 },
    since: { kind: 'yes-no', default: true },
  },
  answers: {},
  example: {},
});

const request = (body: BodyInit) => new Request('http://localhost/', { method: 'POST', body });

describe('a body', () => {
  test('of the right shape comes through', async () => {
    const read = await readBody(request(JSON.stringify({ name: 'a', inner: [{ count: 1 }] })), OUTER);
    expect(read).toMatchObject({ ok: true, value: { name: 'a', inner: [{ count: 1 }], since: true } });
  });

  test('is named field by field, in lists too', () => {
    const problems = shapeProblems(OUTER.body, {
      since: true,
      name: 5,
      inner: [{ count: 1 }, { count: 'x', extra: 1 }],
    });
    expect(problems.map(({ path }) => path).sort()).toEqual(['inner[1].count', 'inner[1].extra', 'name']);
  });

  test('that is no UTF-8 is no JSON', async () => {
    const read = await readBody(request(new Uint8Array([0x7b, 0xff, 0x7d])), OUTER);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.error.status).toBe(400);
  });

  test('exactly at the limit is read; one byte more is not', async () => {
    const filled = (bytes: number): string => {
      const frame = '{"name":"","inner":[]}';
      return `{"name":"${'x'.repeat(bytes - frame.length)}","inner":[]}`;
    };
    expect((await readBody(request(filled(BODY_LIMIT_BYTES)), OUTER)).ok).toBe(true);
    const over = await readBody(request(filled(BODY_LIMIT_BYTES + 1)), OUTER);
    expect(over.ok).toBe(false);
    if (!over.ok) expect(over.error.status).toBe(413);
  });
});

describe('before anybody looks at what it means', () => {
  const nested = (depth: number): unknown => (depth === 0 ? 1 : [nested(depth - 1)]);
  const said = (json: unknown) => measureProblems(json).map(({ path, message }) => `${path}: ${message}`);

  test.each<[string, unknown, string | undefined]>([
    ['24 deep', nested(24), undefined],
    ['deeper', nested(25), 'The body is nested deeper than 24 times.'],
    ['200,000 values', Array.from({ length: 200_000 }, () => 0), undefined],
    ['more', { tanks: Array.from({ length: 200_000 }, () => 0) }, 'The body has more than 200000 values.'],
    ['500 fields', Object.fromEntries(Array.from({ length: 500 }, (_, at) => [`f${at}`, 0])), undefined],
    [
      'more fields',
      { a: Object.fromEntries(Array.from({ length: 501 }, (_, at) => [`f${at}`, 0])) },
      'a: 501 fields in one object: 500 at most.',
    ],
    [
      'a constructor',
      JSON.parse('{"a":[{"constructor":1}]}'),
      'a[0].constructor: "constructor" is no name of a field.',
    ],
    ['a prototype', JSON.parse('{"__proto__":{"x":1}}'), '"__proto__" is no name of a field.'],
    ['a control character in a name', { 'a\u0007': 1 }, '"a\\u0007" is no name of a field.'],
    ['half a pair of code units in a name', { 'a\ud83d': 1 }, 'is no name of a field.'],
    ['NUL in a text', { name: 'a\0b' }, 'name: The text has a character that cannot be written.'],
    ['half a pair in a text', { name: '\udc00' }, 'name: The text has a character that cannot be written.'],
    ['a whole pair', { name: 'tap \u{1f6b0}' }, undefined],
  ])('%s', (_, json, expected) => {
    if (expected === undefined) expect(said(json)).toEqual([]);
    else expect(said(json)[0]).toContain(expected);
  });

  // The fault that was: 58,000 empty tanks in 176 kB were answered with 160 MB after 18 seconds.
  test('a list that is too long is one problem, and a hundred problems are enough', () => {
    const fields = {
      inner: { kind: 'list', of: { kind: 'group', of: { count: { kind: 'count', least: 0, most: 9 } } }, most: 2000 },
    } as const;
    const empty = (many: number) => ({ inner: Array.from({ length: many }, () => ({})) });
    expect(shapeProblems(fields, empty(2001))).toEqual([
      { path: 'inner', message: expect.stringContaining('2000') as string },
    ]);
    const problems = shapeProblems(fields, empty(2000));
    expect(problems).toHaveLength(100);
    expect(problems.at(-1)?.path).toBe('inner[99].count');
    expect(shapeProblems(fields, { inner: [{ count: 1 }, null] })[0]?.path).toBe('inner[1]');
  });
});

test.each([
  ['"7"', 7],
  ['W/"12"', 12],
  [' "3" ', 3],
  ['7', undefined],
  ['"x"', undefined],
  [null, undefined],
])('the revision in %s is %s', (etag, revision) => expect(revisionOf(etag)).toBe(revision));

test('an etag is read as it is written', () => expect(revisionOf(etagOf(42))).toBe(42));
