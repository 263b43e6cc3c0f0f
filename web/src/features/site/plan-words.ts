import {
  type Job,
  type Looks,
  type Measures,
  type PlaceTrouble,
  type Placed,
  type PlanRef,
  type Side,
  type TapedTo,
  formatLength,
} from '@herrero/core';
import { letterOf } from '@/drawing/geometry/site-plan';

export const PLACE_TROUBLES: Readonly<Record<PlaceTrouble, string>> = {
  'not-placed': 'not measured',
  rough: 'drawn roughly, not measured',
  'no-gap': 'the gap to its neighbour is not measured',
  'no-direction': 'so far off, nobody has said which way',
  'stands-on-nothing': 'what it was taken from has no place',
  'in-a-circle': 'taken in a circle',
  'one-tape': 'one tape: a second from elsewhere places it',
  'do-not-meet': 'the tapes do not meet',
  flat: 'the tapes cross too flat: take a third',
  'turning-unknown': 'say first how it is turned',
  'not-round': 'not round: tape to a corner, to its middle or to an opening',
  misfit: 'a tape does not agree: one more tells which',
  blunder: 'one tape does not agree and is left out',
};

export const TAPED_TO_NAMES: Readonly<Record<TapedTo, string>> = {
  'near-side': 'near side',
  middle: 'middle',
  'front-left': 'front left corner',
  'front-right': 'front right corner',
  'back-left': 'back left corner',
  'back-right': 'back right corner',
  opening: 'an opening',
};

export const SIDE_NAMES: Readonly<Record<Side, string>> = {
  left: 'to the left of it',
  right: 'to the right of it',
  front: 'before its front',
  back: 'behind it',
};

export const WAYS_TO_PLACE = {
  tapes: 'two tapes',
  wall: 'along a line',
  beside: 'beside a tank',
  line: 'on the first line',
  origin: 'the plan begins here',
  rough: 'roughly',
} as const;
export type WayToPlace = keyof typeof WAYS_TO_PLACE;

export const LOOKS_NAMES: Readonly<Record<Looks['way'], string>> = { up: 'up', down: 'down', level: 'level' };

/** The marks of the plan in the order of their letters. */
export const referencesOf = ({ marks }: Pick<Job, 'marks'>) => marks.filter(({ kind }) => kind === 'reference');

/** 'A mill corner', 'T1', 'gully'. */
export function planName(job: Pick<Job, 'marks' | 'roofs' | 'terminals' | 'tanks'>, { of, id }: PlanRef): string {
  if (of === 'mark') {
    const index = referencesOf(job).findIndex((mark) => mark.id === id);
    const name = job.marks.find((mark) => mark.id === id)?.name ?? '';
    return index < 0 || name === letterOf(index) ? name : `${letterOf(index)} ${name}`;
  }
  if (of === 'tank') return job.tanks.find((tank) => tank.id === id)?.label ?? '';
  const found = (of === 'roof' ? job.roofs : job.terminals).find((one) => one.id === id)?.name ?? '';
  return of === 'roof' ? `downpipe of ${found}` : found;
}

/** How a thing was placed, in a few words. */
export function howWords(job: Job, placed: Placed | null, measures: Measures): string {
  switch (placed?.by) {
    case undefined:
      return 'not measured';
    case 'origin':
      return 'the plan begins here';
    case 'line':
      return 'on the first line';
    case 'tapes':
      return placed.readings.length === 2 ? 'two tapes' : `${placed.readings.length} tapes`;
    case 'wall':
      return `${formatLength(Math.abs(placed.alongM), measures)} along, ${formatLength(Math.abs(placed.offM), measures)} off`;
    case 'beside':
      return `${placed.gapM === null ? 'a gap that is not measured' : formatLength(placed.gapM, measures)} ${SIDE_NAMES[placed.side].replace('it', planName(job, { of: 'tank', id: placed.tankId }))}`;
    case 'rough':
      return 'roughly';
    case 'away':
      return `${formatLength(placed.distanceM, measures)} off, which way is not said`;
  }
}

const COMPASS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** Ways on the sheet, counter-clockwise from its right. */
const ON_SHEET = [
  'to the right of the sheet',
  'up to the right of the sheet',
  'up the sheet',
  'up to the left of the sheet',
  'to the left of the sheet',
  'down to the left of the sheet',
  'down the sheet',
  'down to the right of the sheet',
] as const;

/** A direction of the plan: by the compass where north is known, else as it lies on the sheet. */
export function compassWords(degrees: number, northDegrees: number | null): string {
  if (northDegrees === null) return ON_SHEET[Math.round((((degrees % 360) + 360) % 360) / 45) % 8] ?? '';
  const bearing = (((northDegrees - degrees) % 360) + 360) % 360;
  return `${COMPASS[Math.round(bearing / 45) % 8] ?? ''} (${Math.round(bearing)} degrees)`;
}
