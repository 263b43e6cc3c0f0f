/** What a part is made of, as far as joints, the list and the drawing need to know. */
export const MATERIALS = [
  'pvc',
  'clear-pvc',
  'cpvc',
  'abs',
  'polypropylene',
  'polyethylene',
  'pex',
  'nylon',
  'rubber',
  'vinyl-hose',
  'brass',
  'copper',
  'stainless',
  'galvanised',
  'aluminium',
  'steel',
  'concrete',
] as const;
export type Material = (typeof MATERIALS)[number];

/** What else materials are called, on pipe, in catalogues and at the counter. */
export const MATERIALS_ALSO: Readonly<Record<string, Material>> = {
  pe: 'polyethylene',
  poly: 'polyethylene',
  hdpe: 'polyethylene',
  mdpe: 'polyethylene',
  ldpe: 'polyethylene',
  pe80: 'polyethylene',
  pe100: 'polyethylene',
  pp: 'polypropylene',
  upvc: 'pvc',
  'pvc-u': 'pvc',
  'pvc-c': 'cpvc',
  pa: 'nylon',
  epdm: 'rubber',
  galv: 'galvanised',
  galvanized: 'galvanised',
  ss: 'stainless',
  inox: 'stainless',
  aluminum: 'aluminium',
};

/** A material by its name here or by what else it is called; undefined: it is none that is known. */
export function readMaterial(text: string): Material | undefined {
  const said = text.trim().toLowerCase();
  return (
    MATERIALS.find((one) => one === said) ?? (Object.hasOwn(MATERIALS_ALSO, said) ? MATERIALS_ALSO[said] : undefined)
  );
}

interface Nature {
  readonly name: string;
  readonly metal: boolean;
  /** Which plastics dissolve together; none for what no cement bonds. */
  readonly cement?: 'pvc' | 'cpvc' | 'abs';
  /** How it bears daylight, and earth. Rules of the trade (common practice); empty where it bears it well. */
  readonly sunlight?: string;
  readonly burial?: string;
  readonly potable?: string;
}

const MARKED = 'for drinking water only where it is marked so';

const NATURES: Readonly<Record<Material, Nature>> = {
  pvc: {
    name: 'PVC',
    metal: false,
    cement: 'pvc',
    sunlight: 'turns brittle in years of sun: paint or cover it',
    potable: MARKED,
  },
  'clear-pvc': {
    name: 'clear PVC',
    metal: false,
    cement: 'pvc',
    sunlight: 'yellows, cracks and grows algae in daylight: shade it',
    burial: 'is not for burial',
    potable: MARKED,
  },
  cpvc: {
    name: 'CPVC',
    metal: false,
    cement: 'cpvc',
    sunlight: 'turns brittle in the sun: paint or cover it',
    potable: MARKED,
  },
  abs: {
    name: 'ABS',
    metal: false,
    cement: 'abs',
    sunlight: 'chalks in the sun: paint or cover it',
    potable: 'is for drains, not for drinking water',
  },
  polypropylene: {
    name: 'polypropylene',
    metal: false,
    sunlight: 'cracks in the sun unless it is black',
    potable: MARKED,
  },
  polyethylene: {
    name: 'polyethylene',
    metal: false,
    sunlight: 'lasts in the sun only if it is black',
    potable: MARKED,
  },
  pex: { name: 'PEX', metal: false, sunlight: 'must not stand in daylight: sleeve it', potable: MARKED },
  nylon: { name: 'nylon', metal: false, sunlight: 'turns brittle in the sun unless it is black', potable: MARKED },
  rubber: { name: 'rubber', metal: false, sunlight: 'cracks in the sun unless it is EPDM', potable: MARKED },
  'vinyl-hose': {
    name: 'reinforced hose',
    metal: false,
    sunlight: 'hardens in the sun',
    burial: 'is not for burial',
    potable: MARKED,
  },
  brass: {
    name: 'brass',
    metal: true,
    burial: 'is wrapped before it is buried',
    potable: 'for drinking water only lead-free',
  },
  copper: { name: 'copper', metal: true, burial: 'is sleeved before it is buried' },
  stainless: { name: 'stainless steel', metal: true, burial: 'is wrapped before it is buried in salty ground' },
  galvanised: {
    name: 'galvanised steel',
    metal: true,
    burial: 'rusts in the ground: wrap it',
    potable: 'is not for soft rainwater that is drunk',
  },
  steel: {
    name: 'painted steel',
    metal: true,
    burial: 'rusts in the ground',
    potable: 'is for drinking water only if it is lined',
  },
  concrete: { name: 'concrete', metal: false },
  aluminium: { name: 'aluminium', metal: true, burial: 'is not for burial', potable: 'is not for drinking water' },
};

export const MATERIAL_NAMES = Object.fromEntries(
  MATERIALS.map((material) => [material, NATURES[material].name]),
) as Readonly<Record<Material, string>>;

export const isMetal = (material: Material): boolean => NATURES[material].metal;

/** Polyolefins, nylon, rubber and metals take no solvent cement (common practice; their surface does not dissolve). */
export const takesNoCement = (material: Material): boolean => NATURES[material].cement === undefined;

/** Solvent cements as sold. `transition` bonds PVC to ABS, for drains. */
export const CEMENTS = ['pvc', 'cpvc', 'abs', 'transition'] as const;
export type Cement = (typeof CEMENTS)[number];

export const CEMENT_NAMES: Readonly<Record<Cement, string>> = {
  pvc: 'PVC cement',
  cpvc: 'CPVC cement',
  abs: 'ABS cement',
  transition: 'PVC to ABS transition cement',
};

/** PVC and CPVC want a primer (ASTM D2855, F493); ABS and transition cements are one step (common practice). */
export const wantsPrimer = (cement: Cement): boolean => cement === 'pvc' || cement === 'cpvc';

/**
 * The cement that bonds two plastics.
 *
 * @returns undefined where none does: a polyolefin, nylon, rubber or a metal is one of them, or the pair has no cement of its own
 * @source ASTM D2564 (PVC), F493 (CPVC), D2235 (ABS), D3138 (PVC to ABS, drains); from memory
 */
export function cementFor(a: Material, b: Material): Cement | undefined {
  const [first, second] = [NATURES[a].cement, NATURES[b].cement];
  if (first === undefined || second === undefined) return undefined;
  if (first === second) return first;
  return first !== 'cpvc' && second !== 'cpvc' ? 'transition' : undefined;
}

export type Setting = 'potable' | 'sunlight' | 'burial';

/** Materials of drains and of the street, which no marking makes fit for drinking water (common practice). */
const NOT_FOR_DRINKING: readonly Material[] = ['abs', 'galvanised', 'steel', 'aluminium'];
export const isForDrinking = (material: Material): boolean => !NOT_FOR_DRINKING.includes(material);

/** What a material does not bear, in words for each setting; undefined where there is nothing to say (common practice). */
export function settingCaution(material: Material, setting: Setting): string | undefined {
  const nature = NATURES[material];
  const said = nature[setting];
  return said === undefined ? undefined : `${nature.name[0]?.toUpperCase() ?? ''}${nature.name.slice(1)} ${said}.`;
}

const ATTACKS: readonly (readonly [Material, Material])[] = [
  ['copper', 'aluminium'],
  ['copper', 'galvanised'],
];
const CORRODES: readonly (readonly [Material, Material])[] = [
  ['brass', 'aluminium'],
  ['stainless', 'aluminium'],
  ['stainless', 'galvanised'],
  ['brass', 'galvanised'],
];
const among = (pairs: readonly (readonly [Material, Material])[], a: Material, b: Material): boolean =>
  pairs.some(([one, other]) => (one === a && other === b) || (one === b && other === a));

/** Copper eats aluminium and zinc away when water joins them: such a joint is not counted as one (common practice). */
export const eatsAway = (a: Material, b: Material): boolean => among(ATTACKS, a, b);

/** Pairs of metals that corrode slowly where the joint stays wet (common practice). */
export const corrodes = (a: Material, b: Material): boolean => among(CORRODES, a, b);
