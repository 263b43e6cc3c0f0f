'use client';

import {
  M3_PER_LITRE,
  M3_PER_US_GALLON,
  type MeteredFill as Reading,
  type Tank,
  formatLength,
  formatVolume,
  parseLength,
  lengthUnit,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useJob } from '../desk/job-provider';
import { useTankField } from './use-tank-field';

/** Readings of a fill by meter, that correct the curve of the tank. */
export function MeteredFill({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const [level, setLevel] = useState('');
  const [volume, setVolume] = useState('');
  const [problem, setProblem] = useState<string>();
  const litres = measures === 'mm-l';
  const readings = (to: readonly Reading[]): string | undefined => set('metered', to);
  const add = (): void => {
    const parsed = parseLength(level, lengthUnit(measures));
    const figure = Number(volume.trim().replace(',', '.'));
    if (!parsed.ok || volume.trim() === '' || !Number.isFinite(figure))
      return setProblem(`Give a level like ${litres ? '450 mm' : '17-3/4 in'} and what had gone in by then, like 120.`);
    const reading = { levelM: parsed.value, volumeM3: figure * (litres ? M3_PER_LITRE : M3_PER_US_GALLON) };
    const refused = readings([...tank.metered, reading].toSorted((a, b) => a.levelM - b.levelM));
    setProblem(refused);
    if (refused === undefined) {
      setLevel('');
      setVolume('');
    }
  };
  return (
    <details className="mt-1 border-t border-hair" open={tank.metered.length > 0}>
      <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">
        Filled by a meter: {tank.metered.length === 0 ? 'no readings' : `${tank.metered.length} readings`}
      </summary>
      <ul>
        {tank.metered.map((reading, index) => (
          <li key={reading.levelM} className="flex items-center justify-between border-b border-hair type-row">
            <span>
              {formatLength(reading.levelM, measures)}: {formatVolume(reading.volumeM3, measures, true)}
            </span>
            <button
              type="button"
              className="min-h-9 px-2 type-second underline pointer-coarse:min-h-11"
              onClick={() => readings(tank.metered.toSpliced(index, 1))}
            >
              take away
            </button>
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-3">
        <label className="block">
          <span className="block type-second">Level above base</span>
          <input className="field w-full" value={level} onChange={(event) => setLevel(event.target.value)} />
        </label>
        <label className="block">
          <span className="block type-second">Had gone in, {litres ? 'L' : 'gal'}</span>
          <input
            className="field w-full"
            inputMode="decimal"
            value={volume}
            onChange={(event) => setVolume(event.target.value)}
          />
        </label>
      </div>
      <EntryProblem problem={problem} />
      <Action onClick={add}>Add the reading</Action>
    </details>
  );
}
