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
  label: ({ jointId }, job) => {
    const joint = job.joints.find(({ id }) => id === jointId);
    const codes = [joint?.a, joint?.b].flatMap((ref) =>
      ref?.of === 'part' ? (job.parts.find(({ id }) => id === ref.id)?.code ?? []) : [],
    );
    return codes.length > 0 ? `Take ${codes.join(' and ')} apart` : 'Take a joint apart';
  },
});
export type Separate = EditBy<typeof separate>;
