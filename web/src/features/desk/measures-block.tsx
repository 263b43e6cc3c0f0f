'use client';

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { type Measures } from '@herrero/core';
import { Choice } from '@/ui/choice';
import { LightChoice } from '@/ui/light-choice';
import { useJob } from './job-provider';

const MEASURES = [
  { value: 'in-gal', name: 'in, gal' },
  { value: 'mm-l', name: 'mm, L' },
] as const satisfies readonly { value: Measures; name: string }[];

/** Units of the job, the light of the screen, undo and redo. */
export function MeasuresBlock() {
  const measures = useJob((state) => state.job.measures);
  return (
    <Popover className="relative shrink-0 border-l border-hair max-md:hidden">
      <PopoverButton className="h-full w-[92px] px-3 text-left hover:bg-brass-wash">
        <span className="block type-second">Measures</span>
        <span className="block text-[15px] font-semibold [font-stretch:86%]">
          {MEASURES.find(({ value }) => value === measures)?.name}
        </span>
      </PopoverButton>
      <PopoverPanel anchor="bottom end" className="sheet z-20 w-64 space-y-3 p-4">
        <p className="type-head">Measures</p>
        <MeasuresChoice />
        <p className="type-head">Light</p>
        <LightChoice />
      </PopoverPanel>
    </Popover>
  );
}

/** In which units the job is read and written. */
export function MeasuresChoice() {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  return (
    <Choice
      label="Measures"
      value={measures}
      options={MEASURES}
      onChange={(to) => make([{ type: 'change-field', in: 'settings', field: 'measures', from: measures, to }])}
    />
  );
}
