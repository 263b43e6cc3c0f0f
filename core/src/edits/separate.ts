import { err, ok } from '../result';
import { take } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const separate = defineEdit({
  type: 'separate',
  says: 'Takes a joint apart; both ends are open again',
  data: { jointId: { kind: 'id' } },
  changes: (job, { jointId }) => {
    const joint = job.joints.find(({ id }) => id === jointId);
    return joint
      ? ok([take(job, 'joints', joint)])
      : err({ code: 'gone', message: 'This joint has been taken apart already.' });
  },
  label: ({ jointId }, job) => `Take J${job.joints.find(({ id }) => id === jointId)?.number ?? ''} apart`,
});
export type Separate = EditBy<typeof separate>;
