import { setField } from '../../../edits/change-field';
import { firstFlushes } from '../../../falls/first-flush';
import { type Report, defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atPart } from '../../places';

/** Half a millimetre off the whole roof is the least worth having (common practice, 0.5 to 2 mm). */
const LEAST_M = 0.0005;

export default defineCheck({
  meta: {
    id: 'run/first-flush',
    severity: 'costs',
    station: 'site',
    toDo: 'A tap or a trickle at its foot; a longer or wider chamber.',
    sources: [{ document: 'first flush of 0.5 to 2 mm, emptied between rains', provenance: 'common-practice' }],
    messages: {
      'no-drain': {
        title: 'First flush without drain',
        text: 'The first flush of {hole} has no tap, trickle or open end at its foot: it fills once and then does nothing.',
      },
      small: {
        title: 'First flush small',
        text: 'The first flush of {hole} holds {holds}, {depth} L to the m2 of roof. Half a litre is the least.',
      },
    },
  },
  check: (context) =>
    firstFlushes(context).flatMap(({ hole, body, drains, depthM, holdsM3, pipe }) => {
      const at = atPart(body.placed.id, hole);
      const found: Report<'no-drain' | 'small'>[] = [];
      if (holdsM3 !== undefined && !drains) found.push({ messageId: 'no-drain', at, data: { hole: hole.label } });
      if (holdsM3 !== undefined && depthM !== undefined && depthM < LEAST_M) {
        const lengthM = pipe?.placed.lengthM ?? null;
        const longer = lengthM === null ? undefined : (lengthM * LEAST_M) / depthM;
        found.push({
          messageId: 'small',
          at,
          data: { hole: hole.label, holds: { volumeM3: holdsM3 }, depth: (depthM * 1000).toFixed(2) },
          // Longer than a storey is no chamber any more.
          fixes:
            pipe && longer !== undefined && longer < 3
              ? [
                  setFix(setField('parts', pipe.placed, 'lengthM', longer), 'Make the chamber {length} long', {
                    length: { lengthM: longer },
                  }),
                ]
              : [],
        });
      }
      return found;
    }),
});
