import type { DemoPart } from '../../../edits/build-job';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const cord = (parts: readonly DemoPart[]) =>
  tankWith({
    type: 'vertical-round',
    holes: [{ roles: ['cord-entry'], size: '1', face: 'top', heightM: 1.2, aroundM: 0.25, depthM: 0.58, parts }],
  });
testCheck(check, {
  clean: [
    { why: 'a clip-in screen round the cord', job: cord([{ code: 'WIS-100' }]) },
    { why: 'a bare hole for something else', job: tankWith({ holes: [{ roles: ['clearance'] }] }) },
  ],
  found: [
    {
      why: 'nothing round the cord',
      job: cord([]),
      findings: [{ title: 'Cord entry open', at: 'P1' }],
      fixSettles: true,
    },
    // Nothing in inches closes round a cord in a slab: rubber links round a duct of polyethylene do.
    {
      why: 'a bare hole of 3/4 in the slab of a cistern',
      job: {
        ...tankWith({
          type: 'concrete',
          holes: [{ roles: ['cord-entry'], size: '3/4', face: 'top', heightM: 1.2, aroundM: 0.5, depthM: 0.5 }],
        }),
        region: 'ANZ',
      },
      findings: [{ title: 'Cord entry open', at: 'P1' }],
      fixSettles: true,
    },
  ],
});
