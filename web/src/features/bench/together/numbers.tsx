import { type End, type Figure, type Mating, judgePair, threadForm } from '@herrero/core';

/** Both ends beside one another, and what lies between. Threads get the comparison, other ends the figures of the verdict. */
export function Numbers({ a, b, mating }: { readonly a: End; readonly b: End; readonly mating: Mating }) {
  const pair = a.kind === 'thread' && b.kind === 'thread' ? judgePair(a, b) : undefined;
  if (!pair)
    return (
      <dl className="self-start type-row">
        {mating.basis.map((figure) => (
          <div key={figure.name} className="flex justify-between gap-3 border-b border-hair py-1.5">
            <dt className="text-ink-2">{figure.name}</dt>
            <dd>{figureWords(figure)}</dd>
          </div>
        ))}
        {mating.basis.length === 0 && <p className="text-ink-2">No dimension decides here.</p>}
      </dl>
    );
  const { male, female, judged } = pair;
  const [m, f] = [threadForm(male), threadForm(female)];
  const turns = (value: number): string => (Number.isFinite(value) ? value.toFixed(1) : 'free');
  const rows: readonly (readonly [string, string, string, string])[] = [
    ['thread to thread', m.pitchMm.toFixed(3), f.pitchMm.toFixed(3), judged.pitchErrorMm.toFixed(2)],
    ['flanks, degrees', `${m.flankDeg}`, `${f.flankDeg}`, `${Math.abs(m.flankDeg - f.flankDeg)}`],
    [
      'taper',
      m.taper > 0 ? '1 in 16' : 'none',
      f.taper > 0 ? '1 in 16' : 'none',
      m.taper === f.taper ? '0' : 'differs',
    ],
    ['crest over, root across', m.crestMm.toFixed(2), f.rootMm.toFixed(2), judged.entryMm.toFixed(2)],
    ['mean diameter', m.pitchDiameterMm.toFixed(2), f.pitchDiameterMm.toFixed(2), judged.clearanceMm.toFixed(2)],
    [
      'turns of thread',
      (m.usableLengthMm / m.pitchMm).toFixed(1),
      (f.usableLengthMm / f.pitchMm).toFixed(1),
      judged.turnsThereAre.toFixed(1),
    ],
    ['turns to tight', '', '', turns(judged.turnsToTight)],
    ['flank that carries', '', '', judged.carries > 0 ? `${Math.round(judged.carries * 100)} %` : 'none'],
  ];
  return (
    <table className="w-full self-start type-row">
      <thead>
        <tr className="border-b-2 border-ink text-left align-bottom">
          <th scope="col" className="font-normal">
            mm
          </th>
          <th scope="col" className="px-2 text-right font-normal">
            male
          </th>
          <th scope="col" className="px-2 text-right font-normal">
            female
          </th>
          <th scope="col" className="text-right font-semibold">
            between
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, ofMale, ofFemale, between]) => (
          <tr key={name} className="border-b border-hair">
            <th scope="row" className="py-1 text-left font-normal text-ink-2">
              {name}
            </th>
            <td className="px-2 text-right">{ofMale}</td>
            <td className="px-2 text-right">{ofFemale}</td>
            <td className="text-right font-semibold">{between}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const figureWords = ({ value, unit }: Figure): string =>
  `${Number(value.toFixed(2))} ${unit === 'per inch' ? 'to the inch' : unit}`;
