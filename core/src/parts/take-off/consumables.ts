import type { Need } from '../../connections/mating';
import { CEMENTS, CEMENT_NAMES, type Cement } from '../../connections/material';
import { clampFor } from '../../connections/make-up/clamp';
import { tapeWidthIn } from '../../connections/make-up/tape';
import { type Measures, MM_PER_INCH, inchFigure } from '../../quantity/length';
import { type NominalSize, sizeInInches } from '../../quantity/size';
import { cents } from '../../quantity/money';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { type Use, traced } from '../list/trace';

/** A need of one joint and where that joint is. */
export interface PlacedNeed<One extends Need = Need> {
  readonly need: One;
  readonly use: Use;
  /** The part of the list in whose bag it is, by its id; absent: it is bought, or comes with what is on no list. */
  readonly inBagOf?: string;
}

type NeedOf<Kind extends Need['kind']> = Extract<Need, { readonly kind: Kind }>;

/** Those of one kind. */
const ofKind = <Kind extends Need['kind']>(
  needs: readonly PlacedNeed[],
  kind: Kind,
): readonly PlacedNeed<NeedOf<Kind>>[] =>
  needs.filter((one): one is PlacedNeed<NeedOf<Kind>> => one.need.kind === kind);
const usesOf = (own: readonly PlacedNeed[]): readonly Use[] => own.map(({ use }) => use);

/** Codes of what is bought by width and by number. */
export const tapeCode = (widthIn: number): string => `TA-${`${Math.round(widthIn * 100)}`.padStart(3, '0')}`;
export const clampCode = (name: string): string =>
  isRing(name)
    ? `RG-${name
        .replace(/ ring$/, '')
        .replaceAll(/[^A-Za-z0-9]+/g, '-')
        .toUpperCase()}`
    : `HC-${name.replace(/ mm$/, '').split(' ').at(-1) ?? ''}`;
/** The ring of an insert, squeezed or shrunk on: no clamp. */
const isRing = (name: string): boolean => name.endsWith(' ring');

const ROLL_M = 13.2;
/** Cement and primer as they are tinned [ml]: a quarter pint to a quart, or an eighth of a litre to a litre (common practice). */
const TINS_ML: Readonly<Record<Measures, readonly number[]>> = {
  'in-gal': [118, 237, 473, 946],
  'mm-l': [125, 250, 500, 1000],
};
/** One tin that holds it all, as an opened one does not keep; more than the largest is several of those. */
const tinFor = (needMl: number, measures: Measures): number => {
  const tins = TINS_ML[measures];
  return tins.find((ml) => needMl <= ml) ?? Math.max(...tins);
};
const ML_PER_OUNCE = 29.57;
/** A tin of twice as much costs two thirds more; up to five cents. */
const tinUsd = (smallUsd: number, ml: number): number => Math.ceil(smallUsd * (ml / 118) ** 0.75 * 20) / 20;
export const CEMENT_CODES: Readonly<Record<Cement, string>> = { pvc: 'CE', cpvc: 'CC', abs: 'CA', transition: 'CT' };
/** Soapy water for one gasket [ml] (common practice). */
export const LUBRICANT_ML = 5;
const PASTE_TUBE_ML = 60;
/** From this size paste goes over the tape (common practice). */
const PASTE_FROM_IN = 1.25;
/** A film of this thickness over so many diameters' length of thread [mm] (common practice). */
const PASTE_FILM_MM = 0.3;
const PASTE_LENGTH_SHARE = 0.6;
/** Paste over the tape of a thread: a film round its diameter over its length [ml]; 0 for small threads. */
export const pasteMl = (size: NominalSize): number => {
  const inches = sizeInInches(size);
  if (inches < PASTE_FROM_IN) return 0;
  const acrossMm = inches * MM_PER_INCH;
  return (Math.PI * acrossMm * acrossMm * PASTE_LENGTH_SHARE * PASTE_FILM_MM) / 1000;
};

export const WASHER_USD = 0.4;
/** Invented prices, as every shipped price is. */
const PRICES = {
  paste: 4.4,
  roll: 1.9,
  cementTin: 6.8,
  primerTin: 6.2,
  clamp: 1.6,
  insert: 0.6,
  bolt: 1.1,
  solderRoll: 14,
  fluxTin: 6,
  ring: 0.5,
} as const;

/** What the joints need, by amount: tape by width, primer and cement, washers, clamps, rings, inserts, bolts, lubricant, solder. */
export const consumableLines = (needs: readonly PlacedNeed[], measures: Measures): readonly PartsLine[] => [
  ...tapeLines(needs, measures),
  ...pasteLines(needs),
  ...cementLines(needs, measures),
  ...washerLines(needs),
  ...clampLines(needs, measures),
  ...insertLines(needs),
  ...boltLines(needs),
  ...lubricantLines(needs),
  ...solderLines(needs),
];

/** Tape of half an inch is sold as 12 mm, of three quarters as 19, of an inch as 25. */
const widthWords = (inches: number, measures: Measures): string =>
  measures === 'mm-l' ? `${Math.floor(inches * MM_PER_INCH)} mm` : `${inchFigure(inches)} in`;

function tapeLines(needs: readonly PlacedNeed[], measures: Measures): PartsLine[] {
  const tape = ofKind(needs, 'tape');
  return [...new Set(tape.map(({ need }) => tapeWidthIn(need.size)))]
    .sort((a, b) => a - b)
    .map((width) => {
      const own = tape.filter(({ need }) => tapeWidthIn(need.size) === width);
      const metres = own.reduce((sum, { need }) => sum + need.lengthM, 0);
      const turns = own.reduce((sum, { need }) => sum + need.turns, 0);
      return packed({
        code: tapeCode(width),
        title: 'Thread tape',
        detail: `${widthWords(width, measures)} wide, ${measures === 'mm-l' ? '13.2 m' : '520 in'} roll`,
        need: metres,
        unit: 'm',
        holds: ROLL_M,
        packUsd: PRICES.roll,
        uses: usesOf(own),
        note: `${turns} turns on ${own.length} joint${own.length === 1 ? '' : 's'}`,
      });
    });
}

function pasteLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const own = ofKind(needs, 'tape').filter(({ need }) => pasteMl(need.size) > 0);
  if (own.length === 0) return [];
  return [
    packed({
      code: 'JP-60',
      title: 'Thread paste',
      detail: 'for plastic threads, tube of 60 ml',
      need: own.reduce((sum, { need }) => sum + pasteMl(need.size), 0),
      unit: 'ml',
      holds: PASTE_TUBE_ML,
      packUsd: PRICES.paste,
      uses: usesOf(own),
      note: `over the tape of ${own.length} large thread${own.length === 1 ? '' : 's'}`,
    }),
  ];
}

/** A tin of each cement there is, and one of primer for those that want it: the least that holds what is needed. */
function cementLines(needs: readonly PlacedNeed[], measures: Measures): PartsLine[] {
  const all = ofKind(needs, 'cement');
  const line = (
    code: string,
    title: string,
    needed: number,
    smallUsd: number,
    joints: readonly PlacedNeed[],
  ): PartsLine => {
    const ml = tinFor(needed, measures);
    return packed({
      code: `${code}-${ml}`,
      title,
      detail: measures === 'mm-l' ? `${ml} ml tin` : `${Math.round(ml / ML_PER_OUNCE)} fl oz tin, ${ml} ml`,
      need: needed,
      unit: 'ml',
      holds: ml,
      packUsd: tinUsd(smallUsd, ml),
      uses: usesOf(joints),
      note: `${joints.length} socket${joints.length === 1 ? '' : 's'}; no flame, fresh air`,
    });
  };
  const primed = all.filter(({ need }) => need.primerMl > 0);
  const primerMl = primed.reduce((sum, { need }) => sum + need.primerMl, 0);
  return [
    ...(primed.length === 0 ? [] : [line('PR', 'Primer', primerMl, PRICES.primerTin, primed)]),
    ...CEMENTS.flatMap((cement) => {
      const own = all.filter(({ need }) => need.cement === cement);
      const ml = own.reduce((sum, { need }) => sum + need.ml, 0);
      return own.length === 0 ? [] : [line(CEMENT_CODES[cement], CEMENT_NAMES[cement], ml, PRICES.cementTin, own)];
    }),
  ];
}

const WASHER = { code: 'WA', title: 'Washer', unit: 'piece' } as const;

/** What comes in the bag of these parts, by their ids: washers and gaskets. */
export function insideOf(ids: readonly string[], needs: readonly PlacedNeed[]): NonNullable<PartsLine['inside']> {
  const own = ofKind(needs, 'washer').filter(({ inBagOf }) => inBagOf !== undefined && ids.includes(inBagOf));
  return [...new Set(own.map(({ need }) => need.name))].map((detail) => ({
    ...WASHER,
    detail,
    need: own.filter(({ need }) => need.name === detail).length,
  }));
}

/** As it is said on the line of the part that it comes with: 'with its 2 in cam gasket'. */
export const insideWords = (inside: NonNullable<PartsLine['inside']>): string =>
  `with ${inside.map(({ detail, need }) => (need > 1 ? `${need} x ${detail}` : `its ${detail}`)).join(' and ')}: look whether it is there`;

/** Washers that come in no bag of the list: bought, or there with what stands. */
function washerLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const washers = ofKind(needs, 'washer').filter(({ inBagOf }) => inBagOf === undefined);
  const names = [...new Set(washers.map(({ need }) => `${need.name}|${need.comesWith !== null}`))];
  return names.map((key) => {
    const own = washers.filter(({ need }) => `${need.name}|${need.comesWith !== null}` === key);
    const [first] = own;
    if (!first) throw new RangeError('washerLines: a name without a washer');
    const supplied = first.need.comesWith !== null;
    return {
      ...WASHER,
      detail: first.need.name,
      need: own.length,
      buy: supplied ? 0 : own.length,
      priceUsd: supplied ? null : cents(own.length * WASHER_USD),
      ...traced(usesOf(own)),
      ...(supplied ? { note: 'comes with what is there: look for it' } : {}),
    };
  });
}

/** What a clamp goes by at the counter: its number, or in millimetres the range that it closes on. */
function clampName({ name, aroundMm }: NeedOf<'clamp'>, measures: Measures): string {
  if (measures === 'in-gal' || aroundMm === undefined) return name;
  const [least, most] = clampFor(aroundMm).metricMm;
  return `worm-drive clamp ${least}-${most} mm`;
}

function clampLines(needs: readonly PlacedNeed[], measures: Measures): PartsLine[] {
  const clamps = ofKind(needs, 'clamp').map(({ need, use }) => ({
    need: { ...need, name: clampName(need, measures) },
    use,
  }));
  return [...new Set(clamps.map(({ need }) => need.name))].map((name) => {
    const own = clamps.filter(({ need }) => need.name === name);
    const count = own.reduce((sum, { need }) => sum + need.count, 0);
    return packed({
      code: clampCode(name),
      title: isRing(name) ? 'Ring' : 'Hose clamp',
      detail: name,
      need: count,
      packUsd: isRing(name) ? PRICES.ring : PRICES.clamp,
      uses: usesOf(own),
    });
  });
}

function insertLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const inserts = ofKind(needs, 'insert');
  return [...new Set(inserts.map(({ need }) => need.name))].map((name) => {
    const own = inserts.filter(({ need }) => need.name === name);
    return packed({
      code: 'IN',
      title: 'Pipe insert',
      detail: name,
      need: own.length,
      packUsd: PRICES.insert,
      uses: usesOf(own),
    });
  });
}

export const BOLT_CODE = 'BO';

/** Bolts of flanges, by what they are. */
function boltLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const bolts = ofKind(needs, 'bolts');
  return [...new Set(bolts.map(({ need }) => need.name))].map((name) => {
    const own = bolts.filter(({ need }) => need.name === name);
    return packed({
      code: BOLT_CODE,
      title: 'Flange bolt',
      detail: name,
      need: own.reduce((sum, { need }) => sum + need.count, 0),
      packUsd: PRICES.bolt,
      uses: usesOf(own),
    });
  });
}

/** A roll of 250 g of lead-free wire, 3 mm: 4.8 m at 7.3 g/cm3 (geometry; density of tin from handbooks, from memory). */
const SOLDER_ROLL_M = 4.8;
const FLUX_TIN_ML = 80;
export const SOLDER_CODE = 'SOL-250';
export const FLUX_CODE = 'FX-80';

function solderLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const own = ofKind(needs, 'solder');
  if (own.length === 0) return [];
  const note = `${own.length} joint${own.length === 1 ? '' : 's'}`;
  return [
    packed({
      code: SOLDER_CODE,
      title: 'Solder wire, lead-free',
      detail: '3 mm, roll of 250 g',
      need: own.reduce((sum, { need }) => sum + need.wireMm, 0) / 1000,
      unit: 'm',
      holds: SOLDER_ROLL_M,
      packUsd: PRICES.solderRoll,
      uses: usesOf(own),
      note,
    }),
    packed({
      code: FLUX_CODE,
      title: 'Flux for soft solder',
      detail: `tin of ${FLUX_TIN_ML} ml, for drinking water`,
      need: own.reduce((sum, { need }) => sum + need.fluxMl, 0),
      unit: 'ml',
      holds: FLUX_TIN_ML,
      packUsd: PRICES.fluxTin,
      uses: usesOf(own),
      note,
    }),
  ];
}

function lubricantLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const own = ofKind(needs, 'lubricant');
  if (own.length === 0) return [];
  return [
    {
      code: 'LU',
      title: 'Gasket lubricant',
      detail: 'dish soap and water; never oil',
      need: own.length * LUBRICANT_ML,
      unit: 'ml',
      buy: 0,
      priceUsd: null,
      ...traced(usesOf(own)),
      note: 'from the kitchen',
    },
  ];
}
