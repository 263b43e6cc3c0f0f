'use client';

import { Radio, RadioGroup } from '@headlessui/react';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly { readonly value: Value; readonly name: string }[];
  readonly onChange: (value: Value) => void;
}

/** A few equal parts in one band; the chosen one is washed with brass above and below. None chosen is a state of its own. */
export function Choice<Value extends string>({ label, value, options, onChange }: ChoiceProps<Value>) {
  return (
    <RadioGroup
      value={value}
      onChange={(next: Value | null) => next !== null && onChange(next)}
      aria-label={label}
      className="flex flex-wrap"
    >
      {options.map((option) => (
        <Radio
          key={option.value}
          value={option.value}
          className="flex min-h-11 min-w-14 flex-1 cursor-pointer items-center justify-center border border-hair-2 bg-sheet px-2 text-center type-row data-checked:bg-brass-wash data-checked:font-semibold data-checked:shadow-[inset_0_2px_0_var(--brass-line),inset_0_-2px_0_var(--brass-line)]"
        >
          {option.name}
        </Radio>
      ))}
    </RadioGroup>
  );
}
