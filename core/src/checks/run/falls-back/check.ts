import { defineCheck } from '../../define-check';
import { fallReports } from '../fall-reports';

export default defineCheck({
  meta: {
    id: 'run/falls-back',
    severity: 'fails',
    station: 'site',
    toDo: 'Let it fall by the least that such a drain needs, or more.',
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
  check: (context) => fallReports(context, ['back', 'flat']),
});
