import { tankOf } from '../../../job/lookup';
import { selfStopping } from '../../../falls/self-stopping';
import { type Report, defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

export default defineCheck({
  meta: {
    id: 'tank/diverter-spills',
    severity: 'costs',
    station: 'site',
    toDo: 'Lower the diverter, seal what lies below it, or give the tank an overflow as large as its inlet.',
    sources: [{ document: 'levels of the diverter and of the lowest opening', provenance: 'standard-formula' }],
    messages: {
      spills: {
        title: 'It will not stop by itself',
        text: 'The diverter of {hole} spills {above} above {lowest}, so water leaves there before the fill stops: lower the diverter, or seal what is below it.',
      },
      surplus: {
        title: 'Surplus goes by the overflow',
        text: 'The diverter of {hole} sits {above} over {lowest}: what is too much leaves there, not down the pipe. It must carry all of it.',
      },
    },
  },
  check: (context) =>
    selfStopping(context)
      .filter(({ sure, spillM, lowestM }) => sure && spillM > lowestM)
      .filter(({ hole, lowestHole }) => lowestHole !== undefined || tankOf(context.job, hole)?.mayRunOver !== true)
      .map(({ hole, spillM, lowestM, lowest, lowestHole }): Report<'spills' | 'surplus'> => ({
        messageId: lowestHole?.roles.includes('overflow') ? 'surplus' : 'spills',
        at: atPenetration(hole),
        data: { hole: hole.label, above: { lengthM: spillM - lowestM }, lowest },
      })),
});
