import type { End } from '../../connections/end';
import type { Cement } from '../../connections/material';
import { CONTAINER_THREADS } from '../../connections/standards/containers';
import { pipeOf, pipeSeries } from '../../connections/standards/pipes';
import type { JudgedJoint } from '../../derived/context';
import type { Work } from '../method';
import type { WayId } from '../ways';
import { CORDED, WALL_WAYS } from '../ways/walls';

type EndOf<Kind extends End['kind']> = Extract<End, { readonly kind: Kind }>;
const isContainer = (end: EndOf<'thread'>): boolean => CONTAINER_THREADS.some(({ id }) => id === end.standard);

const CEMENT_WAYS: Readonly<Record<Cement, WayId>> = {
  pvc: 'solvent-primer',
  abs: 'solvent-abs',
  cpvc: 'solvent-cpvc',
  transition: 'solvent-transition',
};

const PIPE_WAYS = {
  compression: 'compression',
  sleeve: 'rubber-coupling',
  'dry-hub': 'lapped',
  'loose-cap': 'loose-cap',
  press: 'press',
  crimp: 'crimp',
  expansion: 'expand',
  saddle: 'saddle',
} as const satisfies Readonly<Record<string, WayId>>;
const isOneWay = (part: string): part is keyof typeof PIPE_WAYS => part in PIPE_WAYS;

/**
 * The way in which a joint that goes together is made, by what its two ends are and what it is closed with.
 * Undefined: nobody has described one, and whoever lists it has to ask.
 */
export function wayOfJoint({ a, b, joint, mating, penetration }: JudgedJoint): WayId | undefined {
  const ends = [a.end, b.end];
  const all = <Kind extends End['kind']>(kind: Kind) => ends.filter((end): end is EndOf<Kind> => end?.kind === kind);
  const takes = (kind: (typeof mating.needs)[number]['kind']): boolean =>
    mating.needs.some((need) => need.kind === kind);
  const [wall] = all('wall-seal');
  if (wall && all('hole').length === 1)
    return penetration?.drawnIn === true && CORDED.includes(wall.style) ? 'on-a-cord' : wayOfSeal(wall.style);
  if (all('gasket').length === 1 && all('pipe').length === 1) return 'pipe-in-gasket';
  if (all('cam').length === 2) return 'cam';
  if (all('click').length === 2) return 'click';
  if (all('flange').length === 2) return 'flange';
  const threads = all('thread');
  if (threads.length === 2) {
    if (takes('washer'))
      return threads.some(isContainer)
        ? 'container-thread'
        : threads.some(({ swivel }) => swivel === true)
          ? 'swivel-washer'
          : 'face-washer';
    if (takes('tape')) return mating.verdict === 'fits-unrated' ? 'jammed-thread' : 'tape-taper';
    return joint.factorySeal ? 'sealed-taper' : 'dry-thread';
  }
  const tail = all('hose').find(({ part }) => part === 'barb');
  if (tail && all('hose').length === 2)
    return takes('clamp')
      ? tail.system === 'pe-id'
        ? 'insert-barb'
        : 'hose-barb'
      : tail.system === 'drip'
        ? 'drip-barb'
        : 'tail-with-nut';
  const pipes = all('pipe');
  const fitting = pipes.find(({ part }) => part !== 'spigot');
  // Hose or tube by its bore, in a fitting or over an end of rigid pipe.
  if (all('hose').length === 1 && pipes.length === 1)
    return fitting ? (isOneWay(fitting.part) ? PIPE_WAYS[fitting.part] : undefined) : 'hose-barb';
  if (!fitting || pipes.length < 2) return undefined;
  if (fitting.part === 'push-fit') return pipeSeries(fitting.series).pressure ? 'push-fit-tube' : 'push-fit-ring';
  if (isOneWay(fitting.part)) return PIPE_WAYS[fitting.part];
  const cement = mating.needs.find((need) => need.kind === 'cement');
  return cement ? CEMENT_WAYS[cement.cement] : takes('solder') ? 'solder' : undefined;
}

const wayOfSeal = (style: string): WayId | undefined =>
  style in WALL_WAYS ? (style as keyof typeof WALL_WAYS) : undefined;

/** What a joint is, to whoever makes it: its size, its outside, where it is. */
export function workOfJoint({ a, b, joint, mating, penetration }: JudgedJoint): Work {
  const ends = [a.end, b.end].filter((end): end is End => end !== undefined);
  const sized = ends.find((end) => 'size' in end);
  const pipe = ends.find((end) => end.kind === 'pipe' && end.part === 'spigot') as EndOf<'pipe'> | undefined;
  const hole = ends.find((end) => end.kind === 'hole');
  const acrossMm = pipe ? pipeOf(pipe).outsideMm : hole?.diameterMm;
  return {
    use: { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id },
    amount: 1,
    taken: mating.needs.map(({ kind }) => kind),
    ...(sized && 'size' in sized ? { size: sized.size } : {}),
    ...(acrossMm === undefined ? {} : { acrossMm }),
  };
}
