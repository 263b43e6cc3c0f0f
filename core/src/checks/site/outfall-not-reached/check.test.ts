import { awayBy, belowGround, newTerminal } from '../../../job/places';
import { OVERFLOW, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** The overflow of the drum is 0.8 m up, its bore 1-1/2 in: the lowest point of it at 0.78 m. */
const daylight = (upM: number | null, distanceM: number | null = 12) =>
  tankWith({
    terminals: [
      newTerminal({
        id: 'ditch',
        name: 'ditch',
        kind: 'daylight',
        placed: distanceM === null ? null : awayBy(distanceM),
        readings: upM === null ? [] : belowGround(-upM),
      }),
    ],
    holes: [OVERFLOW],
  });

testCheck(check, {
  clean: [
    // 12 m at 1 in 100 take 120 mm.
    { why: '180 mm below over 12 m', job: daylight(0.6) },
    { why: 'nobody has read it', job: daylight(null) },
    { why: 'nobody knows how far', job: daylight(0.9, null) },
  ],
  found: [
    {
      // From 0.780 m down 120 mm: 660 mm; the ditch lies at 800: 140 mm, 5-1/2 in short.
      why: 'higher than the fall allows',
      job: daylight(0.8),
      findings: [{ title: 'Daylight not reachable', at: 'ditch', text: '5-1/2 in short' }],
      fixSettles: false,
    },
  ],
});
