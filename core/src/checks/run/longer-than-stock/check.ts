import { isCoiled } from '../../../fittings/flexible';
import { judge } from '../../../connections/mate';
import { holdsAtAll } from '../../../connections/mating';
import type { CheckContext } from '../../../derived/context';
import type { Strand } from '../../../derived/run';
import type { Edit } from '../../../edits/edits';
import { freshIds } from '../../../edits/fresh-id';
import { partTitle } from '../../../fittings/catalogue';
import { goesRound } from '../../../fittings/capability';
import { type Part, isByLength, isSoldIn, piecesFrom } from '../../../fittings/part';
import { newPart } from '../../../job/new-part';
import type { PlacedPart } from '../../../job/job';
import { serviceOfRoles } from '../../../derived/service';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/longer-than-stock',
    severity: 'unknown',
    toDo: 'Join it from stock lengths, have the counter cut it off a coil, or take what is sold in longer ones.',
    sources: [{ document: 'lengths in which pipe and hose are sold', provenance: 'from-memory' }],
    messages: {
      longer: {
        title: 'Longer than it is sold',
        text: '{part} is {length} long and is sold in at most {stock}: where may it be joined? Nothing of it is bought before.',
      },
    },
  },
  sees: 'run',
  check: (context) => {
    const seen = new Set<string>();
    return context.runs.flatMap(({ penetration, strands }) =>
      strands.flatMap((strand) =>
        strand.items.flatMap(({ part, placed }, place) => {
          const lengthM = placed.lengthM ?? 0;
          const stockM = longestM(part, context.catalogue);
          if (
            stockM === undefined ||
            placed.existing ||
            placed.cutAtCounter ||
            piecesFrom(lengthM, stockM) <= 1 ||
            seen.has(placed.id)
          )
            return [];
          seen.add(placed.id);
          return [
            {
              messageId: 'longer' as const,
              at: atPart(placed.id, penetration),
              data: { part: partTitle(part), length: { lengthM }, stock: { lengthM: stockM } },
              fixes: (whole: CheckContext) => [
                ...(isCoiled(part) ? [counterFix(placed)] : []),
                // What goes on through a saddle is cut where the saddle is not: that is for a hand to say.
                ...(throughSaddle(strand, place)
                  ? []
                  : joinFixes(placed, part, stockM, serviceOfRoles(penetration.roles), whole)),
              ],
            },
          ];
        }),
      ),
    );
  },
});

/** The longest that it is sold in, or that is left over of it [m]; undefined of what is not cut to length. */
function longestM(part: Part, { offCutsM }: CheckContext['catalogue']): number | undefined {
  if (!isByLength(part) || part.sale.by !== 'length') return undefined;
  return Math.max(...part.sale.stockLengthsM, ...(offCutsM.get(part.code) ?? []));
}

const throughSaddle = ({ items }: Strand, place: number): boolean =>
  [items[place - 1], items[place + 1]].some((near) => near !== undefined && goesRound(near.part));

/** No joint, where somebody sells it so long. */
const counterFix = ({ id }: PlacedPart): Fix => ({
  text: 'Have the counter cut it in one length, off a coil that is longer: ask first',
  data: {},
  edits: [{ type: 'change-field', in: 'parts', id, field: 'cutAtCounter', from: false, to: true }],
  partsAdded: 0,
  priceUsd: 0,
});

/** Straight couplings that take it on both sides where it lies, the cheapest first: pieces of one length, joined by them. */
function joinFixes(
  placed: PlacedPart,
  part: Part,
  stockM: number,
  service: ReturnType<typeof serviceOfRoles>,
  { job, said, catalogue }: CheckContext,
): readonly Fix[] {
  const lengthM = placed.lengthM ?? 0;
  const count = piecesFrom(lengthM, stockM);
  const takes = (coupling: Part, end: 0 | 1): boolean => {
    const [theirs, ours] = [coupling.ends[end]?.end, part.ends[end]?.end];
    return (
      theirs !== undefined &&
      ours !== undefined &&
      holdsAtAll(judge(ours, theirs, { a: part.material, b: coupling.material, service }).verdict)
    );
  };
  return catalogue.list
    .filter(
      (one) =>
        one.name === JOINS && one.ends.length === 2 && isSoldIn(one, job.region) && takes(one, 0) && takes(one, 1),
    )
    .toSorted((a, b) => a.priceUsd - b.priceUsd)
    .slice(0, MOST_FIXES)
    .map((coupling) => ({
      text: 'Join it from {count} lengths, with {joins} x {coupling}',
      data: { count, joins: count - 1, coupling: partTitle(coupling) },
      edits: joined(said.parts.find(({ id }) => id === placed.id) ?? placed, lengthM / count, count, coupling, said),
      partsAdded: count - 1,
      priceUsd: (count - 1) * coupling.priceUsd,
    }));
}

const MOST_FIXES = 2;
/** What two lengths of one kind are joined by, pipe and hose alike, as the trade calls it. */
const JOINS = 'Coupling';

/** Cut into so many pieces and joined again; where nobody has said its length the last piece goes on to follow from both ends. */
function joined(
  placed: PlacedPart,
  eachM: number,
  count: number,
  coupling: Part,
  { parts, joints }: CheckContext['said'],
): readonly Edit[] {
  const [partId, jointId] = [freshIds(parts), freshIds(joints)];
  const edits: Edit[] = [];
  let near = placed.id;
  for (let left = count - 1; left > 0; left--) {
    const [far, id] = [partId(`${placed.id}-far`), partId(`${placed.id}-join`)];
    edits.push(
      {
        type: 'cut-part',
        partId: near,
        farEnd: 1,
        nearM: eachM,
        farM: placed.lengthM === null ? null : left * eachM,
        newPartId: far,
      },
      {
        type: 'add-part',
        part: newPart(id, coupling.code),
        at: { of: 'part', id: near, end: 1 },
        partEnd: 0,
        jointId: jointId(`${id}-a`),
      },
      {
        type: 'join-ends',
        jointId: jointId(`${id}-b`),
        a: { of: 'part', id, end: 1 },
        b: { of: 'part', id: far, end: 0 },
      },
    );
    near = far;
  }
  return edits;
}
