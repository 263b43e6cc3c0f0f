import { type ShelfLine, shelves } from '../parts/tables/shelves';
import type { Plan } from './plan';

/** What becomes different on the list and in the notes when a job is changed. */
export interface WhatChanges {
  /** Articles of which more or fewer are bought, and by how many. */
  readonly lines: readonly { readonly title: string; readonly detail: string; readonly by: number }[];
  /** Titles of notes that come, and of those that go. */
  readonly notesIn: readonly string[];
  readonly notesOut: readonly string[];
  readonly priceUsd: number;
}

/** Holds the plan of a changed job against the one before: what is bought more or less of, and which notes come and go. */
export function whatChanges(before: Plan, after: Plan): WhatChanges {
  const [had, has] = [byArticle(before), byArticle(after)];
  const articles = [...new Set([...had.keys(), ...has.keys()])];
  const [noted, notes] = [titlesOf(before), titlesOf(after)];
  return {
    lines: articles.flatMap((article) => {
      const line = has.get(article) ?? had.get(article);
      const by = (has.get(article)?.buy ?? 0) - (had.get(article)?.buy ?? 0);
      return line && by !== 0 ? [{ title: line.title, detail: line.detail, by }] : [];
    }),
    notesIn: beyond(notes, noted),
    notesOut: beyond(noted, notes),
    priceUsd: after.parts.totalUsd - before.parts.totalUsd,
  };
}

const byArticle = ({ parts, context }: Plan): ReadonlyMap<string, ShelfLine> =>
  new Map(
    shelves(parts, context.catalogue)
      .flatMap(({ lines }) => lines)
      .map((line) => [line.article, line]),
  );

const titlesOf = ({ findings }: Plan): readonly string[] => findings.map(({ title }) => title);

/** What stands in one list more often than in the other. */
function beyond(some: readonly string[], others: readonly string[]): readonly string[] {
  const left = [...others];
  return some.filter((one) => {
    const place = left.indexOf(one);
    if (place < 0) return true;
    left.splice(place, 1);
    return false;
  });
}
