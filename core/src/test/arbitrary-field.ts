import fc from 'fast-check';
import { type Field, type Fields, isFigure } from '../record/field';

const text = (least: number, most: number): fc.Arbitrary<string> =>
  fc.string({ minLength: least, maxLength: Math.min(most, least + 12), unit: fc.constantFrom(...'abc XYZ019.,-é漢') });
const id: fc.Arbitrary<string> = fc
  .tuple(fc.constantFrom('p', 'T', '7'), fc.string({ maxLength: 8, unit: fc.constantFrom(...'abZ9_.:-') }))
  .map((parts) => parts.join(''));

/** A value that a field may hold, as it is described. */
export function valueOf(field: Field): fc.Arbitrary<unknown> {
  const bare = bareValue(field);
  return field.orUnknown ? fc.oneof({ weight: 4, arbitrary: bare }, fc.constant(null)) : bare;
}

function bareValue(field: Field): fc.Arbitrary<unknown> {
  if (isFigure(field)) {
    const { least, above, most } = field;
    const low = Math.max(least ?? above ?? 0, -1e9);
    const high = Math.min(most, 1e9);
    return fc
      .oneof(
        fc.double({ min: low, max: high, noNaN: true }),
        fc.constantFrom(high, ...(least === undefined ? [] : [low])),
      )
      .filter((value) => above === undefined || value > above)
      .map((value) => (Object.is(value, -0) ? 0 : value));
  }
  switch (field.kind) {
    case 'any':
      return fc.jsonValue().filter((value) => value !== null);
    case 'count':
      return fc.integer({ min: field.least, max: Math.min(field.most, 2 ** 31) });
    case 'choice':
      return fc.constantFrom(...field.of);
    case 'text':
      return text(field.least ?? 1, field.most);
    case 'id':
    case 'reference':
      return id;
    case 'day':
      return fc.constantFrom('2026-11-25', '1999-01-31', '2024-02-29', '2000-02-29');
    case 'moment':
      return fc.constantFrom('2026-11-25T09:30:00Z', '2026-11-25T09:30:00.125+02:00');
    case 'yes-no':
      return fc.boolean();
    case 'list':
      return fc.array(valueOf(field.of), { minLength: field.least ?? 0, maxLength: (field.least ?? 0) + 2 });
    case 'group':
      return recordOf(field.of);
    case 'some':
      return recordOf(field.of, Object.keys(field.of));
    case 'variant':
      return fc.oneof(
        ...Object.entries(field.of).map(([told, fields]) =>
          recordOf(fields).map((record) => ({ [field.on]: told, ...(record as object) })),
        ),
      );
  }
}

/** A record with all of its fields but those that may be left out. */
export const recordOf = (
  fields: Fields,
  besides = Object.keys(fields).filter((name) => fields[name]?.optional),
): fc.Arbitrary<unknown> =>
  fc.record(Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, valueOf(field)])), {
    requiredKeys: Object.keys(fields).filter((name) => !besides.includes(name)),
    noNullPrototype: true,
  });

/** Something that a field may or may not hold: its own values, those just outside, and what others hold. */
export const nearly = (field: Field): fc.Arbitrary<unknown> =>
  fc.oneof(
    valueOf(field),
    ...outside(field),
    fc.constantFrom<unknown>(null, '', 0, -1, 0.5, 1e12, true, [], {}, 'teapot', { anything: [1, 'x'] }),
  );

function outside(field: Field): readonly fc.Arbitrary<unknown>[] {
  if (isFigure(field))
    return [
      fc.constantFrom(
        ...[field.most * 1.0001 + 0.001, (field.least ?? 0) - 0.001, field.above ?? -0.5].filter(Number.isFinite),
      ),
    ];
  switch (field.kind) {
    case 'count':
      return [fc.constantFrom(field.least - 1, field.most + 1, field.least + 0.5)];
    case 'text':
      return [fc.constantFrom('x'.repeat(Math.min(field.most, 500) + 1), 'a\nb', 'a\0', '\u007f', 'a\ud83d', '\ufffe')];
    case 'day':
      return [fc.constantFrom('2026-02-29', '1900-02-29', '2026-04-31', '2026-13-01', '26-01-01')];
    case 'moment':
      return [fc.constantFrom('2026-02-29T09:30:00Z', '2026-11-25T24:00:00Z', '2026-11-25', '2026-11-25T09:30')];
    case 'id':
    case 'reference':
      return [fc.constantFrom('-p', 'p q', 'p/q', 'p'.repeat(81))];
    case 'list':
      return [fc.array(nearly(field.of), { maxLength: 3 })];
    default:
      return [];
  }
}
