import { readFigure } from '@herrero/core';

/**
 * A laser level sends lines of text, as a receiver does that types into the field with the focus: `1.264 m` down from the
 * line of the instrument. Whatever sends them, they go through `readLaserLine`.
 */
export interface Laser {
  readonly name: string;
  /** One press of its button: the line it sends. */
  readonly press: () => string;
}

/** Reads a line from a laser level in metres; undefined where it is none. */
export function readLaserLine(line: string): number | undefined {
  const parsed = readFigure(line, { kind: 'length', measures: 'mm-l', region: 'US', plain: 'm' });
  return parsed.ok ? parsed.value : undefined;
}

/** How far its readings scatter, as one standard deviation [m]: a receiver on a staff in the hand. */
const SCATTER_M = 0.002;
/** One in so many is a blunder, as it happens on site: the staff stood on a stone. */
const BLUNDER_EVERY = 8;
const BLUNDER_M = 0.1;

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/**
 * A made-up laser level: a stand-in for a real one, and it says so wherever it is shown. It reads a height that is made up
 * where nobody knows it, with realistic scatter and now and then a blunder.
 *
 * @param trueDownM what a perfect instrument would read [m]
 * @param random    numbers from 0 up to 1
 */
export function standInLaser(trueDownM: number, random: () => number): Laser {
  return {
    name: 'stand-in laser level',
    press: () => {
      const blunder = random() < 1 / BLUNDER_EVERY ? BLUNDER_M : 0;
      return `${(trueDownM + blunder + SCATTER_M * normal(random)).toFixed(4)} m`;
    },
  };
}
