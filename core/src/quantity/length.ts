import { type Result, err, ok } from '../result';

/** Exact by definition (international inch, 1959). */
export const METRES_PER_INCH = 0.0254;
export const MM_PER_INCH = 25.4;
export const METRES_PER_FOOT = 12 * METRES_PER_INCH;

/** Which units a job is read and written in; inside everything is SI. */
export const MEASURES = ['in-gal', 'mm-l'] as const;
export type Measures = (typeof MEASURES)[number];

export interface LengthProblem {
  readonly code: 'no-number' | 'unknown-unit' | 'trailing-words' | 'zero-denominator';
  readonly text: string;
  /** The word that was not understood, as typed. */
  readonly word: string;
}

const UNIT_METRES: Readonly<Record<string, number>> = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  in: METRES_PER_INCH,
  inch: METRES_PER_INCH,
  inches: METRES_PER_INCH,
  '"': METRES_PER_INCH,
  ft: METRES_PER_FOOT,
  foot: METRES_PER_FOOT,
  feet: METRES_PER_FOOT,
  "'": METRES_PER_FOOT,
};

const NUMBER = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)|^(\d*[.,]?\d+)/;
const UNIT = /^\s*([a-zA-Z]+|["'])/;

/**
 * Reads a length as installers write it: `1 1/2 in`, `1-1/2`, `22 mm`, `5 ft 6 in`, `5' 6"`, `3/4`, `0.75 m`.
 *
 * @param text       what was typed
 * @param plainUnit  the unit of a number without one ('in' in a job measured in inches)
 * @returns the length in metres; the sign is kept
 * @error no-number         nothing numeric at the start, or after the last unit
 * @error unknown-unit      `word` is no unit of length
 * @error zero-denominator  `1/0`
 */
export function parseLength(text: string, plainUnit: 'in' | 'mm' | 'm' = 'mm'): Result<number, LengthProblem> {
  const trimmed = text.trim().replaceAll('−', '-');
  const negative = trimmed.startsWith('-');
  let rest = negative ? trimmed.slice(1).trim() : trimmed;
  let metres = 0;
  if (rest === '') return err({ code: 'no-number', text, word: '' });
  while (rest !== '') {
    const number = NUMBER.exec(rest);
    if (!number) return err({ code: 'no-number', text, word: rest });
    const [, whole, top, bottom, decimal] = number;
    if (bottom !== undefined && Number(bottom) === 0) return err({ code: 'zero-denominator', text, word: number[0] });
    const value =
      decimal !== undefined ? Number(decimal.replace(',', '.')) : Number(whole ?? 0) + Number(top) / Number(bottom);
    rest = rest.slice(number[0].length);
    const unit = UNIT.exec(rest);
    const name = unit?.[1]?.toLowerCase() ?? plainUnit;
    const factor = UNIT_METRES[name];
    if (factor === undefined) return err({ code: 'unknown-unit', text, word: unit?.[1] ?? '' });
    metres += value * factor;
    if (!unit && rest.trim() !== '') return err({ code: 'trailing-words', text, word: rest.trim() });
    rest = rest.slice(unit?.[0].length ?? 0).trim();
  }
  return ok(negative ? -metres : metres);
}

/** Sixteenths of an inch are as fine as a tape is read. */
const SIXTEENTHS = 16;

/**
 * A length as a tape shows it.
 *
 * @param metres    any finite length
 * @param measures  'in-gal' gives inches to the nearest 1/16 (`42-1/2 in`), from 12 ft feet and inches (`60 ft`);
 *                  'mm-l' gives whole millimetres, from 10 m metres with two decimals
 * @example formatLength(1.0795, 'in-gal') // '42-1/2 in'
 */
export function formatLength(metres: number, measures: Measures): string {
  if (!Number.isFinite(metres)) throw new RangeError('formatLength: not finite');
  const sign = metres < 0 ? '-' : '';
  const size = Math.abs(metres);
  if (measures === 'mm-l') return size >= 10 ? `${sign}${size.toFixed(2)} m` : `${sign}${Math.round(size * 1000)} mm`;
  const sixteenths = Math.round((size / METRES_PER_INCH) * SIXTEENTHS);
  const inches = sixteenths / SIXTEENTHS;
  if (inches < 144) return `${sign}${inchFigure(inches)} in`;
  const feet = Math.floor(inches / 12);
  const left = inches - feet * 12;
  return left === 0 ? `${sign}${feet} ft` : `${sign}${feet} ft ${inchFigure(left)} in`;
}

/** A stock length as it is sold: `10 ft`, `3 m`; a length between whole feet or metres as `formatLength` gives it. */
export function formatStockLength(metres: number, measures: Measures): string {
  const [unit, name] = measures === 'mm-l' ? [1, 'm'] : [METRES_PER_FOOT, 'ft'];
  const count = Math.round(metres / unit);
  return Math.abs(count * unit - metres) < 0.0005 ? `${count} ${name}` : formatLength(metres, measures);
}

/** Inches to the nearest 1/16 as a figure without its unit: `42-1/2`, `5/8`, `0`. */
export function inchFigure(inches: number): string {
  const sixteenths = Math.round(Math.abs(inches) * SIXTEENTHS);
  const whole = Math.floor(sixteenths / SIXTEENTHS);
  let top = sixteenths % SIXTEENTHS;
  let bottom = SIXTEENTHS;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const sign = inches < 0 && sixteenths > 0 ? '-' : '';
  if (top === 0) return `${sign}${whole}`;
  return whole === 0 ? `${sign}${top}/${bottom}` : `${sign}${whole}-${top}/${bottom}`;
}

/** The figure alone, for a place that says its unit elsewhere (a pole, a field). */
export function lengthFigure(metres: number, measures: Measures): string {
  return measures === 'mm-l' ? `${Math.round(metres * 1000)}` : inchFigure(metres / METRES_PER_INCH);
}

export const lengthUnit = (measures: Measures): 'mm' | 'in' => (measures === 'mm-l' ? 'mm' : 'in');

/** One press of a stepper or an arrow key: 1/2 in or 10 mm; fine 1/16 in or 1 mm. */
export const lengthStepM = (measures: Measures, fine = false): number =>
  measures === 'mm-l' ? (fine ? 0.001 : 0.01) : METRES_PER_INCH / (fine ? SIXTEENTHS : 2);
