import type { Job, Penetration, Terminal } from '../job/job';
import { holeById } from '../job/lookup';
import { memoize } from '../quantity/memoize';
import type { Run, Strand, StrandEnd } from './run';

const runsByHole = memoize((runs: readonly Run[]) => new Map(runs.map((run) => [run.penetration.id, run])));

/** What hangs on an opening; nothing where its run has not been walked. */
export const strandsOf = ({ id }: Pick<Penetration, 'id'>, runs: readonly Run[]): readonly Strand[] =>
  runsByHole(runs).get(id)?.strands ?? [];

/** The place where a strand ends; undefined where it ends elsewhere. */
export const placeAt = ({ terminals }: Pick<Job, 'terminals'>, end: StrandEnd | undefined): Terminal | undefined =>
  end?.at === 'terminal' ? terminals.find(({ id }) => id === end.id) : undefined;

/** What a strand ends at, by name: the label of an opening or the name of a place; empty where it ends elsewhere. */
export const endName = (job: Pick<Job, 'terminals' | 'penetrations'>, end: StrandEnd): string =>
  (end.at === 'hole' ? holeById(job, end.id)?.label : placeAt(job, end)?.name) ?? '';
