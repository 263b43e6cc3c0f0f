import { RECORDS, applyEdits, emptyJob, plan, setOutTank, shippedCatalogue, ternPoint } from '@herrero/core';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { layOut } from '@/drawing/geometry/string-layout';
import { stationToOpen } from '../jobs/station-to-open';
import { detailWords, endWords, judgedOf } from '../runs/string-rows';
import { seamOfRun } from './seam-of-run';

const planned = plan(ternPoint());
const strandOf = (id: string) => {
  const strand = planned.runs.find(({ penetration }) => penetration.id === id)?.strands[0];
  if (!strand) throw new Error(`no strand at ${id}`);
  return strand;
};

test.each([
  ['p4', 'starts-then-leaks'],
  ['p3', 'unknown'],
  ['p2', 'holds'],
  ['p5', 'tape'],
  ['p6', 'washer'],
])('the seam that speaks for %s is %s', (id, seam) => expect(seamOfRun(planned, id)).toBe(seam));

test('a hole with nothing is open', () => {
  const job = ternPoint();
  const bare = plan({ ...job, parts: [], joints: [] });
  expect(seamOfRun(bare, 'p4')).toBe('open');
});

test('a bung that stays as it came is closed; one that is used and has nothing on it is open', () => {
  const made = applyEdits(emptyJob('Drum', 'mm-l'), setOutTank('t1', 'closed-drum'), shippedCatalogue);
  if (!made.ok) throw new Error(made.error.message);
  const seamAs = (portUse: 'use' | 'leave' | 'plug') =>
    made.value.job.penetrations.map(({ id }) =>
      seamOfRun(
        plan({
          ...made.value.job,
          penetrations: made.value.job.penetrations.map((hole) => ({ ...hole, portUse })),
        }),
        id,
      ),
    );
  expect([seamAs('use'), seamAs('leave'), seamAs('plug')]).toEqual([
    ['open', 'open'],
    ['holds', 'holds'],
    ['holds', 'holds'],
  ]);
});

test.each([
  ['p1', 'At boat house downpipe', false],
  ['p2', 'Water leaves here, screened', false],
  ['p3', 'Into T2', false],
  ['p4', 'End open', true],
  ['p5', 'At gravel bed', false],
  ['p7', 'Open, screened', false],
])('the end of %s reads %s', (id, words, open) => expect(endWords(strandOf(id), planned)).toEqual({ words, open }));

describe('rows of the string', () => {
  const layout = layOut(strandOf('p4'), {
    wallMm: 6,
    port: false,
    jointOf: (id) => planned.joints.find(({ joint }) => joint.id === id),
  });

  test('name every part, and lengths with theirs', () => {
    expect(layout.parts.map((part) => `${part.name}: ${detailWords(part, 'in-gal')}`).slice(-2)).toEqual([
      'Hose swivel: 3/4 NH female swivel x 1 in tail',
      'Hose: 60 ft, 1 in bore',
    ]);
    const link = layOut(strandOf('p3'), { wallMm: 6, port: false, jointOf: () => undefined });
    expect(link.parts.map((part) => detailWords(part, 'in-gal'))).toContain('length not known, 1-1/2 Schedule 40');
  });

  test('say of a part that it stands already', () => {
    const [first] = layout.parts;
    expect(first && detailWords({ ...first, existing: true }, 'in-gal')).toBe('3/4 NPT female, stands already');
  });

  test('find the judgement of every seam', () =>
    expect(layout.seams.map((seam) => judgedOf(planned, seam)?.number)).toEqual([1, 2, 3, 4, 5, 6]));
});

describe('a job opens', () => {
  test('where there is trouble', () => expect(stationToOpen(planned.stations).id).toBe('runs'));
  test('at its tanks when there is nothing', () =>
    expect(stationToOpen(plan(emptyJob('New', 'mm-l')).stations).id).toBe('tanks'));
});

describe('undo says the words of the screen', () => {
  const screens = readdirSync(path.join(import.meta.dirname, '..'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'))
    .map((file) => readFileSync(path.join(import.meta.dirname, '..', file), 'utf8').replace(/\s+/g, ' '))
    .join('\n');
  const asked = Object.entries(RECORDS).flatMap(([record, fields]) =>
    Object.entries(fields as Readonly<Record<string, { readonly asked?: string }>>).flatMap(([name, field]) =>
      field.asked === undefined ? [] : [[`${record}.${name}`, field.asked] as const],
    ),
  );
  test.each(asked)('%s is asked as “%s”', (_, words) => expect(screens.includes(words)).toBe(true));
});
