import { expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import { place, tankWith } from '../test/sample-jobs';
import { emptyingS } from './emptying';
import { lineFlows } from './line-flow';

const drawn = (dropM: number, lengthM: number, slices?: number) => {
  const context = contextOf(
    tankWith({
      terminals: [place({ id: 'bay', name: 'bay', dropM })],
      holes: [
        {
          id: 'h',
          parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM }],
          end: { of: 'terminal', id: 'bay' },
        },
      ],
    }),
    shippedCatalogue,
  );
  const [line] = lineFlows(context, context.runs[0]!);
  const tank = context.job.tanks[0]!;
  return { seconds: line && emptyingS(line, tank, context, slices), line };
};

// Between the flow at full and the flow at a tenth left lies the mean; the time lies between what is drawn over either.
test('a drum empties in a time between its volume over the most and over the least flow', () => {
  const { seconds, line } = drawn(2, 10);
  const [full, , low] = line!.states;
  const usable = 0.208 * (1 - 0.11 / 0.88);
  expect(seconds).toBeGreaterThan((usable * 0.9) / full!.flowM3s);
  expect(seconds).toBeLessThan((usable * 1.1) / low!.flowM3s);
});

// Far below the tank the head hardly changes: the time is the volume over the flow.
test('under a large head the time is volume over flow', () => {
  const { seconds, line } = drawn(40, 60);
  const usable = 0.208 * (1 - 0.1095 / 0.88);
  expect((seconds! * line!.states[1]!.flowM3s) / usable).toBeCloseTo(1, 1);
});

// Seen: twelve even slices made 1,327 s of what four thousand made 1,811 s of, since the last of the water comes ever slower.
test.each([
  [0.2, 3],
  [0.05, 12],
  [2, 10],
])(
  '%d m below, through %d m: a hundred times as many slices change the time by less than a hundredth',
  (dropM, lengthM) => {
    const [few, many] = [drawn(dropM, lengthM).seconds, drawn(dropM, lengthM, 2400).seconds];
    expect(few! / many!).toBeGreaterThan(0.99);
    expect(few! / many!).toBeLessThan(1.01);
  },
);

test('a place above the water is never reached', () => expect(drawn(-3, 10).seconds).toBeUndefined());

/** A drum a metre up, by hose to the float valve of another on the ground, or into its top. */
const toTank = (into: 'float-fill' | 'inlet') => {
  const top = into === 'inlet';
  const context = contextOf(
    tankWith({
      tank: { plinthM: 1 },
      others: [{ id: 't2', type: 'open-drum' }],
      holes: [
        top
          ? { id: 'in', tankId: 't2', roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 }
          : { id: 'in', tankId: 't2', roles: ['float-fill'], heightM: 0.8, aroundM: 1 },
        {
          id: 'h',
          heightM: 0.1,
          parts: [
            { code: 'BH-075' },
            { code: 'HB-075' },
            { code: 'HO-075', lengthM: 4 },
            { code: 'HB-075', inEnd: 1 },
            { code: top ? 'BH-075' : 'WFN-075', inEnd: 1 },
          ],
          end: { of: 'hole', id: 'in' },
        },
      ],
    }),
    shippedCatalogue,
  );
  const run = context.runs.find(({ penetration }) => penetration.id === 'h');
  return run ? lineFlows(context, run)[0] : undefined;
};

// The drums are full to 880 mm. The float valve sits at 800 mm, its bore from 9 mm under that; the lid at 930 mm.
test.each([
  ['float-fill', 1 + 0.88 - 0.8],
  ['inlet', 1 + 0.88 - 0.93],
] as const)('a line into another tank by its %s has head and flow', (into, headM) => {
  const line = toTank(into);
  expect(line?.endKnownBy).toBe('tank');
  expect(line?.states[0]?.headM).toBeCloseTo(headM, 1);
  expect(line?.states[0]?.flowM3s).toBeGreaterThan(0);
  expect(line?.states[2]?.flowM3s).toBeLessThan(line?.states[0]?.flowM3s ?? 0);
});

// A bay and a diverter on one line: while nothing comes from the roof the bay draws by it.
test('a line that both fills and draws has its figures while it draws', () => {
  const of = (roles: readonly ('draw-off' | 'inlet')[]) => {
    const context = contextOf(
      tankWith({
        terminals: [place({ id: 'bay', name: 'bay', dropM: 1 })],
        holes: [
          {
            id: 'h',
            roles: [...roles],
            parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 4 }],
            end: { of: 'terminal', id: 'bay' },
          },
        ],
      }),
      shippedCatalogue,
    );
    const [run] = context.runs;
    return run ? lineFlows(context, run)[0]?.states : undefined;
  };
  expect(of(['draw-off', 'inlet'])).toEqual(of(['draw-off']));
  expect(of(['inlet'])).toBeUndefined();
});
