import type { End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge, mate } from '../connections/mate';
import type { Material } from '../connections/material';
import type { Mating, Verdict } from '../connections/mating';
import type { Catalogue } from '../fittings/catalogue';
import { sizeInInches } from '../quantity/size';
import { wayIndex } from './way-index';

/** An end that somebody may have in the other hand, and how the joint with it is judged. */
export interface EndPartner {
  readonly end: End;
  readonly mating: Mating;
  /** How many parts of the catalogue have such an end. */
  readonly parts: number;
}

const ORDER: Readonly<Record<Verdict, number>> = {
  holds: 0,
  'holds-with': 0,
  'fits-unrated': 1,
  unknown: 2,
  'starts-then-leaks': 3,
  'will-not-go': 4,
};
/** Of each kind of verdict so many: what holds, what is not sure, what looks right and is not. */
const MOST_HOLDING = 3;
const MOST_DOUBTFUL = 2;
const MOST_FAILING = 2;

const across = (end: End): number => ('size' in end ? sizeInInches(end.size) : 0);

/**
 * What goes on to an end, by the ends that the catalogue has: those that hold first, the commonest first; then what is
 * not known; then what looks right but fails, the nearest in size first.
 */
export function endPartners(end: End, material: Material, catalogue: Catalogue): readonly EndPartner[] {
  const { nodes, entering } = wayIndex(catalogue);
  const known = new Map<string, { readonly end: End; parts: number; readonly verdict: Verdict }>();
  for (const [node, there] of nodes.entries()) {
    const text = formatEnd(there.end);
    const parts = entering[node]?.length ?? 0;
    const before = known.get(text);
    if (before) before.parts += parts;
    else known.set(text, { end: there.end, parts, verdict: judge(end, there.end).verdict });
  }
  const nearness = (other: End): number => Math.abs(across(other) - across(end)) + (other.kind === end.kind ? 0 : 1);
  const of = (least: number, most: number, count: number): readonly EndPartner[] =>
    [...known.values()]
      .filter(({ verdict }) => ORDER[verdict] >= least && ORDER[verdict] <= most)
      .filter(({ end: other, verdict }) => verdict !== 'will-not-go' || nearness(other) < LOOKS_RIGHT_IN)
      .sort(
        (a, b) =>
          ORDER[a.verdict] - ORDER[b.verdict] || (least === 0 ? b.parts - a.parts : nearness(a.end) - nearness(b.end)),
      )
      .slice(0, count)
      .map(({ end: other, parts }) => ({ end: other, parts, mating: mate(end, other, { a: material }) }));
  return [...of(0, 0, MOST_HOLDING), ...of(1, 2, MOST_DOUBTFUL), ...of(3, 4, MOST_FAILING)];
}

/** Ends further apart than this are not taken for one another [in]. */
const LOOKS_RIGHT_IN = 0.4;
