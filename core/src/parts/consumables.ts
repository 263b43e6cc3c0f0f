import type { Need } from '../connections/mating';
import { tapeWidthIn } from '../connections/families/tape';
import { inchFigure } from '../quantity/length';
import { type NominalSize, NOMINAL_SIZES } from '../quantity/size';
import type { PartsLine } from './parts-list';

/** A need of one joint and where that joint is. */
export interface PlacedNeed {
  readonly need: Need;
  readonly place: string;
}

const ROLL_M = 13.2;
const ML_PER_QUART = 946.353;
/** Joints that a quart of cement makes, by size; primer goes twice as far (value from memory). One joint is one socket. */
const JOINTS_PER_QUART: Readonly<Partial<Record<NominalSize, number>>> = {
  '1/2': 300,
  '3/4': 200,
  '1': 125,
  '1-1/4': 110,
  '1-1/2': 90,
  '2': 60,
  '2-1/2': 50,
  '3': 40,
};
const TIN_ML = 118;
/** Soapy water for one gasket [ml] (common practice). */
const LUBRICANT_ML = 5;
/** Invented prices, as every shipped price is. */
const PRICES = { roll: 1.9, cementTin: 6.8, primerTin: 6.2, clamp: 1.6, washer: 0.4 } as const;

const placesOf = (needs: readonly PlacedNeed[]): string[] => [...new Set(needs.map(({ place }) => place))];
const cents = (usd: number): number => Math.round(usd * 100) / 100;

/** What the joints need, by amount: tape by width, primer and cement, washers, clamps, lubricant. */
export const consumableLines = (needs: readonly PlacedNeed[]): readonly PartsLine[] => [
  ...tapeLines(needs),
  ...cementLines(needs),
  ...washerLines(needs),
  ...clampLines(needs),
  ...lubricantLines(needs),
];

function tapeLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const tape = needs.flatMap(({ need, place }) =>
    need.kind === 'tape' ? [{ need, place, width: tapeWidthIn(need.size) }] : [],
  );
  return [...new Set(tape.map(({ width }) => width))]
    .sort((a, b) => a - b)
    .map((width) => {
      const own = tape.filter((one) => one.width === width);
      const metres = Math.round(own.reduce((sum, { need }) => sum + need.lengthM, 0) * 100) / 100;
      const turns = own.reduce((sum, { need }) => sum + need.turns, 0);
      const rolls = Math.ceil(metres / ROLL_M);
      return {
        code: `TA-${Math.round(width * 100)
          .toString()
          .padStart(3, '0')}`,
        title: 'Thread tape',
        detail: `${inchFigure(width)} in wide, 13.2 m roll`,
        need: metres,
        unit: 'm',
        buy: rolls,
        priceUsd: cents(rolls * PRICES.roll),
        places: placesOf(own),
        note: `${turns} turns on ${own.length} joint${own.length === 1 ? '' : 's'}`,
      };
    });
}

function cementLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const cement = needs.flatMap(({ need, place }) => (need.kind === 'cement' ? [{ need, place }] : []));
  if (cement.length === 0) return [];
  const ml = cement.reduce((sum, { need }) => sum + ML_PER_QUART / (JOINTS_PER_QUART[need.size] ?? 40), 0);
  const line = (code: string, title: string, needed: number, tinUsd: number): PartsLine => {
    const tins = Math.ceil(needed / TIN_ML);
    return {
      code,
      title,
      detail: `${TIN_ML} ml tin`,
      need: Math.ceil(needed),
      unit: 'ml',
      buy: tins,
      priceUsd: cents(tins * tinUsd),
      places: placesOf(cement),
      note: `${cement.length} socket${cement.length === 1 ? '' : 's'}; no flame, fresh air`,
    };
  };
  return [line('PR-118', 'Primer', ml / 2, PRICES.primerTin), line('CE-118', 'PVC cement', ml, PRICES.cementTin)];
}

function washerLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const washers = needs.flatMap(({ need, place }) => (need.kind === 'washer' ? [{ need, place }] : []));
  const names = [...new Set(washers.map(({ need }) => `${need.name}|${need.suppliedWithPart}`))];
  return names.map((key) => {
    const own = washers.filter(({ need }) => `${need.name}|${need.suppliedWithPart}` === key);
    const [first] = own;
    if (!first) throw new RangeError('washerLines: a name without a washer');
    const supplied = first.need.suppliedWithPart;
    return {
      code: 'WA',
      title: 'Washer',
      detail: first.need.name,
      need: own.length,
      unit: 'piece',
      buy: supplied ? 0 : own.length,
      priceUsd: supplied ? null : cents(own.length * PRICES.washer),
      places: placesOf(own),
      ...(supplied ? { note: 'comes with the fitting; check that it is there' } : {}),
    };
  });
}

function clampLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const clamps = needs.flatMap(({ need, place }) => (need.kind === 'clamp' ? [{ need, place }] : []));
  return [...new Set(clamps.map(({ need }) => need.name))].map((name) => {
    const own = clamps.filter(({ need }) => need.name === name);
    const count = own.reduce((sum, { need }) => sum + need.count, 0);
    return {
      code: `HC-${name.split(' ').at(-1) ?? ''}`,
      title: 'Hose clamp',
      detail: name,
      need: count,
      unit: 'piece',
      buy: count,
      priceUsd: cents(count * PRICES.clamp),
      places: placesOf(own),
    };
  });
}

function lubricantLines(needs: readonly PlacedNeed[]): PartsLine[] {
  const own = needs.filter(({ need }) => need.kind === 'lubricant');
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
      places: placesOf(own),
      note: 'from the kitchen',
    },
  ];
}

/** Sizes whose cement coverage is known; a test holds the table complete for every socket made. */
export const cementSizes = (): readonly NominalSize[] =>
  NOMINAL_SIZES.filter((size) => JOINTS_PER_QUART[size] !== undefined);
