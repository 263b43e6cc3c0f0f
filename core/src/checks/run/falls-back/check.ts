import { drainLegs } from '../../../falls/drain';
import { siteFigure } from '../../../job/job';
import { type Report, defineCheck } from '../../define-check';
import { letItFall } from '../let-it-fall';
import { atPart } from '../../places';

/** A level in the hand shows this much over its length. */
const LEVEL = 0.002;

export default defineCheck({
  meta: {
    id: 'run/falls-back',
    severity: 'fails',
    station: 'site',
    summary: 'A drain, an inlet or an overflow that falls the wrong way, or not at all.',
    sources: [{ document: 'least fall of a drain: 1 in 100', provenance: 'common-practice' }],
    messages: {
      back: {
        title: 'Falls backward',
        text: '{part} of {hole} rises {by} over {length} in the direction of the water: water stands in it.',
      },
      flat: {
        title: 'No fall',
        text: '{part} of {hole} lies level over {length}: water stands in it and breeds insects. The least is {least}.',
      },
    },
  },
  check: (context) =>
    drainLegs(context)
      .filter(({ leg }) => leg.sure)
      // What nobody has said of its fall is asked for, not condemned.
      .filter(({ fall, leg }) => fall < LEVEL && (leg.placed.riseM !== null || fall < -LEVEL))
      .map((drain): Report<'back' | 'flat'> => {
        const {
          run: { penetration },
          leg,
          lengthM,
          fall,
        } = drain;
        const leastM = siteFigure(context.job, 'fallShare') * lengthM;
        return {
          messageId: fall < -LEVEL ? 'back' : 'flat',
          at: atPart(leg.placed.id, penetration),
          data: {
            part: leg.part.name,
            hole: penetration.label,
            by: { lengthM: Math.abs(fall) * lengthM },
            length: { lengthM },
            least: { lengthM: leastM },
          },
          fixes: [letItFall(drain, leastM)],
        };
      }),
});
