import {
  type ChoiceField,
  type Field,
  type Fields,
  type GivenOf,
  type RecordOf,
  defaultOf,
  fieldsOfVariant,
  isRecord,
} from './field';

/** A record with what is given, and everything else as it begins. */
export const makeRecord = <const Described extends Fields>(
  fields: Described,
  given: GivenOf<Described>,
): RecordOf<Described> => ({ ...defaultsOf(fields), ...given }) as RecordOf<Described>;

/** What the fields of a record begin with: those that have something to begin with. */
export const defaultsOf = (fields: Fields): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, field]) => {
      const value = field.optional ? undefined : defaultOf(field);
      return value === undefined ? [] : [[name, value]];
    }),
  );

/** A stored value with everything that came to be described after it was written; the same object where nothing did. */
export function withDefaults(field: Field, value: unknown): unknown {
  if (field.kind === 'list' && Array.isArray(value)) {
    const items = value.map((item) => withDefaults(field.of, item));
    return items.every((item, place) => item === value[place]) ? value : items;
  }
  if (field.kind === 'choice') return chosen(field, value);
  if (!isRecord(value)) return value;
  if (field.kind === 'group') return filled(field.of, value);
  if (field.kind !== 'variant') return value;
  const fields = fieldsOfVariant(field, value);
  return fields === undefined ? value : filled(fields, value);
}

/** An option by what else it is called; whatever it is not is left as it was. */
export function chosen({ of, also }: ChoiceField, value: unknown): unknown {
  if (also === undefined || typeof value !== 'string' || of.includes(value)) return value;
  const said = value.trim().toLowerCase();
  return Object.hasOwn(also, said) ? also[said] : value;
}

function filled(fields: Fields, value: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const now: Record<string, unknown> = { ...value };
  let changed = false;
  for (const [name, field] of Object.entries(fields)) {
    const own = value[name];
    const wanted = own === undefined ? (field.optional ? undefined : defaultOf(field)) : withDefaults(field, own);
    if (wanted === own) continue;
    now[name] = wanted;
    changed = true;
  }
  return changed ? now : value;
}
