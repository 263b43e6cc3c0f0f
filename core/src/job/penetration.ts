import { NOMINAL_SIZES } from '../quantity/size';
import type { Fields, RecordOf } from '../record/field';
import { ROLES } from '../walls/roles';
import { FACES, MOST_M } from '../walls/tank';

/** What becomes of an opening that the tank comes with; one that is cut out is a hole like any other. */
export const PORT_USES = ['use', 'plug', 'leave'] as const;
export type PortUse = (typeof PORT_USES)[number];

/** What is in a hole that no listed way seals: nothing, or something that nobody rates. */
export const OWN_SEALS = [
  'clear',
  'notch',
  'loose-pipe',
  'loose-cord',
  'cap',
  'plug',
  'hatch',
  'second-lid',
  'silicone',
  'other',
] as const;
export type OwnSeal = (typeof OWN_SEALS)[number];
export const OWN_SEAL_NAMES: Readonly<Record<OwnSeal, string>> = {
  clear: 'Nothing: a clearance hole',
  notch: 'Nothing: a notch in the rim',
  'loose-pipe': 'A pipe loosely through it',
  'loose-cord': 'A cord loosely through it',
  cap: 'A cap over it',
  plug: 'A plug in it',
  hatch: 'A hatch over it',
  'second-lid': 'A second lid over it',
  silicone: 'Silicone round what goes through',
  other: 'Something else, in words',
};

/** Once round the largest tank. */
const MOST_ROUND_M = 100;

/**
 * An opening of a tank. On a wall or side: height of its centre above the base, and distance round from the mark or from
 * the left edge as seen from outside. On a top or bottom: from the left and from the front.
 */
export const PENETRATION = {
  id: { kind: 'id', fixed: true },
  label: {
    kind: 'text',
    most: 12,
    fixed: true,
    says: 'P1, P2 ... in the order in which they were set out; the two openings of one link or sight tube share a label',
  },
  tankId: { kind: 'reference', to: 'tanks', fixed: true, words: 'tank' },
  name: { kind: 'text', most: 80, words: 'name' },
  roles: {
    kind: 'list',
    of: { kind: 'choice', of: ROLES },
    least: 1,
    most: ROLES.length,
    words: 'roles',
    asked: 'What it is for',
  },
  size: { kind: 'choice', of: NOMINAL_SIZES, words: 'size' },
  face: { kind: 'choice', of: FACES, words: 'face' },
  heightM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.01, 5],
    words: 'height',
    says: 'Centre above the base; on the top face the height of the top there',
  },
  aroundM: {
    kind: 'length',
    least: 0,
    most: MOST_ROUND_M,
    usual: [0, 15],
    words: 'place',
    says: 'Along the wall from the mark, or from the left edge',
  },
  depthM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    default: 0,
    words: 'place',
    says: 'On a top or bottom: from the front edge; elsewhere 0',
  },
  holeM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.008, 1],
    orUnknown: true,
    words: 'hole',
    says: 'Measured or drilled hole; null: the usual hole of what seals it',
    asked: 'Hole, if measured',
  },
  port: {
    kind: 'text',
    most: 60,
    orUnknown: true,
    words: 'port',
    says: 'The end that the tank already offers here (a moulded port), as text; null where a hole is drilled',
  },
  portId: {
    kind: 'id',
    orUnknown: true,
    fixed: true,
    says: 'Which of the ports of its type it is; null where it was drilled or is none of them',
  },
  portUse: {
    kind: 'choice',
    of: PORT_USES,
    orUnknown: true,
    words: 'use',
    says: 'What becomes of a port; always null for a drilled hole',
    asked: 'What becomes of it',
  },
  drawnIn: {
    kind: 'yes-no',
    default: false,
    words: 'way in from inside',
    says: 'What seals it from inside is drawn in from the opening on a cord, where no hand reaches',
    asked: 'Drawn in on a cord',
  },
  supported: {
    kind: 'yes-no',
    default: false,
    words: 'support',
    says: 'What hangs on it is held by a strap or a stand of its own',
    asked: 'Held by a strap or a stand',
  },
  shutsM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.05, 5],
    orUnknown: true,
    words: 'level at which it shuts',
    says: 'Where a float valve shuts, above the base; null: a little below its hole',
    asked: 'Shuts at',
  },
  comesApart: {
    kind: 'yes-no',
    orUnknown: true,
    words: 'way it is made',
    says: 'Shall its run come apart again, or is it made for good',
    asked: 'How this run is made',
  },
  stands: {
    kind: 'yes-no',
    default: false,
    words: 'state',
    says: 'It is there already and works: not drilled, not sealed, not asked',
    asked: 'It is there already and works',
  },
  ownSeal: {
    kind: 'choice',
    of: OWN_SEALS,
    orUnknown: true,
    words: 'what is in it',
    says: 'What is in a drilled hole that no listed way seals; null: a listed one, or not chosen yet',
    asked: 'What is in it',
  },
  ownSealWords: {
    kind: 'text',
    most: 120,
    orUnknown: true,
    words: 'what is in it',
    says: 'In words, where it is something else',
    asked: 'What is in it, in words',
  },
} as const satisfies Fields;
export interface Penetration extends RecordOf<typeof PENETRATION> {}
