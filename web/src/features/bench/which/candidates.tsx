'use client';

import {
  type Candidate,
  CALIPER_SCATTER_MM,
  describeEnd,
  standardWords,
  type ThreadReading,
  threadForm,
  threadName,
  threadStandard,
} from '@herrero/core';
import { profileLine } from '@/drawing/geometry/thread-profile';

const FIT_WORDS: Readonly<Record<Candidate['fit'], string>> = {
  fits: 'Fits',
  'fits-just': 'Fits, just',
  'fits-worn': 'Fits, as worn',
  'does-not-fit': 'Does not fit',
};

/** Six times life on a screen of 96 dots to the inch. */
const PX_PER_MM = 22.7;
const PROFILE_PX = 312;
const ROW_PX = 74;
/** The reading lies this far under the top of its row. */
const READING_DOWN_MM = 1;

const AXIS_PX = 172;

interface CandidatesProps {
  readonly candidates: readonly Candidate[];
  /** How many more fit that are not shown. */
  readonly more: number;
  readonly reading: ThreadReading;
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
}

/** At most three threads over the measurement: one scale, one zero radius; the dotted reading runs through every row. */
export function Candidates({ candidates, more, reading, chosen, onChoose }: CandidatesProps) {
  const axis = axisOf(candidates, reading);
  return (
    <div role="radiogroup" aria-label="Threads that fit, best first" className="mt-2">
      <div aria-hidden="true" className="flex gap-2 pb-1 pl-7 type-second max-md:hidden">
        <span className="w-[312px] shrink-0 max-lg:w-[220px]">
          six times life; the {reading.sex === 'male' ? 'tip' : 'mouth'} is at the left
        </span>
        <span className="w-[158px] shrink-0">thread</span>
        <span className="w-[172px] shrink-0 max-desk:hidden">
          {reading.sex === 'male' ? 'over' : 'across'} the crests, mm
        </span>
        <span>how well it fits</span>
      </div>
      <div className="rule-subject">
        {candidates.map((candidate, index) => (
          <button
            key={describeEnd(candidate.end)}
            type="button"
            role="radio"
            aria-checked={index === chosen}
            onClick={() => onChoose(index)}
            className={`flex min-h-[74px] w-full items-center gap-2 border-b border-hair bg-sheet text-left max-md:flex-wrap max-md:gap-y-0 ${index === chosen ? '!bg-brass-wash shadow-[inset_0_3px_0_var(--brass-line),inset_0_-3px_0_var(--brass-line)]' : ''} ${candidate.fit === 'does-not-fit' ? 'text-ink-2' : ''}`}
          >
            <span className="w-5 shrink-0 pl-1.5 text-[17px] font-[650] max-md:hidden">{index + 1}</span>
            <Profile candidate={candidate} reading={reading} />
            <span className="w-[158px] shrink-0 py-1 max-md:w-auto max-md:flex-1 max-md:pl-2">
              <span className="block text-[17px] leading-5 font-[650]">{threadName(candidate.end)}</span>
              <span className="block type-second">{standardWords(candidate.end)}</span>
              <span className="block type-second">
                {threadForm(candidate.end).flankDeg} degrees, {perInch(candidate)} to the inch
              </span>
            </span>
            <span className="max-desk:hidden">
              <OnAxis candidate={candidate} reading={reading} axis={axis} />
            </span>
            <span className="min-w-0 flex-1 py-1 pr-2 max-md:basis-full max-md:pb-2 max-md:pl-2">
              <span className="block text-[16px] leading-5 font-[650]">{FIT_WORDS[candidate.fit]}</span>
              <span className="block type-second">{candidate.why}</span>
              {candidate.fit !== 'does-not-fit' && (
                <span className="block type-second">{marginWords(candidate, index, reading, more)}</span>
              )}
              {candidate.twins.length > 0 && (
                <span className="block type-second">twin: {candidate.twins.map(threadName).join(', ')}</span>
              )}
            </span>
          </button>
        ))}
      </div>
    </div>
  );
}

/** Further ahead than this it is not worth a figure [mm]. */
const WELL_AHEAD_MM = 0.5;

/** How far a candidate is ahead of the next one; its margin is counted in scatters of the reading. */
function marginWords({ margin }: Candidate, index: number, reading: ThreadReading, more: number): string {
  if (!Number.isFinite(margin)) return more > 0 ? 'others fit as well' : 'nothing else is near';
  const aheadMm = margin * (reading.scatterMm ?? CALIPER_SCATTER_MM);
  if (aheadMm < 0.01) return `${index + 2} fits as well`;
  return aheadMm > WELL_AHEAD_MM ? 'well ahead of the next' : `${aheadMm.toFixed(2)} mm ahead of ${index + 2}`;
}

const perInch = ({ end }: Candidate): number =>
  Math.round(threadStandard(end.standard).threadsPerInch(end.size) * 10) / 10;

function Profile({
  candidate: { end, fit },
  reading,
}: {
  readonly candidate: Candidate;
  readonly reading: ThreadReading;
}) {
  const form = threadForm(end);
  const readingRadius = reading.diameterMm / 2;
  const male = end.sex === 'male';
  // Outward is up for both: a female is solid above its line, and its crests hang down.
  const topMm = male ? readingRadius + READING_DOWN_MM : readingRadius + ROW_PX / PX_PER_MM - READING_DOWN_MM;
  const y = (radiusMm: number): number => (topMm - radiusMm) * PX_PER_MM;
  const lengthMm = PROFILE_PX / PX_PER_MM;
  const taper = male ? form.taper : -form.taper;
  const line = profileLine({ ...form, taper }, { lengthMm, pxPerMm: PX_PER_MM, zeroMm: topMm });
  const scatterPx = ((reading.scatterMm ?? CALIPER_SCATTER_MM) / 2) * PX_PER_MM;
  const meetsMm = form.taper > 0 ? Math.abs(reading.diameterMm - form.crestMm) / form.taper : undefined;
  const ticks = reading.pitchMm === undefined ? 0 : Math.floor(lengthMm / reading.pitchMm);
  const edge = male ? ROW_PX : 0;
  return (
    <svg
      viewBox={`0 0 ${PROFILE_PX} ${ROW_PX}`}
      className="h-[74px] w-[312px] shrink-0 max-lg:w-[220px] max-md:w-[180px]"
      aria-hidden="true"
      preserveAspectRatio="xMinYMid slice"
    >
      <path
        d={`M0 ${edge}L${line}L${PROFILE_PX} ${edge}Z`}
        fill="url(#section-brass)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        opacity={fit === 'does-not-fit' ? 0.45 : 1}
      />
      <rect
        y={y(readingRadius) - scatterPx}
        width={PROFILE_PX}
        height={2 * scatterPx}
        fill="var(--ink)"
        opacity={0.13}
      />
      <path
        d={`M0 ${y(readingRadius)}H${PROFILE_PX}`}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeLinecap="round"
        strokeDasharray="0.1 4"
      />
      {Array.from({ length: ticks }, (_, index) => (
        <path
          key={index}
          d={`M${(index + 0.5) * (reading.pitchMm ?? 1) * PX_PER_MM} ${y(readingRadius) - (male ? 8 : -2)}v6`}
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ))}
      {fit !== 'does-not-fit' && meetsMm !== undefined && meetsMm < lengthMm && (
        <path d={`M${meetsMm * PX_PER_MM} ${y(readingRadius)}l-6 ${male ? -11 : 11}h12Z`} fill="var(--ink)" />
      )}
    </svg>
  );
}

interface Axis {
  readonly leastMm: number;
  readonly pxPerMm: number;
}

function axisOf(candidates: readonly Candidate[], { diameterMm }: ThreadReading): Axis {
  const ends = candidates.flatMap(({ end }) => threadForm(end).acrossMm);
  const [least, most] = [Math.min(diameterMm, ...ends), Math.max(diameterMm, ...ends)];
  const room = Math.max(0.3, (most - least) * 0.18);
  return { leastMm: least - room, pxPerMm: AXIS_PX / (most - least + 2 * room) };
}

/** What the thread may read: a bar where it runs straight, a wedge where it tapers. */
function OnAxis({
  candidate: { end, fit },
  reading,
  axis,
}: {
  readonly candidate: Candidate;
  readonly reading: ThreadReading;
  readonly axis: Axis;
}) {
  const { acrossMm, taper } = threadForm(end);
  const x = (mm: number): number => (mm - axis.leastMm) * axis.pxPerMm;
  const [from, to] = [x(acrossMm[0]), Math.max(x(acrossMm[0]) + 3, x(acrossMm[1]))];
  const here = x(reading.diameterMm);
  const scatter = (reading.scatterMm ?? CALIPER_SCATTER_MM) * axis.pxPerMm;
  return (
    <svg viewBox={`0 0 ${AXIS_PX} ${ROW_PX}`} width={AXIS_PX} height={ROW_PX} aria-hidden="true">
      <rect x={here - scatter} width={2 * scatter} height={ROW_PX} fill="var(--ink)" opacity={0.13} />
      <path
        d={`M${here} 0V${ROW_PX}`}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeLinecap="round"
        strokeDasharray="0.1 4"
      />
      <path
        d={taper > 0 ? `M${from} 38L${to} 24V38Z` : `M${from} 24H${to}V38H${from}Z`}
        fill="var(--mat-brass)"
        stroke="var(--ink)"
        strokeWidth={1.4}
        opacity={fit === 'does-not-fit' ? 0.5 : 1}
      />
      <text
        x={Math.min(Math.max(18, from), AXIS_PX - 60)}
        y={56}
        textAnchor="middle"
        className="halo type-scale"
        fill="var(--ink)"
      >
        {acrossMm[0].toFixed(2)}
      </text>
      <text
        x={Math.min(AXIS_PX - 18, Math.max(to, from + 42))}
        y={56}
        textAnchor="middle"
        className="halo type-scale"
        fill="var(--ink)"
      >
        {acrossMm[1].toFixed(2)}
      </text>
    </svg>
  );
}
