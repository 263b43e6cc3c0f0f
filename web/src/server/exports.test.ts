import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import {
  type Job,
  drillHoles,
  plan,
  provenList,
  quarryLane,
  shelves,
  shippedCatalogue,
  ternPoint,
} from '@herrero/core';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import { JSDOM } from 'jsdom';
import Papa from 'papaparse';
import readXlsx from 'read-excel-file/node';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { drillingDxf } from './cad/drilling-dxf';
import { spaceDxf } from './cad/space-dxf';
import { jobBook, runSheets } from './job-book/job-book';
import { fileNameOf, partsCsv } from './parts-csv';
import { partsXlsx } from './parts-xlsx';
import { pickListHtml } from './pick-list-html';
import { printable } from './printable';
import { SHEET_KINDS } from './sheet/kinds';

const before = process.cwd();
const folder = mkdtempSync(path.join(tmpdir(), 'herrero-exports-'));
// The fonts lie where the server runs.
beforeAll(() => process.chdir(new URL('../..', import.meta.url).pathname));
afterAll(() => {
  process.chdir(before);
  rmSync(folder, { recursive: true });
});

/** Names as somebody could have typed, pasted or stored them; the last ones are from before texts were one line. */
const NAMES = [
  'Ω خزان المطر ‏العربي‎',
  '=1+1; +cmd|"/c calc"!A0',
  '<b>&amp; "quotes" \'single\' ]]> <!-- --></script>',
  '50%%c ^J %%u ^I {\\fArial;x} \\U+00B0',
  'comma, semicolon; "quote" tab',
  '🚰🏡 tank 中文 é̂',
  'x'.repeat(80),
  'line\nbreak\r\nand\ttab',
  'nul\0 bell\u0007 half \ud83d del\u007f next\u0085',
] as const;
const nasty = fc.oneof(
  fc.constantFrom(...NAMES),
  fc.string({ minLength: 1, maxLength: 80, unit: 'binary' }),
  fc.string({ minLength: 1, maxLength: 80, unit: fc.constantFrom(...'<>&"\'%^\\{};,=+-@|\0\n\t\ud83dا🚰') }),
);

/** A job under these names, as it leaves the application. */
const named = (job: Job, name: string): Job =>
  printable({
    ...job,
    name,
    terminals: job.terminals.map((one) => ({ ...one, name })),
    roofs: job.roofs.map((one) => ({ ...one, name })),
    penetrations: job.penetrations.map((one) => ({ ...one, name })),
  });
const SMALL = quarryLane();
const NOW = new Date('2026-11-30T12:00:00Z');
const bytesOf = async (body: Buffer | string | Promise<Buffer | string>): Promise<Buffer> => Buffer.from(await body);

/** For every name: the file is made, and a reader that is none of ours reads it to its end. */
const everyName = (read: (job: Job) => Promise<void>, of: Job = SMALL): Promise<void> =>
  fc.assert(
    fc.asyncProperty(nasty, (name) => read(named(of, name))),
    {
      numRuns: 12,
      examples: NAMES.map((name): [string] => [name]),
    },
  );

describe('under any name', () => {
  test('DXF is read by a parser of the registry, text for text', () =>
    everyName((job) => {
      const planned = plan(job);
      const read = new DxfParser().parseSync(spaceDxf(planned) ?? '');
      const standing = planned.runs.filter(({ strands }) => strands.some(({ items }) => items.length > 0));
      expect(read?.entities.filter(({ type }) => type === 'TEXT')).toHaveLength(standing.length);
      for (const tank of job.tanks) {
        const holes = drillHoles(tank, planned.context);
        const drilled = new DxfParser().parseSync(drillingDxf(tank, holes, job.measures));
        const faces = new Set(holes.map(({ hole }) => hole.face));
        expect(drilled?.entities.filter(({ type }) => type === 'TEXT')).toHaveLength(holes.length + faces.size);
      }
      return Promise.resolve();
    }, ternPoint()));

  test('SVG is well-formed XML and says the name', () =>
    everyName(async (job) => {
      const svg = (await bytesOf(SHEET_KINDS.svg.write(runSheets(job, plan(job), NOW), job.name))).toString();
      const { document } = new JSDOM(svg, { contentType: 'image/svg+xml' }).window;
      expect(document.querySelector('title')?.textContent).toBe(job.name);
    }));

  test(
    'PDF is read by poppler',
    () =>
      everyName(async (job) => {
        const file = path.join(folder, 'book.pdf');
        writeFileSync(file, await bytesOf(SHEET_KINDS.pdf.write(jobBook(job, plan(job), 'a4', NOW), job.name)));
        expect(execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' })).toContain('Run P1');
      }),
    120_000,
  );

  test('XLSX is read by another package than it is written with', () =>
    everyName(async (job) => {
      const rows = await readXlsx(Readable.from(Buffer.from(await partsXlsx(provenList(plan(job)), job, 'a4'))));
      expect(rows.length).toBeGreaterThan(0);
    }));

  test('CSV has as many fields in every row, and none that a spreadsheet would work out', () =>
    everyName((job) => {
      const { data, errors } = Papa.parse<string[]>(
        partsCsv(provenList(plan(job)), job)
          .replace(/^\ufeff/, '')
          .trim(),
      );
      expect(errors).toEqual([]);
      expect(new Set(data.map((row) => row.length)).size).toBe(1);
      for (const cell of data.flat()) expect(cell).not.toMatch(/^[=+@]|^-(?!\d)/);
      return Promise.resolve();
    }));

  test('HTML has the name as text and no script of anybody else', () =>
    everyName((job) => {
      const html = pickListHtml(job.name, 'j', shelves(plan(job).parts, shippedCatalogue), [job.name], '2026-11-30');
      const { document } = new JSDOM(html).window;
      expect(document.querySelector('h1')?.textContent).toContain(job.name);
      expect(document.querySelectorAll('script')).toHaveLength(1);
      expect(document.querySelector('h1 *')).toBeNull();
      return Promise.resolve();
    }));

  test('the name of the file is one that every disk takes', () =>
    fc.assert(fc.property(nasty, (name) => void expect(fileNameOf(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,59}$/))));
});

test('what can be printed is left as it is, the very same object', () => {
  const job = ternPoint();
  expect(printable(job)).toBe(job);
  expect(printable({ a: ['x', 'y\0z'], b: job }).b).toBe(job);
  expect(printable({ a: ['x', 'y\0z'] }).a).toEqual(['x', 'y\ufffdz']);
});
