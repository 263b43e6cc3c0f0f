import { expect, test } from 'vitest';
import { contextOf } from '../../../derived/context';
import { shippedCatalogue } from '../../../fittings/catalogue';
import type { EndRef } from '../../../job/job';
import { jobOfPattern } from '../../../patterns/pattern';
import { PATTERNS } from '../../../patterns/patterns';
import { drumWith, linkedDrums, place, tankWith } from '../../../test/sample-jobs';
import { runChecks } from '../../run-checks';
import { testCheck } from '../../../test/test-check';
import check from './check';

const valve = [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }] as const;

testCheck(check, {
  clean: [
    { why: 'a tap discharges', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }) },
    { why: 'a cap closes', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'KV-075' }] }) },
    { why: 'the run has not begun: that is another check', job: drumWith({ parts: [{ code: 'BH-075' }] }) },
    {
      why: 'water leaves into daylight',
      job: drumWith({
        parts: valve,
        terminals: [place({ id: 'bed', name: 'bed' })],
        end: { of: 'terminal', id: 'bed' },
      }),
    },
  ],
  found: [
    {
      why: 'a valve with nothing on it',
      job: drumWith({ parts: valve }),
      findings: [{ title: 'End open', at: 'P1', text: '3/4 NPT female' }],
      fixSettles: true,
    },
    // Seen on a cistern: a cap was offered for the duct of the pump's cord.
    {
      why: 'the duct of a cord: it is led somewhere, and never capped',
      job: drumWith({
        hole: { roles: ['cord-entry'], heightM: 0.85 },
        parts: [{ code: 'BS-075' }, { code: 'PI-075', lengthM: 0.2 }],
      }),
      findings: [{ title: 'Where does the duct lead?', at: 'P1' }],
      fixSettles: false,
    },
    {
      why: 'the branch of a tee',
      job: drumWith({
        parts: [
          { code: 'BS-075' },
          { code: 'PI-075', lengthM: 0.2 },
          { code: 'TS-075' },
          { code: 'PI-075', lengthM: 0.2 },
          { code: 'KS-075' },
        ],
      }),
      findings: [{ title: 'End open', at: 'P1', text: 'socket' }],
      fixSettles: true,
    },
    {
      // Built as kind f by its builder: the branch between two tanks was noted at both of them.
      why: 'the branch of a tee between two tanks, once',
      job: linkedDrums('BH-075', [{ code: 'NC-075' }, { code: 'T-075' }, { code: 'NC-075' }]),
      findings: [{ title: 'End open', at: 'P1', text: '3/4 NPT female' }],
      fixSettles: true,
    },
    {
      why: 'finished to a place that is named',
      job: drumWith({
        parts: valve,
        terminals: [place({ id: 'bay', name: 'bay', offers: '3/4 NH F swivel' })],
      }),
      findings: [{ title: 'End open', at: 'P1' }],
      fixSettles: true,
    },
  ],
});

// 13 mm and 1/2 in tails go into the same hose: each shop has its own.
test.each([
  ['UK', 'Plug 13 mm tail'],
  ['US', 'Plug 1/2 in tail'],
] as const)('a hose is closed by what is sold in %s', (region, parts) => {
  const job = tankWith({
    settings: { region },
    holes: [
      {
        id: 'h',
        parts: [{ code: 'BH-075' }, { code: 'HT-075M' }, { code: 'HS-07513M' }, { code: 'HO-13M', lengthM: 3 }],
      },
    ],
  });
  const [open] = runChecks(contextOf(job, shippedCatalogue), [check]);
  expect(open?.fixes.at(-1)?.data).toEqual({ parts });
});

// Surplus water and air need a way out: common practice, no source.
test.each([
  ['overflow', 0],
  ['vent', 0],
  ['draw-off', 1],
  ['drain', 1],
] as const)('the open end of a run that is a %s is offered %d plugs', (role, count) => {
  const job = tankWith({
    holes: [
      {
        id: 'h',
        roles: [role],
        size: '1-1/2',
        heightM: 0.7,
        parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }],
      },
    ],
  });
  const found = runChecks(contextOf(job, shippedCatalogue), [check]).flatMap(({ fixes }) => fixes);
  expect(found.filter(({ text }) => text.startsWith('Close it'))).toHaveLength(count);
});

// Found by building a drum with a pump by hand: the open end of its riser was to be led from inside the drum to the beds.
test('an end that hangs inside the tank is led to no place and never capped', () => {
  const pattern = PATTERNS.find(({ id }) => id === 'drum-pump');
  if (!pattern) throw new Error('drum-pump');
  const job = jobOfPattern(pattern, 'US');
  const pump = job.parts.find(({ code }) => shippedCatalogue.byCode.get(code)?.features.includes('pump'));
  const isPump = (ref: EndRef): boolean => ref.of === 'part' && ref.id === pump?.id;
  const context = contextOf(
    {
      ...job,
      parts: job.parts.filter((part) => part !== pump),
      joints: job.joints.filter(({ a, b }) => !isPump(a) && !isPump(b)),
    },
    shippedCatalogue,
  );
  const [found] = runChecks(context, [check]);
  expect(found?.title).toBe('End open');
  expect(found?.fixes ?? []).toEqual([]);
});
