import { describe, expect, test } from 'vitest';
import { etagOf, revisionOf } from './etag';
import { operation, readBody } from './operation';
import { BODY_LIMIT_BYTES, shapeProblems } from './read-body';

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

test.each([
  ['"7"', 7],
  ['W/"12"', 12],
  [' "3" ', 3],
  ['7', undefined],
  ['"x"', undefined],
  [null, undefined],
])('the revision in %s is %s', (etag, revision) => expect(revisionOf(etag)).toBe(revision));

test('an etag is read as it is written', () => expect(revisionOf(etagOf(42))).toBe(42));
