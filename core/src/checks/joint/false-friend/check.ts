import { flowThrough } from '../../../assembly/flow';
import { waysBetween } from '../../../routes/ways-between';
import { insertChain } from '../../../routes/chain-edits';
import type { CheckContext, JudgedJoint } from '../../../derived/context';
import { LEFT_OUT } from '../left-out/check';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { atJoint } from '../../places';

/** An adapter chain longer than this is no fix but another run. Our judgement. */
const MOST_PARTS = 2;
const MOST_WAYS = 3;

export default defineCheck({
  meta: {
    id: 'joint/false-friend',
    severity: 'fails',
    toDo: 'Put an adapter between, or replace one of the two parts.',
    sources: [
      { document: 'ASME B1.20.1', provenance: 'standard-formula' },
      { document: 'ASME B1.20.7', provenance: 'standard-table' },
    ],
    messages: {
      leaks: { title: 'Starts, then leaks', text: '{why}' },
      stops: { title: 'Will not go', text: '{why}' },
    },
  },
  check: (context) =>
    context.joints
      .filter(({ mating }) => mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go')
      // What is left out of a joint that would hold is another check's to say.
      .filter(({ mating }) => !LEFT_OUT.includes(mating.reason))
      // What stands in a wall is judged there, with the wall: see the checks of holes.
      .filter(({ a, b }) => ![a, b].some(({ end }) => end?.kind === 'wall-seal'))
      .map((judged) => ({
        messageId: judged.mating.verdict === 'will-not-go' ? 'stops' : 'leaks',
        at: atJoint(judged),
        data: { why: judged.mating.why },
        fixes: () => adapters(judged, context),
      })),
});

function adapters({ joint, a, b, service }: JudgedJoint, context: CheckContext): readonly Fix[] {
  if (a.end === undefined || b.end === undefined) return [];
  const routes = waysBetween(
    { end: a.end, material: a.material, service },
    { end: b.end, material: b.material, service },
    context,
    {
      mostParts: MOST_PARTS,
      limit: MOST_WAYS,
      home: context.job.region ?? undefined,
      flow: flowThrough(joint, context),
    },
  );
  return routes.map((route) => insertChain(context.job, joint.id, route, 'Put between: {parts}'));
}
