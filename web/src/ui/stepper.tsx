'use client';

import { type Measures, formatLength, lengthStepM, lengthUnit, parseLength } from '@herrero/core';
import { useEffect, useRef, useState } from 'react';

interface StepperProps {
  readonly label: string;
  readonly valueM: number;
  readonly measures: Measures;
  readonly leastM: number;
  readonly mostM: number;
  /** Takes the new value; answers with a sentence where it cannot be. */
  readonly onChange: (valueM: number) => string | undefined;
}

const HOLD_DELAY_MS = 400;
const HOLD_REPEAT_MS = 110;

/** Minus, value, plus: by 1/2 in or 10 mm a press, faster when held; the value can always be typed. */
export function Stepper({ label, valueM, measures, leastM, mostM, onChange }: StepperProps) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const held = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(valueM);
  useEffect(() => {
    latest.current = valueM;
  }, [valueM]);

  const take = (next: number): void => setProblem(onChange(Math.min(mostM, Math.max(leastM, next))));
  const step = (direction: 1 | -1, presses: number): void => {
    const size = lengthStepM(measures) * (presses > 8 ? 4 : 1);
    take(snapped(latest.current + direction * size, lengthStepM(measures)));
  };
  const hold = (direction: 1 | -1): void => {
    let presses = 1;
    step(direction, presses);
    const again = (): void => {
      step(direction, ++presses);
      held.current = setTimeout(again, HOLD_REPEAT_MS);
    };
    held.current = setTimeout(again, HOLD_DELAY_MS);
  };
  const release = (): void => clearTimeout(held.current);
  const forget = (): void => {
    setTyped(undefined);
    setProblem(undefined);
  };
  const write = (): void => {
    if (typed === undefined) return;
    const parsed = parseLength(typed, lengthUnit(measures));
    if (!parsed.ok)
      return setProblem(
        `${typed === '' ? 'Nothing' : typed} is no length. Write it like ${formatLength(valueM, measures)}.`,
      );
    const refused = onChange(parsed.value);
    setProblem(refused);
    if (refused === undefined) setTyped(undefined);
  };

  const button = (direction: 1 | -1, sign: string) => (
    <button
      type="button"
      className="stepper-button h-11 w-11 shrink-0 touch-none rounded-[2px] border-2 border-ink bg-brass text-[22px] font-bold text-on-brass select-none"
      aria-label={`${label}: ${direction > 0 ? 'more' : 'less'}`}
      onPointerDown={(event) => event.button === 0 && hold(direction)}
      onPointerUp={release}
      onPointerLeave={release}
      onPointerCancel={release}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        step(direction, 1);
      }}
    >
      {sign}
    </button>
  );

  return (
    <div>
      <div className="flex items-center gap-2">
        {button(-1, '−')}
        <input
          aria-label={label}
          aria-invalid={problem !== undefined}
          data-writing={typed !== undefined}
          className="field w-full min-w-0 !px-1 text-center text-[17px] font-[650]"
          inputMode="text"
          value={typed ?? formatLength(valueM, measures)}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => {
            if (event.key === 'Enter') write();
            if (event.key === 'Escape') forget();
            if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault();
              step(event.key === 'ArrowUp' ? 1 : -1, 1);
            }
          }}
        />
        {button(1, '+')}
      </div>
      {problem !== undefined && (
        <p role="alert" className="mt-1 type-row">
          {problem}
        </p>
      )}
    </div>
  );
}

/** The next whole step, so that presses land on marks of the tape. */
const snapped = (valueM: number, stepM: number): number => Math.round(valueM / stepM) * stepM;
