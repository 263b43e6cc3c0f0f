import { emptyJob, type Job } from '../../../job/job';
import { drumWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const known = drumWith({ parts: [{ code: 'BH-075' }] });
/** A document from elsewhere, whose part the catalogue does not have. */
const stranger: Job = {
  ...emptyJob('Stranger', 'in-gal'),
  tanks: known.tanks,
  penetrations: known.penetrations,
  parts: known.parts.map((part) => (part.code === 'BH-075' ? { ...part, code: 'OWN-1' } : part)),
  joints: known.joints,
};

testCheck(check, {
  clean: [{ why: 'every end is known', job: known }],
  found: [
    {
      why: 'a part nobody knows stands in the wall',
      job: stranger,
      findings: [{ title: 'Not known yet', at: 'P1 J1', text: 'Measure the end' }],
      fixSettles: false,
    },
  ],
});
