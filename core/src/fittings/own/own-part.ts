import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { MATERIALS, readMaterial } from '../../connections/material';
import { endProblemWords, parseEnd } from '../../connections/parse';
import { type FieldProblem, type Result, err, ok } from '../../result';
import { type NominalSize, isNominalSize } from '../../quantity/size';
import { REGIONS } from '../../region';
import { boreOfEnd, endSection } from '../body';

import { type Catalogue, catalogueOf, shippedCatalogue } from '../catalogue';
import { fitting } from '../fitting';
import type { Feature, Part } from '../part';

/** A part as somebody enters it: ends as text, the rest as it is read off the part or the bag. */
export interface OwnPart {
  readonly code: string;
  readonly name: string;
  /** What tells it apart; empty: its ends do. */
  readonly detail: string;
  readonly size: string;
  readonly material: string;
  /** One to four ends in end notation: inlet, outlet, then branches. */
  readonly ends: readonly string[];
  /** Overall [mm]; null: typical for its ends. */
  readonly lengthMm: number | null;
  /** Least bore [mm]; null: what its ends let through. */
  readonly boreMm: number | null;
  readonly priceUsd: number;
  /** Sold by the length in pieces of so many metres; null: by the piece. */
  readonly stockLengthM: number | null;
  readonly does: readonly string[];
}

/** What is said of a part of any catalogue: how many there are, and what it really costs. */
export interface Holding {
  readonly code: string;
  readonly onHand: number;
  /** Null: the price of the catalogue. */
  readonly priceUsd: number | null;
}

export const OWN_LIMITS = {
  codeChars: 32,
  nameChars: 80,
  ends: 4,
  lengthMm: 10_000,
  boreMm: 1000,
  priceUsd: 1_000_000,
  stockLengthM: 1000,
  onHand: 1_000_000,
} as const;

const CODE = /^[A-Za-z0-9][A-Za-z0-9._-]*$/;
const TYPICAL_BETWEEN_MM = 12;
const LEAST_BETWEEN_MM = 2;

/** What a part of one's own can do, and how it is drawn then. */
const SHAPE = {
  'shut-off': 'ball-and-lever',
  union: 'union-nut',
  'non-return': 'spring-check',
  filter: 'filter',
  elbow: 'bend',
} as const satisfies Readonly<Record<string, Feature>>;
export type OwnAbility = keyof typeof SHAPE;
export const OWN_ABILITIES = Object.keys(SHAPE) as readonly OwnAbility[];

const isAbility = (text: string): text is OwnAbility => Object.hasOwn(SHAPE, text);

/** Text that a spreadsheet would run: it is never taken as a name. */
export const isFormula = (text: string): boolean => /^[=+@\t\r]|^-(?!\d)/.test(text);

/**
 * Makes a part of what was entered; every field that is wrong is named.
 *
 * @returns the part, of family 'own', or all of its problems with the path to each field
 */
export function makeOwnPart(own: OwnPart): Result<Part, readonly FieldProblem[]> {
  const problems: FieldProblem[] = [];
  const wrong = (path: string, message: string): void => void problems.push({ path, message });
  if (!CODE.test(own.code) || own.code.length > OWN_LIMITS.codeChars)
    wrong('code', `A code is letters, digits, dots and dashes, at most ${OWN_LIMITS.codeChars}.`);
  else if (shippedCatalogue.byCode.has(own.code)) wrong('code', `${own.code} is a part of the shipped catalogue.`);
  for (const path of ['name', 'detail'] as const) {
    if (isFormula(own[path])) wrong(path, `“${own[path]}” is a formula, not a ${path}.`);
    if (own[path].length > OWN_LIMITS.nameChars) wrong(path, `At most ${OWN_LIMITS.nameChars} characters.`);
  }
  if (own.name.trim() === '') wrong('name', 'What is it called?');
  const size = isNominalSize(own.size) ? own.size : undefined;
  if (!size) wrong('size', `“${own.size}” is no size of the trade: 3/4, 1-1/2, 32.`);
  const material = readMaterial(own.material);
  if (!material) wrong('material', `“${own.material}” is no material that is known: ${MATERIALS.join(', ')}.`);
  const ends: End[] = [];
  if (own.ends.length === 0 || own.ends.length > OWN_LIMITS.ends)
    wrong('ends', `A part has one to ${OWN_LIMITS.ends} ends.`);
  for (const [index, text] of own.ends.entries()) {
    const parsed = parseEnd(text);
    if (!parsed.ok) wrong(`ends[${index}]`, endProblemWords(parsed.error));
    else if (UNFIT.includes(parsed.value.kind)) wrong(`ends[${index}]`, `A part of your own has no ${text}.`);
    else ends.push(parsed.value);
  }
  const does = own.does.filter(isAbility);
  for (const one of own.does) if (!isAbility(one)) wrong('does', `“${one}” is none of ${OWN_ABILITIES.join(', ')}.`);
  const within = (path: 'lengthMm' | 'boreMm' | 'priceUsd' | 'stockLengthM', least: number): void => {
    const value = own[path];
    if (value !== null && !(value >= least && value <= OWN_LIMITS[path]))
      wrong(path, `Between ${least} and ${OWN_LIMITS[path]}.`);
  };
  within('lengthMm', 1);
  within('boreMm', 1);
  within('priceUsd', 0);
  within('stockLengthM', 0.1);
  if (problems.length > 0 || !size || !material) return err(problems);
  return ok(build(own, size, material, ends, does));
}

/** A hole is drilled, a shank in a wall has its own table, an end of no standard has no dimensions. */
const UNFIT: readonly End['kind'][] = ['hole', 'wall-seal', 'own'];

function build(
  own: OwnPart,
  size: NominalSize,
  material: Material,
  ends: readonly End[],
  does: readonly OwnAbility[],
): Part {
  const boreMm = own.boreMm ?? Math.min(...ends.map(boreOfEnd));
  const [inlet, outlet] = ends.map((end) => (end.kind === 'gasket' ? undefined : endSection(end, boreMm)));
  const endsMm = (inlet?.lengthMm ?? 0) + (outlet?.lengthMm ?? 0);
  const part = fitting({
    code: own.code,
    name: own.name.trim(),
    ...(own.detail.trim() === '' ? {} : { detail: own.detail.trim() }),
    size,
    material,
    ends,
    betweenMm: own.lengthMm === null ? TYPICAL_BETWEEN_MM : Math.max(LEAST_BETWEEN_MM, own.lengthMm - endsMm),
    features: [...does.map((one) => SHAPE[one]), ...(ends.length > 2 ? (['branch'] as const) : [])],
    boreMm,
    ...(does.includes('elbow') ? { bendDegrees: 90, loss: 'bend-90' as const } : {}),
    ...(does.includes('non-return') ? { oneWay: true as const } : {}),
    sale:
      own.stockLengthM === null ? { by: 'piece' } : { by: 'length', stockLengthsM: [own.stockLengthM], sawKerfM: 0 },
    priceUsdAtOneInch: 1,
  });
  return {
    ...part,
    family: 'own',
    source: { document: 'entered by you', provenance: 'common-practice' },
    // It is yours: where you are it can be had.
    regions: REGIONS,
    ratedKpa: null,
    lossK: part.lossK ?? 0,
    priceUsd: own.priceUsd,
  };
}

/** A piece left over from other work, long enough to be kept. */
export interface OffCut {
  readonly id: string;
  readonly code: string;
  readonly lengthM: number;
}

/** Shorter than this a left-over is not worth its place in the van [m] (common practice). */
export const KEEP_OFF_CUT_M = 0.3;

/** Somebody's own parts, and what is known of stock and real prices of any part. */
export interface OwnCatalogue {
  readonly own: readonly OwnPart[];
  readonly holdings: readonly Holding[];
}

/** Lengths left over by what they are of. */
export const offCutsByCode = (offCuts: readonly OffCut[]): ReadonlyMap<string, readonly number[]> =>
  new Map(
    [...new Set(offCuts.map(({ code }) => code))].map((code) => [
      code,
      offCuts.filter((one) => one.code === code).map(({ lengthM }) => lengthM),
    ]),
  );

/**
 * The catalogue with somebody's own parts, prices and stock: they take part everywhere at once.
 * Own parts that no longer make sense (their notation is gone) are left out.
 */
export function catalogueWith(
  own: readonly OwnPart[],
  holdings: readonly Holding[],
  offCuts: readonly OffCut[] = [],
): Catalogue {
  if (own.length + holdings.length + offCuts.length === 0) return shippedCatalogue;
  const prices = new Map(
    holdings.flatMap(({ code, priceUsd }) => (priceUsd === null ? [] : [[code, priceUsd] as const])),
  );
  const parts = own.flatMap((one) => {
    const made = makeOwnPart(one);
    return made.ok ? [made.value] : [];
  });
  return catalogueOf(
    [...shippedCatalogue.list, ...parts].map((part) => {
      const priceUsd = prices.get(part.code);
      return priceUsd === undefined ? part : { ...part, priceUsd };
    }),
    new Map(holdings.flatMap(({ code, onHand }) => (onHand > 0 ? [[code, onHand] as const] : []))),
    offCutsByCode(offCuts),
  );
}
