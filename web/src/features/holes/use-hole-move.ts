'use client';

import {
  type FaceShape,
  flatRadiusM,
  lengthStepM,
  noDrillZones,
  type Penetration,
  type PlaceField,
  setField,
  type Tank,
  type WallPlace,
} from '@herrero/core';
import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent } from 'react';
import { useJob } from '../../store/job-provider';
import { type Live } from './sheet-view';
import { mostM, snapPlace } from './snap';

/** Which field a drag to the right, and one upward, moves; null: it does not go that way in this view. */
export interface Axes {
  readonly right: PlaceField | null;
  readonly up: PlaceField | null;
}

const KEYS: Readonly<Record<string, readonly ['right' | 'up', 1 | -1]>> = {
  ArrowRight: ['right', 1],
  ArrowLeft: ['right', -1],
  ArrowUp: ['up', 1],
  ArrowDown: ['up', -1],
};
/** A good place this near draws a dragged hole in [px]. */
const NEAR_PX = 7;
const SHIFT_STEPS = 10;

/**
 * Moves a hole by drag and by arrow keys. The drag snaps to marks of the tape and to good places and tells the sheet where
 * the hole is meanwhile; the edits are made when it is let go. Arrow keys move by 1/16 in or 1 mm, with Shift by ten.
 */
export function useHoleMove(
  hole: Penetration,
  tank: Tank,
  shape: FaceShape | undefined,
  axes: Axes,
  pxPerM: number,
  onLive: (live: Live | undefined) => void,
) {
  const job = useJob((state) => state.job);
  const index = useJob((state) => state.plan.context.index);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const fields = [axes.right, axes.up].filter((field) => field !== null);
  const moveTo = (to: WallPlace): void =>
    void make(
      fields
        .filter((field) => Math.abs(to[field] - hole[field]) > 1e-6)
        .map((field) => setField('penetrations', hole, field, to[field])),
    );

  const bind = useDrag<PointerEvent>(
    ({ movement: [dx, dy], first, last, tap, event, memo }) => {
      if (tap || first) select(hole.id);
      if (tap || !shape || hole.portId !== null) return undefined;
      // The drawing may be shown smaller or larger than it is drawn.
      const svg = (event.currentTarget as SVGGraphicsElement | null)?.ownerSVGElement;
      const shown =
        (memo as number | undefined) ?? (svg ? svg.getBoundingClientRect().width / svg.viewBox.baseVal.width : 1);
      const scale = pxPerM * shown;
      const wanted = {
        face: hole.face,
        heightM: hole.heightM,
        aroundM: hole.aroundM,
        depthM: hole.depthM,
        ...(axes.right === null ? {} : { [axes.right]: hole[axes.right] + dx / scale }),
        ...(axes.up === null ? {} : { [axes.up]: hole[axes.up] - dy / scale }),
      };
      const place = snapPlace(wanted, {
        shape,
        zones: noDrillZones(tank),
        radiusM: flatRadiusM(hole, job, index),
        others: job.penetrations.filter(
          ({ id, tankId, face }) => id !== hole.id && tankId === tank.id && face === hole.face,
        ),
        fields,
        stepM: lengthStepM(job.measures) / 2,
        nearM: NEAR_PX / scale,
      });
      onLive(last ? undefined : { id: hole.id, place });
      if (last) moveTo(place);
      return shown;
    },
    // Arrow keys move a hole by marks of the tape, not by pixels.
    { filterTaps: true, pointer: { keys: false } },
  );

  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      return select(hole.id);
    }
    const [axis, sign] = KEYS[event.key] ?? [];
    const field = axis && axes[axis];
    if (!field || !sign || !shape || hole.portId !== null) return;
    event.preventDefault();
    const step = lengthStepM(job.measures, true) * (event.shiftKey ? SHIFT_STEPS : 1);
    moveTo({ ...hole, [field]: Math.min(mostM(shape, field), Math.max(0, hole[field] + sign * step)) });
  };
  return { bind, onKeyDown };
}
