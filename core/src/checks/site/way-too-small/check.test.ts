import { rising } from '../../../job/placed-part';
import { TOP_INLET, byDiverter, tankWith, upToGutter } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const pipe = (roofM2: number) => tankWith({ roofM2, holes: [{ ...TOP_INLET, parts: upToGutter(0.6) }] });
const diverter = (roofM2: number, lengthM: number) =>
  tankWith({
    roofM2,
    holes: [{ ...TOP_INLET, size: '1', face: 'wall', heightM: 0.8, depthM: 0, parts: byDiverter({ lengthM }) }],
  });

testCheck(check, {
  clean: [
    // 60 m2 at 100 mm an hour: 1.67 L/s; 3 in downpipe some 4.7 L/s (Wyly and Eaton, from memory).
    { why: 'a 3 in downpipe under 60 m2', job: pipe(60) },
    { why: 'a hose of half a metre under 4 m2', job: diverter(4, 0.5) },
  ],
  found: [
    {
      // 200 m2 at 100 mm an hour: 20 m3 in 3600 s.
      why: 'a 3 in downpipe under 200 m2',
      job: pipe(200),
      findings: [{ title: 'Downpipe too small', at: 'shed', text: 'brings 88 gpm' }],
      fixSettles: false,
    },
    {
      why: 'a level hose from a gutter outlet: no downpipe, and its small flow is not nothing',
      job: tankWith({
        roofM2: 60,
        holes: [
          {
            ...TOP_INLET,
            size: '1',
            face: 'wall',
            heightM: 0.8,
            depthM: 0,
            parts: [{ code: 'BH-100' }, { code: 'HB-100' }, { code: 'HO-100', lengthM: 3, slope: rising(0.05) }],
          },
        ],
      }),
      findings: [{ title: 'Way in too small', at: 'shed', text: 'Hose' }],
      fixSettles: false,
    },
    {
      why: 'a 1 in hose under 60 m2',
      job: diverter(60, 2),
      // 85 % of 1.67 L/s: 1.42, 22 gallons a minute.
      findings: [{ title: 'Hose throttles the diverter', at: 'shed', text: 'turn 22 gpm' }],
      fixSettles: false,
    },
  ],
});
