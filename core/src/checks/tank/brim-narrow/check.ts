import { setField } from '../../../edits/change-field';
import { formOf } from '../../../walls/forms';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

/** So much narrower above is within what a tape reads on a curve. */
const READ_SHARE = 0.98;

export default defineCheck({
  meta: {
    id: 'tank/brim-narrow',
    severity: 'unknown',
    toDo: 'Measure both again; where it does draw in, say so by name.',
    sources: [{ document: 'tubs and bins widen upward, so that they stack', provenance: 'common-practice' }],
    messages: {
      narrow: {
        title: 'Narrower at the brim',
        text: '{tank} is {base} across at its base and {brim} at its brim. Few tanks draw in: are the two the right way round?',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter((tank) => formOf(tank).dimensions.some(({ field }) => field === 'baseDiameterM'))
      .filter(({ diameterM, baseDiameterM }) => diameterM < READ_SHARE * baseDiameterM)
      .map((tank) => ({
        messageId: 'narrow' as const,
        at: atTank(tank),
        data: {
          tank: tank.label,
          base: { lengthM: tank.baseDiameterM },
          brim: { lengthM: tank.diameterM },
        },
        fixes: [
          setFix(setField('tanks', tank, 'baseDiameterM', tank.diameterM), 'It is {brim} across at its base too', {
            brim: { lengthM: tank.diameterM },
          }),
        ],
      })),
});
