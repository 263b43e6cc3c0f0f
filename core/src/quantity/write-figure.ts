import type { Region } from '../region';
import { type FigureKind, figureFacts, fromKept, plainUnit } from './figure';
import { type Measures, METRES_PER_INCH, formatLength } from './length';
import { decimalMark } from './read-figure';

/** How a figure is written into a field. */
export interface FigureStyle {
  readonly kind: FigureKind;
  readonly measures: Measures;
  readonly region?: Region | null | undefined;
  /** The unit it is written in, where it is not the usual one of the measures. */
  readonly plain?: string | undefined;
  /** Without its unit, which stands beside the field. */
  readonly bare?: boolean | undefined;
}

/** A tape is not read finer than this [m]: a figure so near a mark stands on it. */
const ON_THE_MARK_M = 0.0001;
/** A figure is written with as many digits as it takes to be so near, and no more. */
const NEAR = 2e-4;
const MOST_DIGITS = 7;

/** The fewest digits that say a figure truly enough to be typed again: 110, 2.165, 0.004731. */
function digits(figure: number): string {
  if (figure === 0) return '0';
  for (let count = 0; count <= MOST_DIGITS; count++) {
    const shown = Number(figure.toFixed(count));
    if (Math.abs(shown - figure) <= NEAR * Math.abs(figure)) return `${shown}`;
  }
  return `${Number(figure.toPrecision(MOST_DIGITS))}`;
}

/** Feet and inches where a tape has a mark there, else inches with decimals; millimetres, and metres from ten on. */
function lengthText(metres: number, measures: Measures): string {
  if (measures === 'mm-l')
    return Math.abs(metres) >= 10
      ? Math.abs(metres * 100 - Math.round(metres * 100)) < ON_THE_MARK_M * 100
        ? formatLength(metres, measures)
        : `${Number(metres.toFixed(4))} m`
      : `${Math.abs(metres * 1000 - Math.round(metres * 1000)) < ON_THE_MARK_M * 500 ? Math.round(metres * 1000) : Number((metres * 1000).toFixed(2))} mm`;
  const inches = metres / METRES_PER_INCH;
  const off = Math.abs(inches * 16 - Math.round(inches * 16)) / 16;
  return off * METRES_PER_INCH <= ON_THE_MARK_M
    ? formatLength(metres, measures)
    : `${Number(inches.toFixed(Math.abs(inches) < 1 ? 4 : 3))} in`;
}

/**
 * A figure as it stands in a field: with the digits that tell it from its neighbours, in the unit of the measures, its
 * decimals parted as the region has it. What it writes `readFigure` reads as the same.
 *
 * @param value in the unit in which its kind is kept
 */
export function writeFigure(value: number, { kind, measures, region, plain, bare = false }: FigureStyle): string {
  if (!Number.isFinite(value)) throw new RangeError('writeFigure: not finite');
  const mark = region ? decimalMark(region) : '.';
  const unit = figureFacts(kind).units.find(({ name }) => name === plain) ?? plainUnit(kind, measures);
  const text =
    kind === 'length' && plain === undefined
      ? lengthText(value, measures)
      : `${digits(fromKept(value, unit))}${unit.name === '' ? '' : ` ${unit.name}`}`;
  return (bare ? text.replace(/ [^ \d].*$/, '') : text).replace('.', mark);
}
