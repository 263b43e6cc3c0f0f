import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const shared = (code: string | null, roles: readonly ('cord-entry' | 'pump-line' | 'vent')[]) =>
  tankWith({
    type: 'concrete',
    holes: [{ id: 'h', size: '4', heightM: 1.2, roles, ...(code === null ? {} : { parts: [{ code }] }) }],
  });

testCheck(check, {
  clean: [
    { why: 'a cable alone', job: shared(null, ['cord-entry']) },
    { why: 'a cable and air', job: shared(null, ['cord-entry', 'vent']) },
    { why: 'a seal of links closes round both', job: shared('WLS-400', ['cord-entry', 'pump-line']) },
  ],
  found: [
    {
      why: 'a cast sleeve with nothing in it',
      job: shared('WCS-400', ['cord-entry', 'pump-line']),
      findings: [{ title: 'Cable beside the water', at: 'P1', text: 'closes round one of them' }],
      fixSettles: true,
    },
  ],
});
