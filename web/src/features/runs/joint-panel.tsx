'use client';

import {
  describeEnd,
  type Figure,
  fillText,
  formatEnd,
  freedomOfJoint,
  inchFigure,
  type JudgedJoint,
  type Measures,
  MM_PER_INCH,
  sourceWords,
  type Strand,
} from '@herrero/core';
import { usePathname } from 'next/navigation';
import { Action } from '@/ui/action';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { unbroken } from '@/ui/unbroken';
import { BenchLink } from '../bench/bench-link';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';
import { useTriedFixes } from '../../store/use-tried-fixes';
import { freedomWords } from './freedom-words';
import { JointAsMade } from './joint-as-made';
import { MadeWith } from './made-with';
import { BetweenPicker } from './between-picker';
import { PasteHere } from './stretch-panel';
import { ThreadPicture } from './thread-picture';
import { slotOfJoint } from './use-stretch';

/** All about one joint: the verdict and why, the figures it stands on, and the way out where it does not hold. */
export function JointPanel({ judged, strand }: { readonly judged: JudgedJoint; readonly strand: Strand }) {
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const make = useJob((state) => state.make);
  const { fixes, take } = useTriedFixes(
    useJob((state) => state.plan.findings.find(({ at }) => at.id === judged.joint.id)),
  );
  const { joint, mating, words, a, b } = judged;
  const fails = mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go';
  const [fix] = fixes;
  const slot = slotOfJoint(strand, joint.id);
  return (
    <section aria-label={`Joint ${judged.name}`} className="rule-selected pt-2" data-testid="joint-panel">
      <h2 className={`flex items-center gap-3 type-head ${fails ? 'text-oxide' : ''}`}>
        <SeamGlyph seam={seamOf(mating)} width={40} />
        {judged.name} {words.toLowerCase()}
      </h2>
      <p className="pt-1 type-row">{unbroken(mating.why)}</p>
      {mating.practice && <p className="pt-1 type-row text-ink-2">{unbroken(mating.practice)}</p>}
      {mating.tighten && <p className="pt-1 type-row">{mating.tighten}</p>}
      {fails && mating.instead && <p className="pt-1 type-row text-ink-2">{mating.instead}</p>}
      {fix && (
        <button
          type="button"
          className="main-action mt-2 flex w-full items-center justify-between gap-3 text-left"
          onClick={() => take(fix)}
        >
          <span>{fillText(fix.text, fix.data, measures)}</span>
          <span className="shrink-0 text-right">
            +{fix.partsAdded} {fix.partsAdded === 1 ? 'part' : 'parts'}
            <br />
            {money(fix.priceUsd)}
          </span>
        </button>
      )}
      {mating.verdict === 'fits-unrated' && <Acceptance judged={judged} />}
      <MadeWith judged={judged} />
      <JointAsMade judged={judged} />
      <ThreadPicture judged={judged} />
      <dl className="mt-2 grid grid-cols-2 gap-x-4 type-row">
        <dt className="sr-only">Ends</dt>
        <dd className="col-span-2 border-t border-hair py-1 text-ink-2">
          {[a.end, b.end].map((end) => (end ? describeEnd(end) : 'free')).join(' with ')}
        </dd>
        <dt className="border-t border-hair py-1 text-ink-2">once it is made</dt>
        <dd className="border-t border-hair py-1">{freedomWords(freedomOfJoint(judged), measures)}</dd>
        {mating.basis.map(({ name, value, unit }) => (
          <div key={name} className="contents">
            <dt className="border-t border-hair py-1 text-ink-2">{name}</dt>
            <dd className="border-t border-hair py-1">{figureWords(value, unit, measures)}</dd>
          </div>
        ))}
      </dl>
      {mating.sources.length > 0 && <p className="pt-1 type-second">{mating.sources.map(sourceWords).join('; ')}</p>}
      <OnTheBench judged={judged} />
      {slot !== undefined && (
        <PasteHere strand={strand} slot={slot}>
          Put it in here
        </PasteHere>
      )}
      <BetweenPicker judged={judged} />
      {a.ref.of !== 'hole' && (
        <Action onClick={() => make([{ type: 'separate', jointId: joint.id }])}>Take this joint apart</Action>
      )}
    </section>
  );
}

/** Both ends on the bench, drawn large, with the dry fit. */
function OnTheBench({ judged }: { readonly judged: JudgedJoint }) {
  const name = useJob((state) => state.job.name);
  const path = usePathname();
  const { a, b, service } = judged;
  if (!a.end || !b.end) return null;
  const ends = [formatEnd(a.end), formatEnd(b.end)] as const;
  const address = new URLSearchParams({
    a: ends[0],
    b: ends[1],
    ...(a.material ? { am: a.material } : {}),
    ...(b.material ? { bm: b.material } : {}),
    ...(service ? { service } : {}),
  });
  return (
    <BenchLink
      href={`/bench/together?${address.toString()}`}
      from={{ href: path, label: `${name}, Runs`, joint: { name: judged.name, ends } }}
      className="action"
    >
      <span>Look at it on the bench</span>
    </BenchLink>
  );
}

/** A figure as the job is measured; a length in inches also in mm, since threads are read in both. */
function figureWords(value: number, unit: Figure['unit'], measures: Measures): string {
  if (unit === 'per inch') return `${inchFigure(value)} to the inch`;
  if (unit === 'mm' && measures === 'in-gal') return `${(value / MM_PER_INCH).toFixed(3)} in, ${value.toFixed(2)} mm`;
  return `${value.toFixed(unit === 'turns' ? 1 : unit === 'mm' ? 2 : 0)} ${unit}`;
}

/** A joint that fits but is not rated may be taken all the same, by name: in its note in the margin. */
function Acceptance({ judged }: { readonly judged: JudgedJoint }) {
  const accepted = useJob(({ plan }) =>
    plan.settled.some(({ at }) => at.kind === 'joint' && at.id === judged.joint.id),
  );
  return (
    <p className="type-row">
      {accepted
        ? 'Accepted by name: see “Settled by name” in the margin. It is not counted as one that holds.'
        : 'It may be accepted by name, in its note in the margin.'}
    </p>
  );
}
