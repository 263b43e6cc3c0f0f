'use client';

import {
  type Figure,
  type Fix,
  type JudgedJoint,
  MM_PER_INCH,
  type Measures,
  describeEnd,
  fillText,
  inchFigure,
  threadStandard,
} from '@herrero/core';
import { profileLine } from '@/drawing/geometry/thread-profile';
import { Action } from '@/ui/action';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { today } from '@/ui/today';
import { unbroken } from '@/ui/unbroken';
import { useJob } from '../desk/job-provider';
import { BetweenPicker } from './part-pickers';

/** All about one joint: the verdict and why, the figures it stands on, and the way out where it does not hold. */
export function JointPanel({ judged }: { readonly judged: JudgedJoint }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const fixes: readonly Fix[] = useJob(
    (state) => state.plan.findings.find(({ at }) => at.id === judged.joint.id)?.fixes ?? NONE,
  );
  const { joint, mating, words, a, b } = judged;
  const fails = mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go';
  const [fix] = fixes;
  return (
    <section aria-label={`Joint ${joint.number}`} className="rule-selected pt-2" data-testid="joint-panel">
      <h2 className={`flex items-center gap-3 type-head ${fails ? 'text-oxide' : ''}`}>
        <SeamGlyph seam={seamOf(mating)} width={40} />J{joint.number} {words.toLowerCase()}
      </h2>
      <p className="pt-1 type-row">{unbroken(mating.why)}</p>
      {mating.tighten && <p className="pt-1 type-row">{mating.tighten}</p>}
      {fails && mating.instead && <p className="pt-1 type-row text-ink-2">{mating.instead}</p>}
      {fix && (
        <button
          type="button"
          className="main-action mt-2 flex w-full items-center justify-between gap-3 text-left"
          onClick={() => make(fix.edits)}
        >
          <span>{fillText(fix.text, fix.data, measures)}</span>
          <span className="shrink-0 text-right">
            +{fix.partsAdded} {fix.partsAdded === 1 ? 'part' : 'parts'}
            <br />${fix.priceUsd.toFixed(2)}
          </span>
        </button>
      )}
      {mating.verdict === 'fits-unrated' && <Acceptance judged={judged} />}
      <ThreadPicture judged={judged} />
      <dl className="mt-2 grid grid-cols-2 gap-x-4 type-row">
        <dt className="sr-only">Ends</dt>
        <dd className="col-span-2 border-t border-hair py-1 text-ink-2">
          {[a.end, b.end].map((end) => (end ? describeEnd(end) : 'free')).join(' with ')}
        </dd>
        {mating.basis.map(({ name, value, unit }) => (
          <div key={name} className="contents">
            <dt className="border-t border-hair py-1 text-ink-2">{name}</dt>
            <dd className="border-t border-hair py-1">{figureWords(value, unit, measures)}</dd>
          </div>
        ))}
      </dl>
      {mating.sources.length > 0 && (
        <p className="pt-1 type-second">
          {mating.sources
            .map(({ document, provenance }) => `${document} (${provenance.replaceAll('-', ' ')})`)
            .join('; ')}
        </p>
      )}
      <BetweenPicker judged={judged} />
      {a.ref.of !== 'hole' && (
        <Action onClick={() => make([{ type: 'separate', jointId: joint.id }])}>Take this joint apart</Action>
      )}
    </section>
  );
}

const NONE: readonly Fix[] = [];

/** A figure as the job is measured; a length in inches also in mm, since threads are read in both. */
function figureWords(value: number, unit: Figure['unit'], measures: Measures): string {
  if (unit === 'per inch') return `${inchFigure(value)} to the inch`;
  if (unit === 'mm' && measures === 'in-gal') return `${(value / MM_PER_INCH).toFixed(3)} in, ${value.toFixed(2)} mm`;
  return `${value.toFixed(unit === 'turns' ? 1 : 2)} ${unit}`;
}

/** A joint that fits but is not rated may be taken all the same: by name and date. */
function Acceptance({ judged: { joint } }: { readonly judged: JudgedJoint }) {
  const make = useJob((state) => state.make);
  const set = (to: typeof joint.accepted): void =>
    void make([{ type: 'change-field', in: 'joints', id: joint.id, field: 'accepted', from: joint.accepted, to }]);
  return joint.accepted ? (
    <p className="type-row">
      Accepted by {joint.accepted.by}, {joint.accepted.on}. <Action onClick={() => set(null)}>Take that back</Action>
    </p>
  ) : (
    <Action onClick={() => set({ by: 'you', on: today() })}>Accept it by name</Action>
  );
}

const PICTURE_MM = 15;
const PX_PER_MM = 17;

/** Both threads at one scale, on their common axis, hand tight: what bites and where water passes. */
function ThreadPicture({ judged: { a, b, mating } }: { readonly judged: JudgedJoint }) {
  if (a.end?.kind !== 'thread' || b.end?.kind !== 'thread' || a.end.sex === b.end.sex) return null;
  const [male, female] = a.end.sex === 'male' ? [a.end, b.end] : [b.end, a.end];
  const [maleStandard, femaleStandard] = [threadStandard(male.standard), threadStandard(female.standard)];
  const [maleForm, femaleForm] = [maleStandard.form(male.size, 'male'), femaleStandard.form(female.size, 'female')];
  // Hand tight the tip of the male stands this far inside, where a tapering female is narrower than at its mouth.
  const turns = mating.basis.find(({ name }) => name === 'turns to tight')?.value ?? 0;
  const narrowed = femaleForm.taper * turns * femaleForm.pitchMm;
  const zero = maleForm.rootMm / 2 - 1.6;
  const width = PICTURE_MM * PX_PER_MM;
  const top = Math.max(femaleForm.rootMm, maleForm.crestMm) / 2 + 2.2 - zero;
  const height = top * PX_PER_MM;
  const maleLine = profileLine(maleForm, PICTURE_MM, PX_PER_MM, zero);
  // A crown of the male lies in a root of the female.
  const femaleLine = profileLine(
    { ...femaleForm, rootMm: femaleForm.crestMm - narrowed, crestMm: femaleForm.rootMm - narrowed },
    PICTURE_MM,
    PX_PER_MM,
    zero,
  );
  const leaks = mating.verdict !== 'holds-with';
  return (
    <figure className="mt-2">
      <figcaption className="flex justify-between type-second">
        <span>
          <b className="text-ink">{femaleStandard.token}</b> {femaleForm.taper > 0 ? 'tapered' : 'straight'},{' '}
          {inchFigure(femaleStandard.threadsPerInch(female.size))} to the inch
        </span>
        <span>female above</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="sheet w-full"
        role="img"
        aria-label={`${female.size} ${femaleStandard.token} female over ${male.size} ${maleStandard.token} male, in section`}
      >
        <rect width={width} height={height} fill={leaks ? 'var(--water-fill)' : 'var(--sheet)'} />
        <g transform={`translate(0 ${height})`}>
          <path d={`M0 0L${maleLine}L${width} 0Z`} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
          <path
            d={`M0 ${-height}L${femaleLine}L${width} ${-height}Z`}
            fill="url(#section-brass)"
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
        </g>
      </svg>
      <p className="flex justify-between type-second">
        <span>
          <b className="text-ink">{maleStandard.token}</b> {maleForm.taper > 0 ? 'tapered' : 'straight'},{' '}
          {inchFigure(maleStandard.threadsPerInch(male.size))} to the inch
        </span>
        <span>male below</span>
      </p>
    </figure>
  );
}
