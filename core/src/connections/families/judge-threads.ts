import type { ThreadForm } from '../standards/thread-standard';

/** Why a pair of threads is judged as it is; the sentence is made from it and the figures. */
export type ThreadReason =
  | 'designed-taper'
  | 'washer-face'
  | 'crest-over-root'
  | 'cross-threads'
  | 'slides-in'
  | 'strips'
  | 'pitch-apart'
  | 'pitch-binds'
  | 'pitch-within-play'
  | 'flanks-differ'
  | 'tapers-differ'
  | 'straight-in-taper'
  | 'short-of-seat'
  | 'face-not-reached'
  | 'few-turns'
  | 'runs-out'
  | 'taper-in-straight'
  | 'no-face';

/** What the dimensions of a male and a female thread say about one another; mm and turns. */
export interface ThreadJudgement {
  readonly reason: ThreadReason;
  /** Female root less male crest: negative cannot enter freely. */
  readonly entryMm: number;
  /** Depth of flank on which the two overlap where they first meet; zero or less never touches. */
  readonly overlapMm: number;
  /** How much of the flank carries once it is tight, as a share of the height of the male thread: a taper has grown by then. */
  readonly carries: number;
  /** Female less male pitch diameter. */
  readonly clearanceMm: number;
  readonly pitchErrorMm: number;
  /** Turns until the play is used up; infinite where nothing uses it up. */
  readonly turnsToTight: number;
  /** Turns of thread there are: the shorter of the two usable lengths. */
  readonly turnsThereAre: number;
}

// Turning points between the words. Engineering judgement, not from a standard; the truth table shows what they decide.
/** A crest this much over the root is forced in and cuts across the threads; beyond it does not enter. */
const CROSS_THREAD_MM = 0.5;
/** Made to touch or nearly: within truncation and tolerance. */
const ENTRY_TOLERANCE_MM = 0.05;
/** Less than half the height of the thread carrying is stripped by hand. */
const LEAST_CARRYING_SHARE = 0.5;
/** Pitches further apart than this share of the coarser one cannot mesh for one turn (8 against 11 to the inch). */
const PITCH_APART_SHARE = 0.2;
/** Pitches nearer than this share are the same pitch; real ones that differ are at least 3 % apart. */
const SAME_PITCH_SHARE = 0.005;
/** A taper stops short of a seat that lies more than this many wrench turns further in. */
const WRENCH_TO_SEAT_TURNS = 1.5;
/** Fewer turns than this by hand is a thread that is caught, not one that is made up. */
const LEAST_HAND_TURNS = 1.5;
/** Tapers that differ by more than this share touch at one end only. */
const SAME_TAPER_SHARE = 0.1;
/** Wrench turns that a taper joint needs past hand tight, so that there must be thread left for them. */
const LEAST_WRENCH_TURNS = 1;
const SAME_ANGLE_DEG = 0.5;

const TANGENTS = new Map<number, number>();
/** Tangent of half the flank angle. Angles are few, so each is worked out once. */
function halfFlankTangent(flankDeg: number): number {
  let tangent = TANGENTS.get(flankDeg);
  if (tangent === undefined) TANGENTS.set(flankDeg, (tangent = Math.tan((flankDeg / 2) * (Math.PI / 180))));
  return tangent;
}

/**
 * Judges a male against a female thread from their dimensions alone.
 *
 * Play along the axis is clearance x tan(half the flank angle), taking the smaller angle; every turn uses some of it by
 * taper, of the male or of the female, and by pitch error. With equal pitch the turns to tight are the hand-tight engagement
 * of the standard.
 *
 * @param male    basic profile at its small end
 * @param female  basic profile at its mouth
 * @source ASME B1.20.1 and ISO 7-1 for the geometry; the turning points are our judgement
 */
export function judgeThreads(male: ThreadForm, female: ThreadForm): ThreadJudgement {
  const entryMm = female.rootMm - male.crestMm;
  const overlapMm = (male.crestMm - female.crestMm) / 2;
  const clearanceMm = female.pitchDiameterMm - male.pitchDiameterMm;
  const pitchErrorMm = Math.abs(male.pitchMm - female.pitchMm);
  const coarserMm = Math.max(male.pitchMm, female.pitchMm);
  const tangent = halfFlankTangent(Math.min(male.flankDeg, female.flankDeg));
  const taper = Math.max(male.taper, female.taper);
  const usedPerTurnMm = taper * male.pitchMm * tangent + pitchErrorMm;
  const turnsToTight =
    usedPerTurnMm === 0 ? Number.POSITIVE_INFINITY : Math.max(0, clearanceMm * tangent) / usedPerTurnMm;
  const turnsThereAre = Math.min(male.usableLengthMm, female.usableLengthMm) / coarserMm;
  const grownMm = (taper * male.pitchMm * Math.min(turnsToTight, turnsThereAre)) / 2;
  const carries = Math.min(1, (overlapMm + grownMm) / (Math.abs(male.crestMm - male.rootMm) / 2));
  return {
    reason: reasonOf(male, female, entryMm, overlapMm, carries, pitchErrorMm, coarserMm, turnsToTight, turnsThereAre),
    entryMm,
    overlapMm,
    carries,
    clearanceMm,
    pitchErrorMm,
    turnsToTight,
    turnsThereAre,
  };
}

function reasonOf(
  male: ThreadForm,
  female: ThreadForm,
  entryMm: number,
  overlapMm: number,
  carries: number,
  pitchErrorMm: number,
  coarserMm: number,
  turnsToTight: number,
  turnsThereAre: number,
): ThreadReason {
  if (overlapMm <= 0) return 'slides-in';
  if (entryMm < -CROSS_THREAD_MM) return 'crest-over-root';
  if (pitchErrorMm > PITCH_APART_SHARE * coarserMm) return 'pitch-apart';
  if (entryMm < -ENTRY_TOLERANCE_MM) return 'cross-threads';
  if (pitchErrorMm >= SAME_PITCH_SHARE * coarserMm)
    return turnsToTight < turnsThereAre ? 'pitch-binds' : 'pitch-within-play';
  if (carries < LEAST_CARRYING_SHARE) return 'strips';
  if (female.seal === 'taper' && male.taper === 0) return 'straight-in-taper';
  if (Math.abs(male.flankDeg - female.flankDeg) >= SAME_ANGLE_DEG) return 'flanks-differ';
  if (turnsThereAre < LEAST_HAND_TURNS) return 'few-turns';
  if (female.seal === 'washer' || (male.seal === 'shoulder' && female.seal === 'rim')) {
    const turnsToSeat = female.usableLengthMm / female.pitchMm;
    if (turnsToTight + WRENCH_TO_SEAT_TURNS < turnsToSeat) return 'short-of-seat';
    return female.seal === 'washer' && male.usableLengthMm < female.madeUpMm ? 'face-not-reached' : 'washer-face';
  }
  if (male.taper === 0) return 'no-face';
  if (turnsToTight < LEAST_HAND_TURNS) return 'few-turns';
  if (turnsToTight + LEAST_WRENCH_TURNS > turnsThereAre) return 'runs-out';
  if (female.taper > 0 && Math.abs(male.taper - female.taper) > SAME_TAPER_SHARE * male.taper) return 'tapers-differ';
  return female.seal === 'taper' ? 'designed-taper' : 'taper-in-straight';
}
