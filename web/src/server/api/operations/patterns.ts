import { FIGURE_KINDS, type Fields, MEASURES, PATTERNS, REGIONS } from '@herrero/core';
import { type Operation, operation } from '../operation';
import { COUNT, NUMBER, TEXT, group, listOf } from './kinds';

const LONGEST_NAME = 120;

/** What every kind of system is sized by: a kind is told from another by its id. */
const SYSTEM = {
  kind: 'variant',
  on: 'pattern',
  of: Object.fromEntries(PATTERNS.map(({ id, figures }): [string, Fields] => [id, figures])),
} as const;

export const listPatterns = operation({
  id: 'listPatterns',
  summary: 'The kinds of system that a job can be begun with, and what each is sized by (SI)',
  answers: {
    200: {
      says: 'All of them',
      json: group({
        patterns: listOf(
          group({
            id: TEXT,
            name: TEXT,
            says: TEXT,
            figures: listOf(
              group({
                key: TEXT,
                asked: TEXT,
                kind: { kind: 'choice', of: [...FIGURE_KINDS, 'count'] },
                usual: NUMBER,
                least: NUMBER,
                most: NUMBER,
              }),
            ),
          }),
        ),
      }),
    },
  },
  example: {},
});

export const beginByPattern = operation({
  id: 'beginByPattern',
  summary: 'Begin a job with a kind of system in the parts of a region; a figure that is not given is as usual',
  body: {
    name: { ...TEXT, most: LONGEST_NAME, optional: true },
    region: { kind: 'choice', of: REGIONS },
    measures: { kind: 'choice', of: MEASURES, optional: true, says: 'Absent: those of the region' },
    system: SYSTEM,
  },
  answers: {
    201: { says: 'Begun', json: group({ id: TEXT, name: TEXT, revision: COUNT }) },
  },
  refuses: [400, 413],
  heavy: true,
  example: { body: { name: 'Yard', region: 'EU', system: { pattern: 'bin-tap', blocksM: 0.3 } } },
});

export const PATTERN_OPERATIONS = {
  '/api/v1/patterns': { get: listPatterns, post: beginByPattern },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;
