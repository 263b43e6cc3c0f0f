// @vitest-environment node
import { zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import writeExcelFile from 'write-excel-file/node';
import { TABLE_LIMITS, readTable } from './read-table';

const bytesOf = (data: Uint8Array): ArrayBuffer =>
  data.buffer.slice(data.byteOffset, data.byteOffset + data.byteLength) as ArrayBuffer;
const isHeading = (cell: string): boolean => ['article', 'price', 'stock'].includes(cell.toLowerCase());
const text = (words: string): ArrayBuffer => bytesOf(new TextEncoder().encode(words));

describe('a table from a file', () => {
  test('CSV, with what was escaped against formulas as it was meant', async () =>
    expect(await readTable(text("Article,Price\r\nNC-075,1.80\r\n'=1+1,2\r\n"), isHeading)).toEqual({
      ok: true,
      value: {
        above: [],
        separator: ',',
        headings: ['Article', 'Price'],
        rows: [
          ['NC-075', '1.80'],
          ['=1+1', '2'],
        ],
      },
    }));

  test('a workbook: figures and text as they stand, no formula worked out', async () => {
    const file = await writeExcelFile([
      ['Article', 'Price', 'Stock'],
      ['NC-075', 1.8, 12],
      ['=1+1', 2, null],
    ]).toBuffer();
    expect(await readTable(bytesOf(file), isHeading)).toEqual({
      ok: true,
      value: {
        above: [],
        separator: undefined,
        headings: ['Article', 'Price', 'Stock'],
        rows: [
          ['NC-075', '1.8', '12'],
          ['=1+1', '2', ''],
        ],
      },
    });
  });

  test('its first line may say what parts the columns, and a title may stand over the headings', async () =>
    expect(
      await readTable(text('\uFEFFsep=;\r\nCounter;;\r\nof May;;\r\nArticle;Price;\r\nA;1,50;\r\n'), isHeading),
    ).toMatchObject({
      value: {
        above: [
          ['Counter', '', ''],
          ['of May', '', ''],
        ],
        separator: ';',
        headings: ['Article', 'Price', ''],
        rows: [['A', '1,50', '']],
      },
    }));

  test('a figure of a workbook with three decimals cannot be taken for thousands', async () => {
    const file = await writeExcelFile([
      ['Article', 'Price'],
      ['A', 15.725],
      ['B', 1200],
    ]).toBuffer();
    expect(await readTable(bytesOf(file), isHeading)).toMatchObject({
      value: {
        rows: [
          ['A', '15.7250'],
          ['B', '1200'],
        ],
      },
    });
  });

  test.each([
    ['nothing', new ArrayBuffer(0), 'The file is empty.'],
    ['an old workbook', bytesOf(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0])), 'old kind'],
    ['half a workbook', bytesOf(zipSync({ 'a.xml': new Uint8Array(5000) }).slice(0, 60)), 'no workbook'],
    ['a zip of something else', bytesOf(zipSync({ 'a.txt': new Uint8Array(10) })), 'no workbook'],
  ])('%s is refused with the reason', async (_, bytes, words) => {
    const read = await readTable(bytes, isHeading);
    expect(read.ok ? '' : read.error).toContain(words);
  });

  // Two megabytes of noughts pack into two thousand bytes: refused by what comes out, not by what it says of itself.
  test('a zip bomb is refused before it is open', async () => {
    const bomb = zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(2_000_000) });
    expect(bomb.length).toBeLessThan(10_000);
    const read = await readTable(bytesOf(bomb), isHeading, { ...TABLE_LIMITS, unpackedBytes: 1_000_000 });
    expect(read.ok ? '' : read.error).toContain('fill a memory');
  });

  test('a thousand files in one are no workbook', async () => {
    const many = zipSync(Object.fromEntries(Array.from({ length: 600 }, (__, at) => [`f${at}`, new Uint8Array(1)])));
    const read = await readTable(bytesOf(many), isHeading);
    expect(read.ok ? '' : read.error).toContain('more than 500 files');
  });
});
