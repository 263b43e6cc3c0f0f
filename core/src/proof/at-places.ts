import { runsOnce } from '../assembly/flow';
import type { CheckContext } from '../derived/context';
import { placeAt } from '../derived/strands';
import { gutterCode, gutterOf } from '../fittings/families/gutter';
import type { StrandItem } from '../derived/run';
import { isByLength, outsideMmOf } from '../fittings/part';
import { holeById, tankOf } from '../job/lookup';
import { type Use, useOfExtra, useOfRoof, useOfTerminal } from '../parts/list/trace';
import { DRAWS } from '../walls/roles';
import { isDrunk } from '../walls/tank';
import { SCREWS } from './along-lengths';
import { type Claim, claim } from './claim';

/** What belongs to where a line ends: a plate where somebody could drink, a marker at an outfall, a sleeve through a wall. */
export const atPlaces = (context: CheckContext): readonly Claim[] => [
  ...context.runs.flatMap(({ penetration, strands }) => {
    const tank = tankOf(context.job, penetration);
    if (!penetration.roles.some((role) => DRAWS.includes(role)) || (tank && isDrunk(tank, context.job))) return [];
    return strands.flatMap(({ end }) =>
      end.at === 'terminal' ? [claim('LB', 1, useOfTerminal(end.id, penetration))] : [],
    );
  }),
  ...runsOnce(context).flatMap(({ penetration, strands }) =>
    strands.flatMap(({ end, items }) => {
      const place = placeAt(context.job, end);
      if (!place) return [];
      const use = useOfTerminal(place.id, penetration);
      return [
        ...(place.kind === 'daylight' && penetration.roles.includes('overflow') ? [claim('OM', 1, use)] : []),
        ...throughWall(place.throughM !== null ? items.findLast(({ part }) => isByLength(part)) : undefined, use),
      ];
    }),
  ),
];

/** A sleeve 25 mm wider than the pipe, and the ring between them filled 15 mm deep at both ends (common practice). */
function throughWall(pipe: StrandItem | undefined, use: Use): readonly Claim[] {
  if (!pipe) return [];
  const radiusMm = outsideMmOf(pipe.part) / 2;
  const ringMm2 = Math.PI * ((radiusMm + 12.5) ** 2 - radiusMm ** 2);
  return [claim('SLV', 1, use), claim('SE-300', (ringMm2 * 15 * 2) / 1000, use, { unit: 'ml' })];
}

/** Stock lengths end to end with a union between two, a stop at either end, brackets from end to end, guards over all of it. */
export const atRoofs = ({ job }: CheckContext): readonly Claim[] =>
  job.roofs.flatMap((roof) => {
    const range = roof.gutterM > 0 ? gutterOf(job, roof) : undefined;
    if (!range) return [];
    // A millimetre over a whole number of lengths is none more.
    const times = (eachM: number): number => Math.max(1, Math.ceil((roof.gutterM - 0.001) / eachM));
    const of = (piece: Parameters<typeof gutterCode>[1], count: number): Claim =>
      claim(gutterCode(range, piece), count, useOfRoof(roof));
    return [
      of('length', times(range.longM)),
      of('union', times(range.longM) - 1),
      of('end', 2),
      of('bracket', times(range.bracketEveryM) + 1),
      of('guard', times(range.guardM)),
      // Two screws in each bracket.
      ...(roof.fixedTo === null
        ? []
        : [claim(SCREWS[roof.fixedTo], 2 * (times(range.bracketEveryM) + 1), useOfRoof(roof))]),
    ].filter(({ amount }) => amount > 0);
  });

/** What somebody wrote down to be bought. */
export const atHand = ({ job, catalogue }: CheckContext): readonly Claim[] =>
  job.extras
    .filter(({ stands }) => !stands)
    .map(({ id, code, count, tankId, penetrationId }) => {
      const place =
        holeById(job, penetrationId ?? undefined)?.label ??
        job.tanks.find((tank) => tank.id === tankId)?.label ??
        'with it';
      return claim(
        code !== null && catalogue.byCode.has(code) ? code : `EX-${id.toUpperCase()}`,
        count,
        useOfExtra(id, place),
      );
    });
