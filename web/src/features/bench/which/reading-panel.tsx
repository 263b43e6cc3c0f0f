'use client';

import { MM_PER_INCH, type ReadingProblem, readFigure } from '@herrero/core';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { type ReadingFields, useBench } from '../bench-store';
import { NumberEntry } from '../number-entry';
import { readCaliperLine } from './caliper';
import { PartOnJaws } from './part-on-jaws';

const RUNS = [
  { value: 'straight', name: 'straight' },
  { value: 'tapering', name: 'tapering' },
  { value: 'unknown', name: 'cannot tell' },
] as const satisfies readonly { value: ReadingFields['runs']; name: string }[];
const SEATS = [
  { value: 'flat', name: 'flat seat' },
  { value: 'cone', name: 'cone' },
  { value: 'none', name: 'no seat' },
  { value: 'unknown', name: 'cannot tell' },
] as const satisfies readonly { value: ReadingFields['seat']; name: string }[];

const inMm = (typed: string): number | undefined => readCaliperLine(typed);
const inInches = (typed: string): number | undefined => readCaliperLine(typed, 'in');
const count = (typed: string): number | undefined => {
  const read = readFigure(typed, { kind: 'number', measures: 'mm-l', usual: [1, 200] });
  return read.ok && read.value > 0 ? read.value : undefined;
};

interface ReadingPanelProps {
  readonly problems: readonly ReadingProblem[];
  readonly onCaliper: () => void;
}

/** The part with what was measured on it, and the entries beside it. */
export function ReadingPanel({ problems, onCaliper }: ReadingPanelProps) {
  const reading = useBench((state) => state.reading);
  const read = useBench((state) => state.read);
  const { sex, diameterMm, crests, overMm, runs, seat } = reading;
  const problemOf = (field: ReadingProblem['field']): ReadingProblem | undefined =>
    problems.find((one) => one.field === field);
  const pitchMm = crests !== null && overMm !== null ? overMm / crests : undefined;
  return (
    <section aria-label="What was measured" className="sheet flex max-md:flex-col">
      <div className="w-[320px] shrink-0 border-r border-hair max-lg:w-[240px] max-md:order-2 max-md:w-full max-md:border-t max-md:border-r-0">
        <PartOnJaws reading={reading} />
      </div>
      <dl className="min-w-0 flex-1 divide-y divide-hair px-2">
        <Row label={sex === 'male' ? 'Over the crests' : 'Across the crests'}>
          <NumberEntry
            label={sex === 'male' ? 'Over the crests' : 'Across the crests'}
            value={diameterMm}
            unit="mm"
            digits={2}
            parse={inMm}
            wrong={problemOf('diameterMm') !== undefined}
            onChange={(to) => read({ diameterMm: to, taken: [], tipMm: null })}
          />
          <NumberEntry
            label={sex === 'male' ? 'Over the crests' : 'Across the crests'}
            value={diameterMm === null ? null : diameterMm / MM_PER_INCH}
            unit="in"
            digits={3}
            parse={inInches}
            wrong={problemOf('diameterMm') !== undefined}
            onChange={(to) => read({ diameterMm: to, taken: [], tipMm: null })}
          />
          <Action onClick={onCaliper}>Read the caliper</Action>
          <Problem problem={problemOf('diameterMm')} onTake={(to) => read({ diameterMm: to })} />
        </Row>
        <Row label="Crests">
          <NumberEntry
            label="Crests counted"
            value={crests}
            unit=""
            digits={2}
            parse={count}
            className="w-[74px]"
            onChange={(to) => read({ crests: to })}
          />
          <span className="type-row">over</span>
          <NumberEntry
            label="Counted over"
            value={overMm}
            unit="mm"
            digits={2}
            parse={inMm}
            wrong={problemOf('pitchMm') !== undefined}
            onChange={(to) => read({ overMm: to })}
          />
          <NumberEntry
            label="Counted over"
            value={overMm === null ? null : overMm / MM_PER_INCH}
            unit="in"
            digits={3}
            parse={inInches}
            wrong={problemOf('pitchMm') !== undefined}
            onChange={(to) => read({ overMm: to })}
          />
          {pitchMm !== undefined && Number.isFinite(pitchMm) && pitchMm > 0 && (
            <span className="type-second !text-ink" data-testid="pitch">
              {Number((MM_PER_INCH / pitchMm).toFixed(1))} to the inch, {pitchMm.toFixed(2)} mm apart
            </span>
          )}
          <Problem problem={problemOf('pitchMm')} onTake={() => undefined} />
        </Row>
        <Row label="It runs">
          <div className="w-full max-w-[360px]">
            <Choice label="It runs" value={runs} options={RUNS} onChange={(to) => read({ runs: to })} />
          </div>
        </Row>
        <Row label="End face">
          <div className="w-full max-w-[360px]">
            <Choice label="End face" value={seat} options={SEATS} onChange={(to) => read({ seat: to })} />
          </div>
        </Row>
      </dl>
    </section>
  );
}

function Row({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <div className="flex items-center gap-2 py-1 max-md:flex-col max-md:items-stretch max-md:gap-1">
      <dt className="w-[104px] shrink-0 text-[15px] font-[640] [font-stretch:86%] max-md:w-auto">{label}</dt>
      <dd className="flex min-w-0 flex-1 flex-wrap items-center gap-x-2.5 gap-y-1">{children}</dd>
    </div>
  );
}

function Problem({
  problem,
  onTake,
}: {
  readonly problem: ReadingProblem | undefined;
  readonly onTake: (value: number) => void;
}) {
  if (!problem) return null;
  const { nearest } = problem;
  return (
    <p role="alert" className="basis-full type-row">
      {problem.message}{' '}
      {nearest !== undefined && (
        <Action onClick={() => onTake(Math.round(nearest * 100) / 100)}>Make it {nearest.toFixed(2)} mm</Action>
      )}
    </p>
  );
}
