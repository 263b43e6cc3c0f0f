/** Exact by definition (international inch, 1959). */
export const METRES_PER_INCH = 0.0254;
export const MM_PER_INCH = 25.4;
export const METRES_PER_FOOT = 12 * METRES_PER_INCH;

/** Which units a job is read and written in; inside everything is SI. */
export const MEASURES = ['in-gal', 'mm-l'] as const;
export type Measures = (typeof MEASURES)[number];

/** Sixteenths of an inch are as fine as a tape is read. */
const SIXTEENTHS = 16;

/** Half of the finest mark of a tape [m]. */
const leastRead = (measures: Measures): number => (measures === 'mm-l' ? 0.0005 : METRES_PER_INCH / SIXTEENTHS / 2);

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
  const size = Math.abs(metres);
  // What a tape reads as nothing is neither above nor below.
  const sign = metres < 0 && size >= leastRead(measures) ? '-' : '';
  if (measures === 'mm-l') return size >= 10 ? `${sign}${size.toFixed(2)} m` : `${sign}${Math.round(size * 1000)} mm`;
  const sixteenths = Math.round((size / METRES_PER_INCH) * SIXTEENTHS);
  const inches = sixteenths / SIXTEENTHS;
  if (inches < 144) return `${sign}${inchFigure(inches)} in`;
  const feet = Math.floor(inches / 12);
  const left = inches - feet * 12;
  return left === 0 ? `${sign}${feet} ft` : `${sign}${feet} ft ${inchFigure(left)} in`;
}

/** Decimals that tell two lengths apart which a tape reads as one, at most. */
const MOST_DECIMALS = 4;

/**
 * Lengths that stand in one sentence, written so that no two that differ read the same: where they would, with as many
 * decimals as tell them apart.
 */
export function formatLengthsApart(metres: readonly number[], measures: Measures): readonly string[] {
  const plain = metres.map((one) => formatLength(one, measures));
  const unit = measures === 'mm-l' ? 0.001 : METRES_PER_INCH;
  return plain.map((text, place) => {
    const alike = metres.filter((_, other) => plain[other] === text);
    if (new Set(alike.map((one) => one.toFixed(MOST_DECIMALS + 2))).size < 2) return text;
    for (let decimals = 1; ; decimals++) {
      const finer = alike.map((one) => (one / unit).toFixed(decimals));
      if (new Set(finer).size > 1 || decimals === MOST_DECIMALS)
        return `${((metres[place] ?? 0) / unit).toFixed(decimals)} ${lengthUnit(measures)}`;
    }
  });
}

/** A difference of millimetres in a reason: to a tenth, and finer where a tenth would say that there is none. */
export function differenceMm(mm: number): string {
  const size = Math.abs(mm);
  return `${size.toFixed(size >= 0.05 || size === 0 ? 1 : size >= 0.005 ? 2 : 3)} mm`;
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

/** A figure on the nearest mark below or above it, and on its own where it is on one but for the last bits. */
const onMark = (value: number, step: number, round: (marks: number) => number): number =>
  round(Number((value / step).toFixed(6))) * step;
export const markBelow = (value: number, step: number): number => onMark(value, step, Math.floor);
export const markAbove = (value: number, step: number): number => onMark(value, step, Math.ceil);
