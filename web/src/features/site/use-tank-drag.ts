'use client';

import { lengthStepM, type Measures, setField, standHolder, type Tank } from '@herrero/core';
import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent } from 'react';
import { useJob } from '../../store/job-provider';

/** A tank while it is dragged: how high it would stand. */
export interface LiveStand {
  readonly tankId: string;
  readonly plinthM: number;
}

const MOST_STAND_M = 6;
const onMark = (heightM: number, measures: Measures): number => {
  const mark = lengthStepM(measures);
  return Math.min(MOST_STAND_M, Math.max(0, Math.round(heightM / mark) * mark));
};

/** Raises and lowers a tank by drag and by arrow keys, on marks of the tape; a buried tank stays. */
export function useTankDrag(tank: Tank, pxPerM: number, onLive: (live: LiveStand | undefined) => void) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  // While it is dragged the tank that is drawn is not the one in the job.
  const tanks = useJob((state) => state.job.tanks);
  const own = tanks.find(({ id }) => id === tank.id) ?? tank;
  // What shares a stand is raised with it.
  const holder = standHolder(own, tanks);
  const stands = holder.plinthM;
  const standsAt = (to: number): void => {
    if (to !== stands) make([setField('tanks', holder, 'plinthM', to)]);
  };
  const bind = useDrag(
    ({
      movement: [, down],
      last,
      first,
      memo,
    }: {
      movement: [number, number];
      last: boolean;
      first: boolean;
      memo?: number;
    }) => {
      const from = first ? stands : (memo ?? stands);
      const plinthM = onMark(from - down / pxPerM, measures);
      if (last) {
        onLive(undefined);
        standsAt(plinthM);
      } else onLive({ tankId: holder.id, plinthM });
      return from;
    },
    { enabled: tank.buriedM === 0, filterTaps: true, pointer: { touch: true } },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    if ((event.key !== 'ArrowUp' && event.key !== 'ArrowDown') || tank.buriedM > 0) return;
    event.preventDefault();
    standsAt(onMark(stands + (event.key === 'ArrowUp' ? 1 : -1) * lengthStepM(measures), measures));
  };
  return { bind, onKeyDown };
}
