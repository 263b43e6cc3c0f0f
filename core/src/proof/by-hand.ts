import type { CheckContext } from '../derived/context';
import { tankOf } from '../job/lookup';
import { type Part, isByLength, outsideMmOf } from '../fittings/part';
import { isDownpipe } from '../fittings/capability';
import { type Use, useOfRoof, useOfTank } from '../parts/list/trace';
import { sizeCode } from '../quantity/size';
import { portOf, tankType } from '../walls/tank-types';
import { newParts, ofTrenches } from './along-lengths';
import { type Claim, thereIs } from './claim';

/** Up to this a cutter goes round a pipe; above it a saw in a box [mm]. */
const CUTTER_MM = 63.5;
const isPipe = ({ family }: Part): boolean => family === 'pipe';
const hasEnd =
  (part: string) =>
  ({ ends }: Part): boolean =>
    ends.some(({ end }) => end.kind === 'pipe' && end.part === part);

/** What hands need for what is put in and for what closes it: tools, each once for the whole job. @param made all that closes joints and makes holes */
export function byHand(context: CheckContext, made: readonly Claim[]): readonly Claim[] {
  const news = newParts(context);
  const { job } = context;
  const whole: Use = { place: '', of: 'tank', id: job.tanks[0]?.id ?? '', penetrationId: undefined };
  const at = (code: RegExp): readonly Use[] => made.filter((one) => code.test(one.code)).map(({ use }) => use);
  const of = (is: (part: Part) => boolean): readonly Use[] => news.filter(({ part }) => is(part)).map(({ use }) => use);
  const tool = (code: string, uses: readonly Use[]): readonly Claim[] =>
    uses.slice(0, 1).map((use) => thereIs(code, use));
  const drilled = at(/^(SW-|JS$|KD$)/);
  const earth = [
    ...ofTrenches(context).map(({ use }) => use),
    ...job.tanks.filter(({ buriedM, stands }) => buriedM > 0 && !stands).map(useOfTank),
  ];
  const high = [
    ...job.roofs.filter(({ gutterM }) => gutterM > 0).map(useOfRoof),
    ...of((part) => isByLength(part) && isDownpipe(part)),
  ];
  return [
    ...tool('SW-ARB', at(/^SW-/)),
    ...['DR', 'DB', 'EY'].flatMap((code) => tool(code, drilled)),
    ...(news.length === 0
      ? []
      : [
          ...['TM', 'GLV', 'RAG', 'BUC'].flatMap((code) => tool(code, [whole])),
          ...['LOC', 'SPD', 'STR'].flatMap((code) => tool(code, earth)),
          ...['STR', 'LAD'].flatMap((code) => tool(code, high)),
          ...(job.roofs.some(({ fixedTo }) => fixedTo === 'masonry') ? tool('MBT', high) : []),
          ...tool(
            'BRU',
            job.tanks
              .filter((tank) => tankType(tank.type).secondHand && !tank.stands)
              .filter(({ cleaning }) => cleaning === null || cleaning === 'not' || cleaning === 'rinsed')
              .map(useOfTank),
          ),
          ...(job.tanks.length > 0 ? tool('LE', [whole]) : []),
          ...job.tanks
            .filter(({ type, accessM }) => (tankType(type).openTop ? !tankType(type).breathes : accessM > 0))
            .slice(0, 1)
            .flatMap(() => tool('LK', [whole])),
          ...(job.penetrations.some(({ drawnIn }) => drawnIn) ? tool('CD', [whole]) : []),
          ...(job.penetrations.some((hole) => {
            const tank = tankOf(job, hole);
            return tank !== undefined && hole.portUse !== 'leave' && portOf(tank, hole)?.closedBy === 'bung';
          })
            ? tool('BW', [whole])
            : []),
          ...tool('WR', at(/^TA-/)),
          ...tool(
            'SR',
            of(({ family }) => family === 'bulkhead'),
          ),
          ...tool(
            'PC',
            of((part) => isPipe(part) && outsideMmOf(part) < CUTTER_MM),
          ),
          ...tool(
            'FS',
            of(
              (part) => isByLength(part) && part.family !== 'hose' && !(isPipe(part) && outsideMmOf(part) < CUTTER_MM),
            ),
          ),
          ...tool('BV', of(isPipe)),
          ...tool(
            'KN',
            of(({ family }) => family === 'hose'),
          ),
          ...tool('SD', at(/^(HC|RG)-/)),
          ...tool('TQ', at(/^BO$/)),
          ...tool('TO', at(/^SO-/)),
          ...tool('MA', at(/^LU$/)),
          ...tool('PT', of(hasEnd('press'))),
          ...tool('CR', of(hasEnd('crimp'))),
          ...tool('EX', of(hasEnd('expansion'))),
          ...shutForTest(context),
        ]),
  ];
}

/** A line of pipe that leads out of doors is shut while it is tested: a plug of its size. */
const shutForTest = ({ runs }: CheckContext): readonly Claim[] =>
  runs.flatMap(({ penetration, strands }) =>
    penetration.roles.some((role) => role === 'inlet' || role === 'overflow' || role === 'drain')
      ? strands.flatMap(({ end, items }) => {
          const last = items.findLast(({ part }) => isPipe(part) && !isDownpipe(part));
          return last && !last.placed.existing && end.at !== 'hole'
            ? [
                thereIs(`TP-${sizeCode(last.part.size)}`, {
                  place: penetration.label,
                  of: 'part',
                  id: last.placed.id,
                  penetrationId: penetration.id,
                }),
              ]
            : [];
        })
      : [],
  );
