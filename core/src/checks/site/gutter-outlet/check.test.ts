import type { Roof } from '../../../job/job';
import { TOP_INLET, tankWith, upToGutter } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A 3 in downpipe up to a gutter. */
const hung = (roof: Partial<Roof>) => tankWith({ roof, holes: [{ ...TOP_INLET, parts: upToGutter(1) }] });

testCheck(check, {
  clean: [
    { why: 'the gutter hangs already', job: hung({ gutter: 'half-round-112' }) },
    // Four fifths of 5 in are 4 in.
    { why: '3 in in a K-style gutter of 5 in', job: hung({ gutterM: 6, gutter: 'k-style-5' }) },
    {
      why: 'nothing of its way stands yet',
      job: tankWith({ roof: { gutterM: 6, gutter: 'half-round-112' }, holes: [TOP_INLET] }),
    },
  ],
  found: [
    {
      // Four fifths of 112 mm are 89.6 mm; 4 in of bore are more.
      why: '4 in in a half round gutter of 112 mm',
      job: tankWith({
        roof: { gutterM: 6, gutter: 'half-round-112' },
        holes: [
          {
            ...TOP_INLET,
            size: '4',
            parts: [
              { code: 'BS-400' },
              { code: 'DA-400-D2729-400', inEnd: 1 },
              { code: 'DPG-400', lengthM: 1, inEnd: 1 },
              { code: 'DGG-400' },
            ],
          },
        ],
      }),
      findings: [{ title: 'Outlet wider than its gutter', at: 'shed', text: 'Half round, 112 mm' }],
      fixSettles: false,
    },
  ],
});
