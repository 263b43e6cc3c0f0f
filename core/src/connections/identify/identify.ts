import { MM_PER_INCH } from '../../quantity/length';
import { type Result, err, ok } from '../../result';
import type { ThreadEnd } from '../end';
import type { Region } from '../../region';
import type { Range, Sex, ThreadForm } from '../standards/thread-standard';
import { THREAD_STANDARDS, threadForm, threadStandard } from '../standards/threads';
import {
  CALIPER_SCATTER_MM,
  type ReadingProblem,
  type Seat,
  type ThreadReading,
  countOff,
  isFewCrests,
  readingProblems,
} from './reading';
import { type TellApart, tellApart } from './tell-apart';

export const MOST_CANDIDATES = 3;

/** How well a thread fits: only these words. */
export const FITS = ['fits', 'fits-just', 'fits-worn', 'does-not-fit'] as const;
export type Fit = (typeof FITS)[number];

export interface Candidate {
  readonly end: ThreadEnd;
  readonly fit: Fit;
  /** How far the reading lies outside what this thread may measure [mm]; 0 within. */
  readonly offMm: number;
  /** How much worse the next thread fits [in units of its scatter]; infinite where no other fits at all. */
  readonly margin: number;
  /** In one short line, with its figure. */
  readonly why: string;
  /** Threads that no reading taken here tells from this one. */
  readonly twins: readonly ThreadEnd[];
}

export interface Identification {
  /** At most three, best first. Those that do not fit are named only when nothing else is left. */
  readonly candidates: readonly Candidate[];
  /** How many more fit that are not shown. */
  readonly more: number;
  /** So few crests were counted that half a crest is as much as the step to the next pitch. */
  readonly fewCrests: boolean;
  /** The one further reading that would tell the first two apart; absent where one is left. */
  readonly tellApart?: TellApart;
}

interface Known {
  readonly end: ThreadEnd;
  readonly form: ThreadForm;
  readonly regions: readonly Region[];
  readonly special: boolean;
}

/** Every thread that can be met, once a sex; a nut measures like a socket. */
const KNOWN: Readonly<Record<Sex, readonly Known[]>> = { male: knownOf('male'), female: knownOf('female') };

function knownOf(sex: Sex): readonly Known[] {
  return THREAD_STANDARDS.filter(({ sexes }) => sexes.includes(sex)).flatMap(
    ({ id, sizes, regions, special = false }) =>
      sizes.map((size): Known => {
        const end: ThreadEnd = { kind: 'thread', standard: id, size, sex };
        return { end, form: threadForm(end), regions, special };
      }),
  );
}

// How far a counted pitch may be off, as a share. Neighbours differ by 3.6 % (27, 28) and more; our judgement.
const PITCH_FITS = 0.017;
const PITCH_JUST = 0.03;
/** So much of its crests worn plastic may have lost, and still be what it was [mm] (common practice). */
const WORN_MM = 0.5;
/** A reading within the scatter fits just; up to this many times the scatter it is worth naming. */
const NEAR_SCATTERS = 12;

type Misfit = 'pitch' | 'diameter' | 'tip' | 'runs' | 'flanks' | 'seat';

interface Scored extends Known {
  readonly offMm: number;
  readonly pitchOff: number;
  readonly tipOffMm: number;
  readonly wrong: Misfit | undefined;
  readonly worn: boolean;
  readonly score: number;
}

/** Finer than any caliper: keeps sums of decimals from deciding. */
const ROUND_MM = 1e-6;
const outside = (value: number, [least, most]: Range): number => {
  const off = Math.max(least - value, value - most);
  return off < ROUND_MM ? 0 : off;
};

/** Taper threads show no seat; a coupling nut shows one. A cone is a union or a compression body, none of these. */
const seatFits = ({ seal }: ThreadForm, seat: Seat | undefined): boolean => {
  if (seat === undefined) return true;
  if (seat === 'cone') return false;
  return seal === 'taper' ? seat === 'none' : seat === 'flat' || seal === 'none';
};

type Measured = Pick<Scored, 'form' | 'offMm' | 'pitchOff' | 'tipOffMm' | 'worn'>;

/** Is it off as wear makes it: a male thinner, a female wider, by no more than its crests can lose? */
function isWorn(
  { acrossMm: [least, most] }: ThreadForm,
  { sex, diameterMm }: ThreadReading,
  scatterMm: number,
): boolean {
  const lostMm = sex === 'male' ? least - diameterMm : diameterMm - most;
  return lostMm > scatterMm + ROUND_MM && lostMm <= WORN_MM + ROUND_MM;
}

/** What can be wrong with a thread, in the order in which it is said. */
const MISFITS: readonly (readonly [
  Misfit,
  (measured: Measured, reading: ThreadReading, scatterMm: number) => boolean,
])[] = [
  ['pitch', ({ pitchOff }, reading) => pitchOff > Math.max(PITCH_JUST, countOff(reading)) + ROUND_MM],
  ['diameter', ({ offMm, worn }, _, scatterMm) => !worn && offMm > scatterMm + ROUND_MM],
  ['tip', ({ tipOffMm }, _, scatterMm) => tipOffMm > scatterMm + ROUND_MM],
  ['runs', ({ form }, { runs }) => runs !== undefined && (runs === 'tapering') !== form.taper > 0],
  ['flanks', ({ form }, { flankDeg }) => flankDeg !== undefined && flankDeg !== form.flankDeg],
  ['seat', ({ form }, { seat }) => !seatFits(form, seat)],
];

function score(known: Known, reading: ThreadReading, scatterMm: number): Scored {
  const { form } = known;
  const offMm = outside(reading.diameterMm, form.acrossMm);
  const pitchOff = reading.pitchMm === undefined ? 0 : Math.abs(reading.pitchMm - form.pitchMm) / form.pitchMm;
  const tipOffMm = reading.tipMm === undefined ? 0 : outside(reading.tipMm, form.firstCrestMm);
  const worn = isWorn(form, reading, scatterMm);
  const [wrong] =
    MISFITS.find(([, misfits]) => misfits({ form, offMm, pitchOff, tipOffMm, worn }, reading, scatterMm)) ?? [];
  return {
    ...known,
    offMm,
    pitchOff,
    tipOffMm,
    wrong,
    worn: worn && wrong === undefined,
    score:
      Math.round(
        1e6 *
          ((isFewCrests(reading) && wrong !== 'pitch' ? 0 : pitchOff / PITCH_FITS) +
            (offMm + tipOffMm) / scatterMm +
            (wrong === undefined ? 0 : WRONG[wrong])),
      ) / 1e6,
  };
}

/** How much what does not fit puts a thread back: count first, then diameter, then what the eye says. */
const WRONG: Readonly<Record<Misfit, number>> = {
  pitch: 40,
  diameter: 10,
  tip: 8,
  runs: 6,
  flanks: 6,
  seat: 4,
};

/** Two threads that this kind of reading can never part: same pitch, flanks and taper, diameters within the scatter. */
function areTwins(a: ThreadForm, b: ThreadForm, scatterMm: number): boolean {
  return (
    Math.abs(a.pitchMm - b.pitchMm) < 0.005 * a.pitchMm &&
    a.flankDeg === b.flankDeg &&
    a.taper === b.taper &&
    outsideRange(a.acrossMm, b.acrossMm) <= 2 * scatterMm
  );
}

/** How far apart two ranges lie; 0 where they overlap. */
const outsideRange = (a: Range, b: Range): number => Math.max(0, a[0] - b[1], b[0] - a[1]);

/**
 * Names the threads that fit what was measured: at most three, best first, each with how well it fits and its twins.
 *
 * Pitch is judged first, then diameter, then taper, flanks and seat; where several fit alike, those that are common where it
 * was bought come first. A twin is named only where the scatter of the readings cannot part it.
 *
 * @error the readings that no thread can have, all of them
 * @source dimensions and tolerances of the registered standards; the shares of misfit are our judgement
 */
export function identifyThread(reading: ThreadReading): Result<Identification, readonly ReadingProblem[]> {
  const problems = readingProblems(reading);
  if (problems.length > 0) return err(problems);
  const scatterMm = Math.max(0.02, reading.scatterMm ?? CALIPER_SCATTER_MM);
  const { region } = reading;
  const away = ({ regions, special }: Known): number =>
    (region === undefined || regions.includes(region) ? 0 : 2) + (special ? 1 : 0);
  const fitOf = (one: Scored): Fit => fitIn(one, reading);
  const rank = (one: Scored): number => FITS.indexOf(fitOf(one));
  const ranked = KNOWN[reading.sex]
    .filter(({ form }) => outside(reading.diameterMm, form.acrossMm) <= NEAR_SCATTERS * scatterMm)
    .map((known) => score(known, reading, scatterMm))
    .sort(
      (a, b) => rank(a) - rank(b) || (rank(a) <= 1 ? away(a) - away(b) : 0) || a.score - b.score || away(a) - away(b),
    );
  const fitting = ranked.filter(({ wrong }) => wrong === undefined);
  const groups: { readonly lead: Scored; readonly twins: Scored[] }[] = [];
  for (const one of fitting) {
    const own = groups.find(({ lead }) => areTwins(lead.form, one.form, scatterMm));
    if (own) own.twins.push(one);
    else groups.push({ lead: one, twins: [] });
  }
  for (const group of groups) group.twins.sort((a, b) => away(a) - away(b));
  const shownGroups = groups.slice(0, MOST_CANDIDATES);
  const filled = ranked
    .filter(({ wrong }) => wrong !== undefined)
    .slice(0, MOST_CANDIDATES - shownGroups.length)
    .map((lead) => ({ lead, twins: [] as Scored[] }));
  const all = [...shownGroups, ...filled];
  const candidates = all.map(({ lead, twins }, index): Candidate => {
    const next = all[index + 1]?.lead;
    return {
      end: lead.end,
      fit: fitOf(lead),
      offMm: lead.offMm,
      margin: next === undefined ? Number.POSITIVE_INFINITY : next.score - lead.score,
      why: whyOf(lead, reading),
      twins: twins.map(({ end }) => end),
    };
  });
  const [first, second] = shownGroups;
  const apart = first && second && tellApart(reading, [first.lead.end, second.lead.end], scatterMm);
  return ok({
    candidates,
    more: groups.length - shownGroups.length,
    fewCrests: isFewCrests(reading),
    ...(apart ? { tellApart: apart } : {}),
  });
}

function fitIn({ wrong, worn, offMm, tipOffMm, pitchOff }: Scored, reading: ThreadReading): Fit {
  if (wrong !== undefined) return 'does-not-fit';
  if (worn) return 'fits-worn';
  const fits = isFewCrests(reading) ? countOff(reading) : PITCH_FITS;
  return offMm > 0 || tipOffMm > 0 || pitchOff > fits ? 'fits-just' : 'fits';
}

const mm = (value: number): string => value.toFixed(2);

function whyOf({ end, form, offMm, tipOffMm, wrong, worn }: Scored, reading: ThreadReading): string {
  const [least, most] = form.acrossMm;
  const perInch = (pitchMm: number): string => `${Math.round((MM_PER_INCH / pitchMm) * 10) / 10}`;
  switch (wrong) {
    case 'pitch':
      return `${perInch(form.pitchMm)} to the inch, not ${perInch(reading.pitchMm ?? form.pitchMm)}`;
    case 'diameter':
      return reading.diameterMm > most
        ? `${mm(offMm)} over its largest, ${mm(most)}`
        : `${mm(offMm)} under its smallest, ${mm(least)}`;
    case 'tip':
      return `first crest is ${mm(tipOffMm)} off`;
    case 'runs':
      return form.taper > 0 ? 'it tapers, yours runs straight' : 'it runs straight, yours tapers';
    case 'flanks':
      return `flanks of ${form.flankDeg} degrees`;
    case 'seat':
      return reading.seat === 'cone'
        ? 'it has no cone'
        : form.seal === 'taper'
          ? 'it has no seat'
          : 'it has a flat seat';
    case undefined:
      break;
  }
  if (worn) return `${mm(offMm)} ${end.sex === 'male' ? 'under its smallest' : 'over its largest'}: as worn`;
  if (offMm > 0) return reading.diameterMm > most ? `${mm(offMm)} over its largest` : `${mm(offMm)} under its smallest`;
  if (form.taper === 0) return `${mm(least)} to ${mm(most)} mm`;
  const along = Math.abs(reading.diameterMm - form.crestMm) / form.taper;
  return `meets it ${along.toFixed(1)} mm ${end.sex === 'male' ? 'up' : 'in'}`;
}

/** The thread of an end with its standard's full name, as a row of the bench says it. */
export const standardWords = (end: ThreadEnd): string => threadStandard(end.standard).name;
