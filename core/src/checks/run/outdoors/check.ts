import { settingCaution } from '../../../connections/material';
import { siteFigure } from '../../../job/job';
import { itemsOfRun } from '../../../job/run';
import { gather } from '../../../quantity/gather';
import { settingFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'run/outdoors',
    severity: 'advice',
    summary: 'Plastic outdoors without care against the sun, or a run without care against frost.',
    sources: [
      { document: 'PVC turns brittle in the sun; a wet line above frost depth bursts', provenance: 'common-practice' },
    ],
    messages: {
      sun: { title: 'Sun on plastic', text: '{parts} stand outdoors: {why} Shade or paint them, and say so.' },
      frost: {
        title: 'Frost',
        text: 'The runs are above the ground, frost goes {frost} deep: drain them before winter, or insulate and say so.',
      },
    },
  },
  check: ({ job, runs }) => {
    const begun = runs.filter(({ strands }) => strands.some(({ items }) => items.length > 1));
    const [first] = begun;
    if (!first) return [];
    const items = gather(begun, itemsOfRun);
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
                settingFix('sunPlan', null, 'shaded', 'They are shaded'),
                settingFix('sunPlan', null, 'painted', 'They are painted'),
              ],
            },
          ]
        : []),
      ...(above && job.frostPlan === null
        ? [
            {
              messageId: 'frost' as const,
              at: atPenetration(first.penetration),
              data: { frost: { lengthM: siteFigure(job, 'frostM') } },
              fixes: [
                settingFix('frostPlan', null, 'drained', 'They are drained before frost'),
                settingFix('frostPlan', null, 'insulated', 'They are insulated'),
                settingFix('frostPlan', null, 'none-here', 'There is no frost here'),
              ],
            },
          ]
        : []),
    ];
  },
});
