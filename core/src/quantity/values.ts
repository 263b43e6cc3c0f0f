import { type Measures, formatLengthsApart } from './length';
import { formatFlow, formatPressure } from './flow';
import { formatVolume } from './volume';

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

/**
 * Fills `{name}` in a template; what is measured in the measures of the job, two lengths that differ never as the
 * same figure.
 */
export function fillText(template: string, data: Values, measures: Measures): string {
  const names = [...new Set([...template.matchAll(NAME)].map(([, name = '']) => name))];
  const lengths = names.flatMap((name) => {
    const value = data[name];
    return typeof value === 'object' && 'lengthM' in value ? [{ name, lengthM: value.lengthM }] : [];
  });
  const apart = formatLengthsApart(
    lengths.map(({ lengthM }) => lengthM),
    measures,
  );
  const lengthWords = new Map(lengths.map(({ name }, place) => [name, apart[place] ?? '']));
  return template.replaceAll(NAME, (_, name: string) => {
    const value = data[name];
    if (value === undefined) throw new RangeError(`fillText: nothing for {${name}}`);
    if (typeof value === 'string') return value;
    if (typeof value === 'number') return `${value}`;
    if ('lengthM' in value) return lengthWords.get(name) ?? '';
    if ('massKg' in value) return formatMass(value.massKg, measures);
    if ('pressureKpa' in value) return formatPressure(value.pressureKpa, measures);
    if ('flowM3s' in value)
      return measures === 'in-gal' ? formatFlow(value.flowM3s, measures) : `${(value.flowM3s * 1000).toFixed(1)} L/s`;
    return formatVolume(value.volumeM3, measures, true);
  });
}
