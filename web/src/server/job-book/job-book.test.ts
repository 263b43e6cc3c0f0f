import { plan, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { type Item, type Sheet } from '../sheet/sheet';
import { jobBook, runSheets } from './job-book';
import { EDGE_MM } from './pages';

const job = ternPoint();
const NOON = new Date(2026, 10, 25, 12);
const book = jobBook(job, plan(job), 'a4', NOON);
const textsOf = ({ items }: Sheet): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
const all = book.flatMap(textsOf);

describe('the book for the site', () => {
  test('has every line, question, caution and cut', () => {
    const words = all.join(' ');
    const { parts } = plan(job);
    for (const { title, lines } of parts.groups) {
      expect(words).toContain(title);
      for (const line of lines) expect(words, line.title).toContain(line.title.split(' ')[0]);
    }
    expect(words).toContain('How long is Pipe 1-1/2 Schedule 40 in P3?');
    expect(words).toContain('vapour that burns');
    expect(words).toContain('All prices are invented');
    for (const { bars } of parts.cuts)
      for (const { pieces } of bars)
        for (const { label } of pieces) expect(all.some((text) => text.startsWith(`${label}: `))).toBe(true);
  });

  test('the drilling sheets are in it, each hole once', () =>
    expect(book.filter(({ title }) => /^P4 /.test(title))).toHaveLength(1));

  test('a number in a drawing is a number in its list, each once', () => {
    const page = book.find((sheet) => textsOf(sheet).some((text) => text.startsWith('Run P4,')))!;
    const texts = textsOf(page);
    const named = texts.filter((text) => /^\d+ {2}\S/.test(text)).map((text) => Number.parseInt(text, 10));
    // Alone in a circle, and in space beside its piece with the cut.
    const balloons = texts.filter((text) => /^\d{1,2}( {2}\S.*(mm|in|ft|\?).*)?$/.test(text)).map(Number.parseFloat);
    for (const number of new Set(named)) expect(balloons).toContain(number);
  });

  test('nothing of the list lies off the paper', () => {
    const at = (item: Item): readonly number[] => (item.kind === 'line' ? [item.x1, item.x2] : [item.x]);
    for (const { items, widthMm, title } of book.filter((sheet) => sheet.title.includes(': parts')))
      for (const item of items)
        for (const x of at(item))
          expect(x >= EDGE_MM - 0.1 && x <= widthMm - EDGE_MM + 0.1, `${title} ${x}`).toBe(true);
  });
});

test('each run is a drawing with its parts by name', () => {
  const sheets = runSheets(job, plan(job), NOON);
  const withParts = plan(job).runs.filter(({ strands }) => strands.some(({ items }) => items.length > 0));
  expect(sheets).toHaveLength(withParts.length);
  expect(textsOf(sheets.find(({ title }) => title.includes('P4'))!).join(' ')).toContain('Lever valve');
});
