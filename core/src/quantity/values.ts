import { type Measures, formatLengthsApart } from './length';
import { formatFlow, formatPressure } from './flow';
import { KPA_PER_PSI } from './pressure';
import { M3_PER_US_GALLON, formatVolume } from './volume';

/** A value in a sentence; what is measured gets its unit when the text is made. */
export type Value =
  | string
  | number
  | { readonly lengthM: number }
  | { readonly volumeM3: number }
  | { readonly massKg: number }
  | { readonly pressureKpa: number }
  | { readonly flowM3s: number };
export type Values = Readonly<Record<string, Value>>;

const NAME = /\{(\w+)\}/g;

/** Pound, exact by definition (international yard and pound agreement, 1959). */
const KG_PER_POUND = 0.45359237;

/** A mass as the job reads it: whole kilograms or pounds. */
export const formatMass = (kg: number, measures: Measures): string =>
  measures === 'mm-l' ? `${Math.round(kg)} kg` : `${Math.round(kg / KG_PER_POUND)} lb`;

type Measured = Exclude<Value, string | number>;
/** What one kind of value is printed in where its usual figure does not tell two of them apart, and its usual figure. */
interface Printed {
  readonly inUnit: (value: number) => number;
  readonly unit: string;
  readonly usual: (value: number) => string;
}

const LITRES_PER_M3 = 1000;
const SECONDS_PER_MINUTE = 60;

const PRINTED: Readonly<Record<'massKg' | 'pressureKpa' | 'flowM3s' | 'volumeM3', (measures: Measures) => Printed>> = {
  massKg: (measures) => ({
    inUnit: (kg) => (measures === 'mm-l' ? kg : kg / KG_PER_POUND),
    unit: measures === 'mm-l' ? 'kg' : 'lb',
    usual: (kg) => formatMass(kg, measures),
  }),
  pressureKpa: (measures) => ({
    inUnit: (kPa) => (measures === 'mm-l' ? kPa : kPa / KPA_PER_PSI),
    unit: measures === 'mm-l' ? 'kPa' : 'psi',
    usual: (kPa) => formatPressure(kPa, measures),
  }),
  flowM3s: (measures) => ({
    inUnit: (m3s) => (measures === 'mm-l' ? m3s * LITRES_PER_M3 : (m3s * SECONDS_PER_MINUTE) / M3_PER_US_GALLON),
    unit: measures === 'mm-l' ? 'L/s' : 'gpm',
    // A roof is spoken of in litres a second, a tap in litres a minute.
    usual: (m3s) =>
      measures === 'mm-l' && m3s * LITRES_PER_M3 >= 0.5
        ? `${(m3s * LITRES_PER_M3).toFixed(1)} L/s`
        : formatFlow(m3s, measures),
  }),
  volumeM3: (measures) => ({
    inUnit: (m3) => (measures === 'mm-l' ? m3 * LITRES_PER_M3 : m3 / M3_PER_US_GALLON),
    unit: measures === 'mm-l' ? 'L' : 'gal',
    usual: (m3) => formatVolume(m3, measures, true),
  }),
};

const MOST_DIGITS = 4;

/** Do two that differ read the same? */
const areAlike = (values: readonly number[], words: readonly string[]): boolean =>
  values.some((value, at) => values.some((other, to) => to > at && other !== value && words[at] === words[to]));

/** Values of one kind in words: as they are usually written, or to the digit by which they differ. */
function wordsApart(values: readonly number[], { inUnit, unit, usual }: Printed): readonly string[] {
  let words = values.map(usual);
  for (let digits = 1; digits <= MOST_DIGITS && areAlike(values, words); digits++)
    words = values.map((value) => `${inUnit(value).toFixed(digits)} ${unit}`);
  return words;
}

/** The words of everything that is measured in a sentence, by name; two that differ never as the same figure. */
function measuredWords(names: readonly string[], data: Values, measures: Measures): ReadonlyMap<string, string> {
  const words = new Map<string, string>();
  const ofKind = (kind: string, print: (values: readonly number[]) => readonly string[]): void => {
    const own = names.flatMap((name) => {
      const value = data[name];
      return typeof value === 'object' && kind in value
        ? [{ name, value: (value as unknown as Readonly<Record<string, number>>)[kind] ?? 0 }]
        : [];
    });
    const printed = own.length === 0 ? [] : print(own.map(({ value }) => value));
    for (const [at, { name }] of own.entries()) words.set(name, printed[at] ?? '');
  };
  ofKind('lengthM', (lengths) => formatLengthsApart(lengths, measures));
  for (const [kind, printed] of Object.entries(PRINTED))
    ofKind(kind, (values) => wordsApart(values, printed(measures)));
  return words;
}

/**
 * Fills `{name}` in a template; what is measured in the measures of the job, two of one kind that differ never as the
 * same figure.
 */
export function fillText(template: string, data: Values, measures: Measures): string {
  const names = [...new Set([...template.matchAll(NAME)].map(([, name = '']) => name))];
  const words = measuredWords(names, data, measures);
  return template.replaceAll(NAME, (_, name: string) => {
    const value: string | number | Measured | undefined = data[name];
    if (value === undefined) throw new RangeError(`fillText: nothing for {${name}}`);
    return typeof value === 'object' ? (words.get(name) ?? '') : `${value}`;
  });
}
