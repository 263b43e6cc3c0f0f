import { sealsWall } from '../fittings/capability';
import type { Catalogue } from '../fittings/catalogue';
import type { Edit } from '../edits/edits';
import { freshId } from '../edits/fresh-id';
import { type EndRef, type Job, refKey } from '../job/job';
import { type JobIndex, type Strand, type StrandItem, otherSide } from '../derived/run';
import { type Chain, appendChain, insertChain, turnedRound } from './chain-edits';

/**
 * A place of a strand at which parts can be put: before the part of this number; behind the last one it is the joint at
 * the far end, or the open end.
 */
export type Slot = number;

/** Parts that were taken up, in the order in which they stood from the tank outward. */
export interface TakenPart {
  readonly id: string;
  readonly code: string;
  readonly lengthM: number | null;
  readonly endIn: number;
  readonly endOut: number;
}

/** The parts of a strand between two of its own, both included, in either order; none where one is not in it. */
export function stretchBetween({ items }: Strand, fromId: string, toId: string): readonly StrandItem[] {
  const [a, b] = [fromId, toId].map((id) => items.findIndex(({ placed }) => placed.id === id));
  return a === undefined || b === undefined || a < 0 || b < 0 ? [] : items.slice(Math.min(a, b), Math.max(a, b) + 1);
}

/** A stretch as it is taken up. A part that ends the line has no further end and is taken by its only one. */
export const takeUp = (items: readonly StrandItem[]): readonly TakenPart[] =>
  items.map(({ placed, inEnd, outEnd }) => ({
    id: placed.id,
    code: placed.code,
    lengthM: placed.lengthM,
    endIn: inEnd,
    endOut: outEnd ?? inEnd,
  }));

/** The end on the near side of a slot. */
const nearSide = ({ from, items }: Strand, slot: Slot): EndRef | undefined => {
  const before = items[slot - 1];
  if (!before) return slot === 0 ? from : undefined;
  return before.outEnd === undefined ? undefined : { of: 'part', id: before.placed.id, end: before.outEnd };
};

/** The edits that put copies of what was taken up into a slot; none where it cannot take them. */
export function pasteCopies(
  taken: readonly TakenPart[],
  strand: Strand,
  slot: Slot,
  job: Job,
  index: JobIndex,
  catalogue: Catalogue,
): readonly Edit[] {
  const near = nearSide(strand, slot);
  if (!near) return [];
  const links = taken.flatMap(({ code, lengthM, endIn, endOut }) => {
    const part = catalogue.byCode.get(code);
    return part ? [{ part, lengthM, endIn, endOut }] : [];
  });
  const joint = index.jointAt(near);
  if (!joint) return appendChain(job, near, { links, priceUsd: 0 }, '').edits;
  const forward = refKey(joint.a) === refKey(near);
  const chain: Chain = {
    links: forward ? links : turnedRound(links),
    priceUsd: 0,
  };
  return insertChain(job, joint.id, chain, '').edits;
}

/** The edit that moves what stands in this strand or another into a slot, with all that branches off it. */
export function moveInto(
  taken: readonly TakenPart[],
  strand: Strand,
  slot: Slot,
  job: Job,
  index: JobIndex,
): readonly Edit[] {
  const near = nearSide(strand, slot);
  const [head, tail] = [taken[0], taken.at(-1)];
  if (!near || !head || !tail) return [];
  const first = { of: 'part', id: head.id, end: head.endIn } as const;
  const last = { of: 'part', id: tail.id, end: tail.endOut } as const;
  const newJointId = freshId(`${head.id}-moved`, job.joints);
  const joint = index.jointAt(near);
  if (!joint) return [{ type: 'move-stretch', first, last, to: { at: 'end', ref: near, jointId: newJointId } }];
  const firstToA = refKey(joint.a) === refKey(near);
  return [{ type: 'move-stretch', first, last, to: { at: 'joint', jointId: joint.id, firstToA, newJointId } }];
}

/** Where a stretch goes when it moves by one part towards or away from the tank; undefined where it cannot. */
export function nextSlot({ items }: Strand, stretch: readonly StrandItem[], step: 1 | -1): Slot | undefined {
  const [head, tail] = [stretch[0], stretch.at(-1)];
  const from = items.findIndex((item) => item === head);
  const to = items.findIndex((item) => item === tail);
  if (from < 0 || to < 0) return undefined;
  const slot = step < 0 ? from - 1 : to + 2;
  // What seals the wall stays there; beyond the last part is the end of the strand.
  const atWall = slot === 0 && items[0] !== undefined && sealsWall(items[0].part);
  return slot < 0 || slot > items.length || atWall ? undefined : slot;
}

/** What is joined to the branches of a stretch comes along with it; does anything? */
export const hasBranches = (items: readonly StrandItem[], index: JobIndex): boolean =>
  items.some(({ placed, part, inEnd, outEnd }) =>
    part.ends.some((_, end) => {
      const ref: EndRef = { of: 'part', id: placed.id, end };
      const joint = end !== inEnd && end !== outEnd ? index.jointAt(ref) : undefined;
      return joint !== undefined && otherSide(joint, ref).of === 'part';
    }),
  );
