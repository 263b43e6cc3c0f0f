import { type End, goesInside } from '../connections/end';
import { CONTAINER_THREADS } from '../connections/standards/containers';

/** Kinds of end as somebody sorts them by looking: what a catalogue is narrowed down by. */
export const END_CLASSES = [
  'pipe thread male',
  'pipe thread female',
  'hose thread male',
  'hose thread female',
  'container thread',
  'pipe end',
  'socket',
  'push-fit',
  'compression',
  'press or ring',
  'hub, sleeve or saddle',
  'hose tail',
  'hose',
  'cam grooves',
  'cam arms',
  'click coupling',
  'flange',
  'in a wall',
] as const;
export type EndClass = (typeof END_CLASSES)[number];

export function endClass(end: End): EndClass | undefined {
  switch (end.kind) {
    case 'thread':
      if (CONTAINER_THREADS.some(({ id }) => id === end.standard)) return 'container thread';
      return `${end.standard === 'nh' ? 'hose' : 'pipe'} thread ${end.sex}`;
    case 'pipe':
      return end.part === 'spigot'
        ? 'pipe end'
        : end.part === 'press' || goesInside(end.part)
          ? 'press or ring'
          : end.part === 'dry-hub' || end.part === 'sleeve' || end.part === 'saddle' || end.part === 'loose-cap'
            ? 'hub, sleeve or saddle'
            : end.part;
    case 'hose':
      return end.part === 'barb' ? 'hose tail' : 'hose';
    case 'cam':
      return end.part === 'adapter' ? 'cam grooves' : 'cam arms';
    case 'click':
      return 'click coupling';
    case 'flange':
      return 'flange';
    case 'gasket':
    case 'wall-seal':
      return 'in a wall';
    case 'hole':
    case 'own':
      return undefined;
  }
}
