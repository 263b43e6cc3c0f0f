import type { Fields, RecordOf } from '../record/field';
import { PLACED, TURNED } from './placing';

/** Outer limits of what a rainwater tank can be; beyond them a point has slipped. Our judgement. */
export const MOST_M = 30;
export const MOST_M3 = 500;
const MOST_KG = 1_000_000;

/** Where an opening can be: the wall round a tank, its top and bottom, a side of a box or an end of a lying tank. */
export const FACES = ['wall', 'top', 'bottom', 'front', 'right', 'back', 'left'] as const;
export type Face = (typeof FACES)[number];

/** The figures of a place on a face, by which it is moved. */
export const PLACE_FIELDS = ['heightM', 'aroundM', 'depthM'] as const;
export type PlaceField = (typeof PLACE_FIELDS)[number];

/** A place on a tank, as an opening has it. */
export interface WallPlace extends Readonly<Record<PlaceField, number>> {
  readonly face: Face;
}

/** What a tank stands on. */
export const BASES = ['ground', 'slab', 'blocks', 'planks', 'stand', 'trailer'] as const;
export type Base = (typeof BASES)[number];
export const BASE_NAMES: Readonly<Record<Base, string>> = {
  ground: 'Levelled ground',
  slab: 'Slab or plinth',
  blocks: 'Blocks',
  planks: 'Planks on blocks',
  stand: 'Stand on legs',
  trailer: 'Trailer bed',
};

/** What the water of a tank is for. */
export const PURPOSES = ['garden', 'wash', 'stock', 'toilets', 'fire', 'drinking'] as const;
export type Purpose = (typeof PURPOSES)[number];
export const PURPOSE_NAMES: Readonly<Record<Purpose, string>> = {
  garden: 'Garden',
  wash: 'Washing',
  stock: 'Stock',
  toilets: 'Toilets',
  fire: 'Fire',
  drinking: 'Drinking, after treatment',
};

/** Is the water of a tank drunk? By its purposes; where none is said, as is said of the whole job. */
export const isDrunk = (
  { purposes }: { readonly purposes: readonly Purpose[] },
  { drinking }: { readonly drinking: boolean | null },
): boolean => (purposes.length > 0 ? purposes.includes('drinking') : drinking === true);

/** What was seen of a tank on a day: how its water is, what was cleaned, what was mended. */
const LOGGED = {
  on: { kind: 'day', words: 'day' },
  text: { kind: 'text', most: 300, words: 'remark' },
} as const satisfies Fields;
export interface Logged extends RecordOf<typeof LOGGED> {}

/** How a used container was cleaned. */
export const CLEANINGS = ['not', 'rinsed', 'washed', 'reconditioned'] as const;
export type Cleaning = (typeof CLEANINGS)[number];
export const CLEANING_NAMES: Readonly<Record<Cleaning, string>> = {
  not: 'Not yet',
  rinsed: 'Rinsed with water',
  washed: 'Washed hot, rinsed three times',
  reconditioned: 'By a reconditioner',
};

/** Planks that carry a tank from block to block. */
const PLANKS = {
  count: { kind: 'count', least: 1, most: 50, words: 'number of planks' },
  widthM: { kind: 'length', above: 0, most: 10, words: 'width of a plank' },
  thickM: { kind: 'length', above: 0, most: 10, words: 'thickness of a plank' },
  spanM: { kind: 'length', above: 0, most: 10, words: 'span of a plank', says: 'Clear between the blocks' },
} as const satisfies Fields;
export interface Planks extends RecordOf<typeof PLANKS> {}

/** A pump that stands or hangs in the tank. */
const PUMP = {
  diameterM: { kind: 'length', above: 0, most: MOST_M, words: 'diameter of the pump' },
  lengthM: { kind: 'length', above: 0, most: MOST_M, words: 'length of the pump' },
  intakeM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    words: 'intake of the pump',
    says: 'Where it draws, above the base',
  },
  fromLeftM: { kind: 'length', least: 0, most: MOST_M, words: 'place of the pump' },
  fromFrontM: { kind: 'length', least: 0, most: MOST_M, words: 'place of the pump' },
} as const satisfies Fields;
export interface Pump extends RecordOf<typeof PUMP> {}

/** What leads from the way in of a buried tank up to a lid over the ground. */
const RISER = {
  heightM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.1, 2],
    words: 'height of the riser',
    says: 'From the top of the tank to the top of its lid',
  },
  widthM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.2, 1.5],
    words: 'width of the riser',
    says: 'Clear inside',
  },
} as const satisfies Fields;
export interface Riser extends RecordOf<typeof RISER> {}

/** Which way a rib runs. */
export const RIB_RUNS = ['level', 'upright'] as const;
export type RibRun = (typeof RIB_RUNS)[number];
export const RIB_RUN_NAMES: Readonly<Record<RibRun, string>> = { level: 'Level', upright: 'Upright' };

/** A rib or a hoop of a wall: nothing lies flat on it. */
const RIB = {
  runs: {
    kind: 'choice',
    of: RIB_RUNS,
    words: 'way a rib runs',
    says: 'Level round the tank, or upright on its long sides; of a lying tank, upright round it',
  },
  atM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.05, 3],
    words: 'place of a rib',
    says: 'To its middle: of a level one above the base, of an upright one from the left of its face or from the mark',
  },
  widthM: { kind: 'length', above: 0, most: 1, usual: [0.01, 0.3], words: 'width of a rib' },
} as const satisfies Fields;
export interface Rib extends RecordOf<typeof RIB> {}

/** One reading while the tank was filled by meter. */
const METERED_FILL = {
  levelM: { kind: 'length', above: 0, most: MOST_M, words: 'metered level', says: 'Above the base' },
  volumeM3: { kind: 'volume', above: 0, most: MOST_M3, words: 'metered volume', says: 'What had gone in' },
} as const satisfies Fields;
export interface MeteredFill extends RecordOf<typeof METERED_FILL> {}

/** How the ends of a lying tank are shaped: by how far each bulges, as a share of half of its width. */
export const HEADS = ['flat', 'shallow', 'full'] as const;
export type Heads = (typeof HEADS)[number];
export const HEAD_NAMES: Readonly<Record<Heads, string>> = {
  flat: 'Flat ends',
  shallow: 'Shallow ends, 2:1',
  full: 'Full ends, half round',
};

/** What can be measured of a tank; a dimension its form does not have is 0. */
const TANK_DIMENSIONS = {
  capacityM3: {
    kind: 'volume',
    above: 0,
    most: MOST_M3,
    usual: [0.05, 50],
    orUnknown: true,
    words: 'capacity',
    says: 'To the brim, as its maker has it; null: what its dimensions hold',
  },
  diameterM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.2, 6],
    words: 'diameter',
    says: 'Round tanks: outside, at the brim',
  },
  baseDiameterM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.2, 6],
    words: 'diameter at the base',
    says: 'Round tanks: outside, at the base; the same as the diameter unless the tank tapers',
  },
  lengthM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.2, 8],
    words: 'length',
    says: 'Boxes and lying tanks: outside, from left to right',
  },
  widthM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0.2, 6],
    words: 'width',
    says: 'Boxes and lying tanks: outside, from front to back',
  },
  brimM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.2, 5],
    words: 'brim',
    says: 'From the base to the brim: the level at which the nominal capacity is reached',
  },
  heightM: {
    kind: 'length',
    above: 0,
    most: MOST_M,
    usual: [0.2, 5],
    words: 'height',
    says: 'From the base to the top of the lid; of a tank with a riser to where that begins',
  },
  wallM: { kind: 'length', above: 0, most: 0.5, usual: [0.0008, 0.2], words: 'wall' },
  plinthM: { kind: 'length', least: 0, most: MOST_M, usual: [0, 6], words: 'plinth' },
  buriedM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0, 6],
    words: 'depth in the ground',
    says: 'How far its base is below the finished ground',
  },
  accessM: {
    kind: 'length',
    least: 0,
    most: MOST_M,
    usual: [0, 3],
    words: 'way in',
    says: 'Clear width of the opening a hand or a pump goes through; 0: there is none',
  },
  heads: {
    kind: 'choice',
    of: HEADS,
    orUnknown: true,
    words: 'ends',
    says: 'Lying tanks: how their ends are shaped; null: as their type has them',
    asked: 'Its ends',
  },
} as const satisfies Fields;
export interface TankDimensions extends RecordOf<typeof TANK_DIMENSIONS> {}

/** A tank as the job holds it; every dimension can be changed. */
export const TANK = {
  id: { kind: 'id', fixed: true },
  label: { kind: 'text', most: 12, fixed: true, says: 'T1, T2 ... in the order in which they were set out' },
  type: { kind: 'text', most: 40, words: 'type', says: 'One of the types that ship with Herrero' },
  ...TANK_DIMENSIONS,
  metered: {
    kind: 'list',
    of: { kind: 'group', of: METERED_FILL },
    most: 100,
    default: [],
    words: 'metered fill',
    says: 'Lowest level first; corrects the curve of the shape',
  },
  ribs: {
    kind: 'list',
    of: { kind: 'group', of: RIB },
    most: 60,
    orUnknown: true,
    words: 'ribs',
    says: 'Ribs and hoops of its wall as they were measured; null: as its type usually has them',
    asked: 'Ribs and hoops',
  },
  base: { kind: 'choice', of: BASES, default: 'ground', words: 'base', asked: 'Stands on' },
  ratedKg: {
    kind: 'mass',
    above: 0,
    most: MOST_KG,
    orUnknown: true,
    words: 'rating',
    says: 'What its stand or trailer is rated to carry',
  },
  planks: { kind: 'group', of: PLANKS, orUnknown: true, words: 'planks' },
  contents: {
    kind: 'text',
    most: 80,
    orUnknown: true,
    words: 'contents',
    says: 'What was in a used container before',
    asked: 'What it held before; new, if nothing',
  },
  foodGrade: { kind: 'yes-no', orUnknown: true, words: 'food grade', asked: 'Was that food grade?' },
  cleaning: { kind: 'choice', of: CLEANINGS, orUnknown: true, words: 'cleaning', asked: 'How it was cleaned' },
  dark: {
    kind: 'yes-no',
    default: false,
    words: 'cover against light',
    says: 'Opaque, covered or painted, so that no light gets in',
    asked: 'Dark, or covered against light',
  },
  filledAsBuried: {
    kind: 'yes-no',
    default: false,
    words: 'way of burying',
    says: 'Buried: water goes in as the ground goes in',
    asked: 'Water goes in as the ground does',
  },
  braced: {
    kind: 'yes-no',
    default: false,
    words: 'bracing',
    says: 'Braced inside, where it may stand empty in the ground',
    asked: 'Braced inside while empty',
  },
  anchorKg: {
    kind: 'mass',
    least: 0,
    most: MOST_KG,
    default: 0,
    words: 'anchors',
    says: 'What holds a buried tank down beside its own weight and the ground on it',
  },
  riser: { kind: 'group', of: RISER, orUnknown: true, words: 'riser', says: 'On its way in; null: none' },
  pump: { kind: 'group', of: PUMP, orUnknown: true, words: 'pump' },
  stands: {
    kind: 'yes-no',
    default: false,
    words: 'standing',
    says: 'It stands already and works: what it stands on, its air, its overflow and its other openings are neither asked for nor bought',
    asked: 'It stands already and works',
  },
  purposes: {
    kind: 'list',
    of: { kind: 'choice', of: PURPOSES },
    most: PURPOSES.length,
    default: [],
    words: 'purposes',
    says: 'What its water is for; empty: not said',
    asked: 'What its water is for',
  },
  mayRunOver: {
    kind: 'yes-no',
    default: false,
    words: 'running over',
    says: 'What is too much may run over its rim: it needs no overflow',
    asked: 'It may run over',
  },
  baseStands: {
    kind: 'yes-no',
    default: false,
    words: 'base',
    says: 'What it stands on is there already: not bought',
    asked: 'What it stands on is there already',
  },
  onStandOf: {
    kind: 'reference',
    to: 'tanks',
    orUnknown: true,
    words: 'stand',
    says: 'The tank on whose stand it stands too: its height and what carries it are those of that one; null: its own',
    asked: 'Shares the stand of',
  },
  placed: { ...PLACED, says: 'Where its middle is on the plan; null: not placed' },
  turned: TURNED,
  groundId: {
    kind: 'reference',
    to: 'marks',
    orUnknown: true,
    words: 'ground',
    says: 'The ground it stands on, where that is not the finished ground at the tanks',
    asked: 'Ground it stands on',
  },
  logbook: {
    kind: 'list',
    of: { kind: 'group', of: LOGGED },
    most: 500,
    default: [],
    words: 'logbook',
    says: 'Water quality and remarks, oldest first',
    asked: 'Logbook',
  },
} as const satisfies Fields;
export interface Tank extends RecordOf<typeof TANK> {}
