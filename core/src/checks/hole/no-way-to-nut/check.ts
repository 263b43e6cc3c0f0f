import { setField } from '../../../edits/change-field';
import { sealReports } from '../../seals';
import type { Penetration } from '../../../job/job';
import type { Fix } from '../../finding';
import { setFix } from '../../move-fix';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/no-way-to-nut',
    severity: 'unknown',
    toDo: 'Draw it in on a cord from the lid, or use a way from outside. Nobody goes in.',
    sources: [{ document: 'a hand needs about 100 mm; never a person in the tank', provenance: 'common-practice' }],
    messages: { seal: { title: 'No hand inside', text: '{why}' } },
  },
  sees: 'run-in-water',
  check: (context) => sealReports(context, ['reach'], ({ hole }, { rulesOut }) => cordFix(hole, rulesOut)),
});

/** Where the fitting passes the opening it can be drawn in on a cord. */
const cordFix = (hole: Penetration, ruledOut: boolean): Fix[] =>
  ruledOut ? [] : [setFix(setField('penetrations', hole, 'drawnIn', true), 'Draw it in on a cord')];
