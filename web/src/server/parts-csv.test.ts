import { type PartsList, plan, ternPoint } from '@herrero/core';
import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { fileNameOf, partsCsv } from './parts-csv';

const parts = plan(ternPoint()).parts;
const read = (csv: string) => Papa.parse<Record<string, string>>(csv.slice(1).trim(), { header: true }).data;

test('every line of the list is a row, and every question too', () => {
  const rows = read(partsCsv(parts));
  expect(rows.filter(({ Group }) => Group !== 'Not known yet' && Group !== 'Total')).toHaveLength(
    parts.groups.flatMap(({ lines }) => lines).length,
  );
  expect(rows.filter(({ Group }) => Group === 'Not known yet').map((row) => row.Part)).toEqual([
    'How long is Pipe 1-1/2 Schedule 40 in P3?',
  ]);
  expect(rows.find(({ Code }) => Code === 'HS-075100')).toMatchObject({
    Group: 'Run P4',
    Part: 'Hose swivel',
    Need: '1',
    Unit: 'piece',
    Buy: '1',
    Where: 'P4',
  });
});

test('prices add up to the total', () => {
  const rows = read(partsCsv(parts));
  const sum = rows.filter(({ Group }) => Group !== 'Total').reduce((total, row) => total + Number(row['Price USD']), 0);
  expect(sum).toBeCloseTo(Number(rows.at(-1)?.['Price USD']), 2);
});

test('a cell that would start a formula is escaped', () => {
  const hostile: PartsList = { ...parts, questions: ['=HYPERLINK("x")', '+1', '@x'] };
  const cells = read(partsCsv(hostile))
    .filter(({ Group }) => Group === 'Not known yet')
    .map((row) => row.Part);
  expect(cells).toEqual([`'=HYPERLINK("x")`, `'+1`, `'@x`]);
});

test('a file name that every system takes', () => {
  expect(fileNameOf('Tern Point: boat/rinse')).toBe('tern-point-boat-rinse');
  expect(fileNameOf('Österåker')).toBe('o-stera-ker');
  expect(fileNameOf('///')).toBe('job');
});
