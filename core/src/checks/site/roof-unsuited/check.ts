import { roofMaterial } from '../../../site/roof-materials';
import { defineCheck } from '../../define-check';
import { atSite } from '../../places';

export default defineCheck({
  meta: {
    id: 'site/roof-unsuited',
    severity: 'costs',
    toDo: 'Gather from another roof; a first flush and a filter where it is only grit.',
    sources: [{ document: 'roof materials and what washes off them', provenance: 'common-practice' }],
    messages: {
      no: {
        title: 'Not from this roof',
        text: '{roof} is {material}: {why}. Ask the local health authority before its water is used for anything.',
      },
      care: { title: 'With care', text: '{roof} is {material}: {why}.' },
    },
  },
  check: ({ job }) =>
    job.roofs.flatMap((roof) => {
      const material = roofMaterial(roof.material);
      if (!material || material.suits === 'yes') return [];
      return [
        {
          messageId: material.suits === 'no' ? ('no' as const) : ('care' as const),
          at: atSite('roofs', roof),
          data: { roof: roof.name, material: material.name.toLowerCase(), why: material.why },
        },
      ];
    }),
});
