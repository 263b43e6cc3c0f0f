import { runsOnce } from '../../assembly/flow';
import { trenchM } from '../../assembly/trench';
import type { CheckContext } from '../../derived/context';
import { isDownpipe } from '../../fittings/capability';
import { type Part, isByLength } from '../../fittings/part';
import { useOfHole, type Use } from '../../parts/list/trace';
import { filled, insulated, labelled, painted } from '../../parts/take-off/care-lines';
import { type PutIn, putIn } from '../../parts/take-off/put-in';
import { bracketed, hungGutters, outfalls, sleeved } from '../../parts/take-off/site-lines';
import { strapped } from '../../parts/take-off/straps';
import type { Found, WayId } from '../ways';

const some = (way: WayId, use: Use, amount: number): Found => [way, { use, amount }];

/** A part that is set in a way of its own; undefined: it only joins the line. */
const wayOfPart = (part: Part): WayId | undefined => {
  if (part.features.includes('pump')) return part.ends.length === 1 ? 'pump-in-tank' : 'pump-beside';
  if (part.features.includes('vessel')) return 'vessel';
  if (part.features.includes('diverter')) return 'diverter';
  return part.features.includes('first-flush') ? 'first-flush' : undefined;
};

const wayOfLength = (part: Part): WayId | undefined =>
  isDownpipe(part)
    ? 'downpipe'
    : part.family !== 'hose'
      ? undefined
      : part.ends.some(({ end }) => end.kind === 'hose' && end.system === 'drip')
        ? 'drip-line'
        : 'hose-line';

const ofPart = ({ part, placed, use }: PutIn): readonly Found[] => {
  const way = isByLength(part) ? wayOfLength(part) : wayOfPart(part);
  return way ? [some(way, use, isByLength(part) ? (placed.lengthM ?? 0) : 1)] : [];
};

/** What is done along the lines and where they end: dug, strapped, hung, insulated, painted, led through a wall, marked. */
export const alongLines = (context: CheckContext): readonly Found[] => [
  ...putIn(context).flatMap(ofPart),
  ...hungGutters(context.job).map(({ roof, use }) => some('gutter', use, roof.gutterM)),
  ...bracketed(context)
    .filter(({ fixedTo }) => fixedTo === 'masonry')
    .map(({ use, count }) => some('plug-in-masonry', use, count)),
  ...runsOnce(context)
    .map((run) => some('trench', useOfHole(run.penetration), trenchM(run, context)))
    .filter(([, { amount }]) => amount > 0),
  ...strapped(context).map(({ use, count }) => some('strap', use, count)),
  ...sleeved(context).map(({ use }) => some('sleeve', use, 1)),
  ...insulated(context).map(({ item, lengthM }) => some('insulate', item.use, lengthM)),
  ...painted(context).map(({ item }) => some('paint', item.use, item.placed.lengthM ?? 0)),
  ...filled(context).map(({ use }) => some('filling', use, 1)),
  ...outfalls(context).map((use) => some('outfall', use, 1)),
  ...labelled(context).map((use) => some('label', use, 1)),
];
