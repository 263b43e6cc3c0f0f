import { defineCheck } from '../../define-check';
import { fallReports } from '../fall-reports';

export default defineCheck({
  meta: {
    id: 'run/falls-too-little',
    severity: 'costs',
    station: 'site',
    toDo: 'Let it fall by the least that such a drain needs.',
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
  check: (context) => fallReports(context, ['not-said', 'little']),
});
