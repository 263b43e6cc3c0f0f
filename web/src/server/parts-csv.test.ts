import { type ProvenList, plan, provenList, ternPoint } from '@herrero/core';
import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { fileNameOf, partsCsv } from './parts-csv';

const parts = provenList(plan(ternPoint()));
const read = (csv: string) => Papa.parse<Record<string, string>>(csv.slice(1).trim(), { header: true }).data;

test('every line of the list is a row, and every question too', () => {
  const rows = read(partsCsv(parts, ternPoint()));
  expect(rows.filter(({ Group }) => Group !== 'Not known yet' && Group !== 'Total')).toHaveLength(
    parts.groups.flatMap(({ lines }) => lines).length,
  );
  expect(rows.filter(({ Group }) => Group === 'Not known yet').map((row) => row.Part)).toEqual([
    'How long is Pipe 1-1/2 Schedule 40 in P3?',
  ]);
  expect(rows.find(({ Article }) => Article === 'HS-075100')).toMatchObject({
    Group: 'Run P4',
    Part: 'Hose swivel',
    Need: '1',
    Unit: 'piece',
    Buy: '1',
    Where: 'P4',
  });
});

test('prices add up to the total', () => {
  const rows = read(partsCsv(parts, ternPoint()));
  const sum = rows
    .filter(({ Group }) => Group !== 'Total')
    .reduce((total, row) => total + Number(row['Reckoned price USD']), 0);
  expect(sum).toBeCloseTo(Number(rows.at(-1)?.['Reckoned price USD']), 2);
});

test('a cell that would start a formula is escaped', () => {
  const hostile: ProvenList = { ...parts, questions: ['=HYPERLINK("x")', '+1', '@x'] };
  const cells = read(partsCsv(hostile, ternPoint()))
    .filter(({ Group }) => Group === 'Not known yet')
    .map((row) => row.Part);
  expect(cells).toEqual([`'=HYPERLINK("x")`, `'+1`, `'@x`]);
});

test('prices are in the money of the job, with its tax', () => {
  const [plain, abroad] = [ternPoint(), { ...ternPoint(), currency: 'GBP', taxPercent: 20 } as const].map((job) =>
    read(partsCsv(parts, job)),
  );
  // 0.8 pounds to the dollar (the table of currencies), and a fifth on top: 0.96 of the figure in dollars.
  const priceOf = (rows: typeof plain, column: string) =>
    Number(rows?.find(({ Article }) => Article === 'HS-075100')?.[column]);
  expect(priceOf(abroad, 'Reckoned price GBP')).toBeCloseTo(priceOf(plain, 'Reckoned price USD') * 0.96, 1);
});

test('a file name that every system takes', () => {
  expect(fileNameOf('Tern Point: boat/rinse')).toBe('tern-point-boat-rinse');
  expect(fileNameOf('Österåker')).toBe('o-stera-ker');
  expect(fileNameOf('///')).toBe('job');
});
