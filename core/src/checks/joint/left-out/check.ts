import { setField } from '../../../edits/change-field';
import { judge } from '../../../connections/mate';
import { defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atJoint } from '../../places';

/** Reasons of `mate` for a joint from which something is left out. */
export const LEFT_OUT: readonly string[] = ['left-out-leaks', 'left-out-unrated'];

export default defineCheck({
  meta: {
    id: 'joint/left-out',
    severity: 'fails',
    toDo: 'Put in what it asks for, at the joint.',
    sources: [{ document: 'what a joint is made to hold with', provenance: 'common-practice' }],
    messages: {
      leaks: { title: 'Starts, then leaks', text: '{why} {instead}' },
      unrated: { title: 'Fits, not rated', text: '{why} {instead}' },
      now: {
        title: 'Made for now',
        text: '{why} It is made for now: make it for good before it is under pressure, covered or left alone.',
        severity: 'costs',
      },
    },
  },
  check: ({ joints }) =>
    joints
      .filter(({ mating }) => LEFT_OUT.includes(mating.reason))
      .map((judged) => {
        const { joint, a, b, mating, service } = judged;
        const media = a.end && b.end ? judge(a.end, b.end, { a: a.material, b: b.material, service }).media : [];
        return {
          messageId: joint.forNow ? 'now' : mating.verdict === 'fits-unrated' ? 'unrated' : 'leaks',
          at: atJoint(judged),
          data: { why: mating.why, instead: mating.instead ?? '' },
          fixes: [
            setFix(setField('joints', joint, 'madeWith', null), 'Make it with {media}', {
              media: media.join(' and '),
            }),
          ],
        };
      }),
});
