import { workingHoles } from '../../../derived/shut';
import { holesOf } from '../../../job/lookup';
import { ALIKE_SHARE, inflowM3s, nominalAreaIn2, overflowHeadM, overflowM3s } from '../../../hydraulics/overflow';
import { overflowLawOf } from '../../../hydraulics/overflow-law';
import { byLinksM3s } from '../../../hydraulics/through-links';
import type { Penetration } from '../../../job/job';
import { sharingWith } from '../../../derived/levels';
import { sizeWords } from '../../../quantity/size';
import { POURS_IN } from '../../../walls/roles';
import { overflowFixes } from '../../overflow-fixes';
import { atPenetration } from '../../places';
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
      const inlets = group.flatMap(({ id }) => holesOf(context.job, id, ...POURS_IN));
      const all = group.flatMap(({ id }) => workingHoles(context, id, 'overflow'));
      const inletArea = Math.max(0, ...inlets.map(nominalAreaIn2));
      const share = all.reduce((sum, hole) => sum + nominalAreaIn2(hole), 0) / inletArea;
      const largest = inlets.toSorted((a, b) => nominalAreaIn2(b) - nominalAreaIn2(a))[0];
      const sumOf = (holes: readonly Penetration[]): number =>
        holes.reduce((sum, hole) => sum + overflowM3s(hole, context), 0);
      // All of a row together; and what comes into one of it, by its own and by what its links carry to the others.
      const flows = [
        { carries: sumOf(all), inflow: inflowM3s(group, context) },
        { carries: sumOf(overflows) + byLinksM3s(tank, context), inflow: inflowM3s([tank], context) },
      ];
      const short = flows.find(({ carries, inflow }) => carries < inflow);
      const at = atPenetration(first);
      if (largest && share < ALIKE_SHARE)
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
            fixes: (whole) => overflowFixes(whole, tank, first),
          },
        ];
      return short
        ? [
            {
              messageId: 'flow' as const,
              at,
              data: {
                hole: first.label,
                inflow: { flowM3s: short.inflow },
                carries: { flowM3s: short.carries },
                head: { lengthM: overflowHeadM(first, tank, context) },
                law: overflowLawOf(first, context).words,
              },
              fixes: (whole) => overflowFixes(whole, tank, first),
            },
          ]
        : [];
    }),
});
