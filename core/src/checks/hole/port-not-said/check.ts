import { setField } from '../../../edits/change-field';
import { comesClosed } from '../../../derived/ports';
import type { CheckContext } from '../../../derived/context';
import type { Penetration, PortUse } from '../../../job/job';
import { holesOf } from '../../../job/lookup';
import type { Tank } from '../../../walls/tank';
import { partsBeyondSeal } from '../../run/open-ends';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';
import type { Fix } from '../../finding';

export default defineCheck({
  meta: {
    id: 'hole/port-not-said',
    severity: 'unknown',
    station: 'tanks',
    toDo: 'Say what becomes of it.',
    sources: [{ document: 'every opening of a tank is used, plugged or cut out', provenance: 'common-practice' }],
    messages: {
      unsaid: {
        title: 'Port not said',
        text: '{ports}: use it, plug it, or cut it out. Unsaid, it lets in light and flies, or water out.',
      },
      closed: {
        title: 'Port not said',
        text: '{ports}: say whether it stays closed as it came, is used, or is cut out.',
      },
      several: {
        title: 'Ports not said',
        text: '{ports}: say of each whether it is used, stays closed as it came, is plugged, or is cut out.',
      },
      open: {
        title: 'Port left open',
        text: '{ports} is left as it is. Below the highest water it has to be plugged; above it, screened.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank): Report<'unsaid' | 'closed' | 'several' | 'open'>[] => {
      const ports = holesOf(context.job, tank.id).filter(({ port }) => port !== null);
      // What is built on it says that it is used.
      const unsaid = ports.filter(
        (hole) => !tank.stands && !hole.stands && hole.portUse === null && !isBuiltOn(hole, context),
      );
      const open = ports.filter((hole) => hole.portUse === 'leave' && !comesClosed(hole, tank));
      const [first] = unsaid;
      return [
        ...(first
          ? [
              {
                messageId: unsaid.length > 1 ? 'several' : comesClosed(first, tank) ? 'closed' : ('unsaid' as const),
                at: { ...atPenetration(first), label: unsaid.map(({ label }) => label).join(', ') },
                data: { ports: unsaid.map(wordsOf).join('; ') },
                fixes: usualFixes(unsaid, tank),
              } as const,
            ]
          : []),
        ...open.map((hole) => ({
          messageId: 'open' as const,
          at: atPenetration(hole),
          data: { ports: hole.name },
          fixes: [become([hole], () => 'use', 'Use it'), become([hole], () => 'plug', 'Plug it')],
        })),
      ];
    }),
});

const wordsOf = ({ label, name, port }: Penetration): string => `${label} ${name.toLowerCase()}, ${port ?? ''}`;

const isBuiltOn = (hole: Penetration, { runs }: CheckContext): boolean =>
  runs.some((run) => run.penetration.id === hole.id && partsBeyondSeal(run) > 0);

const become = (holes: readonly Penetration[], use: (hole: Penetration) => PortUse, text: string): Fix =>
  holes.length === 1 && holes[0]
    ? setFix(setField('penetrations', holes[0], 'portUse', use(holes[0])), text)
    : {
        text,
        data: {},
        edits: holes.map((hole) => setField('penetrations', hole, 'portUse', use(hole))),
        partsAdded: 0,
        priceUsd: 0,
      };

/** What is usually done: what came closed stays so and the others are used; or all of them are used, or plugged. */
function usualFixes(holes: readonly Penetration[], tank: Tank): readonly Fix[] {
  const one = holes.length === 1;
  const closed = holes.filter((hole) => comesClosed(hole, tank));
  const all = (text: string, use: PortUse): Fix => become(holes, () => use, text);
  const use = all(one ? 'Use it' : 'Use all of them', 'use');
  const plug = all(one ? 'Plug it' : 'Plug all of them', 'plug');
  if (closed.length === holes.length)
    return [all(one ? 'It stays closed as it came' : 'All stay closed as they came', 'leave'), use, plug];
  if (closed.length === 0) return [use, plug];
  return [
    become(
      holes,
      (hole) => (closed.includes(hole) ? 'leave' : 'use'),
      `Use ${holes
        .filter((hole) => !closed.includes(hole))
        .map(({ label }) => label)
        .join(', ')}; the others stay closed as they came`,
    ),
    use,
    plug,
  ];
}
