'use client';

import { type Measures } from '@herrero/core';
import { Choice } from '@/ui/choice';
import { useJob } from '../../store/job-provider';
import { MEASURES_NAMES } from './measures-names';

const OPTIONS = (['in-gal', 'mm-l'] as const satisfies readonly Measures[]).map((value) => ({
  value,
  name: MEASURES_NAMES[value],
}));

/** In which units the job is read and written. */
export function MeasuresChoice() {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  return (
    <Choice
      label="Measures"
      value={measures}
      options={OPTIONS}
      onChange={(to) => make([{ type: 'change-field', in: 'settings', field: 'measures', from: measures, to }])}
    />
  );
}
