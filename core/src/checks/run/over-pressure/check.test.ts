import { TOP_INLET, byDiverter, drumWith, place, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

/** A hose that falls so far from a drum, with a fitting at its foot. */
const down = (metres: number, ...codes: readonly string[]) =>
  drumWith({
    hole: { size: '2' },
    parts: [
      { code: 'BS-200' },
      { code: 'ES-200', points: 'down' },
      { code: 'PI-200', lengthM: metres },
      ...codes.map((code) => ({ code })),
    ],
  });

/** A pump of 32 m (its curve: 314 kPa shut off) before a drip line of 200 kPa, with this between. */
const pumped = (...between: readonly string[]) =>
  drumWith({
    hole: { roles: ['pump-line'], size: '1' },
    parts: [
      { code: 'BH-100' },
      ...['NC-100', 'PJ1N-100', 'NR-100075', 'C-075', 'AD-075M', ...between, 'HSD-075050'].map((code) => ({ code })),
      { code: 'HOD-050', lengthM: 10 },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'drip tube behind a reducer, which lets 172 kPa through', job: pumped('HJ-075') },
    { why: 'a metre and a half of water on pressure pipe', job: down(1.5, 'KS-200') },
    { why: 'drainage in an overflow runs empty', job: drumWith({}) },
    {
      why: 'the downpipe below a diverter, through whose hose water is drawn too',
      job: tankWith({
        roof: {},
        holes: [
          {
            ...TOP_INLET,
            roles: ['inlet', 'draw-off'],
            size: '1',
            face: 'wall',
            heightM: 0.8,
            depthM: 0,
            parts: byDiverter(),
          },
        ],
      }),
    },
  ],
  found: [
    {
      why: 'drip tube behind a pump',
      job: pumped(),
      findings: [{ title: 'Too much pressure', at: 'P1', text: 'made for 29.0 psi; the pump, shut off,' }],
      fixSettles: false,
    },
    {
      why: 'a drainage elbow at the foot of a line that stands full: 3 m of water, 29 kPa and more (hydrostatics)',
      job: down(3, 'ED-200'),
      findings: [{ title: 'Drainage under pressure', at: 'P1', text: 'the water above it' }],
      fixSettles: false,
    },
    {
      // Mains of 600 kPa (common practice) on a container adapter of 300, 43.5 psi (value from memory).
      why: 'a container adapter on the mains',
      job: tankWith({
        type: 'crate-us',
        terminals: [place({ id: 'm', name: 'mains', offers: '3/4 NPT F', mains: true })],
        holes: [
          {
            id: 'h',
            face: 'front',
            roles: ['float-fill'],
            port: 'S60x6 M',
            parts: [{ code: 'XC-NPT075' }, { code: 'NC-075' }],
            end: { of: 'terminal', id: 'm' },
          },
        ],
      }),
      findings: [{ title: 'Too much pressure', at: 'P1', text: 'made for 43.5 psi; the mains' }],
      fixSettles: false,
    },
  ],
});
