import { workingHoles } from '../../../derived/shut';
import { holesOf } from '../../../job/lookup';
import { inflowM3s, overflowHeadM, overflowM3s } from '../../../hydraulics/overflow';
import { overflowLawOf } from '../../../hydraulics/overflow-law';
import { byLinksM3s } from '../../../hydraulics/through-links';
import type { Penetration } from '../../../job/job';
import { sharingWith } from '../../../derived/levels';
import { sizeWords } from '../../../quantity/size';
import { atPenetration } from '../../places';
import { ALIKE, areaOf } from '../../tank/no-overflow/overflow-fixes';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/overflow-too-small',
    severity: 'fails',
    toDo: 'Take a larger overflow, or a second one.',
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
        text: 'In a storm {inflow} come in; {hole} carries {carries} with the {head} there is above it, {law}.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank): Report<'area' | 'flow'>[] => {
      const overflows = workingHoles(context, tank.id, 'overflow');
      const [first] = overflows;
      if (!first) return [];
      const group = sharingWith(tank, context);
      const inlets = group.flatMap(({ id }) => holesOf(context.job, id, 'inlet', 'tanker-fill'));
      const all = group.flatMap(({ id }) => workingHoles(context, id, 'overflow'));
      const inletArea = Math.max(0, ...inlets.map(areaOf));
      const share = all.reduce((sum, hole) => sum + areaOf(hole), 0) / inletArea;
      const largest = inlets.toSorted((a, b) => areaOf(b) - areaOf(a))[0];
      const sumOf = (holes: readonly Penetration[]): number =>
        holes.reduce((sum, hole) => sum + overflowM3s(hole, context), 0);
      // All of a row together; and what comes into one of it, by its own and by what its links carry to the others.
      const [carries, inflow] = [
        [sumOf(all), inflowM3s(group, context)] as const,
        ...(group.length > 1
          ? [[sumOf(overflows) + byLinksM3s(tank, context), inflowM3s([tank], context)] as const]
          : []),
      ].toSorted(([a, b], [c, d]) => a - b - (c - d))[0] ?? [0, 0];
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
                inflow: { flowM3s: inflow },
                carries: { flowM3s: carries },
                head: { lengthM: overflowHeadM(first, tank, context) },
                law: overflowLawOf(first, context).words,
              },
            },
          ]
        : [];
    }),
});
