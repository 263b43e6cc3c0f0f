import { type Measures, METRES_PER_FOOT, METRES_PER_INCH } from './length';
import { KPA_PER_PSI } from './pressure';
import { M2_PER_SQUARE_FOOT, M3_PER_IMPERIAL_GALLON, M3_PER_LITRE, M3_PER_US_GALLON } from './volume';

/** A unit: the words by which it is typed, and what one of it is in the unit in which its kind is kept. */
export interface FigureUnit {
  /** As it is printed. */
  readonly name: string;
  /** As it may be typed, in small letters; its name always may. */
  readonly words: readonly string[];
  readonly factor: number;
  /** Added after multiplying: only of temperatures. */
  readonly offset?: number;
  /** What a figure behind it is in when it has no unit of its own: inches behind feet. */
  readonly then?: string;
  /** What one of it is where the gallon is the imperial one. */
  readonly imperialFactor?: number;
}

/** A kind of quantity: in what it is kept, in what it is typed where nothing is said, and every unit it is known by. */
export interface FigureFacts {
  /** A word for it: 'a length'. */
  readonly name: string;
  readonly kept: string;
  /** The unit of a bare figure. */
  readonly plain: Readonly<Record<Measures, string>>;
  /** How one is written. */
  readonly example: Readonly<Record<Measures, string>>;
  readonly units: readonly FigureUnit[];
}

const SECONDS_PER_MINUTE = 60;
const SECONDS_PER_HOUR = 3600;
/** Pound, exact by definition (international yard and pound agreement, 1959). */
export const KG_PER_POUND = 0.45359237;
/** Pressure of a metre of water at 4 degrees under standard gravity (conventional). */
const KPA_PER_METRE_OF_WATER = 9.80665;

const both = (unit: string): Readonly<Record<Measures, string>> => ({ 'in-gal': unit, 'mm-l': unit });
const perTime = (name: string, words: readonly string[], factor: number): FigureUnit => ({ name, words, factor });
const gallonsPer = (name: string, words: readonly string[], seconds: number): FigureUnit => ({
  name,
  words,
  factor: M3_PER_US_GALLON / seconds,
  imperialFactor: M3_PER_IMPERIAL_GALLON / seconds,
});

/** Every kind of quantity that a field may hold. Factors are written as their definitions. */
export const FIGURES = {
  length: {
    name: 'a length',
    kept: 'm',
    plain: { 'in-gal': 'in', 'mm-l': 'mm' },
    example: { 'in-gal': '17-3/4 in', 'mm-l': '450 mm' },
    units: [
      { name: 'mm', words: ['millimetre', 'millimetres', 'millimeter', 'millimeters'], factor: 0.001 },
      { name: 'cm', words: ['centimetre', 'centimetres', 'centimeter', 'centimeters'], factor: 0.01 },
      { name: 'm', words: ['metre', 'metres', 'meter', 'meters'], factor: 1 },
      { name: 'in', words: ['inch', 'inches', '"', "''"], factor: METRES_PER_INCH },
      { name: 'ft', words: ['foot', 'feet', "'"], factor: METRES_PER_FOOT, then: 'in' },
      { name: 'yd', words: ['yard', 'yards'], factor: 3 * METRES_PER_FOOT },
    ],
  },
  area: {
    name: 'an area',
    kept: 'm2',
    plain: { 'in-gal': 'sq ft', 'mm-l': 'm2' },
    example: { 'in-gal': '640 sq ft', 'mm-l': '60 m2' },
    units: [
      {
        name: 'm2',
        words: ['sq m', 'sqm', 'square metres', 'square meters', 'square metre', 'square meter'],
        factor: 1,
      },
      { name: 'sq ft', words: ['sqft', 'ft2', 'square feet', 'square foot'], factor: M2_PER_SQUARE_FOOT },
    ],
  },
  volume: {
    name: 'a volume',
    kept: 'm3',
    plain: { 'in-gal': 'gal', 'mm-l': 'L' },
    example: { 'in-gal': '55 gal', 'mm-l': '208 L' },
    units: [
      { name: 'L', words: ['l', 'litre', 'litres', 'liter', 'liters', 'ltr'], factor: M3_PER_LITRE },
      {
        name: 'mL',
        words: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
        factor: M3_PER_LITRE / 1000,
      },
      { name: 'm3', words: ['cubic metre', 'cubic metres', 'cubic meter', 'cubic meters', 'cu m'], factor: 1 },
      {
        name: 'gal',
        words: ['gallon', 'gallons'],
        factor: M3_PER_US_GALLON,
        imperialFactor: M3_PER_IMPERIAL_GALLON,
      },
      { name: 'US gal', words: ['gal us', 'us gallon', 'us gallons'], factor: M3_PER_US_GALLON },
      {
        name: 'imp gal',
        words: ['gal imp', 'uk gal', 'gal uk', 'imperial gallon', 'imperial gallons', 'imp gallons'],
        factor: M3_PER_IMPERIAL_GALLON,
      },
      { name: 'cu ft', words: ['ft3', 'cubic foot', 'cubic feet', 'cuft'], factor: METRES_PER_FOOT ** 3 },
    ],
  },
  mass: {
    name: 'a mass',
    kept: 'kg',
    plain: { 'in-gal': 'lb', 'mm-l': 'kg' },
    example: { 'in-gal': '2500 lb', 'mm-l': '1200 kg' },
    units: [
      { name: 'kg', words: ['kgs', 'kilogram', 'kilograms', 'kilo', 'kilos'], factor: 1 },
      { name: 't', words: ['tonne', 'tonnes'], factor: 1000 },
      { name: 'lb', words: ['lbs', 'pound', 'pounds'], factor: KG_PER_POUND },
    ],
  },
  pressure: {
    name: 'a pressure',
    kept: 'kPa',
    plain: { 'in-gal': 'psi', 'mm-l': 'kPa' },
    example: { 'in-gal': '7 psi', 'mm-l': '50 kPa' },
    units: [
      { name: 'kPa', words: [], factor: 1 },
      { name: 'bar', words: ['bars'], factor: 100 },
      { name: 'psi', words: [], factor: KPA_PER_PSI },
      { name: 'm head', words: ['m water', 'mh2o'], factor: KPA_PER_METRE_OF_WATER },
      { name: 'ft head', words: ['ft water', 'fth2o'], factor: KPA_PER_METRE_OF_WATER * METRES_PER_FOOT },
    ],
  },
  flow: {
    name: 'a flow',
    kept: 'm3/s',
    plain: { 'in-gal': 'gpm', 'mm-l': 'L/min' },
    example: { 'in-gal': '8 gpm', 'mm-l': '30 L/min' },
    units: [
      perTime('L/min', ['l/min', 'lpm', 'litres per minute', 'liters per minute'], M3_PER_LITRE / SECONDS_PER_MINUTE),
      perTime('L/s', ['l/s', 'lps', 'litres per second', 'liters per second'], M3_PER_LITRE),
      perTime('L/h', ['l/h', 'lph', 'litres per hour', 'liters per hour'], M3_PER_LITRE / SECONDS_PER_HOUR),
      perTime('m3/h', [], 1 / SECONDS_PER_HOUR),
      perTime('m3/s', [], 1),
      gallonsPer('gpm', ['gal/min', 'gallons per minute'], SECONDS_PER_MINUTE),
      gallonsPer('gph', ['gal/h', 'gallons per hour'], SECONDS_PER_HOUR),
    ],
  },
  rain: {
    name: 'a rain',
    kept: 'mm/h',
    plain: { 'in-gal': 'in/h', 'mm-l': 'mm/h' },
    example: { 'in-gal': '4 in/h', 'mm-l': '100 mm/h' },
    units: [
      { name: 'mm/h', words: ['mm/hr', 'mm per hour'], factor: 1 },
      { name: 'in/h', words: ['in/hr', 'inches per hour', 'inch per hour'], factor: METRES_PER_INCH * 1000 },
    ],
  },
  temperature: {
    name: 'a temperature',
    kept: '°C',
    plain: { 'in-gal': '°F', 'mm-l': '°C' },
    example: { 'in-gal': '60 °F', 'mm-l': '15 °C' },
    units: [
      { name: '°C', words: ['c', 'celsius', 'deg c'], factor: 1 },
      { name: '°F', words: ['f', 'fahrenheit', 'deg f'], factor: 5 / 9, offset: -160 / 9 },
    ],
  },
  angle: {
    name: 'an angle',
    kept: '°',
    plain: both('°'),
    example: { 'in-gal': '45', 'mm-l': '45' },
    units: [{ name: '°', words: ['deg', 'degree', 'degrees'], factor: 1 }],
  },
  share: {
    name: 'a share',
    kept: '1',
    plain: both('%'),
    example: { 'in-gal': '1 %', 'mm-l': '1 %' },
    units: [{ name: '%', words: ['percent', 'per cent'], factor: 0.01 }],
  },
  percent: {
    name: 'a percentage',
    kept: '%',
    plain: both('%'),
    example: { 'in-gal': '20 %', 'mm-l': '20 %' },
    units: [{ name: '%', words: ['percent', 'per cent'], factor: 1 }],
  },
  pitch: {
    name: 'a pitch',
    kept: 'mm',
    plain: { 'in-gal': 'mm', 'mm-l': 'mm' },
    example: { 'in-gal': '1.81 mm', 'mm-l': '1.81 mm' },
    units: [
      { name: 'mm', words: [], factor: 1 },
      { name: 'in', words: ['inch', 'inches', '"'], factor: METRES_PER_INCH * 1000 },
    ],
  },
  money: {
    name: 'a price',
    kept: '',
    plain: both(''),
    example: { 'in-gal': '12.50', 'mm-l': '12.50' },
    units: [{ name: '', words: [], factor: 1 }],
  },
  number: {
    name: 'a figure',
    kept: '',
    plain: both(''),
    example: both('4'),
    units: [{ name: '', words: [], factor: 1 }],
  },
} as const satisfies Readonly<Record<string, FigureFacts>>;

export type FigureKind = keyof typeof FIGURES;
export const FIGURE_KINDS = Object.keys(FIGURES) as readonly FigureKind[];

/** What is known of a kind of quantity. */
export const figureFacts = (kind: FigureKind): FigureFacts => FIGURES[kind];

/** The unit in which a bare figure of a kind is read and printed. */
export function plainUnit(kind: FigureKind, measures: Measures): FigureUnit {
  const { plain, units } = figureFacts(kind);
  const unit = units.find(({ name }) => name === plain[measures]);
  if (!unit) throw new RangeError(`plainUnit: ${kind} has no unit ${plain[measures]}`);
  return unit;
}

export const toKept = (figure: number, { factor, offset = 0 }: FigureUnit): number => figure * factor + offset;
export const fromKept = (kept: number, { factor, offset = 0 }: FigureUnit): number => (kept - offset) / factor;
