import type { End } from '../connections/end';
import type { JudgedJoint } from '../derived/context';
import { memoize } from '../quantity/memoize';

/**
 * How a joint is made and comes apart again: `glued` never; `turns` by turning one of its sides against the other;
 * `by-hand` and `by-tool` with both sides left where they are; `pulls` by drawing one out of the other.
 */
export type JointNature = 'glued' | 'turns' | 'by-hand' | 'by-tool' | 'pulls' | 'in-wall' | 'free';

const NATURES: Readonly<Record<string, JointNature>> = {
  socket: 'glued',
  compression: 'by-tool',
  press: 'glued',
  crimp: 'glued',
  expansion: 'glued',
  saddle: 'by-tool',
  sleeve: 'by-tool',
  'push-fit': 'pulls',
  'dry-hub': 'pulls',
  'loose-cap': 'pulls',
};

/** The nature of a joint, by what its two ends are (common practice). */
export const natureOf: (judged: Pick<JudgedJoint, 'a' | 'b'>) => JointNature = memoize(({ a, b }) => {
  const ends = [a.end, b.end];
  const find = <Kind extends End['kind']>(kind: Kind): Extract<End, { kind: Kind }> | undefined =>
    ends.find((end): end is Extract<End, { kind: Kind }> => end?.kind === kind);
  if (find('wall-seal') || find('hole')) return 'in-wall';
  if (find('gasket')) return 'pulls';
  if (find('cam') || find('click')) return 'by-hand';
  if (find('hose') || find('flange')) return 'by-tool';
  const fitting = ends.find((end) => end?.kind === 'pipe' && end.part !== 'spigot');
  if (fitting?.kind === 'pipe') return NATURES[fitting.part] ?? 'glued';
  const threads = ends.filter((end) => end?.kind === 'thread');
  if (threads.length > 0) return threads.some((end) => end.swivel === true) ? 'by-hand' : 'turns';
  return ends.includes(undefined) ? 'free' : 'turns';
});

/** Can it be opened while both of its sides stay where they are? */
export const opensInPlace = (nature: JointNature): boolean =>
  nature === 'by-hand' || nature === 'by-tool' || nature === 'pulls' || nature === 'free';
