'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { useJob } from '../../store/job-provider';
import { MEASURES_NAMES } from './measures-names';

/** Loaded when it is pressed: most visits never change it. */
const SettingsDialog = dynamic(() => import('./settings-dialog'), { ssr: false });

/** Units of the job and the light of the screen, at the end of the strip. */
export function MeasuresBlock() {
  const measures = useJob((state) => state.job.measures);
  const [open, setOpen] = useState(false);
  return (
    <div className="shrink-0 border-l border-hair max-md:hidden">
      <button
        type="button"
        aria-haspopup="dialog"
        className="h-full w-[92px] px-3 text-left hover:bg-brass-wash"
        onClick={() => setOpen(true)}
      >
        <span className="block type-second">Measures</span>
        <span className="block text-[15px] font-semibold [font-stretch:86%]">{MEASURES_NAMES[measures]}</span>
      </button>
      {open && <SettingsDialog onClose={() => setOpen(false)} />}
    </div>
  );
}
