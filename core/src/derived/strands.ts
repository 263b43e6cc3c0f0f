import type { EndRef, Job, Penetration, Terminal } from '../job/job';
import { holeById } from '../job/lookup';
import { memoize } from '../quantity/memoize';
import type { JobIndex, Run, Strand, StrandEnd } from './run';

const runsByHole = memoize((runs: readonly Run[]) => new Map(runs.map((run) => [run.penetration.id, run])));

/** What hangs on an opening; nothing where its run has not been walked. */
export const strandsOf = ({ id }: Pick<Penetration, 'id'>, runs: readonly Run[]): readonly Strand[] =>
  runsByHole(runs).get(id)?.strands ?? [];

/** The end on the inside of a wall that something could hang on; undefined where there is none, or where something does. */
export function freeInsideEnd({ strands }: Run, index: JobIndex): EndRef | undefined {
  const first = strands[0]?.items[0];
  return first?.part.ends
    .map(({ position }, end) => ({ position, ref: { of: 'part' as const, id: first.placed.id, end } }))
    .find(({ position, ref }) => position === 'inside' && index.jointAt(ref) === undefined)?.ref;
}

/** The place where a strand ends; undefined where it ends elsewhere. */
export const placeAt = ({ terminals }: Pick<Job, 'terminals'>, end: StrandEnd | undefined): Terminal | undefined =>
  end?.at === 'terminal' ? terminals.find(({ id }) => id === end.id) : undefined;

/** What a strand ends at, by name: the label of an opening or the name of a place; empty where it ends elsewhere. */
export const endName = (job: Pick<Job, 'terminals' | 'penetrations'>, end: StrandEnd): string =>
  (end.at === 'hole' ? holeById(job, end.id)?.label : placeAt(job, end)?.name) ?? '';
