import { TOP_INLET, byDiverter, drumWith, linkedDrums, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import { newPart } from '../../../job/new-part';
import type { Role } from '../../../walls/roles';
import check from './check';

const outlet = (turned: boolean) =>
  drumWith({
    parts: [
      { code: 'BH-100' },
      { code: 'NC-100' },
      turned ? { code: 'CKW-100', inEnd: 1 } : { code: 'CKW-100' },
      { code: 'NC-100' },
    ],
    hole: { size: '1' },
  });
const fill = (turned: boolean) =>
  drumWith({
    hole: { size: '1', roles: ['tanker-fill'] },
    parts: [
      { code: 'BH-100' },
      { code: 'NC-100' },
      turned ? { code: 'CKW-100', inEnd: 1 } : { code: 'CKW-100' },
      { code: 'NC-100' },
    ],
  });
const link = linkedDrums('BH-100', [{ code: 'NC-100' }, { code: 'CKW-100' }, { code: 'NC-100' }], { size: '1' });

/** A hose tap on the tank, by its inlet or by its spout; or where the line is filled from. */
const tap = (bulkhead: string, code: string, inEnd: number, roles: readonly Role[] = ['draw-off']) =>
  drumWith({ hole: { roles }, parts: [{ code: bulkhead }, { code, inEnd }] });

/** A flap in the overflow line: against what comes back from outside. */
const flap = (inEnd: number) =>
  drumWith({
    overflow: false,
    hole: { roles: ['overflow'], size: '2', heightM: 0.75 },
    parts: [{ code: 'BS-200' }, { code: 'PI-200', lengthM: 0.5 }, { code: 'CKWS-200', inEnd }],
  });

/** A diverter with a shoe on its foot, turned so; the water that it does not turn aside falls on through it. */
const shoe = (partEnd: number) => {
  const job = tankWith({
    roof: {},
    holes: [{ ...TOP_INLET, id: 'i', size: '1', face: 'wall', heightM: 0.6, depthM: 0, parts: byDiverter() }],
  });
  const diverter = job.parts.find(({ code }) => code === 'DVG-300');
  const edited = applyEdits(
    job,
    [
      {
        type: 'add-part',
        part: newPart('shoe', 'DSG-300'),
        at: { of: 'part', id: diverter?.id ?? '', end: 1 },
        partEnd,
        jointId: 'foot',
      },
    ],
    shippedCatalogue,
  );
  if (!edited.ok) throw new RangeError(edited.error.message);
  return edited.value.job;
};

testCheck(check, {
  clean: [
    { why: 'the shoe under a diverter, which falls away from the tank', job: shoe(0) },
    { why: 'out of the tank, arrow outward', job: outlet(false) },
    { why: 'a flap that opens outward', job: flap(0) },
    { why: 'into the tank, arrow inward', job: fill(true) },
    {
      why: 'a float valve where the tank is filled',
      job: drumWith({ hole: { roles: ['float-fill'] }, parts: [{ code: 'WFV-075' }] }),
    },
    { why: 'a hose tap by its inlet', job: tap('BH-075', 'HT-075M', 0) },
    {
      why: 'filled through a tap of another line, its spout to the tank',
      job: tap('WBG-075', 'HT-075R', 1, ['float-fill']),
    },
  ],
  found: [
    {
      why: 'a float valve where water is drawn',
      job: drumWith({ parts: [{ code: 'WFV-075' }] }),
      findings: [{ title: 'Lets water in only', at: 'P1', text: 'Float valve' }],
      fixSettles: false,
    },
    {
      why: 'a check valve against the outflow',
      job: outlet(true),
      findings: [{ title: 'Against the water', at: 'P1', text: 'Swing check valve' }],
      fixSettles: true,
    },
    {
      why: 'the flap of an overflow that opens inward',
      job: flap(1),
      findings: [{ title: 'Against the water', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a check valve against the filling',
      job: fill(false),
      findings: [{ title: 'Against the water', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a tap whose spout goes into the G thread of the tank, its tail looking out',
      job: tap('WBG-075', 'HT-075R', 1),
      findings: [{ title: 'On by its spout', at: 'P1', text: 'Hose tap' }],
      fixSettles: true,
    },
    {
      why: 'the same on an opening that tells no direction',
      job: tap('BH-075', 'HTQ-075M', 1, ['vent']),
      findings: [{ title: 'On by its spout', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a filling line through a tap that lets out of the tank',
      job: tap('BH-075', 'HT-075M', 0, ['tanker-fill']),
      findings: [{ title: 'Against the water', at: 'P1' }],
      // Its spout does not go into the adapter: turned round it would leak.
      fixSettles: false,
    },
    {
      why: 'one way between two tanks',
      job: link,
      findings: [{ title: 'One way in a link', at: 'P1', text: 'no longer level' }],
      fixSettles: false,
    },
  ],
});
