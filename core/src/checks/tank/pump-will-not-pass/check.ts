import { pumpsInside } from '../../../assembly/pumps-inside';
import type { CheckContext } from '../../../derived/context';
import { waysIn } from '../../../derived/ways-in';
import { overallMm } from '../../../fittings/part';
import { spotOf } from '../../../walls/forms';
import type { Pump, Tank } from '../../../walls/tank';
import { atPart, atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/pump-will-not-pass',
    severity: 'fails',
    toDo: 'Take a slimmer pump or a larger riser.',
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
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) =>
      [...(tank.pump ? [{ at: atTank(tank), pump: tank.pump }] : []), ...chosenIn(tank, context)].flatMap(
        ({ at, pump }) => passes(pump, tank, context).map((report) => ({ ...report, at })),
      ),
    ),
});

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
