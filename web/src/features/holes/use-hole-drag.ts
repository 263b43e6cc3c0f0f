'use client';

import { type Penetration, lengthStepM } from '@herrero/core';
import { useDrag } from '@use-gesture/react';
import { useJob } from '../desk/job-provider';

export interface HolePlace {
  readonly heightM: number;
  readonly aroundM: number;
}

interface DragOptions {
  /** Pixels of the drawing for a metre, before the drawing is scaled to the screen. */
  readonly pxPerM: number;
  readonly alongWall: boolean;
  readonly mostHeightM: number;
  readonly mostAroundM: number;
  /** Where the hole is while it is dragged; nothing when it is let go. */
  readonly onMove: (place: HolePlace | undefined) => void;
}

/** A drag of a hole, snapped to a quarter inch or 5 mm; the edits are made when it is let go. A tap selects. */
export function useHoleDrag(
  penetration: Penetration,
  { pxPerM, alongWall, mostHeightM, mostAroundM, onMove }: DragOptions,
) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const snapM = lengthStepM(measures) / 2;
  const snap = (value: number, most: number): number => Math.min(most, Math.max(0, Math.round(value / snapM) * snapM));

  const bind = useDrag<PointerEvent>(
    ({ movement: [dx, dy], first, last, tap, event, memo }) => {
      if (tap) {
        select(penetration.id);
        return undefined;
      }
      if (first) select(penetration.id);
      // The drawing may be shown smaller or larger than it is drawn.
      const svg = (event.currentTarget as SVGGraphicsElement | null)?.ownerSVGElement;
      const shown =
        (memo as number | undefined) ?? (svg ? svg.getBoundingClientRect().width / svg.viewBox.baseVal.width : 1);
      const place = {
        heightM: snap(penetration.heightM - dy / (pxPerM * shown), mostHeightM),
        aroundM: alongWall ? snap(penetration.aroundM + dx / (pxPerM * shown), mostAroundM) : penetration.aroundM,
      };
      onMove(last ? undefined : place);
      if (last) {
        const changed = (['heightM', 'aroundM'] as const).filter(
          (field) => Math.abs(place[field] - penetration[field]) > snapM / 4,
        );
        make(
          changed.map((field) => ({
            type: 'change-field',
            in: 'penetrations',
            id: penetration.id,
            field,
            from: penetration[field],
            to: place[field],
          })),
        );
      }
      return shown;
    },
    // Arrow keys move a hole by marks of the tape, not by pixels: see the sheet.
    { filterTaps: true, pointer: { keys: false } },
  );
  return { bind };
}
