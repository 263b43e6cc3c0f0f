import { PARTS_LIST, TEXT, group } from './kinds';
import { CURRENCIES, PAPER_SIZES } from '@herrero/core';
import { type Operation, operation } from '../operation';

/** Paper of the sheets, by the names by which it is asked for. */
export const PAPER = { kind: 'choice', of: PAPER_SIZES, optional: true } as const;
const EXAMPLE = { path: { id: '3f1c0f6e-job' } } as const;
const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

const file = <const Id extends string>(id: Id, summary: string, type: string) =>
  operation({
    id,
    summary,
    answers: { 200: { says: summary, file: type } },
    refuses: [404],
    heavy: true,
    example: EXAMPLE,
  });

const sheet = <const Id extends string>(id: Id, summary: string, type: string) =>
  operation({
    id,
    summary,
    query: { paper: { ...PAPER, says: 'Not said: as the region of the job has it' } },
    answers: { 200: { says: summary, file: type } },
    refuses: [400, 404],
    heavy: true,
    example: { ...EXAMPLE, query: { paper: 'a4' } },
  });

const drilling = <const Id extends string>(id: Id, type: string) =>
  operation({
    id,
    summary: 'The drilling sheet of a tank, at true scale',
    query: {
      tank: { kind: 'text', most: 80, optional: true, says: 'Id of the tank; the first where it is not given' },
      paper: { ...PAPER, says: 'Not said: as the region of the job has it' },
    },
    answers: { 200: { says: 'One page a hole, more where it is larger than the paper', file: type } },
    refuses: [400, 404],
    heavy: true,
    example: { ...EXAMPLE, query: { tank: 't1', paper: 'a4' } },
  });

export const partsJson = operation({
  id: 'getPartsList',
  summary: 'The parts list with every use of every line',
  answers: {
    200: {
      says: 'The list',
      json: group({
        job: TEXT,
        revision: { kind: 'count', least: 1, most: Number.MAX_SAFE_INTEGER },
        currency: { kind: 'choice', of: CURRENCIES },
        taxPercent: { kind: 'percent', least: 0, most: 100, orUnknown: true },
        ...PARTS_LIST,
      }),
    },
  },
  refuses: [404],
  heavy: true,
  example: EXAMPLE,
});

export const drillingSheets = {
  pdf: drilling('getDrillingSheetPdf', 'application/pdf'),
  svg: drilling('getDrillingSheetSvg', 'image/svg+xml'),
  dxf: drilling('getDrillingSheetDxf', 'image/vnd.dxf'),
} as const;
export const books = {
  'parts.pdf': sheet(
    'getJobBook',
    'For the site on paper: list by place with drawings, cut sheet, drilling sheets, cautions',
    'application/pdf',
  ),
  'runs.svg': sheet('getRunDrawingsSvg', 'The drawings of all runs', 'image/svg+xml'),
  'runs.dxf': sheet('getRunDrawingsDxf', 'The drawings of all runs', 'image/vnd.dxf'),
} as const;

/** By path and method. */
export const FILE_OPERATIONS = {
  '/api/v1/jobs/{id}/parts.json': { get: partsJson },
  '/api/v1/jobs/{id}/parts.csv': { get: file('getPartsCsv', 'The parts list as CSV, UTF-8', 'text/csv') },
  '/api/v1/jobs/{id}/parts.xlsx': {
    get: file('getPartsWorkbook', 'The parts list and the cut list as a workbook; only our totals are formulas', XLSX),
  },
  '/api/v1/jobs/{id}/price-request.csv': {
    get: file(
      'getPriceRequestCsv',
      'A request for prices as CSV: what is to be bought, and columns to fill in',
      'text/csv',
    ),
  },
  '/api/v1/jobs/{id}/price-request.xlsx': {
    get: file('getPriceRequestWorkbook', 'A request for prices as a workbook', XLSX),
  },
  '/api/v1/jobs/{id}/pick-list.html': {
    get: file('getPickList', 'The list to pick from, one file that works without the server', 'text/html'),
  },
  '/api/v1/jobs/{id}/parts.pdf': { get: books['parts.pdf'] },
  '/api/v1/jobs/{id}/runs.svg': { get: books['runs.svg'] },
  '/api/v1/jobs/{id}/runs.dxf': { get: books['runs.dxf'] },
  '/api/v1/jobs/{id}/drilling-sheet.pdf': { get: drillingSheets.pdf },
  '/api/v1/jobs/{id}/drilling-sheet.svg': { get: drillingSheets.svg },
  '/api/v1/jobs/{id}/drilling-sheet.dxf': { get: drillingSheets.dxf },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
