import {
  type Edit,
  moveInto,
  nextSlot,
  pasteCopies,
  sealsWall as isWallSeal,
  setAll,
  type Slot,
  type Strand,
  type StrandItem,
  stretchBetween,
  takeUp,
} from '@herrero/core';
import { useMemo } from 'react';
import { useJob } from '../../store/job-provider';

/** The parts of this strand that are selected; none where the selection is elsewhere. */
export function useStretch(strand: Strand): readonly StrandItem[] {
  const from = useJob((state) => state.selectedPartId);
  const to = useJob((state) => state.stretchToId);
  return useMemo(() => (from === null ? [] : stretchBetween(strand, from, to ?? from)), [strand, from, to]);
}

/** What can be done with the selected stretch; each answers why where it cannot be done. */
export function useStretchEdits(strand: Strand) {
  const stretch = useStretch(strand);
  const job = useJob((state) => state.job);
  const { index, catalogue } = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const taken = useJob((state) => state.taken);
  const take = useJob((state) => state.take);
  const selectPart = useJob((state) => state.selectPart);
  const sealsWall = stretch.some(({ part }) => isWallSeal(part));
  const run = (edits: readonly Edit[]): string | undefined =>
    edits.length === 0 ? 'It cannot go there.' : make(edits)?.message;
  return {
    stretch,
    taken,
    sealsWall,
    copy: () => take({ how: 'copied', parts: takeUp(stretch) }),
    cut: () => take({ how: 'cut', parts: takeUp(stretch) }),
    forget: () => take(null),
    remove: (): string | undefined => {
      const problem = run(stretch.map(({ placed }) => ({ type: 'remove-part', partId: placed.id })));
      if (problem === undefined) selectPart(null);
      return problem;
    },
    canMove: (step: 1 | -1): boolean => nextSlot(strand, stretch, step) !== undefined && !sealsWall,
    move: (step: 1 | -1): string | undefined => {
      const slot = nextSlot(strand, stretch, step);
      return slot === undefined ? undefined : run(moveInto(takeUp(stretch), strand, slot, job, index));
    },
    moveTo: (items: readonly StrandItem[], slot: Slot): string | undefined =>
      run(moveInto(takeUp(items), strand, slot, job, index)),
    /** Puts down what was taken up: once by moving it, as often as wanted by copying. */
    paste: (slot: Slot): string | undefined => {
      if (!taken) return undefined;
      const problem = run(
        taken.how === 'cut'
          ? moveInto(taken.parts, strand, slot, job, index)
          : pasteCopies(taken.parts, strand, slot, job, index, catalogue),
      );
      if (problem === undefined && taken.how === 'cut') take(null);
      return problem;
    },
    standing: (existing: boolean): string | undefined =>
      run(
        setAll(
          'parts',
          stretch.map(({ placed }) => placed),
          'existing',
          existing,
        ),
      ),
  };
}

/** The slot before the part that a joint leads into; behind the last part for the joint at the far end. */
export const slotOfJoint = ({ items, end }: Strand, jointId: string): Slot | undefined => {
  const at = items.findIndex(({ jointIn }) => jointIn?.id === jointId);
  if (at >= 0) return at;
  return 'joint' in end && end.joint.id === jointId ? items.length : undefined;
};
