import { type Method, two, twoFrom } from '../method';

/** A hole that the hand holds against is reached by a second person from this size on [mm]. */
const helped = twoFrom(100);

/** What stands in the hole of a wall, one way for each way to seal it. */
export const WALL_WAYS = {
  bulkhead: {
    name: 'Set a bulkhead by hand from the opening',
    per: 'hole',
    minutes: [5, 15],
    takes: ['washer'],
    tools: ['pliers', 'strap', 'light'],
    caution: 'confined',
  },
  'on-a-cord': {
    name: 'Draw a fitting to its hole on a cord',
    per: 'hole',
    minutes: [15, 45],
    people: two,
    takes: ['washer'],
    tools: ['cord', 'pliers', 'light'],
    caution: 'confined',
  },
  gasket: {
    name: 'Push a gasket into its hole',
    per: 'hole',
    minutes: [2, 6],
    takes: ['lubricant'],
    tools: [],
  },
  'tap-shank': {
    name: 'Set a tap on its own shank',
    per: 'hole',
    minutes: [5, 10],
    takes: ['washer'],
    tools: ['wrenches', 'light'],
    caution: 'confined',
  },
  'nipple-and-rubbers': {
    name: 'Set a nipple with nuts and a rubber on both sides',
    per: 'hole',
    minutes: [8, 20],
    takes: ['washer', 'tape'],
    tools: ['wrenches', 'light'],
    caution: 'confined',
  },
  'bolted-flange': {
    name: 'Bolt a flange through sheet or liner',
    per: 'hole',
    minutes: [30, 90],
    people: two,
    takes: ['washer', 'bolts'],
    tools: ['torque', 'boltDrill', 'knife', 'light'],
    caution: 'confined',
  },
  'cast-sleeve': {
    name: 'Cast a sleeve in',
    per: 'hole',
    minutes: [20, 60],
    people: two,
    tools: ['level'],
  },
  'link-seal': {
    name: 'Bolt a link seal round a pipe',
    per: 'hole',
    minutes: [15, 40],
    people: helped,
    tools: ['hexKeys', 'torque'],
    caution: 'confined',
  },
  'wall-boot': {
    name: 'Clamp a boot in a cast wall',
    per: 'hole',
    minutes: [10, 25],
    tools: ['torque'],
    caution: 'trench',
  },
  'welded-boss': {
    name: 'Weld a boss on polyethylene',
    per: 'hole',
    minutes: [30, 60],
    tools: ['welder', 'gloves'],
    caution: 'melt',
  },
  'drop-grate': {
    name: 'Drop a grate into an opening',
    per: 'hole',
    minutes: [1, 3],
    tools: [],
  },
  'lift-out': {
    name: 'Hang a basket in an opening',
    per: 'hole',
    minutes: [1, 5],
    tools: [],
  },
  'insect-screen': {
    name: 'Set an insect screen',
    per: 'hole',
    minutes: [3, 10],
    tools: [],
  },
  'cable-gland': {
    name: 'Bring a cord in through a gland',
    per: 'hole',
    minutes: [10, 20],
    people: two,
    takes: ['washer'],
    tools: ['wrenches'],
    caution: 'electric',
  },
  'blanking-plug': {
    name: 'Shut a hole with a plug',
    per: 'hole',
    minutes: [2, 8],
    takes: ['washer'],
    tools: ['wrenches'],
  },
  'screw-cover': {
    name: 'Screw a cover over a hole',
    per: 'hole',
    minutes: [15, 40],
    takes: ['washer'],
    tools: ['screwdriver', 'drill'],
  },
  'own-seal': {
    name: 'Set a seal of one’s own',
    per: 'hole',
    minutes: [10, 30],
    tools: ['screwdriver'],
  },
  'silicone-bead': {
    name: 'Lay a bead of silicone',
    per: 'hole',
    minutes: [3, 8],
    tools: ['sealantGun', 'rags'],
  },
} as const satisfies Readonly<Record<string, Method>>;

/** What has its head inside, and is drawn in on a cord where no hand reaches. */
export const CORDED: readonly string[] = ['bulkhead', 'tap-shank', 'nipple-and-rubbers', 'blanking-plug'];
