import type { ThreadEnd } from '../end';

export interface Washer {
  readonly outsideMm: number;
  readonly insideMm: number;
  readonly thicknessMm: number;
}

/** Flat washers by thread: outside, inside, thickness [mm] (from memory: try it in the seat). */
const WASHERS: Readonly<Record<string, readonly [number, number, number]>> = {
  'nh 3/4': [24.2, 15.9, 3.2],
  'g 1/2': [18.5, 11, 2],
  'g 3/4': [24, 16, 2.5],
  'g 1': [30, 21, 2.5],
  'g 1-1/4': [38, 28, 3],
  'g 1-1/2': [44, 33, 3],
  'g 2': [56, 43, 3],
  's60x6 60': [55, 44, 4],
};

/** The flat washer of a thread; undefined where its size is not known and the seat must be measured. */
export function washerFor({ standard, size }: ThreadEnd): Washer | undefined {
  const found = WASHERS[`${standard} ${size}`];
  return found && { outsideMm: found[0], insideMm: found[1], thicknessMm: found[2] };
}
