import { type Measures, formatLength } from './length';
import { formatVolume } from './volume';

/** A value in a sentence; lengths, volumes and masses get their units when the text is made. */
export type Value =
  string | number | { readonly lengthM: number } | { readonly volumeM3: number } | { readonly massKg: number };
export type Values = Readonly<Record<string, Value>>;

/** Pound, exact by definition (international yard and pound agreement, 1959). */
const KG_PER_POUND = 0.45359237;

/** A mass as the job reads it: whole kilograms or pounds. */
export const formatMass = (kg: number, measures: Measures): string =>
  measures === 'mm-l' ? `${Math.round(kg)} kg` : `${Math.round(kg / KG_PER_POUND)} lb`;

/** Fills `{name}` in a template; lengths, volumes and masses in the measures of the job. */
export function fillText(template: string, data: Values, measures: Measures): string {
  return template.replaceAll(/\{(\w+)\}/g, (_, name: string) => {
    const value = data[name];
    if (value === undefined) throw new RangeError(`fillText: nothing for {${name}}`);
    if (typeof value === 'string') return value;
    if (typeof value === 'number') return `${value}`;
    if ('lengthM' in value) return formatLength(value.lengthM, measures);
    if ('massKg' in value) return formatMass(value.massKg, measures);
    return formatVolume(value.volumeM3, measures, true);
  });
}
