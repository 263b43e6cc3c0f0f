import { intakesOf, pumpsInside } from '../../../assembly/pumps-inside';
import type { CheckContext } from '../../../derived/context';
import { waysIn } from '../../../derived/ways-in';
import { setField } from '../../../edits/change-field';
import { isByLength, overallMm } from '../../../fittings/part';
import { spotOf } from '../../../walls/forms';
import type { Pump, Tank } from '../../../walls/tank';
import { atPart, atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';

export default defineCheck({
  meta: {
    id: 'tank/pump-will-not-pass',
    severity: 'fails',
    toDo: 'Take a slimmer pump, a larger riser, or a shorter pipe.',
    sources: [{ document: 'clear width of the opening against the pump', provenance: 'common-practice' }],
    messages: {
      wide: {
        title: 'Pump does not pass',
        text: 'The pump is {pump} wide; the widest opening of {tank} is {opening}.',
      },
      long: {
        title: 'Pump will not come out',
        text: 'The pump is {length} long and stands {aside} to the side of the opening of {opening}: it cannot be lifted straight out.',
      },
      deep: {
        title: 'Pump hangs too low',
        text: 'The pump of {hole} hangs {below} under the floor of {tank}: its pipe is longer than the tank is deep.',
      },
    },
  },
  check: (context) => [
    ...context.job.tanks.flatMap((tank) =>
      [...(tank.pump ? [{ at: atTank(tank), pump: tank.pump }] : []), ...chosenIn(tank, context)].flatMap(
        ({ at, pump }) => passes(pump, tank, context).map((report) => ({ ...report, at })),
      ),
    ),
    ...tooDeep(context),
  ],
});

/** Off the floor, out of what settles there [m] (common practice). */
const OFF_FLOOR_M = 0.1;
const SAME_M = 0.0005;

/** Pumps of the parts that would hang lower than the floor, and how much shorter their pipe must be. */
function tooDeep(context: CheckContext): readonly Report<'deep'>[] {
  const intakes = intakesOf(context);
  return context.job.tanks.flatMap((tank) =>
    pumpsInside(tank, context).flatMap(({ hole, item, before }): readonly Report<'deep'>[] => {
      const belowM = tank.wallM - (intakes.get(hole.id) ?? Infinity);
      if (belowM <= SAME_M) return [];
      const pipe = before.find(({ part, placed }) => isByLength(part) && (placed.lengthM ?? 0) > belowM + OFF_FLOOR_M);
      const lengthM = (pipe?.placed.lengthM ?? 0) - belowM - OFF_FLOOR_M;
      return [
        {
          messageId: 'deep',
          at: atPart(item.placed.id, hole),
          data: { hole: hole.label, tank: tank.label, below: { lengthM: belowM } },
          fixes: pipe
            ? [
                setFix(setField('parts', pipe.placed, 'lengthM', lengthM), 'Make its pipe {length} long', {
                  length: { lengthM },
                }),
              ]
            : [],
        },
      ];
    }),
  );
}

/** Pumps that are put into a tank, as wide and as long as they are, under their openings. */
const chosenIn = (tank: Tank, context: CheckContext) =>
  pumpsInside(tank, context).map(({ hole, item: { part, placed } }) => {
    const { leftM, frontM } = spotOf(tank, hole);
    return {
      at: atPart(placed.id, hole),
      pump: {
        diameterM: (part.pump?.outsideMm ?? 0) / 1000,
        lengthM: overallMm(part) / 1000,
        fromLeftM: leftM,
        fromFrontM: frontM,
      },
    };
  });

type Size = Pick<Pump, 'diameterM' | 'lengthM' | 'fromLeftM' | 'fromFrontM'>;

function passes(pump: Size, tank: Tank, { job, index }: CheckContext): Omit<Report<'wide' | 'long'>, 'at'>[] {
  const ways = waysIn(tank, job, index);
  const openingM = Math.max(0, ...ways.map(({ widthM }) => widthM));
  if (pump.diameterM >= openingM)
    return [
      {
        messageId: 'wide' as const,
        data: { pump: { lengthM: pump.diameterM }, tank: tank.label, opening: { lengthM: openingM } },
      },
    ];
  // Lifted straight, what stands aside of the opening by more than the play has to tilt; a long pump cannot.
  const asides = ways
    .filter(({ widthM }) => widthM > pump.diameterM)
    .map(
      (way) => Math.hypot(pump.fromLeftM - way.leftM, pump.fromFrontM - way.frontM) - (way.widthM - pump.diameterM) / 2,
    );
  const asideM = Math.min(...asides);
  const headroomM = tank.heightM - pump.lengthM;
  return asideM > headroomM
    ? [
        {
          messageId: 'long' as const,
          data: { length: { lengthM: pump.lengthM }, aside: { lengthM: asideM }, opening: { lengthM: openingM } },
        },
      ]
    : [];
}
