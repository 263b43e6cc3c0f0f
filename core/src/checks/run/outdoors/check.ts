import { setSetting } from '../../../edits/change-field';
import { settingCaution } from '../../../connections/material';
import { type Job, type Penetration, siteFigure } from '../../../job/job';
import { itemsOfRun } from '../../../derived/run';
import { gather } from '../../../quantity/gather';
import { frostWords } from '../../frost';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';
import { tankOf } from '../../../job/lookup';

export default defineCheck({
  meta: {
    id: 'run/outdoors',
    severity: 'advice',
    toDo: 'Shade or paint; drain, bury below frost depth or insulate.',
    sources: [
      { document: 'PVC turns brittle in the sun; a wet line above frost depth bursts', provenance: 'common-practice' },
    ],
    messages: {
      sun: { title: 'Sun on plastic', text: '{parts} stand outdoors: {why} Shade or paint them, and say so.' },
      frost: {
        title: 'Frost',
        text: 'The runs are above the ground, and frost {goes} {frost} deep: drain them before winter, or insulate and say so.',
      },
    },
  },
  check: ({ job, runs }) => {
    const begun = runs.filter(({ strands }) => strands.some(({ items }) => items.length > 1));
    const [first] = begun;
    if (!first) return [];
    // What leaves a buried tank below the ground is out of the sun, and so is what seals it there.
    const items = gather(
      begun.filter(({ penetration }) => !isUnderground(penetration, job)),
      itemsOfRun,
    );
    const worst =
      items.find(({ part }) => part.material === 'clear-pvc') ??
      items.find(({ part }) => settingCaution(part.material, 'sunlight') !== undefined);
    const above = job.tanks.some(({ buriedM }) => buriedM < siteFigure(job, 'frostM'));
    return [
      ...(worst && job.sunPlan === null
        ? [
            {
              messageId: 'sun' as const,
              at: atPenetration(first.penetration),
              data: {
                parts: `${worst.part.name}s and the like`,
                why: settingCaution(worst.part.material, 'sunlight') ?? '',
              },
              fixes: [
                setFix(setSetting(job, 'sunPlan', 'shaded'), 'They are shaded'),
                setFix(setSetting(job, 'sunPlan', 'painted'), 'They are painted'),
              ],
            },
          ]
        : []),
      ...(above && job.frostPlan === null
        ? [
            {
              messageId: 'frost' as const,
              at: atPenetration(first.penetration),
              data: frostWords(job),
              fixes: [
                setFix(setSetting(job, 'frostPlan', 'drained'), 'They are drained before frost'),
                setFix(setSetting(job, 'frostPlan', 'insulated'), 'They are insulated'),
                setFix(setSetting(job, 'frostPlan', 'none-here'), 'There is no frost here'),
              ],
            },
          ]
        : []),
    ];
  },
});

/** Below the finished ground: buried by as much as its base is, and not so high up the tank. */
function isUnderground(hole: Penetration, job: Job): boolean {
  const tank = tankOf(job, hole);
  return tank !== undefined && hole.heightM < tank.buriedM;
}
