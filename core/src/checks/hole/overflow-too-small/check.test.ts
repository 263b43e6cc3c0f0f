import { newInflow } from '../../../job/places';
import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const rain = ({ inlet, roofM2 }: { inlet: '1-1/2' | '3'; roofM2?: number }) =>
  tankWith({
    ...(roofM2 === undefined ? {} : { roofM2 }),
    holes: [{ roles: ['inlet'], size: inlet, face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }, OVERFLOW],
  });
testCheck(check, {
  clean: [
    { why: 'as large as the inlet', job: rain({ inlet: '1-1/2' }) },
    { why: 'no inlet: nothing comes in by rain', job: tankWith({ roofM2: 500, holes: [OVERFLOW] }) },
    { why: 'as large as the inlet, a small roof', job: rain({ inlet: '1-1/2', roofM2: 20 }) },
  ],
  found: [
    // 1.5 squared over 3 squared: 25 %.
    {
      why: 'half of the inlet across: a quarter of its area',
      job: rain({ inlet: '3' }),
      findings: [{ title: 'Overflow smaller than inlet', at: 'P2', text: '25 % of the area' }],
      fixSettles: false,
    },
    {
      // A tanker brings 10 L/s, 158.5 gallons a minute; 0.8 L/s go out.
      why: 'a tanker that brings more',
      job: tankWith({
        holes: [{ id: 't', roles: ['tanker-fill'], size: '1-1/2', heightM: 0.85 }, OVERFLOW],
        inflows: [newInflow({ id: 'tanker', name: 'tanker', kind: 'tanker', into: 't', rateM3s: 0.01 })],
      }),
      findings: [{ title: 'Overflow too small', at: 'P2', text: '159 gpm come in' }],
      fixSettles: false,
    },
    // 400 m2 at 100 mm in an hour are 40 m3 in 3600 s: 11.1 L/s, 176 gallons a minute (geometry).
    {
      why: 'a roof that brings more than it carries at the head there is',
      job: rain({ inlet: '1-1/2', roofM2: 400 }),
      findings: [{ title: 'Overflow too small', at: 'P2', text: '176 gpm come in' }],
      fixSettles: false,
    },
  ],
});
