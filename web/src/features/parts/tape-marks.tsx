'use client';

import { type Bar, type Piece, bothLengths, centreToCentre, cutWords, measuredToWords, tapeMarks } from '@herrero/core';
import { useJob } from '../../store/job-provider';

/** Each piece as it is cut, and where its mark stands by a tape that stays hooked on the end. */
export default function TapeMarks({ bar, kerfM }: { readonly bar: Bar; readonly kerfM: number }) {
  const marks = tapeMarks(bar, kerfM);
  return (
    <table className="mb-2 w-full type-row">
      <caption className="text-left type-second">
        Hook the tape on one end and leave it there; saw on the far side of each mark.
      </caption>
      <thead>
        <tr className="border-b border-hair text-left type-second">
          <th className="font-normal">piece</th>
          <th className="font-normal">mark at</th>
        </tr>
      </thead>
      <tbody>
        {bar.pieces.map((piece, place) => (
          <tr key={place} className="border-b border-hair align-top">
            <td className="py-1 pr-3">
              <b className="font-[650]">{piece.label}</b> {cutWords(piece)}
              <AsMade piece={piece} />
            </td>
            <td className="py-1">{marks[place] === undefined ? 'end of the bar' : bothLengths(marks[place])}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What the piece measures between its neighbours, dry and made: how it is checked on the wall. */
function AsMade({ piece: { use } }: { readonly piece: Piece }) {
  const context = useJob((state) => state.plan.context);
  const between = use && centreToCentre(use.id, context);
  if (!between) return null;
  return (
    <span className="block type-second">
      {measuredToWords(between.from)} to {measuredToWords(between.to)}: {bothLengths(between.madeM)} made
      {between.dryM && `; dry ${bothLengths(between.dryM[0])} to ${bothLengths(between.dryM[1])}`}
    </span>
  );
}
