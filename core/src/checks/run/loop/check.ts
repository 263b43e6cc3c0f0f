import { defineCheck } from '../../define-check';
import { atPart } from '../../places';
import { runsOnce } from '../../../assembly/flow';
import type { EndRef } from '../../../job/job';

export default defineCheck({
  meta: {
    id: 'run/loop',
    severity: 'costs',
    toDo: 'Take the joint apart where it comes back, and end it elsewhere.',
    sources: [{ document: 'a line leads from where water is to where it goes', provenance: 'common-practice' }],
    messages: {
      back: {
        title: 'Comes back on itself',
        text: 'A branch of {run} ends on {run} again: it leads nowhere, and what hangs on it is not judged beyond that joint.',
      },
    },
  },
  check: (context) => {
    const seen = new Set<string>();
    return runsOnce(context).flatMap(({ penetration, strands }) =>
      strands.flatMap(({ from, items, end }) => {
        const last = items.at(-1);
        const out: EndRef | undefined = last
          ? last.outEnd === undefined
            ? undefined
            : { of: 'part', id: last.placed.id, end: last.outEnd }
          : from;
        // What is closed by a cap has no way on; what comes back has a joint there, met from both of its sides.
        const joint = end.at === 'closed' && out ? context.index.jointAt(out) : undefined;
        if (!joint || !out || out.of !== 'part' || seen.has(joint.id)) return [];
        seen.add(joint.id);
        return [{ messageId: 'back' as const, at: atPart(out.id, penetration), data: { run: penetration.label } }];
      }),
    );
  },
});
