import { boreOfEnd } from '../../../fittings/body';
import { can } from '../../../fittings/capability';
import type { StrandItem } from '../../../derived/run';
import { defineCheck } from '../../define-check';
import { flowOf, runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

/** Narrower than this share of the next narrowest it passes less than half of what the rest would (velocity head; our judgement). */
const SHARE = 0.7;
/** Bores this near to one another are one narrow place. */
const ALIKE = 1.1;
const LEAST_OTHERS = 2;

export default defineCheck({
  meta: {
    id: 'run/bottleneck',
    severity: 'costs',
    toDo: 'Take the next size for this part.',
    sources: [{ document: 'loss grows with the fourth power of the bore', provenance: 'standard-formula' }],
    messages: {
      narrow: {
        title: 'One narrow place',
        text: '{part} has a bore of {bore}; everything else in the run has {others} or more. At the same flow it loses {times} times the head.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) =>
      run.strands.flatMap((strand) => {
        if (flowOf(run, strand, context) === undefined) return [];
        const items = strand.items.filter(({ part }) => part.ends.length > 1 && !endsTheLine(part));
        const bores = items.map(({ part }) => straightBoreMm(part));
        const leastMm = Math.min(...bores);
        const [narrow, rest] = [true, false].map((is) =>
          items.filter(({ part }) => part.boreMm <= leastMm * ALIKE === is),
        );
        const [least] = narrow ?? [];
        const nextMm = Math.min(...(rest ?? []).map(({ part }) => part.boreMm));
        if (!least || !rest || rest.length < LEAST_OTHERS || leastMm >= SHARE * nextMm) return [];
        // A small tap at the end of a wide line, to flush it or to draw from it, is as wide as somebody wants it.
        const last = items.at(-1);
        if (last && !('joint' in strand.end) && narrow?.includes(last)) return [];
        return [
          {
            messageId: 'narrow' as const,
            at: atPart(least.placed.id, run.penetration),
            data: {
              part: least.part.name,
              bore: { lengthM: leastMm / 1000 },
              others: { lengthM: nextMm / 1000 },
              times: Math.round((nextMm / leastMm) ** 4),
            },
          },
        ];
      }),
    ),
});

/** Straight through: a small branch does not narrow the line it leaves. */
const straightBoreMm = (part: StrandItem['part']): number =>
  can(part, 'branch') ? Math.min(...part.ends.slice(0, 2).map(({ end }) => boreOfEnd(end))) : part.boreMm;

/** What takes its own pressure by design, or lets the water out, is no bottleneck. */
const endsTheLine = ({ features }: StrandItem['part']): boolean =>
  features.some(
    (feature) => feature === 'spout' || feature === 'timer' || feature === 'float-arm' || feature === 'pump',
  );
