import { itemsOfRun } from '../../../derived/run';
import { runsOnce } from '../../../assembly/flow';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

/** A mesh finer than this catches what roofs shed all the time [mm]. */
const FINE_MM = 1;
/** Open area, as so many times the bore, that stays open from one cleaning to the next (common practice). */
const OPEN = 4;

export default defineCheck({
  meta: {
    id: 'run/screen-clogs',
    severity: 'costs',
    station: 'site',
    toDo: 'A coarse screen first, a filter with a bypass, or a much larger mesh.',
    sources: [{ document: 'open area and bypass of fine screens', provenance: 'common-practice' }],
    messages: {
      clogs: {
        title: 'It will clog',
        text: '{part} of {hole} has a mesh of {opening} mm, an open area of {share} times its bore and no way round it: once it clogs the gutter runs over.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context)
      .filter(({ penetration }) => penetration.roles.includes('inlet'))
      .flatMap((run) =>
        itemsOfRun(run).flatMap(({ part, placed }) => {
          const { mesh } = part;
          if (!mesh || mesh.bypass || mesh.openingMm >= FINE_MM) return [];
          const share = mesh.openAreaMm2 / ((Math.PI / 4) * part.boreMm ** 2);
          return share >= OPEN
            ? []
            : [
                {
                  messageId: 'clogs' as const,
                  at: atPart(placed.id, run.penetration),
                  data: {
                    part: part.name,
                    hole: run.penetration.label,
                    opening: mesh.openingMm,
                    share: share.toFixed(1),
                  },
                },
              ];
        }),
      ),
});
