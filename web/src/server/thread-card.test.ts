import path from 'node:path';
import { type ThreadEnd, parseEnd } from '@herrero/core';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { MOST_THREADS, cardName, threadCard } from './thread-card';

const thread = (text: string): ThreadEnd => {
  const parsed = parseEnd(text);
  if (!parsed.ok || parsed.value.kind !== 'thread') throw new Error(text);
  return parsed.value;
};
const ENDS = ['3/4 NPT M', '3/4 NPT F', 'S60x6 M', '1 R M'].map(thread);

// The server runs in web/, where the fonts of the PDFs lie.
beforeAll(() => void vi.spyOn(process, 'cwd').mockReturnValue(path.join(import.meta.dirname, '../..')));
afterAll(() => void vi.restoreAllMocks());

/** Page sizes as the file states them, in points. */
const mediaBoxes = (pdf: Buffer): string[] =>
  [...pdf.toString('latin1').matchAll(/\/MediaBox \[([^\]]+)\]/g)].map(([, box = '']) => box);

describe('the thread card', () => {
  // ISO 216 A4 is 210 x 297 mm, US Letter 8-1/2 x 11 in; 72 points to the inch.
  test.each([
    ['a4', '0 0 595.28 841.89'],
    ['letter', '0 0 612 792'],
  ] as const)('is one page of %s', async (paper, box) => {
    const pdf = await threadCard(ENDS, paper);
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(mediaBoxes(pdf)).toEqual([box]);
  });
  test('carries its fonts with it', async () => {
    const text = (await threadCard(ENDS, 'a4')).toString('latin1');
    expect(text).toContain('/FontFile2');
    expect(text).toContain('Archivo');
  });
  test('still fits on one page with as many threads as it takes', async () => {
    const many = Array.from({ length: MOST_THREADS }, (_, index) => ENDS[index % ENDS.length] as ThreadEnd);
    for (const paper of ['a4', 'letter'] as const) expect(mediaBoxes(await threadCard(many, paper))).toHaveLength(1);
  });
  test('is named after its one thread', () => {
    expect(cardName([thread('3/4 NPT M')])).toBe('thread-card-3-4-npt-m.pdf');
    expect(cardName(ENDS)).toBe('thread-card.pdf');
  });
});
