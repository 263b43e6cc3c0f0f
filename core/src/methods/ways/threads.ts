import type { Method } from '../method';

/** Joints that are screwed. */
export const THREAD_WAYS = {
  'tape-taper': {
    name: 'Tape a taper thread',
    per: 'joint',
    minutes: [2, 5],
    takes: ['tape'],
    tools: ['wrenches', 'vice'],
  },
  'sealed-taper': {
    name: 'Screw in a thread with its sealant on it',
    per: 'joint',
    minutes: [2, 4],
    tools: ['wrenches'],
  },
  'jammed-thread': {
    name: 'Tape threads that nobody rates together',
    per: 'joint',
    minutes: [2, 5],
    takes: ['tape'],
    tools: ['wrenches'],
  },
  'face-washer': {
    name: 'Screw a thread on to a flat washer',
    per: 'joint',
    minutes: [1, 3],
    takes: ['washer'],
    tools: ['wrenches'],
  },
  'swivel-washer': {
    name: 'Screw a nut that turns on to its washer',
    per: 'joint',
    minutes: [1, 2],
    takes: ['washer'],
    tools: ['pliers'],
  },
  'container-thread': {
    name: 'Screw a fitting on to the coarse thread of a container',
    per: 'joint',
    minutes: [2, 5],
    takes: ['washer'],
    tools: ['strap'],
  },
  'dry-thread': {
    name: 'Screw threads together that nothing seals',
    per: 'joint',
    minutes: [1, 3],
    tools: ['wrenches'],
  },
} as const satisfies Readonly<Record<string, Method>>;
