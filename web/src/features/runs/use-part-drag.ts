import { type Slot, type Strand, type StrandItem, sealsWall } from '@herrero/core';
import { useDrag } from '@use-gesture/react';
import { useState } from 'react';
import { useStretchEdits } from './use-stretch';

/** Where each slot of a strand is on the sheet [px]. */
export interface SlotPlace {
  readonly slot: Slot;
  readonly x: number;
}

/** A part on its way: where it would be put down. */
export interface Dragged {
  readonly partId: string;
  readonly byPx: number;
  readonly over: SlotPlace | undefined;
}

const THRESHOLD_PX = 6;

/** Reorders by drag: a part, or the stretch it is selected in, is let go at the nearest joint or at the end. */
export function usePartDrag(strand: Strand, slots: readonly SlotPlace[], xOf: (partId: string) => number) {
  const edits = useStretchEdits(strand);
  const [dragged, setDragged] = useState<Dragged>();
  const carriedBy = (partId: string): readonly StrandItem[] =>
    edits.stretch.some(({ placed }) => placed.id === partId)
      ? edits.stretch
      : strand.items.filter(({ placed }) => placed.id === partId);
  /** The slots on either side of what is carried are where it is now. */
  const slotAt = (carried: readonly StrandItem[], x: number): SlotPlace | undefined => {
    const [head, tail] = [carried[0], carried.at(-1)];
    if (!head || !tail) return undefined;
    const [from, to] = [strand.items.indexOf(head), strand.items.indexOf(tail) + 1];
    return slots
      .filter(({ slot }) => slot < from || slot > to)
      .toSorted((a, b) => Math.abs(a.x - x) - Math.abs(b.x - x))[0];
  };
  const bind = useDrag<PointerEvent>(
    ({ args, movement: [byPx], last, canceled, tap }) => {
      const [partId] = args as [string];
      const carried = carriedBy(partId);
      if (tap || canceled || carried.some(({ part }) => sealsWall(part))) {
        setDragged(undefined);
        return;
      }
      const over = slotAt(carried, xOf(partId) + byPx);
      // Let go nearer to where it was than to any slot, it stays.
      const moved = over !== undefined && Math.abs(over.x - xOf(partId) - byPx) < Math.abs(byPx);
      if (last) {
        setDragged(undefined);
        if (moved) edits.moveTo(carried, over.slot);
      } else setDragged({ partId, byPx, over: moved ? over : undefined });
    },
    { axis: 'x', filterTaps: true, threshold: THRESHOLD_PX },
  );
  return { dragged, bind };
}
