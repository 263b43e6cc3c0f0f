import { PATTERNS } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { findJob } from '../db/job-repository';
import { patternList } from '../patterns';
import { answerBegin } from './answer-begin';

describe('the kinds of system as they are listed', () => {
  const listed = patternList();

  test('are all of them, each with what it says and two to five figures', () => {
    expect(listed.map(({ id }) => id)).toEqual(PATTERNS.map(({ id }) => id));
    for (const { name, says, figures } of listed) {
      expect(name).not.toBe('');
      expect(says).toMatch(/\.$/);
      expect(figures.length).toBeGreaterThanOrEqual(2);
      expect(figures.length).toBeLessThanOrEqual(5);
    }
  });

  test('every figure says what is asked and is usual within its range', () => {
    for (const { figures } of listed)
      for (const { asked, usual, least, most } of figures) {
        expect(asked).not.toBe('');
        expect(usual).toBeGreaterThanOrEqual(least);
        expect(usual).toBeLessThanOrEqual(most);
      }
  });
});

describe('a job begun with one of them', () => {
  const begin = (body: unknown): Promise<Response> =>
    answerBegin(
      new Request('http://localhost/api/v1/patterns', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }),
    );
  const pathsOf = async (response: Response): Promise<readonly string[]> => {
    const { fields } = (await response.json()) as { fields: readonly { path: string }[] };
    return fields.map(({ path }) => path);
  };

  test('is stored whole, by its name, in the parts and the units of its region', async () => {
    const answered = await begin({ name: ' Yard ', region: 'UK', system: { pattern: 'bin-tap', blocksM: 0.3 } });
    expect(answered.status).toBe(201);
    const { id } = (await answered.json()) as { id: string };
    const stored = await findJob(id);
    expect(stored?.document).toMatchObject({ name: 'Yard', region: 'UK', measures: 'mm-l', currency: 'GBP' });
    expect(stored?.document.tanks[0]?.plinthM).toBe(0.3);
    expect(stored?.document.parts.length).toBeGreaterThan(0);
  });

  test('is refused by the place of what is wrong, and nothing is made', async () => {
    const unknown = await begin({ region: 'UK', system: { pattern: 'cistern' } });
    expect(unknown.status).toBe(400);
    expect((await pathsOf(unknown))[0]).toMatch(/^system/);
    const far = await begin({ region: 'UK', system: { pattern: 'bin-tap', blocksM: 40 } });
    expect(far.status).toBe(400);
    expect(await pathsOf(far)).toEqual(['system.blocksM']);
  });
});
