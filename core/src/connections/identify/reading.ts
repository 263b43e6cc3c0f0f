import { MM_PER_INCH } from '../../quantity/length';
import type { Region } from '../../region';
import type { Range, Sex } from '../standards/thread-standard';

/** Taper as the eye or a straightedge sees it; absent where it cannot be told. */
export type Runs = 'straight' | 'tapering';
/** What the end face shows: a flat seat or washer, a cone, or nothing; absent where it cannot be told. */
export type Seat = 'flat' | 'cone' | 'none';

/** What caliper and ruler give. Every reading but the diameter may be missing: the answer is wider then. */
export interface ThreadReading {
  readonly sex: Sex;
  /** Male: over the crests. Female: across the crests. */
  readonly diameterMm: number;
  readonly pitchMm?: number | undefined;
  /** How many crests the pitch was counted over; not said: it was read on a gauge. A count is half a crest off either way. */
  readonly crests?: number | undefined;
  readonly runs?: Runs | undefined;
  readonly seat?: Seat | undefined;
  /** Diameter at the first full crest: the tip of a male, the mouth of a female. */
  readonly tipMm?: number | undefined;
  /** Included angle of the flanks, held against a card. */
  readonly flankDeg?: 55 | 60 | undefined;
  /** How far a reading may be off either way. */
  readonly scatterMm?: number | undefined;
  /** Where the part was bought: puts that region's threads first among those that fit alike. */
  readonly region?: Region | undefined;
}

export const CALIPER_SCATTER_MM = 0.15;

/** Crests of a count are not told closer than this, in inches or millimetres. */
const COUNT_OFF = 0.5;
/** A count of fewer does not tell neighbouring pitches apart. */
export const FEW_CRESTS = 5;

/** How far a counted pitch may be off, as a share; 0 where it was read on a gauge. */
export const countOff = ({ crests }: ThreadReading): number =>
  crests === undefined ? 0 : COUNT_OFF / Math.max(crests, COUNT_OFF);
export const isFewCrests = ({ crests }: ThreadReading): boolean => crests !== undefined && crests < FEW_CRESTS;

/** A reading that no thread can have: which, why, and the nearest sensible one. */
export interface ReadingProblem {
  readonly field: 'diameterMm' | 'pitchMm' | 'tipMm' | 'scatterMm';
  readonly message: string;
  readonly nearest?: number;
}

const DIAMETER_MM: Range = [5, 150];
const PITCH_MM: Range = [0.5, 12];
const SCATTER_MM: Range = [0, 2];
/** A thread is at least this many pitches across; less is a worm or a slip of the ruler. */
const LEAST_PITCHES_ACROSS = 4;
/** A reading at the tip differs from one elsewhere by a taper of 1 in 16 over the longest thread, and its scatter. */
const TIP_OFF_MM = 4;

const within = (value: number, [least, most]: Range): boolean =>
  Number.isFinite(value) && value >= least && value <= most;

/** What cannot be measured on any thread, in the order the fields are filled in. */
export function readingProblems(reading: ThreadReading): readonly ReadingProblem[] {
  const { diameterMm, pitchMm, tipMm, scatterMm } = reading;
  const problems: ReadingProblem[] = [];
  if (!within(diameterMm, DIAMETER_MM))
    problems.push({
      field: 'diameterMm',
      message: `${shown(diameterMm)} mm is no thread on a tank: they run from ${DIAMETER_MM[0]} to ${DIAMETER_MM[1]} mm. An inch is 25.4 mm.`,
      ...(within(diameterMm * MM_PER_INCH, DIAMETER_MM) ? { nearest: diameterMm * MM_PER_INCH } : {}),
    });
  if (pitchMm !== undefined && !within(pitchMm, PITCH_MM))
    problems.push({
      field: 'pitchMm',
      message: `Crests ${shown(pitchMm)} mm apart are no pipe or hose thread: they are ${PITCH_MM[0]} to ${PITCH_MM[1]} mm apart. Count again.`,
    });
  else if (pitchMm !== undefined && within(diameterMm, DIAMETER_MM) && pitchMm * LEAST_PITCHES_ACROSS > diameterMm)
    problems.push({
      field: 'pitchMm',
      message: `Crests ${shown(pitchMm)} mm apart on ${shown(diameterMm)} mm: no thread is that coarse. Count again.`,
    });
  if (tipMm !== undefined && !(Math.abs(tipMm - diameterMm) <= TIP_OFF_MM))
    problems.push({
      field: 'tipMm',
      message: `The first crest reads ${shown(tipMm)} mm, the rest ${shown(diameterMm)} mm: a taper makes at most ${TIP_OFF_MM} mm.`,
      nearest: diameterMm,
    });
  if (scatterMm !== undefined && !within(scatterMm, SCATTER_MM))
    problems.push({ field: 'scatterMm', message: `A caliper is not ${shown(scatterMm)} mm off: 0 to 2 mm.` });
  return problems;
}

const shown = (value: number): string => `${Math.round(value * 100) / 100}`;
