import { type Strand } from '@herrero/core';
import { type KeyboardEvent } from 'react';
import { useJob } from '../../store/job-provider';
import { slotOfJoint, useStretchEdits } from './use-stretch';

/** Where typing a letter on the string goes: the field that narrows the next part down. */
export const NARROW_ID = 'narrow-next-part';
/** Where the keys go again once a part has been taken. */
export const STRING_ID = 'string-sheet';

type Stop = { readonly kind: 'joint' | 'part'; readonly id: string };

/** Joints and parts in the order of the water. */
const stopsOf = ({ items, end }: Strand): readonly Stop[] => [
  ...items.flatMap(({ jointIn, placed }): Stop[] => [
    ...(jointIn ? [{ kind: 'joint' as const, id: jointIn.id }] : []),
    { kind: 'part', id: placed.id },
  ]),
  ...('joint' in end ? [{ kind: 'joint' as const, id: end.joint.id }] : []),
];

const STEPS: Readonly<Record<string, 1 | -1>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/**
 * Keys on the string: arrows go from joint to part to joint, Shift with them selects a stretch, Alt moves it; Delete takes
 * it out; cut, copy and paste as everywhere; any letter begins to name the next part.
 */
export function useStringKeys(strand: Strand): (event: KeyboardEvent) => void {
  const edits = useStretchEdits(strand);
  const selectedPartId = useJob((state) => state.selectedPartId);
  const stretchToId = useJob((state) => state.stretchToId);
  const selectedJointId = useJob((state) => state.selectedJointId);
  const penetrationId = useJob((state) => state.selectedId);
  const select = useJob((state) => state.select);
  const selectPart = useJob((state) => state.selectPart);
  const stretchTo = useJob((state) => state.stretchTo);

  const step = (by: 1 | -1): void => {
    const stops = stopsOf(strand);
    const at = stops.findIndex(({ id }) => id === (selectedJointId ?? stretchToId ?? selectedPartId));
    const next = stops[at < 0 ? (by > 0 ? 0 : stops.length - 1) : at + by];
    if (next?.kind === 'joint') select(penetrationId, next.id);
    else if (next) selectPart(next.id);
  };
  const extend = (by: 1 | -1): void => {
    const at = strand.items.findIndex(({ placed }) => placed.id === (stretchToId ?? selectedPartId));
    const next = at < 0 ? undefined : strand.items[at + by];
    if (next) stretchTo(next.placed.id);
  };
  const pasteSlot = (): number | undefined => {
    if (selectedJointId !== null) return slotOfJoint(strand, selectedJointId);
    const last = edits.stretch.at(-1);
    return last ? strand.items.indexOf(last) + 1 : strand.items.length;
  };

  return (event) => {
    const by = STEPS[event.key];
    const command = event.ctrlKey || event.metaKey;
    if (by !== undefined && !command) {
      if (event.altKey) edits.move(by);
      else if (event.shiftKey) extend(by);
      else step(by);
      event.preventDefault();
      return;
    }
    if (command) {
      const key = event.key.toLowerCase();
      const slot = key === 'v' ? pasteSlot() : undefined;
      if (slot !== undefined) edits.paste(slot);
      else if (edits.stretch.length > 0 && key === 'c') edits.copy();
      else if (edits.stretch.length > 0 && key === 'x' && !edits.sealsWall) edits.cut();
      else return;
      event.preventDefault();
      return;
    }
    if ((event.key === 'Delete' || event.key === 'Backspace') && edits.stretch.length > 0) {
      edits.remove();
      event.preventDefault();
    } else if (event.key === 'Escape') {
      selectPart(null);
      edits.forget();
    } else if (/^[\p{L}\d]$/u.test(event.key) && !event.altKey) {
      // The letter itself arrives in the field, which has the focus by then.
      document.getElementById(NARROW_ID)?.focus();
    }
  };
}
