import { newInflow } from '../../../job/places';
import { OVERFLOW, linkedDrums, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const rain = ({ inlet, roofM2 }: { inlet: '1-1/2' | '3'; roofM2?: number }) =>
  tankWith({
    ...(roofM2 === undefined ? {} : { roofM2 }),
    holes: [{ roles: ['inlet'], size: inlet, face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }, OVERFLOW],
  });
/** Two drums joined by a 3/4 link, a small overflow on the one that takes the roof and a large one on the other. */
const row = (roofM2: number) => {
  const linked = linkedDrums('BH-075', [{ code: 'NLV-075-2' }]);
  const [inlet, small] = rain({ inlet: '1-1/2' }).penetrations;
  const large = tankWith({ holes: [{ ...OVERFLOW, size: '3', parts: [] }] }).penetrations;
  const openings = [inlet, small, ...large.map((hole) => ({ ...hole, id: 'o2', tankId: 't2' }))];
  return {
    ...linked,
    roofs: tankWith({ roofM2 }).roofs,
    penetrations: [
      ...linked.penetrations,
      ...openings.flatMap((hole, place) => (hole ? [{ ...hole, label: `P${place + 5}` }] : [])),
    ],
  };
};

testCheck(check, {
  clean: [
    { why: 'as large as the inlet', job: rain({ inlet: '1-1/2' }) },
    { why: 'no inlet: nothing comes in by rain', job: tankWith({ roofM2: 500, holes: [OVERFLOW] }) },
    { why: 'a row whose link carries what its own overflow does not', job: row(20) },
    { why: 'as large as the inlet, a small roof', job: rain({ inlet: '1-1/2', roofM2: 20 }) },
  ],
  found: [
    // 1.5 squared over 3 squared: 25 %.
    {
      why: 'half of the inlet across: a quarter of its area',
      job: rain({ inlet: '3' }),
      findings: [{ title: 'Overflow smaller than inlet', at: 'P2', text: '25 % of the area' }],
      fixSettles: true,
    },
    {
      why: 'one that is bare: a larger one takes its place',
      job: tankWith({
        holes: [
          { roles: ['inlet'], size: '3', face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 },
          { ...OVERFLOW, parts: [] },
        ],
      }),
      findings: [{ title: 'Overflow smaller than inlet', at: 'P2' }],
      fixSettles: true,
    },
    {
      // A tanker brings 10 L/s, 158.5 gallons a minute; 0.8 L/s go out.
      why: 'a tanker that brings more',
      job: tankWith({
        holes: [{ id: 't', roles: ['tanker-fill'], size: '1-1/2', heightM: 0.85 }, OVERFLOW],
        inflows: [newInflow({ id: 'tanker', name: 'tanker', kind: 'tanker', into: 't', rateM3s: 0.01 })],
      }),
      findings: [{ title: 'Overflow too small', at: 'P2', text: '159 gpm come in' }],
      fixSettles: true,
    },
    // 60 m2 at 100 mm/h are 1.67 L/s. The two overflows carry some 4 together, but through a 3/4 link the large one helps by a third of one.
    {
      why: 'a row whose overflows are enough together, and not through its link',
      job: row(60),
      findings: [{ title: 'Overflow too small', at: 'P6', text: '26 gpm come in' }],
      fixSettles: true,
    },
    // 400 m2 at 100 mm in an hour are 40 m3 in 3600 s: 11.1 L/s, 176 gallons a minute (geometry).
    {
      why: 'a roof that brings more than it carries at the head there is',
      job: rain({ inlet: '1-1/2', roofM2: 400 }),
      findings: [{ title: 'Overflow too small', at: 'P2', text: '176 gpm come in' }],
      fixSettles: true,
    },
  ],
});
