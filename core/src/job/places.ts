import type { Inflow, Mark, Roof, Terminal } from './job';

/** A place where a run may end: nothing measured and nothing asked for yet. */
export const newTerminal = (given: Pick<Terminal, 'id' | 'name'> & Partial<Terminal>): Terminal => ({
  kind: 'other',
  offers: null,
  distanceM: null,
  readings: [],
  throughM: null,
  mains: false,
  wantsKpa: null,
  wantsM3s: null,
  vesselM: null,
  reserveM3: null,
  ...given,
});

/** A roof of which only its area is known. */
export const newRoof = (given: Pick<Roof, 'id' | 'name' | 'planAreaM2'> & Partial<Roof>): Roof => ({
  material: null,
  fixedTo: null,
  into: null,
  readings: [],
  ...given,
});

/** An inflow that nobody has measured. */
export const newInflow = (given: Pick<Inflow, 'id' | 'name' | 'kind'> & Partial<Inflow>): Inflow => ({
  rateM3s: null,
  into: null,
  airGapM: null,
  ...given,
});

/** A nail, a stake or a line of the level, or a piece of ground. */
export const newMark = (given: Pick<Mark, 'id' | 'name'> & Partial<Mark>): Mark => ({
  kind: 'reference',
  at: null,
  readings: [],
  finishedM: null,
  ...given,
});

/** One tape reading, so far below the finished ground at the tanks. */
export const belowGround = (downM: number) => [{ from: { of: 'ground' }, by: 'tape', downM }] as const;
