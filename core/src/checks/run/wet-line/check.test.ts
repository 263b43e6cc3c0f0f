import { TOP_INLET, drumWith, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const draw = (overM: number) =>
  drumWith({
    parts: [
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 0.3 },
      { code: 'ES-100', points: 'up' },
      { code: 'PI-100', lengthM: overM },
      { code: 'ES-100', points: 'out' },
      { code: 'PI-100', lengthM: 0.5 },
      { code: 'ES-100', points: 'down' },
      { code: 'PI-100', lengthM: 1 },
    ],
  });
const fall = drumWith({
  parts: [
    { code: 'BS-100' },
    { code: 'PI-100', lengthM: 0.3 },
    { code: 'ES-100', points: 'down' },
    { code: 'PI-100', lengthM: 1 },
  ],
});
const siphon = tankWith({
  holes: [
    {
      ...TOP_INLET,
      face: 'wall',
      heightM: 0.8,
      depthM: 0,
      parts: [
        { code: 'PG-300' },
        { code: 'PI-300', lengthM: 0.3 },
        { code: 'ES-300', points: 'down' },
        { code: 'PI-300', lengthM: 0.6 },
        { code: 'ES-300', points: 'out' },
        { code: 'PI-300', lengthM: 2 },
        { code: 'ES-300', points: 'up' },
        { code: 'PI-300', lengthM: 1.2 },
      ],
    },
  ],
});

testCheck(check, {
  clean: [{ why: 'a draw-off that falls all the way', job: fall }],
  found: [
    {
      why: 'a draw-off over a wall',
      job: draw(0.4),
      findings: [{ title: 'Air locks in it', at: 'P1', text: 'air release' }],
      fixSettles: false,
    },
    {
      why: 'a wet inlet under a path',
      job: siphon,
      findings: [{ title: 'Water stands in it', at: 'P1', text: 'a drain on it' }],
      fixSettles: false,
    },
  ],
});
