import { setField } from '../../../edits/change-field';
import { holesOf } from '../../../job/lookup';
import { sizeInInches, sizeWords } from '../../../quantity/size';
import { BASE_NAMES } from '../../../walls/tank';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';

/** An elbow and its nipple take about this many times their size (typical, value from memory). */
const ELBOW_SIZES = 3;

export default defineCheck({
  meta: {
    id: 'tank/blocks-in-way',
    severity: 'costs',
    toDo: 'Raise it, and set the blocks clear.',
    sources: [{ document: 'blocks stand clear of a bottom outlet', provenance: 'common-practice' }],
    messages: {
      low: {
        title: 'No room under it',
        text: '{hole} comes out of the bottom; {tank} stands only {plinth} up: an elbow of {size} needs {needs}.',
      },
      solid: {
        title: 'Stands on its outlet',
        text: '{hole} comes out of the bottom, and {tank} stands flat on {base}: stand it on blocks clear of the outlet.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank) =>
      holesOf(job, tank.id)
        .filter(({ face, portUse }) => face === 'bottom' && (portUse === 'use' || portUse === null))
        .flatMap((hole): Report<'low' | 'solid'>[] => {
          const at = atPenetration(hole);
          const base = BASE_NAMES[tank.base].toLowerCase();
          if (tank.base === 'ground' || tank.base === 'slab')
            return [
              {
                messageId: 'solid' as const,
                at,
                data: { hole: hole.label, tank: tank.label, base },
                fixes: [setFix(setField('tanks', tank, 'base', 'blocks'), 'Stand it on blocks')],
              },
            ];
          const needsM = ELBOW_SIZES * sizeInInches(hole.size) * 0.0254;
          return tank.plinthM < needsM - 0.0005
            ? [
                {
                  messageId: 'low' as const,
                  at,
                  data: {
                    hole: hole.label,
                    tank: tank.label,
                    plinth: { lengthM: tank.plinthM },
                    size: sizeWords(hole.size),
                    needs: { lengthM: needsM },
                  },
                  fixes: [
                    setFix(setField('tanks', tank, 'plinthM', needsM), 'Raise it to {to}', {
                      to: { lengthM: needsM },
                    }),
                  ],
                },
              ]
            : [];
        }),
    ),
});
