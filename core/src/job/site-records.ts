import type { Fields, RecordOf, ValueOf } from '../record/field';
import { GUTTER_KINDS } from '../connections/gutters';
import { INFLOW_KINDS } from '../site/inflow-kinds';
import { PLACE_KINDS } from '../site/place-kinds';
import { ROOF_MATERIALS } from '../site/roof-materials';
import { SUBSTRATES } from '../site/substrates';
import { LOOKS, PLACED } from '../walls/placing';
import { MOST_M, MOST_M3 } from '../walls/tank';
import { MOST_CUT_M } from './placed-part';

/** Up or down, on any site that water falls across (our judgement). */
const MOST_UP_M = 200;
const MOST_M3S = 1;
const MOST_AREA_M2 = 100_000;
const MOST_READINGS = 100;

/** What a height is taken from: the finished ground at the tanks, or something else that has a height. */
const HEIGHT_REF = {
  kind: 'variant',
  on: 'of',
  of: {
    ground: {},
    roof: { id: { kind: 'reference', to: 'roofs' } },
    terminal: { id: { kind: 'reference', to: 'terminals' } },
    mark: { id: { kind: 'reference', to: 'marks' } },
  },
  words: 'reference of the height',
} as const;
export type HeightRef = ValueOf<typeof HEIGHT_REF>;

/** What has a height of its own that is read. */
export type Measured = Exclude<HeightRef, { readonly of: 'ground' }>;

export const READ_BY = ['tape', 'laser'] as const;

/** One measurement of a height, as people take it: so far down from something that has a height. */
const READING = {
  from: HEIGHT_REF,
  by: { kind: 'choice', of: READ_BY, words: 'way the height is read' },
  downM: {
    kind: 'length',
    least: -MOST_UP_M,
    most: MOST_UP_M,
    usual: [-20, 20],
    words: 'height',
    says: 'Below what it was taken from; negative: above it',
  },
} as const satisfies Fields;
export interface Reading extends RecordOf<typeof READING> {}

const READINGS = {
  kind: 'list',
  of: { kind: 'group', of: READING },
  most: MOST_READINGS,
  default: [],
  words: 'height',
} as const;
const NAME = { kind: 'text', most: 80, words: 'name' } as const;
const INTO = {
  kind: 'reference',
  to: 'penetrations',
  orUnknown: true,
  words: 'opening',
  says: 'The opening that its water falls into',
} as const;

/** A roof that feeds the tanks. Its height is that of the underside of its gutter. */
export const ROOF = {
  id: { kind: 'id', fixed: true },
  name: NAME,
  planAreaM2: {
    kind: 'area',
    above: 0,
    most: MOST_AREA_M2,
    usual: [2, 5000],
    words: 'area',
    says: 'As seen from above: what rain falls on',
  },
  material: {
    kind: 'choice',
    of: ROOF_MATERIALS.map(({ id }) => id),
    orUnknown: true,
    words: 'material',
    asked: 'Covered with',
  },
  fixedTo: {
    kind: 'choice',
    of: SUBSTRATES,
    orUnknown: true,
    words: 'wall',
    says: 'What the brackets of its downpipe are fixed to',
    asked: 'Downpipe fixed to',
  },
  gutterM: {
    kind: 'length',
    least: 0,
    most: MOST_CUT_M,
    usual: [1, 40],
    default: 0,
    words: 'new gutter',
    says: 'How much gutter is put up; 0: it hangs already',
    asked: 'New gutter to hang',
  },
  gutter: {
    kind: 'choice',
    of: GUTTER_KINDS,
    orUnknown: true,
    words: 'gutter',
    says: 'What is put up; null: as usual in the region',
    asked: 'New gutter',
  },
  into: INTO,
  readings: READINGS,
  placed: { ...PLACED, says: 'Where its downpipe comes down; null: not placed' },
} as const satisfies Fields;
export interface Roof extends RecordOf<typeof ROOF> {}

/** Water that comes from elsewhere than a roof. */
export const INFLOW = {
  id: { kind: 'id', fixed: true },
  name: NAME,
  kind: { kind: 'choice', of: INFLOW_KINDS, words: 'kind' },
  rateM3s: {
    kind: 'flow',
    least: 0,
    most: MOST_M3S,
    orUnknown: true,
    words: 'rate',
    says: 'null: taken as its kind usually has it',
  },
  into: INTO,
  airGapM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.01, 1],
    orUnknown: true,
    words: 'air gap',
    says: 'From the end of its pipe down to the level at which the tank spills',
    asked: 'Air gap over the spill level',
  },
  boreM: {
    kind: 'length',
    above: 0,
    most: 1,
    usual: [0.01, 0.1],
    orUnknown: true,
    words: 'bore of its end',
    says: 'Clear inside the end of its pipe; null: taken to be as wide as its opening',
    asked: 'Bore of the end of its pipe',
  },
} as const satisfies Fields;
export interface Inflow extends RecordOf<typeof INFLOW> {}

/** Where a run may end, the end it must offer there, and what is wanted of it. Its height is that of the end of the run. */
export const TERMINAL = {
  id: { kind: 'id', fixed: true },
  name: NAME,
  kind: { kind: 'choice', of: PLACE_KINDS, default: 'other', words: 'kind' },
  offers: {
    kind: 'text',
    most: 60,
    orUnknown: true,
    words: 'end it offers',
    says: 'The end the place offers, as text; null where water just leaves or enters (daylight)',
  },
  loose: {
    kind: 'yes-no',
    orUnknown: true,
    words: 'end that hangs loose',
    says: 'What is there hangs free and can be turned: a hose, a tube; null: as its kind usually does',
    asked: 'It hangs loose',
  },
  placed: PLACED,
  looks: LOOKS,
  readings: READINGS,
  throughM: {
    kind: 'length',
    least: 0,
    most: 5,
    usual: [0.01, 1],
    orUnknown: true,
    words: 'wall',
    says: 'Thickness of a wall that its line goes through on the way',
    asked: 'Through a wall, thick',
  },
  mains: {
    kind: 'yes-no',
    default: false,
    words: 'supply',
    says: 'Pressure of the mains, or of a supply that is drunk, stands here',
    asked: 'Pressure of the mains there',
  },
  wantsKpa: { kind: 'pressure', least: 0, most: 2000, orUnknown: true, words: 'pressure' },
  wantsM3s: { kind: 'flow', least: 0, most: MOST_M3S, orUnknown: true, words: 'flow' },
  vesselM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.05, 2],
    orUnknown: true,
    words: 'vessel',
    says: 'Height of the vessel that goes under it',
  },
  reserveM3: {
    kind: 'volume',
    least: 0,
    most: MOST_M3,
    usual: [0.05, 50],
    orUnknown: true,
    words: 'reserve',
    says: 'Kept in the tank for it alone',
  },
} as const satisfies Fields;
export interface Terminal extends RecordOf<typeof TERMINAL> {}

export const MARK_KINDS = ['reference', 'ground'] as const;

/** A named reference that heights are taken from (a nail, a stake, the line of the level), or a piece of ground. */
export const MARK = {
  id: { kind: 'id', fixed: true },
  name: NAME,
  kind: { kind: 'choice', of: MARK_KINDS, default: 'reference', fixed: true, words: 'kind' },
  at: {
    kind: 'reference',
    to: 'terminals',
    orUnknown: true,
    fixed: true,
    words: 'place',
    says: 'The place where this ground is; null: nowhere in particular',
  },
  placed: PLACED,
  wallTo: {
    kind: 'reference',
    to: 'marks',
    orUnknown: true,
    words: 'wall',
    says: 'A wall stands from here to that mark',
    asked: 'A wall from here to',
  },
  wallSide: {
    kind: 'choice',
    of: ['left', 'right'],
    orUnknown: true,
    words: 'side of the house',
    says: 'On which side of that wall the house is, seen from here along it',
    asked: 'The house is',
  },
  readings: { ...READINGS, says: 'Of the ground as it is now' },
  finishedM: {
    kind: 'length',
    least: -MOST_UP_M,
    most: MOST_UP_M,
    usual: [-20, 20],
    orUnknown: true,
    words: 'finished ground',
    says: 'Where the ground shall be once the work is done, above the finished ground at the tanks; null: as it is',
  },
} as const satisfies Fields;
export interface Mark extends RecordOf<typeof MARK> {}
