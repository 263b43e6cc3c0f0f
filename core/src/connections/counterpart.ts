import type { End, PipePart, ThreadEnd } from './end';
import { pipeSeries } from './standards/pipes';

/** The threaded end that goes on this one by design; ISO taper threads have two names, hose nuts turn. */
export function threadCounterpart({ standard, size, sex, swivel }: ThreadEnd): ThreadEnd {
  const other = standard === 'r' ? 'rp' : standard === 'rc' || standard === 'rp' ? 'r' : standard;
  const turns = sex === 'male' && !swivel && (standard === 'nh' || standard === 'npsm');
  return {
    kind: 'thread',
    standard: other,
    size,
    sex: sex === 'male' ? 'female' : 'male',
    ...(turns ? { swivel: true as const } : {}),
  };
}

/** What a pipe goes into, in the order in which a counter would reach for it. */
const TAKERS: readonly PipePart[] = ['socket', 'compression', 'push-fit', 'dry-hub'];
/** Tube of metal is soldered by few and screwed by all. */
const METAL_TAKERS: readonly PipePart[] = ['compression', 'push-fit', 'press'];

/** The end that goes with this one by design; undefined for ends of no standard and for what stands in a wall. */
export function counterpart(end: End): End | undefined {
  switch (end.kind) {
    case 'thread':
      return threadCounterpart(end);
    case 'pipe': {
      const { parts, takesHose } = pipeSeries(end.series);
      if (end.part !== 'spigot')
        return takesHose === undefined
          ? { ...end, part: 'spigot' }
          : { kind: 'hose', system: takesHose, size: end.size, part: 'bore' };
      const taker = (parts.includes('press') ? METAL_TAKERS : TAKERS).find((part) => parts.includes(part));
      return taker && { ...end, part: taker };
    }
    case 'hose':
      return { ...end, part: end.part === 'barb' ? 'bore' : 'barb' };
    case 'cam':
      return { ...end, part: end.part === 'adapter' ? 'coupler' : 'adapter' };
    case 'click':
      return { ...end, part: end.part === 'plug' ? 'socket' : 'plug' };
    case 'flange':
      return end;
    case 'gasket':
      return { kind: 'pipe', series: end.series, size: end.size, part: 'spigot' };
    case 'wall-seal':
    case 'hole':
    case 'own':
      return undefined;
  }
}
