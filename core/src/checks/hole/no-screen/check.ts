import { sealOf } from '../../../derived/resolve';
import type { Run, Strand } from '../../../derived/run';
import { placeAt } from '../../../derived/strands';
import type { RunSight } from '../../../derived/context';
import type { Feature } from '../../../fittings/part';
import { TO_THE_AIR } from '../../../walls/roles';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';
import { screenings } from '../../screenings';

export default defineCheck({
  meta: {
    id: 'hole/no-screen',
    severity: 'fails',
    toDo: 'Finish it with a screen or a cowl; an inlet with a leaf head, a filter or a basket.',
    sources: [{ document: 'mesh of about 1 mm against insects at every opening', provenance: 'common-practice' }],
    messages: {
      open: { title: 'No screen', text: '{hole} {name} ends open: insects and leaves get in.' },
      inlet: { title: 'No screen', text: '{hole} {name} ends in an open pipe: leaves, mice and insects get in by it.' },
    },
  },
  sees: 'run',
  check: (context) => context.runs.flatMap((run) => openingOf(run, context)),
});

/** What keeps insects out, and what keeps leaves out of an inlet too. */
const SCREENS: readonly Feature[] = ['screen'];
const HOLDS_BACK: readonly Feature[] = [...SCREENS, 'filter', 'strainer'];

/** The line of a run that begins beyond what seals the hole, ends in the open, and has nothing in it that keeps out what crawls. */
function openingOf(run: Run, context: RunSight): readonly Report<'open' | 'inlet'>[] {
  const { penetration, strands } = run;
  const { id, roles, label, name, port, portUse } = penetration;
  const toTheAir = roles.some((role) => TO_THE_AIR.includes(role));
  if (!toTheAir && !roles.includes('inlet')) return [];
  if (portUse === 'plug' || (port === null && sealOf(id, context.index) === undefined)) return [];
  // Rain comes in by an inlet from wherever else it ends.
  const open = strands.find((strand) => (toTheAir ? endsFree(strand, context) : endsBare(strand)));
  const keepsOut = toTheAir ? SCREENS : HOLDS_BACK;
  const hasScreen = strands.some(({ items }) =>
    items.some(({ part }) => part.features.some((feature) => keepsOut.includes(feature))),
  );
  if (!open || hasScreen) return [];
  return [
    {
      messageId: toTheAir ? 'open' : 'inlet',
      at: atPenetration(penetration),
      data: { hole: label, name: name.toLowerCase() },
      fixes: (whole) => screenings(open.end, roles, whole),
    },
  ];
}

const endsBare = ({ end, items }: Strand): boolean => items.length > 1 && end.at === 'open';

/** At the open air, or a place where water just leaves; one that takes a pipe of its own is closed round it. */
const endsFree = (strand: Strand, { job }: RunSight): boolean =>
  endsBare(strand) ||
  (strand.items.length > 1 && (strand.end.at === 'discharge' || placeAt(job, strand.end)?.offers === null));
