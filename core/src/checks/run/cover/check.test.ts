import { rising } from '../../../job/placed-part';
import { belowGround, newMark, newTerminal } from '../../../job/places';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const BURIED_M = 1.2;
/** So far below the ground, as a height over the base. */
const up = (underM: number): number => BURIED_M - underM;

/** A buried tank whose overflow leaves 0.3 m below the ground, and a pipe of 4 m from there. */
const buried = (heightM: number, riseM = -0.05, groundM?: number) => {
  const job = tankWith({
    type: 'concrete',
    tank: { buriedM: BURIED_M, plinthM: 0 },
    terminals: [newTerminal({ id: 'ditch', name: 'ditch', kind: 'daylight' })],
    holes: [
      {
        name: 'Overflow',
        roles: ['overflow'],
        size: '3',
        heightM,
        parts: [{ code: 'PG-300' }, { code: 'PI-300', lengthM: 4, slope: rising(riseM) }],
        end: { of: 'terminal', id: 'ditch' },
      },
    ],
  });
  return groundM === undefined
    ? job
    : {
        ...job,
        marks: [newMark({ id: 'g', name: 'ground', kind: 'ground', at: 'ditch', readings: belowGround(-groundM) })],
      };
};
const supply = (underM: number, frostPlan: 'insulated' | 'drained') => {
  const job = tankWith({
    type: 'concrete',
    tank: { buriedM: BURIED_M, plinthM: 0 },
    settings: { frostPlan },
    holes: [{ heightM: up(underM), parts: [{ code: 'PG-100' }, { code: 'PI-100', lengthM: 4, slope: rising(0) }] }],
  });
  return job;
};

testCheck(check, {
  clean: [
    { why: 'half a metre down', job: buried(up(0.5)) },
    { why: 'in the open', job: buried(up(-0.2)) },
    { why: 'ground that rises over it', job: buried(up(0.36), 0, 0.4) },
    { why: 'a line that is drained before winter', job: supply(0.2, 'drained') },
    { why: 'a line below the frost', job: supply(0.6, 'insulated') },
  ],
  found: [
    {
      why: 'a hand deep',
      job: buried(up(0.15)),
      findings: [{ title: 'Too little cover', at: 'P1', text: 'are asked for' }],
      fixSettles: false,
    },
    {
      why: 'deep at the tank, bare where the ground falls away',
      job: buried(up(0.5), 0, -0.6),
      findings: [{ title: 'Too little cover', at: 'P1', text: 'has 0 in of ground' }],
      fixSettles: false,
    },
    {
      why: 'a line that always holds water, above the frost',
      job: supply(0.2, 'insulated'),
      findings: [{ title: 'Above the frost', at: 'P1', text: 'frost is taken to go down to 17-11/16 in' }],
      fixSettles: false,
    },
  ],
});
