import { waysIn } from '../../../derived/ways-in';
import { atTank } from '../../places';
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
  check: ({ job, index }) =>
    job.tanks.flatMap((tank): Report<'wide' | 'long'>[] => {
      const { pump } = tank;
      if (!pump) return [];
      const ways = waysIn(tank, job, index);
      const openingM = Math.max(0, ...ways.map(({ widthM }) => widthM));
      const at = atTank(tank);
      if (pump.diameterM >= openingM)
        return [
          {
            messageId: 'wide' as const,
            at,
            data: { pump: { lengthM: pump.diameterM }, tank: tank.label, opening: { lengthM: openingM } },
          },
        ];
      // Lifted straight, what stands aside of the opening by more than the play has to tilt; a long pump cannot.
      const asides = ways
        .filter(({ widthM }) => widthM > pump.diameterM)
        .map(
          (way) =>
            Math.hypot(pump.fromLeftM - way.leftM, pump.fromFrontM - way.frontM) - (way.widthM - pump.diameterM) / 2,
        );
      const asideM = Math.min(...asides);
      const headroomM = tank.heightM - pump.lengthM;
      return asideM > headroomM
        ? [
            {
              messageId: 'long' as const,
              at,
              data: { length: { lengthM: pump.lengthM }, aside: { lengthM: asideM }, opening: { lengthM: openingM } },
            },
          ]
        : [];
    }),
});
