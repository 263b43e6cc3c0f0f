import { holdsAtAll } from '../../connections/mating';
import type { EndRef } from '../../job/job';
import { resolveEnd } from '../../job/resolve';
import type { Run, Strand } from '../../job/run';
import { findChains } from '../../routes/find-chains';
import { offersOf } from '../../routes/next-parts';
import { appendChain } from '../chain-edits';
import type { CheckContext } from '../../job/context';
import type { Fix } from '../finding';

/** Open ends of runs that have begun: at least one part stands beyond what seals the hole. */
export const openStrands = ({ strands }: Run): readonly Strand[] => strands.filter(({ end }) => end.at === 'open');

/** Parts beyond the wall: what seals a hole is not yet a run. */
export const partsBeyondSeal = ({ strands }: Run): number =>
  strands.flatMap(({ items }) => items).filter(({ part }) => part.ends.every(({ end }) => end.kind !== 'wall-seal'))
    .length;

/** Ways to close an open end: to each named terminal that can be reached, then the cheapest cap or plug. */
export function closings(at: EndRef, { job, index, catalogue }: CheckContext): readonly Fix[] {
  const { end, material } = resolveEnd(at, job, index);
  if (end === undefined) return [];
  const finishes = job.terminals.flatMap((terminal): Fix[] => {
    const to: EndRef = { of: 'terminal', id: terminal.id };
    const offers = resolveEnd(to, job, index).end;
    const text = `Finish to ${terminal.name}`;
    if (offers === undefined) return [appendChain(job, at, { links: [], priceUsd: 0 }, text, to)];
    const [chain] = findChains({ end, material }, { end: offers }, catalogue);
    return chain ? [appendChain(job, at, chain, `${text}: {parts}`, to)] : [];
  });
  const [cap] = catalogue.list
    .filter(({ ends, features }) => ends.length === 1 && features.length === 0)
    .flatMap((part) => offersOf({ end, material }, part))
    .filter(({ mating }) => holdsAtAll(mating.verdict))
    .toSorted((a, b) => a.part.priceUsd - b.part.priceUsd);
  if (!cap) return finishes;
  const chain = { links: [{ part: cap.part, endIn: cap.endIn, endOut: cap.endIn }], priceUsd: cap.part.priceUsd };
  return [...finishes, appendChain(job, at, chain, 'Close it: {parts}')];
}
