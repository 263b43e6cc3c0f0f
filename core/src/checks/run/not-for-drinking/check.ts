import { MATERIAL_NAMES, isForDrinking, settingCaution } from '../../../connections/material';
import { tankOf } from '../../../job/lookup';
import type { Role } from '../../../walls/roles';
import { isDrunk } from '../../../walls/tank';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { atPart } from '../../places';

/** Lines whose water is drunk, or becomes it. */
const WETTED: readonly Role[] = ['draw-off', 'pump-line', 'link', 'float-fill', 'inlet'];

export default defineCheck({
  meta: {
    id: 'run/not-for-drinking',
    severity: 'costs',
    safety: true,
    toDo: 'Take another material. Rainwater that is drunk needs treatment and approval besides.',
    sources: [{ document: 'materials in contact with drinking water', provenance: 'common-practice' }],
    messages: {
      unfit: {
        title: 'Not for drinking water',
        text: '{part} in {places}: {why} Rainwater that is drunk needs treatment and approval besides.',
      },
    },
  },
  // One finding a material: the same metal at ten places is one thing to change.
  check: (context) => {
    const wetted = runsOnce(context).filter(({ penetration }) => {
      const tank = tankOf(context.job, penetration);
      return tank && isDrunk(tank, context.job) && penetration.roles.some((role) => WETTED.includes(role));
    });
    const items = wetted.flatMap(({ penetration, strands }) =>
      strands.flatMap((strand) =>
        strand.items.filter(({ part }) => !isForDrinking(part.material)).map((item) => ({ ...item, penetration })),
      ),
    );
    return [...new Set(items.map(({ part }) => part.material))].flatMap((material) => {
      const own = items.filter(({ part }) => part.material === material);
      const [first] = own;
      return first
        ? [
            {
              messageId: 'unfit' as const,
              at: atPart(first.placed.id, first.penetration),
              data: {
                part: own.length === 1 ? first.part.name : `${own.length} parts of ${MATERIAL_NAMES[material]}`,
                places: [...new Set(own.map(({ penetration }) => penetration.label))].join(', '),
                why: settingCaution(material, 'potable') ?? '',
              },
            },
          ]
        : [];
    });
  },
});
