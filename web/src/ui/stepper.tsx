'use client';

import { type Measures, lengthStepM } from '@herrero/core';
import { type KeyboardEvent, useEffect, useRef } from 'react';
import { EntryProblem } from './entry-problem';
import { useFigureEntry } from './use-figure-entry';

interface StepperProps {
  readonly label: string;
  readonly valueM: number;
  readonly measures: Measures;
  readonly leastM: number;
  readonly mostM: number;
  /** Between these it usually lies [m]. */
  readonly usual?: readonly [number, number] | undefined;
  /** Takes the new value; answers with a sentence where it cannot be. */
  readonly onChange: (valueM: number) => string | undefined;
}

const HOLD_DELAY_MS = 400;
const HOLD_REPEAT_MS = 110;
/** After this many steps of one hold they become larger. */
const SMALL_STEPS = 8;
const LARGE_STEP = 4;

/** Minus, value, plus: by 1/2 in or 10 mm a press, faster when held; the value can always be typed. */
export function Stepper({ label, valueM, measures, leastM, mostM, usual, onChange }: StepperProps) {
  const { input, problem, report, readings, choose } = useFigureEntry(
    valueM,
    { kind: 'length', measures, usual },
    onChange,
  );
  const held = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(valueM);
  useEffect(() => {
    latest.current = valueM;
  }, [valueM]);

  const step = (direction: 1 | -1, presses = 1): void => {
    const mark = lengthStepM(measures);
    const wanted = latest.current + direction * mark * (presses > SMALL_STEPS ? LARGE_STEP : 1);
    // On to the next whole mark, so that presses land on marks of the tape.
    report(onChange(Math.min(mostM, Math.max(leastM, Math.round(wanted / mark) * mark))));
  };
  const hold = (direction: 1 | -1): void => {
    let presses = 1;
    step(direction);
    const again = (): void => {
      step(direction, ++presses);
      held.current = setTimeout(again, HOLD_REPEAT_MS);
    };
    held.current = setTimeout(again, HOLD_DELAY_MS);
  };
  const release = (): void => clearTimeout(held.current);
  useEffect(() => release, []);

  const onArrow = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return input.onKeyDown?.(event);
    event.preventDefault();
    step(event.key === 'ArrowUp' ? 1 : -1);
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
        step(direction);
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
          className="field w-full min-w-0 !px-1 text-center text-[17px] font-[650]"
          {...input}
          onKeyDown={onArrow}
        />
        {button(1, '+')}
      </div>
      <EntryProblem problem={problem} readings={readings} onChoose={choose} />
    </div>
  );
}
