'use client';

import {
  SETTLED_WORDS,
  type Settlement,
  aboutOf,
  answered,
  fillText,
  type Finding,
  type Fix,
  type Plan,
  unknownsOf,
  usualOf,
} from '@herrero/core';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { type Seam, SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { unbroken } from '@/ui/unbroken';
import { useJob } from '../../store/job-provider';
import { RegionQuestion } from './region-choice';
import { useMoney } from '../../store/use-money';
import { useTriedFixes } from '../../store/use-tried-fixes';
import { NotTakenNote } from './not-taken-note';
import { stationPath } from './stations';

const SettleForm = dynamic(() => import('./settle-form'), { ssr: false });
const SettingsOnPhone = dynamic(() => import('./settings-on-phone'), { ssr: false });

/** What is chosen at Site. */
/** Checks of where a run lies. */
const IN_SPACE: readonly string[] = ['run/ends-do-not-meet', 'run/piece-too-short'];
const SITE_KINDS: readonly Finding['at']['kind'][] = ['roof', 'inflow', 'terminal', 'mark'];

const RULES: Readonly<Record<Finding['severity'], string>> = {
  fails: 'border-t-[5px] border-oxide',
  unknown: 'border-t-[3px] border-ink',
  costs: 'border-t-[1.5px] border-ink',
  advice: 'border-t-[1.5px] border-ink',
};

/** More than so many nobody reads at once: the worst stand there, the others when they are asked for. */
const MOST_NOTES = 40;

/** Notes in the margin, worst first, each with why and one thing to do about it. */
export function Margin() {
  const findings = useJob((state) => state.plan.findings);
  const settled = useJob((state) => state.plan.settled);
  const notTaken = useJob((state) => state.notTaken);
  const offline = useJob((state) => state.offline);
  const unsent = useJob((state) => state.unsent.length);
  const quietWords = useJob(({ plan }) => wordsOfQuiet(plan));
  const [all, setAll] = useState(false);
  const shown = all ? findings : findings.slice(0, MOST_NOTES);
  const count = findings.length + notTaken.length;
  return (
    <aside
      id="notes"
      aria-label="Margin notes"
      className="border-l border-hair px-3.5 pb-6 max-desk:col-start-2 max-desk:border-t max-lg:col-start-1 max-lg:border-l-0 max-md:pb-24"
    >
      <h2 className="flex items-baseline justify-between pt-3 pb-2">
        <span className="type-head">Margin notes</span>
        <span className="type-second">{count === 0 ? 'nothing open' : `${count}, worst first`}</span>
      </h2>
      {offline && (
        <p role="status" className="unsent mb-3 px-3 py-2 type-row">
          No answer from the server.{' '}
          {unsent === 0
            ? 'What you do is kept here until it answers.'
            : `${unsent === 1 ? 'One change is' : `${unsent} changes are`} kept here and will be sent.`}
        </p>
      )}
      <RegionQuestion />
      {notTaken.map((one) => (
        <NotTakenNote key={one.batch.batchId} notTaken={one} />
      ))}
      {keyed(shown).map(([key, finding]) => (
        <Note key={key} finding={finding} />
      ))}
      {shown.length < findings.length && (
        <p className="border-t-[1.5px] border-ink pt-2">
          <Action onClick={() => setAll(true)}>
            {findings.length - shown.length === 1 ? 'One more note' : `${findings.length - shown.length} more notes`}
          </Action>
        </p>
      )}
      {count === 0 && <p className="border-t-[1.5px] border-ink pt-2 type-row">{quietWords}</p>}
      {settled.length > 0 && <SettledNotes settled={settled} />}
      <SettingsOnPhone />
    </aside>
  );
}

/** Each note by what it is about, so that it stays itself while others come and go. */
function keyed(findings: readonly Finding[]): readonly (readonly [string, Finding])[] {
  const times = new Map<string, number>();
  return findings.map((finding) => {
    const about = aboutOf(finding);
    const before = times.get(about) ?? 0;
    times.set(about, before + 1);
    return [`${about} ${before}`, finding];
  });
}

/** What is said where no note is open: what comes first, or what is known to hold, and what was only settled. */
function wordsOfQuiet({ context, settled }: Plan): string {
  const { job, joints } = context;
  if (job.tanks.length === 0)
    return 'Nothing is planned yet. It begins at Tanks, with what stands there, or at Site, with the roof.';
  if (job.penetrations.length === 0) return 'No hole is planned yet: the next step is at Holes.';
  if (joints.length === 0) return 'Nothing is built on the holes yet: the next step is at Runs.';
  const named = settled.length === 1 ? '1 note is settled by name' : `${settled.length} notes are settled by name`;
  const toMeasure = unknownsOf(context).length;
  return [
    settled.length > 0 ? `Nothing else is open; ${named}.` : 'Every joint holds and every end is closed.',
    toMeasure === 0
      ? 'Nothing is left to measure.'
      : `${toMeasure} ${toMeasure === 1 ? 'figure is' : 'figures are'} still on the measuring sheet.`,
  ].join(' ');
}

function Note({ finding }: { readonly finding: Finding }) {
  const measures = useJob((state) => state.job.measures);
  const jobId = useJob((state) => state.jobId);
  const select = useJob((state) => state.select);
  const point = useJob((state) => state.point);
  const showTank = useJob((state) => state.showTank);
  const selectSite = useJob((state) => state.selectSite);
  const seam: Seam | undefined = useJob((state) =>
    seamOfFinding(finding, state.plan.context.judgedOf(finding.at.id)?.mating),
  );
  const router = useRouter();
  const { at } = finding;
  const goThere = (): void => {
    if (at.kind === 'tank') showTank(at.id);
    if (SITE_KINDS.includes(at.kind)) selectSite(`${at.kind} ${at.id}`);
    if (at.penetrationId !== undefined) select(at.penetrationId, at.kind === 'joint' ? at.id : null);
    // What is wrong in space is seen in space.
    router.push(`${stationPath(jobId, finding.station)}${IN_SPACE.includes(finding.check) ? '/space' : ''}`);
  };
  const pointThere = (): void => point(at.kind === 'joint' ? at.id : (at.penetrationId ?? at.id));
  return (
    <section
      className={`${RULES[finding.severity]} pt-2 pb-4`}
      onPointerEnter={pointThere}
      onPointerLeave={() => point(null)}
      onFocus={pointThere}
      onBlur={() => point(null)}
    >
      <h3>
        <button type="button" onClick={goThere} className="flex w-full items-center gap-2 text-left hover:underline">
          {seam && <SeamGlyph seam={seam} width={30} />}
          <span className="flex-1 text-[16px] leading-5 font-[650]">{finding.title}</span>
          <span className="type-second">{at.label}</span>
        </button>
      </h3>
      <p className="pt-1 type-row">
        <b className="font-[650]">Why</b> {unbroken(fillText(finding.text, finding.data, measures))}
      </p>
      {finding.question && <QuestionField finding={finding} />}
      <Fixes finding={finding} />
      {finding.settled ? (
        <p className="type-row">
          Acknowledged, {bySettled(finding.settled)}. <Reopen finding={finding} />
        </p>
      ) : (
        <Settle finding={finding} />
      )}
    </section>
  );
}

const bySettled = ({ because, by, on }: Settlement): string => `${SETTLED_WORDS[because]}: ${by}, ${on}`;

/** Asks for a name and a reason where they are wanted. */
function Settle({ finding }: { readonly finding: Finding }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        aria-expanded={open}
        aria-label={`${finding.safety ? 'Acknowledge' : 'Settle'} by name: ${finding.title}, ${finding.at.label}`}
        className="block min-h-8 type-second underline"
        onClick={() => setOpen(!open)}
      >
        {open ? 'leave it open' : finding.safety ? 'acknowledge it by name' : 'settle it by name'}
      </button>
      {open && <SettleForm finding={finding} onDone={() => setOpen(false)} />}
    </>
  );
}

function Reopen({ finding: { title, at, settled } }: { readonly finding: Finding }) {
  const make = useJob((state) => state.make);
  return (
    settled && (
      <Action onClick={() => make([{ type: 'reopen-note', id: settled.id, title: `${title}, ${at.label}` }])}>
        Open it again
      </Action>
    )
  );
}

/** What somebody has settled: it counts as neither open nor solved, and comes back when its figures change. */
function SettledNotes({ settled }: { readonly settled: readonly Finding[] }) {
  const measures = useJob((state) => state.job.measures);
  return (
    <section aria-label="Settled by name" className="border-t-[1.5px] border-ink pt-2">
      <h3 className="flex items-baseline justify-between">
        <span className="text-[16px] font-[650]">Settled by name</span>
        <span className="type-second">{settled.length}, not solved</span>
      </h3>
      <ul>
        {settled.map((finding) => (
          <li key={finding.settled?.id} className="border-b border-hair py-1.5 type-row">
            <s>
              {finding.title}, {finding.at.label}
            </s>
            <span className="sr-only">: {fillText(finding.text, finding.data, measures)}</span>
            {finding.settled && <span className="block text-ink-2">{bySettled(finding.settled)}</span>}
            <Reopen finding={finding} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function seamOfFinding(finding: Finding, mating: Parameters<typeof seamOf>[0] | undefined): Seam | undefined {
  if (finding.at.kind === 'joint' && mating) return seamOf(mating);
  if (finding.check === 'run/end-open' || finding.check === 'hole/nothing-behind') return 'open';
  return finding.check === 'run/length-not-known' ? 'unknown' : undefined;
}

function QuestionField({ finding: { question } }: { readonly finding: Finding }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  if (!question) return null;
  return (
    <div className="pt-2">
      <LengthField
        label={question.text}
        valueM={null}
        measures={measures}
        usual={usualOf(question.edit.in, question.edit.field as never)}
        onChange={(to) => make([answered(question.edit, to)])?.message}
      />
    </div>
  );
}

function Fixes({ finding }: { readonly finding: Finding }) {
  const { fixes, known, take } = useTriedFixes(finding);
  const [all, setAll] = useState(false);
  if (fixes.length === 0)
    return known && !finding.question ? (
      <p className="type-row">
        <b className="font-[650]">Do</b> {finding.toDo}
      </p>
    ) : null;
  const shown = all ? fixes : fixes.slice(0, 1);
  return (
    <>
      {shown.map((fix, index) => (
        <FixAction key={index} fix={fix} onTake={() => take(fix)} />
      ))}
      {fixes.length > 1 && (
        <button type="button" className="min-h-8 type-second underline" onClick={() => setAll(!all)}>
          {all ? 'only the first way' : `${fixes.length - 1} other ${fixes.length === 2 ? 'way' : 'ways'}`}
        </button>
      )}
    </>
  );
}

function FixAction({ fix, onTake }: { readonly fix: Fix; readonly onTake: () => void }) {
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const cost =
    fix.partsAdded === 0
      ? ''
      : ` +${fix.partsAdded} ${fix.partsAdded === 1 ? 'part' : 'parts'}, ${money(fix.priceUsd)}`;
  return (
    <p className="flex items-baseline gap-1.5 type-row">
      <b className="font-[650]">Fix</b>
      <Action onClick={onTake}>
        {unbroken(fillText(fix.text, fix.data, measures))}
        {cost}
      </Action>
    </p>
  );
}
