import { type Method, twoFrom } from '../method';
import type { ToolId } from '../tools';

/** Sockets from here up want a swab of their own: the dauber in the tin is too small. Our judgement [mm]. */
const OWN_SWAB_MM = 60;
const cemented = [
  'rags',
  { tool: 'swab', when: ({ acrossMm = 0 }) => acrossMm >= OWN_SWAB_MM },
] as const satisfies Method['tools'];
const made = (name: string, more: Partial<Method>): Method => ({
  name,
  per: 'joint',
  minutes: [2, 5],
  people: twoFrom(75),
  takes: ['cement'],
  tools: cemented,
  caution: 'cement',
  ...more,
});
const mechanical = (tool: ToolId): Method['tools'] => [tool];

/** Joints that are made for good: cemented, soldered, pressed, squeezed. */
export const LASTING_WAYS = {
  'solvent-primer': made('Cement a PVC socket after primer', {
    minutes: [3, 6],
  }),
  'solvent-abs': made('Cement an ABS socket', {
    minutes: [2, 4],
    people: twoFrom(100),
  }),
  'solvent-transition': made('Cement ABS to PVC, for drains', {
    minutes: [2, 4],
  }),
  'solvent-cpvc': made('Cement a CPVC socket', {
    minutes: [2, 4],
  }),
  solder: {
    name: 'Solder copper',
    per: 'joint',
    minutes: [5, 10],
    takes: ['solder'],
    tools: ['torch'],
    caution: 'flame',
  },
  press: {
    name: 'Press a fitting',
    per: 'joint',
    minutes: [2, 4],
    tools: mechanical('press'),
  },
  crimp: {
    name: 'Crimp a ring',
    per: 'joint',
    minutes: [1, 3],
    takes: ['clamp'],
    tools: mechanical('crimp'),
  },
  expand: {
    name: 'Expand tube and ring over a fitting',
    per: 'joint',
    minutes: [1, 3],
    takes: ['clamp'],
    tools: mechanical('expander'),
  },
} as const satisfies Readonly<Record<string, Method>>;
