'use client';

import { type TellApart, CALIPER_SCATTER_MM, describeEnd, threadName } from '@herrero/core';
import { Choice } from '@/ui/choice';
import { useBench } from '../bench-store';
import { NumberEntry } from '../number-entry';
import { readCaliperLine } from './caliper';

const WIDTH = 400;
const HEIGHT = 78;

/** The one further measurement that tells the first two apart, with what each would read. */
export function OneMeasurement({ apart, onReadTip }: { readonly apart: TellApart; readonly onReadTip: () => void }) {
  const read = useBench((state) => state.read);
  const { sex, tipMm, flankDeg, runs, seat } = useBench((state) => state.reading);
  const names = apart.readings.map(({ end }) => threadName(end));
  return (
    <section aria-label="The one measurement" className="rule-selected mt-3 flex flex-wrap items-start gap-4 pt-2">
      <div className="w-[214px] max-md:w-full">
        <h2 className="type-head">The one measurement that tells {names.join(' and ')} apart</h2>
        <p className="pt-1 type-row">{apart.words}</p>
      </div>
      <div className="min-w-0 flex-1">
        {apart.readings.some(({ mm }) => mm) ? (
          <ReadingsAxis apart={apart} names={names} />
        ) : (
          <dl className="type-row">
            {apart.readings.map(({ end, says }, index) => (
              <div key={describeEnd(end)} className="flex gap-3 border-b border-hair py-1.5">
                <dt className="w-28 font-[640]">{names[index]}</dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
        )}
        {apart.otherwise && (
          <p className="type-second">
            {apart.undecidedMm
              ? `Between ${apart.undecidedMm[0].toFixed(2)} and ${apart.undecidedMm[1].toFixed(2)}: ${apart.otherwise}`
              : apart.otherwise}
          </p>
        )}
      </div>
      <div className="w-[172px] max-md:w-full">
        {apart.measure === 'tip' && (
          <>
            <NumberEntry
              label={sex === 'male' ? 'First crest, at the tip' : 'First crest, at the mouth'}
              value={tipMm}
              unit="mm"
              digits={2}
              parse={(typed) => readCaliperLine(typed)}
              className="w-[172px]"
              onChange={(to) => read({ tipMm: to })}
            />
            <button type="button" className="main-action mt-2 w-full" onClick={onReadTip}>
              Read the {sex === 'male' ? 'tip' : 'mouth'}
            </button>
          </>
        )}
        {apart.measure === 'flanks' && (
          <Choice
            label="Flanks on the card"
            value={flankDeg === null ? null : `${flankDeg}`}
            options={[
              { value: '55', name: '55°' },
              { value: '60', name: '60°' },
            ]}
            onChange={(to) => read({ flankDeg: to === '55' ? 55 : 60 })}
          />
        )}
        {apart.measure === 'runs' && (
          <Choice
            label="Does it taper?"
            value={runs === 'unknown' ? null : runs}
            options={[
              { value: 'straight', name: 'straight' },
              { value: 'tapering', name: 'tapering' },
            ]}
            onChange={(to) => read({ runs: to })}
          />
        )}
        {apart.measure === 'seat' && (
          <Choice
            label="Is there a seat?"
            value={seat === 'unknown' ? null : seat}
            options={[
              { value: 'flat', name: 'flat seat' },
              { value: 'none', name: 'no seat' },
            ]}
            onChange={(to) => read({ seat: to })}
          />
        )}
        {apart.measure === 'pitch' && <p className="type-row">Enter the count at ‘Crests’ above.</p>}
      </div>
    </section>
  );
}

function ReadingsAxis({ apart, names }: { readonly apart: TellApart; readonly names: readonly string[] }) {
  const ranges = apart.readings.flatMap(({ mm }) => (mm ? [mm] : []));
  const [least, most] = [Math.min(...ranges.map(([from]) => from)), Math.max(...ranges.map(([, to]) => to))];
  const room = Math.max(0.1, CALIPER_SCATTER_MM);
  const px = (WIDTH - 40) / (most - least + 2 * room);
  const x = (mm: number): number => 20 + (mm - least + room) * px;
  const step = most - least > 1 ? 0.5 : 0.1;
  const first = Math.ceil((least - room) / step) * step;
  const ticks = Array.from(
    { length: Math.floor((most + room - first) / step) + 1 },
    (_, index) => first + index * step,
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[400px]"
      role="img"
      aria-label={apart.readings.map(({ says }, index) => `${names[index] ?? ''} ${says} mm`).join(', ')}
    >
      {apart.undecidedMm && (
        <rect
          x={x(apart.undecidedMm[0])}
          y={22}
          width={x(apart.undecidedMm[1]) - x(apart.undecidedMm[0])}
          height={26}
          fill="url(#no-drill)"
        />
      )}
      {apart.readings.map(({ mm }, index) =>
        mm ? (
          <g key={index}>
            <rect
              x={x(mm[0])}
              y={index % 2 === 0 ? 22 : 30}
              width={Math.max(3, x(mm[1]) - x(mm[0]))}
              height={index % 2 === 0 ? 26 : 18}
              fill="var(--mat-brass)"
              fillOpacity={0.85}
              stroke="var(--ink)"
              strokeWidth={1.4}
            />
            <text
              x={(x(mm[0]) + x(mm[1])) / 2}
              y={15}
              textAnchor="middle"
              fontSize={14}
              fontWeight={650}
              fill="var(--ink)"
              dx={overlapping(apart) ? (index === leftmost(apart) ? -34 : 34) : 0}
            >
              {names[index]}
            </text>
          </g>
        ) : null,
      )}
      <path d={`M14 48H${WIDTH - 14}`} stroke="var(--ink)" strokeWidth={1.4} />
      {ticks.map((tick) => (
        <g key={tick.toFixed(2)}>
          <path d={`M${x(tick)} 48v6`} stroke="var(--ink)" />
          <text x={x(tick)} y={69} textAnchor="middle" className="type-scale" fill="var(--ink)">
            {tick.toFixed(1)}
          </text>
        </g>
      ))}
    </svg>
  );
}

const midpoints = (apart: TellApart): number[] => apart.readings.map(({ mm }) => (mm ? (mm[0] + mm[1]) / 2 : 0));
const leftmost = (apart: TellApart): number => {
  const [a = 0, b = 0] = midpoints(apart);
  return a <= b ? 0 : 1;
};
const overlapping = (apart: TellApart): boolean => {
  const [a = 0, b = 0] = midpoints(apart);
  return Math.abs(a - b) < 0.4;
};
