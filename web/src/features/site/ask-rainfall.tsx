'use client';

import { useState } from 'react';
import { CLIMATES } from '@/server/rainfall';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useJob } from '../../store/job-provider';

/** Asks the stand-in rainfall service for the design rain and takes what it answers; it says that it is one. */
export function AskRainfall() {
  const now = useJob((state) => state.job.stormMmPerH);
  const make = useJob((state) => state.make);
  const [climate, setClimate] = useState<string>('temperate');
  const [said, setSaid] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const ask = async (): Promise<void> => {
    setProblem(undefined);
    try {
      const response = await fetch(`/api/v1/stand-ins/rainfall?minutes=10&climate=${encodeURIComponent(climate)}`);
      if (!response.ok) throw new Error(`${response.status}`);
      const { mmPerH, returnYears, minutes } = (await response.json()) as {
        readonly mmPerH: number;
        readonly returnYears: number;
        readonly minutes: number;
      };
      make([{ type: 'change-field', in: 'settings', field: 'stormMmPerH', from: now, to: mmPerH }]);
      setSaid(`${mmPerH} mm/h for ${minutes} minutes, every ${returnYears} years: made up by the stand-in.`);
    } catch {
      setProblem('The rainfall service does not answer. Give the figure yourself, or ask again.');
    }
  };
  return (
    <div className="no-print flex flex-wrap items-end gap-x-4 pt-2">
      <label className="block">
        <span className="block type-second">Rainfall service (stand-in), climate</span>
        <select className="field w-56" value={climate} onChange={(event) => setClimate(event.target.value)}>
          {CLIMATES.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <Action onClick={() => void ask()}>Ask for the design rain</Action>
      <span role="status" className="pb-3 type-second">
        {said}
      </span>
      <EntryProblem problem={problem} />
    </div>
  );
}
