import { shippedCatalogue } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { openList, readFile } from './list-file';

const bytes = (text: string): ArrayBuffer => new TextEncoder().encode(text).buffer;
const TABLE = 'code,name,size,material,end 1,price\nA-1,Bridge,2,brass,2 NPT M,12\n';

describe('a list file', () => {
  test.each([
    ['commas', TABLE],
    ['semicolons', TABLE.replaceAll(',', ';')],
    ['tabs', TABLE.replaceAll(',', '\t')],
    ['a byte order mark', `\uFEFF${TABLE}`],
    ['lines of Windows and empty ones', TABLE.replaceAll('\n', '\r\n\r\n')],
  ])('with %s is the same list', (_, text) => {
    const { read } = openList(readFile(bytes(text)), shippedCatalogue);
    expect(read).toMatchObject({ own: [{ code: 'A-1', ends: ['2 NPT M'], priceUsd: 12 }], problems: [] });
  });

  test('in the encoding of an old spreadsheet keeps its letters, and says what it was taken for', () => {
    // Windows-1252: é is one byte, E9, which is no UTF-8.
    const old = Uint8Array.from(TABLE.replace('Bridge', 'Pi\u00e8ce'), (letter) => letter.charCodeAt(0));
    const file = readFile(old.buffer);
    expect(file.encoding).toBe('Windows-1252');
    expect(file.rows[0]?.[1]).toBe('Pièce');
  });

  test('in UTF-16 is known by its mark', () => {
    const wide = new Uint8Array([0xff, 0xfe, ...[...TABLE].flatMap((letter) => [letter.charCodeAt(0), 0])]);
    expect(readFile(wide.buffer)).toMatchObject({
      encoding: 'UTF-16',
      headings: ['code', 'name', 'size', 'material', 'end 1', 'price'],
    });
  });

  test('with formula cells: they are named, the good rows stand', () => {
    const { read } = openList(
      readFile(bytes(`${TABLE}A-2,"=HYPERLINK(""http://x"")",2,brass,2 NPT M,1\n`)),
      shippedCatalogue,
    );
    expect(read.own).toHaveLength(1);
    expect(read.problems).toMatchObject([{ row: 2, field: 'name' }]);
  });

  test('whose apostrophes were put in against formulas reads them away again', () => {
    const { file } = openList(readFile(bytes("code,name\nA,'-12 tail\n")), shippedCatalogue);
    expect(file.rows[0]).toEqual(['A', '-12 tail']);
  });

  test('with a quotation mark that is never closed says from where', () =>
    expect(readFile(bytes('code,name\nA,"open\nB,x\n')).broken).toHaveLength(1));

  test('of nothing, or of no text at all, is an empty list', () => {
    expect(readFile(bytes(''))).toMatchObject({ headings: [], rows: [] });
    const { read } = openList(readFile(new Uint8Array([0, 255, 3, 200, 10, 7]).buffer), shippedCatalogue);
    expect(read.own).toEqual([]);
  });
});
