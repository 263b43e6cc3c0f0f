/** Nominal sizes in inches, of pipe, thread, hose and fitting, as the trade writes them. */
export const INCH_SIZES = [
  '1/8',
  '1/4',
  '3/8',
  '1/2',
  '5/8',
  '3/4',
  '1',
  '1-1/4',
  '1-1/2',
  '2',
  '2-1/2',
  '3',
  '4',
  '5',
  '6',
] as const;

/** Nominal sizes in millimetres. What the number measures (outside, bore, nothing) is the system's own affair. */
export const METRIC_SIZES = [
  '12.5',
  '13',
  '15',
  '16',
  '19',
  '20',
  '21.5',
  '22',
  '25',
  '28',
  '32',
  '35',
  '38',
  '40',
  '42',
  '50',
  '54',
  '56',
  '60',
  '63',
  '65',
  '68',
  '70',
  '75',
  '80',
  '90',
  '100',
  '110',
  '112',
  '125',
  '160',
] as const;

/** Rectangular downpipe, in inches; the square one of 65 mm goes by its metric size. */
export const RECTANGULAR_SIZES = ['2x3', '3x4'] as const;

export const NOMINAL_SIZES = [...INCH_SIZES, ...METRIC_SIZES, ...RECTANGULAR_SIZES] as const;
export type InchSize = (typeof INCH_SIZES)[number];
export type MetricSize = (typeof METRIC_SIZES)[number];
export type NominalSize = (typeof NOMINAL_SIZES)[number];

export const isNominalSize = (text: string): text is NominalSize => (NOMINAL_SIZES as readonly string[]).includes(text);
const METRIC: ReadonlySet<string> = new Set(METRIC_SIZES);
export const isMetricSize = (size: NominalSize): size is MetricSize => METRIC.has(size);

/** A size as a figure [in]; a rectangle goes by its shorter side. */
function readInches(size: NominalSize): number {
  if (isMetricSize(size)) return Number(size) / 25.4;
  const [spoken = ''] = size.split('x');
  const [whole, fraction] = spoken.includes('-')
    ? spoken.split('-')
    : spoken.includes('/')
      ? ['0', spoken]
      : [spoken, '0/1'];
  const [top, bottom] = (fraction ?? '0/1').split('/');
  return Number(whole) + Number(top) / Number(bottom);
}

const INCHES: ReadonlyMap<string, number> = new Map(NOMINAL_SIZES.map((size) => [size, readInches(size)]));

/** Orders sizes by what they call themselves: `3/4` before `1-1/2` before `40`. A rectangle goes by its shorter side. */
export const sizeInInches = (size: NominalSize): number => INCHES.get(size) ?? Number.NaN;

/** A size with its unit, as it is spoken: `3/4 in`, `32 mm`. */
export const sizeWords = (size: NominalSize): string => `${size} ${isMetricSize(size) ? 'mm' : 'in'}`;

/** The middle of a code: 3/4 -> 075, 1-1/2 -> 150, 32 mm -> 32M, 2x3 -> 2X3. */
export const sizeCode = (size: NominalSize): string =>
  isMetricSize(size)
    ? `${size}M`
    : size.includes('x')
      ? size.toUpperCase()
      : Math.round(sizeInInches(size) * 100)
          .toString()
          .padStart(3, '0');

/** The nominal bore that pipe of inches is called by in millimetres (ISO 6708). */
export const INCHES_OF_DN: Readonly<Record<string, NominalSize>> = {
  '6': '1/8',
  '8': '1/4',
  '10': '3/8',
  '15': '1/2',
  '20': '3/4',
  '25': '1',
  '32': '1-1/4',
  '40': '1-1/2',
  '50': '2',
  '65': '2-1/2',
  '80': '3',
  '100': '4',
};
