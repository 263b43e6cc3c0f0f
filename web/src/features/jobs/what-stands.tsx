'use client';

import { Radio, RadioGroup } from '@headlessui/react';
import { type Measures, writeFigure } from '@herrero/core';
import { type AskedFigure, type ListedPattern } from '@/server/patterns';
import { FigureField } from '@/ui/figure-field';
import { useRegion } from '@/ui/region';

interface WhatStandsProps {
  readonly patterns: readonly ListedPattern[];
  /** Undefined: an empty site. */
  readonly chosen: ListedPattern | undefined;
  readonly onChoose: (pattern: ListedPattern | undefined) => void;
}

const EMPTY = 'empty';

/** What a job begins with: an empty site, or one of the kinds of system, complete with its holes, runs and parts. */
export function WhatStands({ patterns, chosen, onChoose }: WhatStandsProps) {
  const rows = [{ id: EMPTY, name: 'An empty site' }, ...patterns];
  return (
    <RadioGroup
      value={chosen?.id ?? EMPTY}
      onChange={(id: string) => onChoose(patterns.find((one) => one.id === id))}
      aria-label="What stands there"
    >
      <span className="block pb-1 type-second">
        What stands there? Take the nearest: it comes whole, and all of it can be changed.
      </span>
      <div className="max-h-44 overflow-y-auto border-y border-hair-2">
        {rows.map(({ id, name }) => (
          <Radio
            key={id}
            value={id}
            className="flex min-h-11 cursor-pointer items-center border-b border-hair bg-sheet px-3 type-row last:border-0 data-checked:bg-brass-wash data-checked:font-semibold"
          >
            {name}
          </Radio>
        ))}
      </div>
    </RadioGroup>
  );
}

interface PatternFiguresProps {
  readonly pattern: ListedPattern;
  readonly measures: Measures;
  /** By its key, SI; what is not given is as usual. */
  readonly given: Readonly<Record<string, number>>;
  readonly onGive: (key: string, value: number) => void;
}

/** The few figures that a kind of system is sized by, each as usual until it is typed. */
export function PatternFigures({ pattern, measures, given, onGive }: PatternFiguresProps) {
  return (
    <div>
      <p className="pb-2 type-second">{pattern.says}</p>
      <div className="grid grid-cols-2 gap-3 max-md:grid-cols-1">
        {pattern.figures.map((figure) => (
          <OneFigure
            key={figure.key}
            figure={figure}
            measures={measures}
            value={given[figure.key] ?? figure.usual}
            onChange={(to) => onGive(figure.key, to)}
          />
        ))}
      </div>
    </div>
  );
}

interface OneFigureProps {
  readonly figure: AskedFigure;
  readonly measures: Measures;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function OneFigure({ figure, measures, value, onChange }: OneFigureProps) {
  const region = useRegion();
  const { asked, kind, least, most } = figure;
  if (kind === 'count')
    return (
      <label className="block">
        <span className="block type-second">{asked}</span>
        <input
          type="number"
          className="field w-full"
          min={least}
          max={most}
          required
          value={value}
          onChange={({ target: { valueAsNumber } }) => Number.isInteger(valueAsNumber) && onChange(valueAsNumber)}
        />
      </label>
    );
  const words = (figureM: number): string => writeFigure(figureM, { kind, measures, region });
  return (
    <FigureField
      label={asked}
      kind={kind}
      measures={measures}
      value={value}
      onChange={(to) => {
        if (to < least || to > most) return `Between ${words(least)} and ${words(most)}.`;
        onChange(to);
        return undefined;
      }}
    />
  );
}
