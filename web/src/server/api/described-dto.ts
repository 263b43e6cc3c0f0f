import 'reflect-metadata';
import {
  DAY_PATTERN,
  MOMENT_PATTERN,
  type Field,
  type Fields,
  ID_PATTERN,
  LINE_PATTERN,
  isFigure,
} from '@herrero/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

type Dto = new () => object;
type Decorator = (target: object, name: string) => void;

const MADE = new WeakMap<Fields, Dto>();

/** The class that class-validator checks a record by, made of its description. */
export function dtoOf(fields: Fields): Dto {
  const made = MADE.get(fields);
  if (made) return made;
  const dto: Dto = class {};
  MADE.set(fields, dto);
  describe(dto, fields);
  return dto;
}

function describe(dto: Dto, fields: Fields): void {
  for (const [name, field] of Object.entries(fields))
    for (const decorator of decoratorsOf(name, field)) decorator(dto.prototype as object, name);
}

function decoratorsOf(name: string, field: Field): readonly Decorator[] {
  const { orUnknown = false, optional = false } = field;
  const said = (dto: object): boolean => {
    const value = (dto as Readonly<Record<string, unknown>>)[name];
    return !(orUnknown && value === null) && !(optional && value === undefined);
  };
  const known = orUnknown || optional ? [ValidateIf(said)] : [];
  return [...known, ...ofKind(field, false)];
}

const above = (least: number, each: boolean): Decorator =>
  ValidateBy(
    {
      name: 'above',
      validator: {
        validate: (value) => typeof value === 'number' && value > least,
        defaultMessage: (args) => `${args?.property} must be more than ${least}`,
      },
    },
    { each },
  );

/** What one value of a field is checked by; with `each`, every item of a list of them. */
function ofKind(field: Field, each: boolean): readonly Decorator[] {
  if (isFigure(field))
    return [
      IsNumber({ allowInfinity: false, allowNaN: false }, { each }),
      ...(field.least === undefined ? [] : [Min(field.least, { each })]),
      ...(field.above === undefined ? [] : [above(field.above, each)]),
      Max(field.most, { each }),
    ];
  switch (field.kind) {
    case 'any':
      return [IsDefined({ each })];
    case 'count':
      return [IsInt({ each }), Min(field.least, { each }), Max(field.most, { each })];
    case 'choice':
      return [IsIn(field.of as unknown[], { each })];
    case 'text':
      return [
        Length(field.least ?? 1, field.most, { each }),
        ...(Number.isFinite(field.most)
          ? [Matches(LINE_PATTERN, { each, message: '$property must be one line without control characters' })]
          : []),
      ];
    case 'id':
    case 'reference':
      return [IsString({ each }), Matches(ID_PATTERN, { each, message: '$property must be a short plain name' })];
    case 'day':
      return [Matches(DAY_PATTERN, { each, message: '$property must be a day: 2026-11-25' })];
    case 'moment':
      return [Matches(MOMENT_PATTERN, { each, message: '$property must be a moment: 2026-11-25T09:30:00Z' })];
    case 'yes-no':
      return [IsBoolean({ each })];
    case 'list':
      return [IsArray(), ArrayMinSize(field.least ?? 0), ArrayMaxSize(field.most), ...ofKind(field.of, true)];
    case 'group':
      return nested(() => dtoOf(field.of), each);
    case 'some':
      return nested(() => dtoOf(someOf(field.of)), each);
    case 'variant': {
      const subTypes = Object.entries(field.of).map(([told, fields]) => ({
        name: told,
        value: dtoOf(variantOf(field, told, fields)),
      }));
      return [
        IsObject({ each }),
        ValidateNested({ each }),
        Type(() => unknownVariant(field), {
          keepDiscriminatorProperty: true,
          discriminator: { property: field.on, subTypes },
        }),
      ];
    }
  }
}

const nested = (dto: () => Dto, each: boolean): readonly Decorator[] => [
  IsObject({ each }),
  ValidateNested({ each }),
  Type(dto),
];

const SOME = new WeakMap<Fields, Fields>();
function someOf(fields: Fields): Fields {
  const some =
    SOME.get(fields) ??
    Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, { ...field, optional: true as const }]));
  SOME.set(fields, some);
  return some;
}

type Variant = Extract<Field, { readonly kind: 'variant' }>;
const VARIANTS = new WeakMap<Fields, Map<string, Fields>>();
/** One kind of a variant, with the field that tells it. */
function variantOf({ on }: Variant, told: string, fields: Fields): Fields {
  const known = VARIANTS.get(fields) ?? new Map<string, Fields>();
  VARIANTS.set(fields, known);
  const key = `${on}=${told}`;
  const made = known.get(key) ?? { [on]: { kind: 'choice' as const, of: [told] }, ...fields };
  known.set(key, made);
  return made;
}

/** What is none of the kinds: only the field that would tell it is looked at, and named. */
const unknownVariant = ({ on, of }: Variant): Dto => dtoOf({ [on]: { kind: 'choice', of: Object.keys(of) } });
