import { type Method, twoFrom } from '../method';

/** Sockets from here up want a swab of their own: the dauber in the tin is too small. Our judgement [mm]. */
const OWN_SWAB_MM = 60;
/** A cemented joint: two people from this size on [mm], one pushes and holds. */
const cementing = (name: string, minutes: Method['minutes'], twoFromMm = 75): Method => ({
  name,
  per: 'joint',
  minutes,
  people: twoFrom(twoFromMm),
  takes: ['cement'],
  tools: ['rags', { tool: 'swab', when: ({ acrossMm = 0 }) => acrossMm >= OWN_SWAB_MM }],
  caution: 'cement',
});

/** Joints that are made for good: cemented, soldered, pressed, squeezed. */
export const LASTING_WAYS = {
  'solvent-primer': cementing('Cement a PVC socket after primer', [3, 6]),
  'solvent-abs': cementing('Cement an ABS socket', [2, 4], 100),
  'solvent-transition': cementing('Cement ABS to PVC, for drains', [2, 4]),
  'solvent-cpvc': cementing('Cement a CPVC socket', [2, 4]),
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
    tools: ['press'],
  },
  crimp: {
    name: 'Crimp a ring',
    per: 'joint',
    minutes: [1, 3],
    takes: ['clamp'],
    tools: ['crimp'],
  },
  expand: {
    name: 'Expand tube and ring over a fitting',
    per: 'joint',
    minutes: [1, 3],
    takes: ['clamp'],
    tools: ['expander'],
  },
} as const satisfies Readonly<Record<string, Method>>;
