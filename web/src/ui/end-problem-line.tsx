'use client';

import { type EndProblem, endProblemWords } from '@herrero/core';
import { Action } from './action';

/** As many words, or whole ends, as are offered to press. */
const MOST_NEAREST = 8;

/** What of an end was not understood, with the nearest that would be to press. */
export function EndProblemLine({
  text,
  problem,
  onText,
}: {
  readonly text: string;
  readonly problem: EndProblem;
  readonly onText: (text: string) => void;
}) {
  const { code, word, nearest } = problem;
  const at = word === '' || code === 'several-ends' ? -1 : text.toUpperCase().indexOf(word.toUpperCase());
  const replaced = (near: string): string =>
    code === 'several-ends'
      ? near
      : code === 'missing-word' || at < 0
        ? `${text.trim()} ${near}`.trim()
        : `${text.slice(0, at)}${near}${text.slice(at + word.length)}`;
  return (
    <div role="alert" className="pt-1">
      {at >= 0 && (
        <p className="text-[16px] font-[650]" aria-hidden="true">
          {text.slice(0, at)}
          <span className="border-b-[3px] border-dotted border-ink">{text.slice(at, at + word.length)}</span>
          {text.slice(at + word.length)}
        </p>
      )}
      <p className="type-row">{endProblemWords(problem)}</p>
      <p className="flex flex-wrap gap-x-4">
        {nearest.slice(0, MOST_NEAREST).map((near) => (
          <Action key={near} onClick={() => onText(replaced(near))}>
            {near}
          </Action>
        ))}
      </p>
    </div>
  );
}
