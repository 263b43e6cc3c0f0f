import type { FigureKind } from '../quantity/figure';

/** What every field says of itself. All of it is plain data, so that it can be read by anything. */
interface About {
  /** What it is called in a sentence: 'height', 'way in'. Not said: as it is written in the document. */
  readonly words?: string;
  /** The words of the screen for it, where a sentence says it otherwise: undo says these. */
  readonly asked?: string;
  /** What it means, for whoever reads the description of the API. */
  readonly says?: string;
  /** Nobody may have said it yet; then it is null. */
  readonly orUnknown?: true;
  /**
   * What a stored record that lacks it is read with, and a new one begins with. Where it may be unknown it is unknown,
   * unless something else is said here. Without either it must always be given.
   */
  readonly default?: unknown;
  /** Set when its record is made, and changed only by an edit of its own. */
  readonly fixed?: true;
  /** May be left out altogether; only in what is sent, never in what is stored. */
  readonly optional?: true;
}

/** A figure of a kind of quantity, in its SI unit. */
export interface FigureField extends About {
  readonly kind: FigureKind;
  /** From this on, or else anything above this. */
  readonly least?: number;
  readonly above?: number;
  readonly most: number;
  /** Between these it usually lies: of two ways to read what was typed, the one inside is the likelier. */
  readonly usual?: readonly [number, number];
}
/** A whole number. */
export interface CountField extends About {
  readonly kind: 'count';
  readonly least: number;
  readonly most: number;
}
export interface ChoiceField extends About {
  readonly kind: 'choice';
  readonly of: readonly (string | number)[];
  /** What else people call the options, in small letters: taken where it is written, never stored. */
  readonly also?: Readonly<Record<string, string>>;
}
export interface TextField extends About {
  readonly kind: 'text';
  /** Fewest characters; not said: one. */
  readonly least?: number;
  readonly most: number;
}
/** The name of a record among those of its list, made by whoever makes the record. */
export interface IdField extends About {
  readonly kind: 'id';
}
/** The id of a record of another list; whether it is there is for the document to say. */
export interface ReferenceField extends About {
  readonly kind: 'reference';
  readonly to: string;
}
/** A day of the calendar, `2026-11-25`. */
export interface DayField extends About {
  readonly kind: 'day';
}
/** A moment, ISO 8601 with its zone: `2026-11-25T09:30:00Z`. */
export interface MomentField extends About {
  readonly kind: 'moment';
}
export interface YesNoField extends About {
  readonly kind: 'yes-no';
}
export interface ListField extends About {
  readonly kind: 'list';
  readonly of: Field;
  readonly least?: number;
  readonly most: number;
}
/** A record inside a record. */
export interface GroupField extends About {
  readonly kind: 'group';
  readonly of: Fields;
}
/** A record inside a record of which only some fields are there. */
export interface SomeField extends About {
  readonly kind: 'some';
  readonly of: Fields;
}
/** One of several kinds of record, told by one field: `{ of: 'hole', id: 'p1' }`. */
export interface VariantField extends About {
  readonly kind: 'variant';
  readonly on: string;
  readonly of: Readonly<Record<string, Fields>>;
}

/** Anything at all: what it must be follows from another field, and is checked there. */
export interface AnyField extends About {
  readonly kind: 'any';
}

/** What a field of a record may hold, described once: type, validation, API, defaults and words follow from it. */
export type Field =
  | FigureField
  | CountField
  | ChoiceField
  | TextField
  | IdField
  | ReferenceField
  | DayField
  | MomentField
  | YesNoField
  | ListField
  | GroupField
  | SomeField
  | VariantField
  | AnyField;

/** The description of a record: its fields by their names, in the order in which they are read. */
export type Fields = Readonly<Record<string, Field>>;

type Held<One> = One extends { readonly kind: 'choice'; readonly of: readonly (infer Option)[] }
  ? Option
  : One extends { readonly kind: 'text' | 'id' | 'reference' | 'day' | 'moment' }
    ? string
    : One extends { readonly kind: 'yes-no' }
      ? boolean
      : One extends { readonly kind: 'list'; readonly of: infer Item }
        ? readonly ValueOf<Item>[]
        : One extends { readonly kind: 'group'; readonly of: infer Inner }
          ? RecordOf<Inner>
          : One extends { readonly kind: 'some'; readonly of: infer Inner }
            ? Partial<RecordOf<Inner>>
            : One extends { readonly kind: 'variant'; readonly on: infer On extends string; readonly of: infer Kinds }
              ? { [Kind in keyof Kinds]: Readonly<Record<On, Kind>> & RecordOf<Kinds[Kind]> }[keyof Kinds]
              : One extends { readonly kind: 'any' }
                ? unknown
                : number;

/** The type of the value that a field holds. */
export type ValueOf<One> = Held<One> | (One extends { readonly orUnknown: true } ? null : never);

/** The type of a record that is described by these fields. */
export type RecordOf<Described> = {
  readonly [Name in keyof Described as Described[Name] extends { readonly optional: true } ? never : Name]: ValueOf<
    Described[Name]
  >;
} & {
  readonly [Name in keyof Described as Described[Name] extends { readonly optional: true } ? Name : never]?:
    | ValueOf<Described[Name]>
    | undefined;
};

/** The fields that have something to begin with. */
type WithDefault<Described> = {
  [Name in keyof Described]: Described[Name] extends
    | { readonly orUnknown: true }
    | { readonly default: unknown }
    | { readonly optional: true }
    ? Name
    : never;
}[keyof Described];

/** What must be said to make a record; the rest may be. */
export type GivenOf<Described> = Omit<RecordOf<Described>, WithDefault<Described>> & Partial<RecordOf<Described>>;

/** The names of the fields that are set one by one, when the record is there. */
export type SettableIn<Described> = {
  [Name in keyof Described]: Described[Name] extends { readonly fixed: true } ? never : Name;
}[keyof Described];

export const isFigure = (field: Field): field is FigureField => !(field.kind in OTHER_KINDS);

/** Every kind of field that is no figure of a quantity. */
const OTHER_KINDS: Readonly<Record<Exclude<Field['kind'], FigureKind>, true>> = {
  count: true,
  choice: true,
  text: true,
  id: true,
  reference: true,
  day: true,
  moment: true,
  'yes-no': true,
  list: true,
  group: true,
  some: true,
  variant: true,
  any: true,
};

/** Has it something to begin with? */
export const hasDefault = (field: Field): boolean => field.orUnknown === true || field.default !== undefined;
/** What it begins with; undefined where it must be given. */
export const defaultOf = (field: Field): unknown => field.default ?? (field.orUnknown ? null : undefined);

/** The same description without one of its fields. */
export function omitField<const Described extends Fields, Name extends keyof Described>(
  fields: Described,
  name: Name,
): Omit<Described, Name> {
  const { [name]: _, ...rest } = fields;
  return rest;
}

export const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The fields of the variant that a value says it is; undefined where it says none that there is. */
export function fieldsOfVariant(field: VariantField, value: Readonly<Record<string, unknown>>): Fields | undefined {
  const told = value[field.on];
  return typeof told === 'string' && Object.hasOwn(field.of, told) ? field.of[told] : undefined;
}
