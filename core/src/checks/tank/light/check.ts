import { setField } from '../../../edits/change-field';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/light',
    severity: 'costs',
    toDo: 'Cover or paint it, and say so.',
    sources: [{ document: 'light grows algae', provenance: 'common-practice' }],
    messages: { light: { title: 'Light gets in', text: '{tank} lets light through: the water turns green.' } },
  },
  check: ({ job }) =>
    job.tanks
      .filter(({ dark }) => !dark)
      .map((tank) => ({
        messageId: 'light' as const,
        at: atTank(tank),
        data: { tank: tank.label },
        fixes: [setFix(setField('tanks', tank, 'dark', true), 'It is covered or painted')],
      })),
});
