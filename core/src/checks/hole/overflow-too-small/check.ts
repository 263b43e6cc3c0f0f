import { litresPerSecond, stormOnRoofsM3s } from '../../../hydraulics/storm';
import { holesOf, tankOf } from '../../../job/lookup';
import { FLOAT_VALVE_M3S, sideOverflowM3s, standpipeM3s } from '../../../hydraulics/free-flow';
import type { CheckContext } from '../../../job/context';
import type { Penetration } from '../../../job/job';
import { boreM, invertM, sharingWith } from '../../../job/levels';
import { INFLOWS } from '../../../site/inflow-kinds';
import { sizeInInches, sizeWords } from '../../../quantity/size';
import { isUpright } from '../../../walls/forms';
import type { Tank } from '../../../walls/tank';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/overflow-too-small',
    severity: 'fails',
    summary: 'An overflow that does not carry what comes in: by area, then by flow at the head there is.',
    sources: [
      { document: 'overflow area at least the inlet area', provenance: 'common-practice' },
      { document: 'critical depth and orifice at the head available', provenance: 'standard-formula' },
    ],
    messages: {
      area: {
        title: 'Overflow smaller than inlet',
        text: '{hole} is {size}, the inlet {inlet}: it has {share} % of the area.',
      },
      flow: {
        title: 'Overflow too small',
        text: 'In a storm {inflow} L/s come in; {hole} carries {carries} L/s with the {head} there is above it.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank): Report<'area' | 'flow'>[] => {
      const overflows = holesOf(context.job, tank.id, 'overflow');
      const [first] = overflows;
      if (!first) return [];
      const group = sharingWith(tank, context);
      const inlets = group.flatMap(({ id }) => holesOf(context.job, id, 'inlet', 'tanker-fill'));
      const all = group.flatMap(({ id }) => holesOf(context.job, id, 'overflow'));
      const inletArea = Math.max(0, ...inlets.map(areaOf));
      const share = all.reduce((sum, hole) => sum + areaOf(hole), 0) / inletArea;
      const largest = inlets.toSorted((a, b) => areaOf(b) - areaOf(a))[0];
      const carries = all.reduce((sum, hole) => sum + carriesM3s(hole, context), 0);
      const inflow = inflowM3s(group, context);
      const at = atPenetration(first);
      if (largest && share < ALIKE)
        return [
          {
            messageId: 'area' as const,
            at,
            data: {
              hole: first.label,
              size: sizeWords(first.size),
              inlet: sizeWords(largest.size),
              share: Math.round(share * 100),
            },
          },
        ];
      return carries < inflow
        ? [
            {
              messageId: 'flow' as const,
              at,
              data: {
                hole: first.label,
                inflow: litresPerSecond(inflow),
                carries: litresPerSecond(carries),
                head: { lengthM: headM(first, tank, context) },
              },
            },
          ]
        : [];
    }),
});

/** Sizes of two systems are called differently: 4 in and 110 mm are one. Our judgement. */
const ALIKE = 0.85;

const areaOf = ({ size }: Penetration): number => sizeInInches(size) ** 2;

/** From the lowest point of its bore to the brim. */
const headM = (hole: Penetration, tank: Tank, context: CheckContext): number =>
  Math.max(0, tank.brimM - invertM(hole, tank, context));

function carriesM3s(hole: Penetration, context: CheckContext): number {
  const tank = tankOf(context.job, hole);
  if (!tank) return 0;
  const flow = isUpright(hole.face) ? sideOverflowM3s : standpipeM3s;
  return flow(boreM(hole, context), headM(hole, tank, context));
}

/** Rain where there is an inlet, every other inflow at its rate, and a float valve that sticks where nothing is said of it. */
function inflowM3s(group: readonly Tank[], { job }: CheckContext): number {
  const holes = group.flatMap(({ id }) => holesOf(job, id));
  const has = (role: 'inlet' | 'float-fill'): boolean => holes.some(({ roles }) => roles.includes(role));
  const others = job.inflows.filter(({ into }) => holes.some(({ id }) => id === into));
  const rates = others.reduce((sum, { rateM3s, kind }) => sum + (rateM3s ?? INFLOWS[kind].usualM3s), 0);
  const stuck = has('float-fill') && others.length === 0 ? FLOAT_VALVE_M3S : 0;
  return (has('inlet') ? stormOnRoofsM3s(job) : 0) + rates + stuck;
}
