import { OVERFLOW, filledByDiverter, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const cordAt = (heightM: number) => ({ roles: ['cord-entry' as const], heightM, aroundM: 1.2 });
/** A concrete tank with an overflow, and lower a cord entry in which this stands. */
const concrete = (seal: string, size: '1' | '4') =>
  tankWith({
    type: 'concrete',
    holes: [
      { roles: ['overflow'], size: '4', heightM: 1.9, aroundM: 1 },
      { ...cordAt(1.2), aroundM: 3, size, parts: [{ code: seal }] },
    ],
  });

const INLET = { roles: ['inlet' as const], face: 'top' as const, heightM: 0.93, aroundM: 0.3, depthM: 0.3 };

/** The two ports of a buried tank as it comes, with pipe in both, under a roof of so much. */
const shipped = (roofM2: number) =>
  tankWith({
    type: 'buried',
    ...(roofM2 > 0 ? { roofM2 } : {}),
    holes: (['inlet', 'overflow'] as const).map((role, place) => ({
      id: role,
      roles: [role],
      size: '4' as const,
      port: '4 IPS gasket',
      portId: place === 0 ? 'inlet-seal' : 'outlet-seal',
      portUse: 'use' as const,
      face: place === 0 ? ('left' as const) : ('right' as const),
      heightM: 1.6 * (place === 0 ? 0.87 : 0.84),
      aroundM: 0.875,
      parts: [{ code: 'PI-400', lengthM: 1 }],
    })),
  });

testCheck(check, {
  clean: [
    { why: 'below the brim and below a cord entry', job: tankWith({ holes: [OVERFLOW, cordAt(0.86)] }) },
    {
      why: 'a cord entry below it that holds water',
      job: concrete('WLS-100', '1'),
    },
    {
      why: 'an inlet below it that is plugged',
      job: tankWith({
        holes: [OVERFLOW, { roles: ['inlet'], size: '1', heightM: 0.7, aroundM: 1.2, parts: [{ code: 'WBP-100' }] }],
      }),
    },
    // What is too much falls on down the pipe of the diverter, which spills 30 mm over its opening: so it is meant.
    { why: 'a fill below it that its diverter stops', job: filledByDiverter(0.6, 0.03, [OVERFLOW]) },
    // By the bores: 4 in IPS is 102.3 mm; the overflow begins at 1291 mm, the inlet at 1339.
    { why: 'a buried tank as it comes, with its own two ports', job: shipped(0) },
    { why: 'the same in a storm: its inlet is a closed line', job: shipped(200) },
    {
      why: 'an inlet in the top is above everything',
      job: tankWith({ holes: [OVERFLOW, { roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }] }),
    },
  ],
  found: [
    {
      why: 'a fill below it by a diverter that nobody knows to stop',
      job: filledByDiverter(0.6, null, [OVERFLOW]),
      findings: [{ title: 'Overflow too high', at: 'P2', text: 'water leaves there first' }],
      fixSettles: true,
    },
    {
      why: 'above a cord entry in the wall',
      job: tankWith({ holes: [OVERFLOW, cordAt(0.7)] }),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'P2 outlet begins at' }],
      fixSettles: true,
    },
    {
      why: 'above a cord entry whose sleeve leaves the cord loose',
      job: concrete('WCS-400', '4'),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'P2 outlet begins at' }],
      fixSettles: true,
    },
    {
      why: 'above the brim',
      job: tankWith({ type: 'own-box', holes: [{ ...OVERFLOW, face: 'front', heightM: 0.98 }] }),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'cut through the rim' }],
      fixSettles: true,
    },
    // 20 m2 at 100 mm/h are 0.56 L/s. Drowned, 0.6 A sqrt(2 g H) carries that through 40.9 mm at H = 25 mm over its middle, so the water
    // stands 46 mm over its lowest point at least; the vent begins 28 mm over it.
    {
      why: 'a vent above its lowest point, below where a storm stands',
      job: tankWith({
        roofM2: 20,
        holes: [OVERFLOW, { roles: ['vent'], size: '1', heightM: 0.82, aroundM: 1.2 }, INLET],
      }),
      findings: [{ title: 'Overflow too high', at: 'P1', text: 'In a storm' }],
      fixSettles: true,
    },
  ],
});
