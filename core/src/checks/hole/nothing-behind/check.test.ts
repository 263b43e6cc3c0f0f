import { expect, test } from 'vitest';
import type { DemoPart } from '../../../edits/build-job';
import { contextOf } from '../../../derived/context';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { awayBy, newTerminal } from '../../../job/places';
import { runChecks } from '../../run-checks';
import { drumWith, place, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A cord that goes through the slab of a cistern by rubber links. */
const slabWith = (parts: readonly DemoPart[]) => ({
  ...tankWith({
    type: 'concrete',
    holes: [{ roles: ['cord-entry'], size: '50', face: 'top', heightM: 2.65, aroundM: 0.8, depthM: 0.8, parts }],
  }),
  region: 'ANZ' as const,
});

testCheck(check, {
  clean: [
    { why: 'a tap is on it', job: drumWith({ parts: [{ code: 'BH-075' }, { code: 'HT-075M' }] }) },
    { why: 'nothing seals it yet: that is another check', job: drumWith({ hole: {} }) },
    { why: 'a port of which nothing is said: that is another check', job: drumWith({ hole: { port: '3/4 NPT F' } }) },
    { why: 'a duct in the links', job: slabWith([{ code: 'WLSP-50M' }, { code: 'PE-50M', lengthM: 1 }]) },
    {
      why: 'a cord entry is closed round its cord, and no run stands there',
      job: drumWith({ hole: { roles: ['cord-entry'], heightM: 0.88, drawnIn: true }, parts: [{ code: 'WCG-075' }] }),
    },
  ],
  found: [
    {
      why: 'a vent in a gasket, which takes nothing but pipe: a stub of pipe and a cowl',
      job: drumWith({
        hole: { face: 'top', roles: ['vent'], size: '2', heightM: 0.93, aroundM: 0.3, depthM: 0.3 },
        parts: [{ code: 'PG-200' }],
      }),
      findings: [{ title: 'Nothing behind it', at: 'P1', text: 'insects get in' }],
      fixSettles: true,
    },
    {
      why: 'a bulkhead round a cord',
      job: drumWith({ hole: { roles: ['cord-entry'], heightM: 0.8, drawnIn: true }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'What closes round the cord?', at: 'P1', text: 'bulkhead' }],
      fixSettles: true,
    },
    {
      why: 'rubber links round nothing: the cord goes through a duct',
      job: slabWith([{ code: 'WLSP-50M' }]),
      findings: [{ title: 'No duct for the cord', at: 'P1', text: 'no length of it is listed' }],
      fixSettles: true,
    },
    {
      why: 'a bulkhead with nothing on it',
      job: drumWith({ parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Nothing behind it', at: 'P1', text: 'water would leave' }],
      fixSettles: true,
    },
    {
      why: 'an inlet in a lid: no water leaves by it',
      job: drumWith({ hole: { face: 'top', roles: ['inlet'] }, parts: [{ code: 'BH-075' }] }),
      findings: [{ title: 'Nothing behind it', at: 'P1', text: 'insects get in' }],
      fixSettles: false,
    },
    {
      why: 'a moulded port that is to be used',
      job: drumWith({ hole: { port: '3/4 NPT F', portUse: 'use' } }),
      findings: [{ title: 'Nothing behind it', at: 'P1' }],
      fixSettles: true,
    },
  ],
});

// Seen in the demo: an overflow was finished to a ditch 18 m off by joining it there, without a pipe.
test.each([
  [18, []],
  [0.2, ['Finish to ditch']],
] as const)(
  'an overflow with a ditch %d m off is finished to it where nothing has to lead there',
  (distanceM, offered) => {
    const job = drumWith({
      hole: { roles: ['overflow'], size: '1-1/2', heightM: 0.7 },
      parts: [{ code: 'PG-150' }],
      terminals: [newTerminal({ id: 'ditch', name: 'ditch', kind: 'daylight', placed: awayBy(distanceM) })],
    });
    const found = runChecks(contextOf(job, shippedCatalogue), [check]);
    const texts = found.flatMap(({ fixes }) => fixes.map(({ text }) => text));
    expect(texts.filter((text) => text.startsWith('Finish to'))).toEqual(offered);
    expect(texts.at(-1)).toBe('Finish it with a screen: {parts}');
  },
);

// A place that is 0.9 m below the base is not reached by a hole 0.7 m above it without a pipe, however near it is.
test.each([
  [0.9, []],
  [-0.7, ['Finish to ditch']],
] as const)('an overflow with a ditch %d m below the base is joined to it only at its own height', (dropM, offered) => {
  const job = drumWith({
    hole: { roles: ['overflow'], size: '1-1/2', heightM: 0.7 },
    parts: [{ code: 'PG-150' }],
    terminals: [place({ id: 'ditch', name: 'ditch', kind: 'daylight', dropM })],
  });
  const texts = runChecks(contextOf(job, shippedCatalogue), [check]).flatMap(({ fixes }) =>
    fixes.map(({ text }) => text),
  );
  expect(texts.filter((text) => text.startsWith('Finish to'))).toEqual(offered);
});
