import { AVOIDABLE, CAPABILITIES, CEMENTS, FIGURE_KINDS, FITS, LEANS, MEASURES } from '@herrero/core';
import { CLIMATES, DURATIONS_MIN } from '@/server/rainfall';
import { type Operation, operation } from '../operation';
import { PAPER } from './files';
import {
  COUNT,
  END_TEXT,
  MADE_WITH,
  MATERIAL,
  MATING,
  MAY_TEXT,
  NUMBER,
  NUMBER_OR_NULL,
  REGION,
  ROUTE_PART,
  SERVICE,
  TEXT,
  YES_NO,
  group,
  listOf,
} from './kinds';

/** The most that one question may ask for: a search answers within a moment. */
const MOST_ROUTES = 20;
const MOST_PARTS = 8;

export const describeApi = operation({
  id: 'describeApi',
  summary: 'This description',
  answers: { 200: { says: 'OpenAPI 3.1', json: { kind: 'any' } } },
  example: {},
});

export const checkJoint = operation({
  id: 'checkJoint',
  summary: 'Do these two ends make a joint that holds?',
  body: {
    a: END_TEXT,
    b: END_TEXT,
    aMaterial: MATERIAL,
    bMaterial: MATERIAL,
    madeWith: { ...MADE_WITH, says: 'What it is really made with; absent: with what it needs' },
    cement: { kind: 'choice', of: CEMENTS, optional: true },
    service: SERVICE,
  },
  answers: { 200: { says: 'The mating', json: group(MATING) } },
  refuses: [400, 413],
  example: { body: { a: '3/4 NPT M', b: '3/4 NPT F', aMaterial: 'brass' } },
});

export const findWays = operation({
  id: 'findRoutes',
  summary:
    'Ways between two open ends in which every joint holds; where there is none, the one part that would close it',
  body: {
    from: { ...END_TEXT, says: 'The open end as it stands' },
    to: END_TEXT,
    fromMaterial: MATERIAL,
    toMaterial: MATERIAL,
    service: SERVICE,
    target: {
      kind: 'choice',
      of: ['offers', 'joins'],
      default: 'offers',
      says: 'Is `to` the end that the finished run shall offer, or the end that it shall join?',
    },
    flow: {
      kind: 'choice',
      of: ['onward', 'back'],
      optional: true,
      says: 'Which way the water goes, seen from `from`; not said: onward',
    },
    region: REGION,
    require: { ...listOf({ kind: 'choice', of: CAPABILITIES } as const, CAPABILITIES.length), optional: true },
    avoid: { ...listOf({ kind: 'choice', of: AVOIDABLE } as const, AVOIDABLE.length), optional: true },
    prefer: { ...listOf({ kind: 'choice', of: LEANS } as const, LEANS.length), optional: true },
    minBoreMm: { kind: 'number', least: 0, most: 1000, optional: true },
    limit: { kind: 'count', least: 1, most: MOST_ROUTES, optional: true },
    mostParts: { kind: 'count', least: 1, most: MOST_PARTS, optional: true },
  },
  answers: {
    200: {
      says: 'Ways, best first',
      json: group({
        routes: listOf(
          group({
            parts: listOf(group(ROUTE_PART)),
            joints: listOf(group(MATING)),
            price: NUMBER,
            smallestBoreMm: NUMBER_OR_NULL,
          }),
        ),
        gap: {
          ...group({ part: TEXT, before: listOf(group(ROUTE_PART)), after: listOf(group(ROUTE_PART)) }),
          optional: true,
        },
        unmet: { ...listOf({ kind: 'choice', of: CAPABILITIES } as const), optional: true },
      }),
    },
  },
  refuses: [400, 413],
  heavy: true,
  example: { body: { from: '3/4 NPT M', to: '3/4 NH M', fromMaterial: 'brass', require: ['shut-off'] } },
});

const RANGE = { ...listOf(NUMBER, 2), optional: true } as const;

export const identify = operation({
  id: 'identifyThread',
  summary: 'Which thread is this? At most three candidates, and the reading that would tell the first two apart',
  body: {
    sex: { kind: 'choice', of: ['male', 'female'] },
    diameterMm: { kind: 'number', least: 0, most: 1000, says: 'male: over the crests; female: across the crests' },
    pitchMm: { kind: 'number', above: 0, most: 100, optional: true },
    tpi: { kind: 'number', above: 0, most: 200, optional: true },
    count: {
      ...group({
        count: { kind: 'number', above: 0, most: 200, says: 'Crests counted over the length' },
        overMm: { kind: 'number', above: 0, most: 1000 },
      }),
      optional: true,
    },
    tapered: { kind: 'yes-no', optional: true },
    seat: { kind: 'choice', of: ['flat', 'cone', 'none'], optional: true },
    scatterMm: { kind: 'number', least: 0, most: 10, optional: true },
    tipMm: { kind: 'number', least: 0, most: 1000, optional: true, says: 'Over the first crest' },
    flankDeg: { kind: 'choice', of: [55, 60], optional: true },
    region: REGION,
  },
  answers: {
    200: {
      says: 'What fits',
      json: group({
        candidates: listOf(
          group({
            end: TEXT,
            twins: listOf(TEXT),
            fit: { kind: 'choice', of: FITS },
            offMm: NUMBER,
            margin: NUMBER_OR_NULL,
            why: TEXT,
          }),
        ),
        more: COUNT,
        fewCrests: {
          ...YES_NO,
          says: 'So few crests were counted that half a crest is as much as the step to the next pitch',
        },
        tellApart: {
          ...group({
            measure: { kind: 'choice', of: ['pitch', 'runs', 'tip', 'flanks', 'seat', 'diameter'] },
            words: TEXT,
            readings: listOf(group({ end: TEXT, says: TEXT, mm: RANGE })),
            undecidedMm: RANGE,
            otherwise: MAY_TEXT,
          }),
          orUnknown: true,
        },
      }),
    },
  },
  refuses: [400, 413],
  example: { body: { sex: 'male', diameterMm: 26.5, tpi: 14, tapered: true, region: 'US' } },
});

export const threadCard = operation({
  id: 'getThreadCard',
  summary: 'Thread card at true scale, with a check ruler',
  query: { ends: { kind: 'text', most: 400, says: 'Threads, with commas between' }, paper: PAPER },
  answers: { 200: { says: 'The card', file: 'application/pdf' } },
  refuses: [400],
  heavy: true,
  example: { query: { ends: '3/4 NPT M,3/4 G M', paper: 'a4' } },
});

export const readFigureText = operation({
  id: 'readFigure',
  summary: 'Reads a figure as it is typed into a field; one that can be read in two ways is refused with both readings',
  body: {
    text: { kind: 'text', least: 0, most: 200 },
    kind: { kind: 'choice', of: FIGURE_KINDS },
    measures: { kind: 'choice', of: MEASURES, says: 'In which a figure without a unit is read' },
    region: { ...REGION, says: 'Which mark parts the decimals there' },
    usual: { ...listOf(NUMBER, 2), least: 2, optional: true, says: 'Between which it usually lies, in SI' },
  },
  answers: {
    200: { says: 'In the unit in which its kind is kept', json: group({ value: NUMBER, unit: TEXT, text: TEXT }) },
  },
  refuses: [400, 413],
  example: { body: { text: '48½ in', kind: 'length', measures: 'in-gal', region: 'US' } },
});

export const rainfall = operation({
  id: 'standInRainfall',
  summary: 'Stand-in for a rainfall service: a made-up design rain',
  query: {
    climate: { kind: 'choice', of: CLIMATES },
    minutes: { kind: 'choice', of: DURATIONS_MIN, default: 10 },
  },
  answers: {
    200: {
      says: 'The rain, made up',
      json: group({
        standIn: { kind: 'yes-no' },
        climate: { kind: 'choice', of: CLIMATES },
        minutes: NUMBER,
        returnYears: NUMBER,
        mmPerH: NUMBER,
      }),
    },
  },
  refuses: [400],
  example: { query: { climate: 'temperate', minutes: '10' } },
});

/** By path and method. */
export const BENCH_OPERATIONS = {
  '/api/v1/openapi.json': { get: describeApi },
  '/api/v1/joints/check': { post: checkJoint },
  '/api/v1/routes': { post: findWays },
  '/api/v1/threads/identify': { post: identify },
  '/api/v1/threads/card.pdf': { get: threadCard },
  '/api/v1/figures/read': { post: readFigureText },
  '/api/v1/stand-ins/rainfall': { get: rainfall },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
