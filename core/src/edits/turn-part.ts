import { err, ok } from '../result';
import { takesAnother } from '../fittings/part';
import { AS_ASKED, type EndRef, type Joint } from '../job/job';
import { replace } from './change';
import { type EditBy, defineEdit } from './edit-kind';

export const turnPart = defineEdit({
  type: 'turn-part',
  says: 'Turns a part round: what was on its first end comes on its second, and the other way',
  data: { partId: { kind: 'id' } },
  changes: (job, { partId }, catalogue) => {
    const part = job.parts.find(({ id }) => id === partId);
    if (!part) return err({ code: 'gone', message: 'This part has been taken out since.' });
    if ((catalogue.byCode.get(part.code)?.ends.filter(takesAnother).length ?? 0) < 2)
      return err({ code: 'not-possible', message: 'A part with one end cannot be turned round.' });
    const turned = (ref: EndRef): EndRef =>
      ref.of === 'part' && ref.id === partId && ref.end < 2 ? { ...ref, end: 1 - ref.end } : ref;
    const touched = (joint: Joint): boolean => turned(joint.a) !== joint.a || turned(joint.b) !== joint.b;
    return ok(
      job.joints
        .filter(touched)
        .map((joint) =>
          replace(job, 'joints', joint, { ...joint, a: turned(joint.a), b: turned(joint.b), ...AS_ASKED }),
        ),
    );
  },
  label: ({ partId }, job) => `Turn ${job.parts.find(({ id }) => id === partId)?.code ?? 'a part'} round`,
});
export type TurnPart = EditBy<typeof turnPart>;
