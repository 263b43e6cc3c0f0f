import { figureFacts } from '../quantity/figure';
import { type Field, type Fields, hasDefault, defaultOf, isFigure } from './field';
import { DAY_PATTERN, LINE_PATTERN, ID_PATTERN, MOMENT_PATTERN } from './faults';

/** A schema of JSON Schema 2020-12, as OpenAPI 3.1 takes it. */
export type JsonSchema = Readonly<Record<string, unknown>>;

/** Descriptions that have a name of their own in a document, by the fields that they are. */
export type NamedSchemas = ReadonlyMap<object, string>;
const NO_NAMES: NamedSchemas = new Map();

/** The schema of what a field holds; what is named is only named. */
export function jsonSchemaOf(field: Field, named: NamedSchemas = NO_NAMES): JsonSchema {
  const bare = bareSchema(field, named);
  return {
    ...(field.orUnknown ? orNull(bare) : bare),
    ...about(field),
    ...(hasDefault(field) ? { default: defaultOf(field) } : {}),
  };
}

const about = (field: Field): JsonSchema => {
  const unit = isFigure(field) ? figureFacts(field.kind).kept : '';
  const says = [field.says, unit === '' || unit === '1' ? undefined : `[${unit}]`].filter(Boolean).join(' ');
  return says === '' ? {} : { description: says };
};

const orNull = (schema: JsonSchema): JsonSchema =>
  typeof schema['type'] === 'string' && schema['type'] !== 'object'
    ? {
        ...schema,
        type: [schema['type'], 'null'],
        ...(Array.isArray(schema['enum']) ? { enum: [...(schema['enum'] as unknown[]), null] } : {}),
      }
    : { anyOf: [{ type: 'null' }, schema] };

function bareSchema(field: Field, named: NamedSchemas): JsonSchema {
  if (isFigure(field)) {
    const { least, above, most } = field;
    return {
      type: 'number',
      ...(least === undefined || !Number.isFinite(least) ? {} : { minimum: least }),
      ...(above === undefined ? {} : { exclusiveMinimum: above }),
      ...(Number.isFinite(most) ? { maximum: most } : {}),
    };
  }
  switch (field.kind) {
    case 'any':
      return {};
    case 'count':
      return {
        type: 'integer',
        minimum: field.least,
        maximum: field.most,
      };
    case 'choice':
      return { type: typeof field.of[0] === 'number' ? 'number' : 'string', enum: [...field.of] };
    case 'text':
      return {
        type: 'string',
        ...(field.least === 0 ? {} : { minLength: field.least ?? 1 }),
        ...(Number.isFinite(field.most) ? { maxLength: field.most, pattern: LINE_PATTERN.source } : {}),
      };
    case 'id':
    case 'reference':
      return { type: 'string', pattern: ID_PATTERN.source };
    case 'day':
      return { type: 'string', pattern: DAY_PATTERN.source };
    case 'moment':
      return { type: 'string', pattern: MOMENT_PATTERN.source };
    case 'yes-no':
      return { type: 'boolean' };
    case 'list':
      return {
        type: 'array',
        items: jsonSchemaOf(field.of, named),
        ...(field.least === undefined ? {} : { minItems: field.least }),
        ...(Number.isFinite(field.most) ? { maxItems: field.most } : {}),
      };
    case 'group':
      return refOf(field.of, named) ?? objectSchema(field.of, {}, named);
    case 'some':
      return { ...objectSchema(field.of, {}, named), required: [] };
    case 'variant':
      return (
        refOf(field.of, named) ?? {
          oneOf: Object.entries(field.of).map(([told, fields]) =>
            objectSchema(fields, { [field.on]: { const: told } }, named),
          ),
        }
      );
  }
}

/** The schema of a record: what must be there is required, nothing else is taken. */
export function objectSchema(
  fields: Fields,
  besides: Readonly<Record<string, JsonSchema>> = {},
  named: NamedSchemas = NO_NAMES,
): JsonSchema {
  return {
    type: 'object',
    properties: {
      ...besides,
      ...Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, jsonSchemaOf(field, named)])),
    },
    required: [
      ...Object.keys(besides),
      ...Object.entries(fields).flatMap(([name, field]) => (hasDefault(field) || field.optional ? [] : [name])),
    ],
    additionalProperties: false,
  };
}

function refOf(described: object, named: NamedSchemas): JsonSchema | undefined {
  const name = named.get(described);
  return name === undefined ? undefined : { $ref: `#/components/schemas/${name}` };
}
