import { err, ok } from '../../result';
import { take } from './change';
import { defineEdit } from './edit-kind';

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
