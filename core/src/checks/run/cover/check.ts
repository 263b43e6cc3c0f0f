import { drainLegs } from '../../../falls/drain';
import { legsStanding } from '../../../assembly/course';
import { runsOnce } from '../../../assembly/flow';
import { isByLength } from '../../../fittings/part';
import { siteFigure } from '../../../job/job';
import { DRAWS } from '../../../walls/roles';
import { type Report, defineCheck } from '../../define-check';
import { frostWords } from '../../frost';
import { atPart } from '../../places';

/** Less cover than this and a pipe counts as laid on the ground, not in it [m]. */
const IN_THE_GROUND_M = 0.02;

export default defineCheck({
  meta: {
    id: 'run/cover',
    severity: 'costs',
    station: 'site',
    toDo: 'Lay it deeper, or put it under a slab; drain a line that cannot go deeper.',
    sources: [
      { document: 'cover where nobody drives: 300 mm', provenance: 'common-practice' },
      { document: 'depth of frost: ask locally', provenance: 'from-memory' },
    ],
    messages: {
      cover: {
        title: 'Too little cover',
        text: '{part} of {hole} has {cover} of ground over it where it has least; {least} are asked for. A spade or a wheel finds it.',
      },
      frost: {
        title: 'Above the frost',
        text: '{part} of {hole} holds water {depth} deep; frost {goes} down to {frost}. Bury it deeper, or drain it before winter.',
      },
    },
  },
  check: (context) => {
    const leastM = siteFigure(context.job, 'coverM');
    const shallow = drainLegs(context).flatMap(({ leg, coverM, run }): readonly Report<'cover' | 'frost'>[] => {
      const thinM = Math.min(...coverM);
      const buried = leg.sure && Math.max(...coverM) > IN_THE_GROUND_M;
      return buried && thinM < leastM
        ? [
            {
              messageId: 'cover',
              at: atPart(leg.placed.id, run.penetration),
              data: {
                part: leg.part.name,
                hole: run.penetration.label,
                cover: { lengthM: Math.max(0, thinM) },
                least: { lengthM: leastM },
              },
            },
          ]
        : [];
    });
    // What is drained before frost, or has none, may lie as it likes.
    if (context.job.frostPlan !== 'insulated') return shallow;
    const frostM = siteFigure(context.job, 'frostM');
    const frozen = runsOnce(context)
      .filter(({ penetration }) => penetration.roles.some((role) => DRAWS.includes(role) || role === 'link'))
      .flatMap((run): readonly Report<'cover' | 'frost'>[] => {
        const legs = legsStanding(run, context).filter(
          ({ part, from, to, sure }) => sure && isByLength(part) && Math.max(from.up, to.up) < -IN_THE_GROUND_M,
        );
        const least = legs.toSorted((a, b) => Math.max(b.from.up, b.to.up) - Math.max(a.from.up, a.to.up))[0];
        const depthM = least ? -Math.max(least.from.up, least.to.up) : Number.POSITIVE_INFINITY;
        return least && depthM < frostM
          ? [
              {
                messageId: 'frost',
                at: atPart(least.placed.id, run.penetration),
                data: {
                  part: least.part.name,
                  hole: run.penetration.label,
                  depth: { lengthM: depthM },
                  ...frostWords(context.job),
                },
              },
            ]
          : [];
      });
    return [...shallow, ...frozen];
  },
});
