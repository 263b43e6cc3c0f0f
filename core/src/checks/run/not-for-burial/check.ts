import { isInGround } from '../../../assembly/trench';
import { coursesOf } from '../../../assembly/course';
import { settingCaution } from '../../../connections/material';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/not-for-burial',
    severity: 'costs',
    toDo: 'Take pipe for the ground, or wrap and sleeve it.',
    sources: [{ document: 'metals, hose and clear plastic in the ground', provenance: 'common-practice' }],
    messages: {
      buried: { title: 'Not for the ground', text: '{part} lies {depth} below the ground: {why}' },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) => {
      // One finding a run and material, at its deepest part.
      const deep = (coursesOf(context).get(run.penetration.id)?.strands ?? [])
        .flat()
        .filter((leg) => leg.sure && !leg.placed.existing && isInGround(leg))
        .toSorted((a, b) => Math.min(a.from.up, a.to.up) - Math.min(b.from.up, b.to.up));
      return [...new Set(deep.map(({ part }) => part.material))].flatMap((material) => {
        const leg = deep.find(({ part }) => part.material === material);
        const why = settingCaution(material, 'burial');
        return leg && why !== undefined
          ? [
              {
                messageId: 'buried' as const,
                at: atPart(leg.placed.id, run.penetration),
                data: { part: leg.part.name, depth: { lengthM: -Math.min(leg.from.up, leg.to.up) }, why },
              },
            ]
          : [];
      });
    }),
});
