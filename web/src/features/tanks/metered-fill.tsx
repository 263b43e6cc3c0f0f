'use client';

import { type MeteredFill as Reading, type Tank, formatLength, formatVolume } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useJob } from '../../store/job-provider';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useTankField } from './use-tank-field';

/** Readings of a fill by meter, that correct the curve of the tank. */
export function MeteredFill({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const [level, setLevel] = useState('');
  const [volume, setVolume] = useState('');
  const [problem, setProblem] = useState<string>();
  const litres = measures === 'mm-l';
  const levels = useFigureReader({ kind: 'length', measures, usual: [0.01, 5] });
  const volumes = useFigureReader({ kind: 'volume', measures, usual: [0.001, 50] });
  const readings = (to: readonly Reading[]): string | undefined => set('metered', to);
  const add = (): void => {
    const [levelM, volumeM3] = [levels.read(level), volumes.read(volume)];
    if (!levelM.ok) return setProblem(levels.wordsOf(levelM.error, level));
    if (!volumeM3.ok) return setProblem(volumes.wordsOf(volumeM3.error, volume));
    const reading = { levelM: levelM.value, volumeM3: volumeM3.value };
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
