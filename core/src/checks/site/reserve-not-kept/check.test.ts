import { place, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A drum of 208 L, 0.88 m to its brim: a litre for every 4.2 mm, less its floor. */
const fire = (reserveM3: number | null, houseM: number | null) =>
  tankWith({
    terminals: [place({ id: 'fire', name: 'fire coupling', kind: 'fire', reserveM3 })],
    holes: [
      { id: 'f', heightM: 0.1, parts: [{ code: 'BH-075' }], end: { of: 'terminal', id: 'fire' } },
      ...(houseM === null ? [] : [{ id: 'h', name: 'House', heightM: houseM }]),
    ],
  });

testCheck(check, {
  clean: [
    { why: 'half the drum above the fire outlet', job: fire(0.08, 0.5) },
    { why: 'nothing else draws', job: fire(null, null) },
    { why: 'no reserve is asked for', job: fire(0, 0.12) },
  ],
  found: [
    {
      why: 'a house line just above it',
      job: fire(0.08, 0.12),
      findings: [{ title: 'Reserve not kept', at: 'fire coupling', text: 'Below P2 house only' }],
      fixSettles: false,
    },
    {
      why: 'what is usually kept is more than the drum holds',
      job: fire(null, 0.5),
      findings: [{ title: 'Reserve not kept', at: 'fire coupling' }],
      fixSettles: false,
    },
  ],
});
