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
  | 'flanks-differ'
  | 'straight-in-taper'
  | 'no-seal';

/** What the dimensions of a male and a female thread say about one another; mm and turns. */
export interface ThreadJudgement {
  readonly reason: ThreadReason;
  /** Female root less male crest: negative cannot enter freely. */
  readonly entryMm: number;
  /** Depth of flank on which the two overlap; zero or less never touches. */
  readonly overlapMm: number;
  /** Female less male pitch diameter. */
  readonly clearanceMm: number;
  readonly pitchErrorMm: number;
  /** Turns until the play is used up; infinite where nothing uses it up. */
  readonly turnsToTight: number;
}

// Turning points between the words. Engineering judgement, not from a standard; the truth table shows what they decide.
/** A crest this much over the root is forced in and cuts across the threads; beyond it does not enter. */
const CROSS_THREAD_MM = 0.5;
/** Made to touch or nearly: within truncation and tolerance. */
const ENTRY_TOLERANCE_MM = 0.05;
/** Less than this share of the coarser thread's height carrying is stripped by hand. */
const LEAST_OVERLAP_SHARE = 0.25;
/** Pitches further apart than this share of the coarser one cannot mesh for one turn (8 against 11 to the inch). */
const PITCH_APART_SHARE = 0.22;
/** Pitches nearer than this share are the same pitch; real ones that differ are at least 3 % apart. */
const SAME_PITCH_SHARE = 0.005;
/** A face joint needs this many turns free to press its washer. */
const LEAST_FACE_TURNS = 2;
const SAME_ANGLE_DEG = 0.5;

/**
 * Judges a male against a female thread from their dimensions alone.
 *
 * Play along the axis is clearance x tan(half the flank angle), taking the smaller angle; every turn uses some of it by
 * taper and by pitch error. With equal pitch the turns to tight are the hand-tight engagement of the standard.
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
  const halfFlank = Math.tan((Math.min(male.flankDeg, female.flankDeg) / 2) * (Math.PI / 180));
  const usedPerTurnMm = (male.taper > 0 ? male.taper * male.pitchMm * halfFlank : 0) + pitchErrorMm;
  const turnsToTight =
    usedPerTurnMm === 0 ? Number.POSITIVE_INFINITY : Math.max(0, clearanceMm * halfFlank) / usedPerTurnMm;
  const samePitch = pitchErrorMm < SAME_PITCH_SHARE * coarserMm;
  const heightMm = Math.abs(male.crestMm - male.rootMm) / 2;

  const reason = (): ThreadReason => {
    if (overlapMm <= 0) return 'slides-in';
    if (entryMm < -CROSS_THREAD_MM) return 'crest-over-root';
    if (pitchErrorMm > PITCH_APART_SHARE * coarserMm) return 'pitch-apart';
    if (entryMm < -ENTRY_TOLERANCE_MM) return 'cross-threads';
    if (!samePitch) return 'pitch-binds';
    if (overlapMm < LEAST_OVERLAP_SHARE * heightMm) return 'strips';
    const sameFlanks = Math.abs(male.flankDeg - female.flankDeg) < SAME_ANGLE_DEG;
    const freeTurns = Math.min(male.usableLengthMm, female.usableLengthMm) / coarserMm;
    if (female.seal === 'washer' && Math.min(freeTurns, turnsToTight) >= LEAST_FACE_TURNS) return 'washer-face';
    if (male.taper === 0 && female.taper > 0) return 'straight-in-taper';
    if (!sameFlanks) return 'flanks-differ';
    return male.taper > 0 && female.taper > 0 ? 'designed-taper' : 'no-seal';
  };
  return { reason: reason(), entryMm, overlapMm, clearanceMm, pitchErrorMm, turnsToTight };
}
