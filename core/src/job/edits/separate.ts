import { err, ok } from '../../result.js';
import { take } from './change.js';
import { defineEdit } from './edit-kind.js';

/** Takes a joint apart; both ends are open again. */
export interface Separate {
  readonly type: 'separate';
  readonly jointId: string;
}

export const separate = defineEdit<Separate>({
  type: 'separate',
  changes: (job, { jointId }) => {
    const joint = job.joints.find(({ id }) => id === jointId);
    return joint
      ? ok([take(job, 'joints', joint)])
      : err({ code: 'gone', message: 'This joint has been taken apart already.' });
  },
  label: ({ jointId }, job) => `Take J${job.joints.find(({ id }) => id === jointId)?.number ?? ''} apart`,
});
