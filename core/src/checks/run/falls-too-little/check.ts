import { drainLegs } from '../../../falls/drain';
import { siteFigure } from '../../../job/job';
import { type Report, defineCheck } from '../../define-check';
import { letItFall } from '../let-it-fall';
import { atPart } from '../../places';

const LEVEL = 0.002;
/** A rounding of the tape is not a fault. */
const ROUNDING_M = 0.001;

export default defineCheck({
  meta: {
    id: 'run/falls-too-little',
    severity: 'costs',
    station: 'site',
    summary: 'A drain of which nobody has said how it falls, or that falls less than the least.',
    sources: [{ document: 'least fall of a drain: 1 in 100', provenance: 'common-practice' }],
    messages: {
      'not-said': {
        title: 'Fall not said',
        text: '{part} of {hole} is {length} long and drawn level: nobody has said how it falls. The least is {least}.',
      },
      little: {
        title: 'Little fall',
        text: '{part} of {hole} falls {by} over {length}; the least is {least}. Silt stays in it.',
      },
    },
  },
  check: (context) =>
    drainLegs(context)
      .filter(({ leg }) => leg.sure)
      .filter(({ fall, lengthM }) => fall * lengthM < siteFigure(context.job, 'fallShare') * lengthM - ROUNDING_M)
      .filter(({ fall, leg }) => fall >= LEVEL || (leg.placed.riseM === null && fall > -LEVEL))
      .map((drain): Report<'little' | 'not-said'> => {
        const {
          run: { penetration },
          leg,
          lengthM,
          fall,
        } = drain;
        const leastM = siteFigure(context.job, 'fallShare') * lengthM;
        return {
          messageId: fall < LEVEL ? 'not-said' : 'little',
          at: atPart(leg.placed.id, penetration),
          data: {
            part: leg.part.name,
            hole: penetration.label,
            by: { lengthM: fall * lengthM },
            length: { lengthM },
            least: { lengthM: leastM },
          },
          fixes: [letItFall(drain, leastM)],
        };
      }),
});
