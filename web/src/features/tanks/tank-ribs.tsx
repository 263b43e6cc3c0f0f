'use client';

import {
  RIB_RUNS,
  RIB_RUN_NAMES,
  type Rib,
  type RibRun,
  type Tank,
  formatLength,
  ribsOf,
  usualOf,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { EntryProblem } from '@/ui/entry-problem';
import { useFigureReader } from '@/ui/use-figure-entry';
import { useJob } from '../../store/job-provider';
import { useTankField } from './use-tank-field';

/** The ribs and hoops of a tank: as its type usually has them until one is measured. No opening lies flat on them. */
export function TankRibs({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const [runs, setRuns] = useState<RibRun>('level');
  const [place, setPlace] = useState('');
  const [width, setWidth] = useState('');
  const [problem, setProblem] = useState<string>();
  const places = useFigureReader({ kind: 'length', measures, usual: usualOf('tanks', 'heightM') });
  const widths = useFigureReader({ kind: 'length', measures, usual: [0.01, 0.3] });
  const ribs = ribsOf(tank);
  const say = (to: readonly Rib[] | null): string | undefined => set('ribs', to);
  const add = (): void => {
    const [atM, widthM] = [places.read(place), widths.read(width)];
    if (!atM.ok) return setProblem(places.wordsOf(atM.error, place));
    if (!widthM.ok) return setProblem(widths.wordsOf(widthM.error, width));
    // What was measured stands alone: what is only usual goes with the first of them.
    const rib = { runs, atM: atM.value, widthM: widthM.value };
    const refused = say([...(tank.ribs ?? []), rib].toSorted((a, b) => a.atM - b.atM));
    setProblem(refused);
    if (refused === undefined) {
      setPlace('');
      setWidth('');
    }
  };
  return (
    <details className="mt-1 border-t border-hair" open={tank.ribs !== null}>
      <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">
        Ribs and hoops:{' '}
        {tank.ribs === null ? howMany(ribs.length, 'as is usual for it') : howMany(ribs.length, 'measured')}
      </summary>
      <ul>
        {ribs.map((rib, index) => (
          <li
            key={`${index} ${rib.runs} ${rib.atM}`}
            className="flex items-center justify-between border-b border-hair type-row"
          >
            <span>
              {RIB_RUN_NAMES[rib.runs]} at {formatLength(rib.atM, measures)}, {formatLength(rib.widthM, measures)} wide
            </span>
            {tank.ribs !== null && (
              <button
                type="button"
                className="min-h-9 px-2 type-second underline pointer-coarse:min-h-11"
                onClick={() => say(ribs.toSpliced(index, 1))}
              >
                take away
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 items-end gap-3">
        <label className="col-span-2 block">
          <span className="block type-second">It runs</span>
          <select className="field w-full" value={runs} onChange={({ target }) => setRuns(target.value as RibRun)}>
            {RIB_RUNS.map((one) => (
              <option key={one} value={one}>
                {RIB_RUN_NAMES[one]}
              </option>
            ))}
          </select>
        </label>
        <label className="block">
          <span className="block type-second">{runs === 'level' ? 'Middle above base' : 'Middle from the left'}</span>
          <input className="field w-full" value={place} onChange={(event) => setPlace(event.target.value)} />
        </label>
        <label className="block">
          <span className="block type-second">Width of the rib</span>
          <input className="field w-full" value={width} onChange={(event) => setWidth(event.target.value)} />
        </label>
      </div>
      <EntryProblem problem={problem} />
      <p className="flex flex-wrap gap-x-4">
        <Action onClick={add}>Add the rib</Action>
        {tank.ribs === null && ribs.length > 0 && <Action onClick={() => say([])}>It has none</Action>}
        {tank.ribs !== null && <Action onClick={() => say(null)}>As is usual for it</Action>}
      </p>
    </details>
  );
}

const howMany = (count: number, how: string): string => (count === 0 ? `none, ${how}` : `${count}, ${how}`);
