'use client';

import { type Penetration, type Tank, circumferenceM } from '@herrero/core';
import { type KeyboardEvent } from 'react';
import { useJob } from '../desk/job-provider';
import { type ViewProps } from './sheet-view';
import { useHoleDrag } from './use-hole-drag';

const keyMoves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
};

/** Arrow keys move by 1/16 in or 1 mm, with Shift by ten of them. */
export function useKeyMove(hole: Penetration, tank: Tank) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  return (event: KeyboardEvent): void => {
    if (event.key === 'Enter' || event.key === ' ') return select(hole.id);
    const move = keyMoves[event.key];
    if (!move) return;
    event.preventDefault();
    const step = (measures === 'mm-l' ? 0.001 : 0.0254 / 16) * (event.shiftKey ? 10 : 1);
    const [field, to] =
      move[1] !== 0
        ? (['heightM', Math.min(tank.heightM, Math.max(0, hole.heightM + move[1] * step))] as const)
        : (['aroundM', Math.min(circumferenceM(tank), Math.max(0, hole.aroundM + move[0] * step))] as const);
    make([{ type: 'change-field', in: 'penetrations', id: hole.id, field, from: hole[field], to }]);
  };
}

/** Drags one hole and tells the sheet where it is meanwhile, so that levels and volumes follow. */
export function useLiveDrag(
  hole: Penetration,
  tank: Tank,
  pxPerM: number,
  alongWall: boolean,
  onLive: ViewProps['onLive'],
) {
  const { bind } = useHoleDrag(hole, {
    pxPerM,
    alongWall,
    mostHeightM: tank.heightM,
    mostAroundM: circumferenceM(tank),
    onMove: (place) => onLive(place && { id: hole.id, place }),
  });
  return bind;
}
