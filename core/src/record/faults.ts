import { type Measures, lengthStepM, markAbove, markBelow } from '../quantity/length';
import { memoize, memoizeBoth } from '../quantity/memoize';
import { writeFigure } from '../quantity/write-figure';
import type { FieldProblem } from '../result';
import {
  type ChoiceField,
  type Field,
  type Fields,
  type FigureField,
  type ListField,
  fieldsOfVariant,
  isFigure,
  isRecord,
} from './field';

/** Something that a value is not as it is described: where, and what it should be. Plain data; the words come later. */
export interface Fault {
  /** From the record on: `readings[0].downM`; empty: the value itself. */
  readonly path: string;
  readonly code: 'missing' | 'not-described' | 'kind' | 'range' | 'count' | 'choice' | 'text' | 'id' | 'day';
  readonly field: Field | undefined;
}

/** Ids are made by whoever makes the record: short, plain, safe in a path and in an attribute. */
export const ID_PATTERN = /^[A-Za-z0-9][A-Za-z0-9_.:-]{0,79}$/;
/** A day that there is: months have the days they have, and the 29th of February comes in leap years (ISO 8601, Gregorian). */
const DAY =
  String.raw`(?:\d{4}-(?:(?:0[13578]|1[02])-(?:0[1-9]|[12]\d|3[01])|(?:0[469]|11)-(?:0[1-9]|[12]\d|30)|02-(?:0[1-9]|1\d|2[0-8]))` +
  String.raw`|(?:\d{2}(?:0[48]|[2468][048]|[13579][26])|(?:[02468][048]|[13579][26])00)-02-29)`;
const TIME = String.raw`(?:[01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,9})?)?(?:Z|[+-](?:[01]\d|2[0-3]):[0-5]\d)`;
export const DAY_PATTERN = new RegExp(`^${DAY}$`);
export const MOMENT_PATTERN = new RegExp(`^${DAY}T${TIME}$`);
/** What no line, no file and no sheet of paper holds: control characters, half of a pair of code units, what XML has no room for. */
const UNPRINTABLE_CLASS = String.raw`\p{Cc}\p{Cs}\uFFFE\uFFFF`;
export const UNPRINTABLE = new RegExp(`[${UNPRINTABLE_CLASS}]`, 'u');
/** One line of characters that can be written. */
export const LINE_PATTERN = new RegExp(`^[^${UNPRINTABLE_CLASS}]*$`, 'u');

const NONE: readonly Fault[] = [];
const fault = (code: Fault['code'], field: Field | undefined, path = ''): readonly Fault[] => [{ path, code, field }];
const inside = (name: string, faults: readonly Fault[]): readonly Fault[] =>
  faults.length === 0
    ? faults
    : faults.map((one) => ({
        ...one,
        path: one.path === '' ? name : `${name}${one.path.startsWith('[') ? '' : '.'}${one.path}`,
      }));

/** Is a figure within what its field may hold? */
export const isInRange = ({ least, above, most }: FigureField, value: number): boolean =>
  Number.isFinite(value) &&
  value <= most &&
  (least === undefined || value >= least) &&
  (above === undefined || value > above);

/** Characters as people count them: one for each code point. */
const isOfLength = (text: string, least: number, most: number): boolean => {
  if (text.length <= most && text.length >= 2 * least) return true;
  const count = [...text].length;
  return count >= least && count <= most;
};

/** Everything in which a value is not what its field describes: kind, range, choice, and what is not described at all. */
export function faultsOf(field: Field, value: unknown): readonly Fault[] {
  if (value === null) return field.orUnknown ? NONE : fault('kind', field);
  if (isFigure(field))
    return typeof value !== 'number' ? fault('kind', field) : isInRange(field, value) ? NONE : fault('range', field);
  switch (field.kind) {
    case 'any':
      return NONE;
    case 'count':
      if (typeof value !== 'number') return fault('kind', field);
      return Number.isInteger(value) && value >= field.least && value <= field.most ? NONE : fault('range', field);
    case 'choice':
      return optionsOf(field).has(value as string | number) ? NONE : fault('choice', field);
    case 'text':
      if (typeof value !== 'string') return fault('kind', field);
      return isOfLength(value, field.least ?? 1, field.most) &&
        (!Number.isFinite(field.most) || !UNPRINTABLE.test(value))
        ? NONE
        : fault('text', field);
    case 'id':
    case 'reference':
      return typeof value === 'string' && ID_PATTERN.test(value) ? NONE : fault('id', field);
    case 'day':
      return typeof value === 'string' && DAY_PATTERN.test(value) ? NONE : fault('day', field);
    case 'moment':
      return typeof value === 'string' && MOMENT_PATTERN.test(value) ? NONE : fault('day', field);
    case 'yes-no':
      return typeof value === 'boolean' ? NONE : fault('kind', field);
    case 'list':
      if (!Array.isArray(value)) return fault('kind', field);
      if (value.length < (field.least ?? 0) || value.length > field.most) return fault('count', field);
      return listFaults(field, value);
    case 'group':
      return isRecord(value) ? groupFaults(field.of, value) : fault('kind', field);
    case 'some':
      return isRecord(value) ? someFaults(field.of, value) : fault('kind', field);
    case 'variant': {
      if (!isRecord(value)) return fault('kind', field);
      const fields = fieldsOfVariant(field, value);
      return fields === undefined
        ? fault('choice', { kind: 'choice', of: Object.keys(field.of) }, field.on)
        : recordFaults(fields, value, field.on);
    }
  }
}

const optionsOf = memoize(({ of }: ChoiceField): ReadonlySet<string | number> => new Set(of));

/** Of a list that does not change, and of a record: looked at once, however often their document is. */
const listFaults = memoizeBoth((field: ListField, value: readonly unknown[]): readonly Fault[] => {
  let faults = NONE;
  for (const [place, item] of value.entries()) {
    const own = faultsOf(field.of, item);
    if (own.length > 0) faults = [...faults, ...inside(`[${place}]`, own)];
  }
  return faults;
});

const groupFaults = memoizeBoth((fields: Fields, value: Readonly<Record<string, unknown>>) =>
  recordFaults(fields, value),
);

function recordFaults(fields: Fields, value: Readonly<Record<string, unknown>>, besides?: string): readonly Fault[] {
  let faults = NONE;
  const add = (more: readonly Fault[]): void => {
    if (more.length > 0) faults = [...faults, ...more];
  };
  for (const [name, field] of Object.entries(fields)) {
    const own = value[name];
    if (own === undefined) {
      if (!field.optional) add(fault('missing', field, name));
    } else add(inside(name, faultsOf(field, own)));
  }
  for (const name of Object.keys(value))
    if (name !== besides && !Object.hasOwn(fields, name)) add(fault('not-described', undefined, name));
  return faults;
}

const someFaults = (fields: Fields, value: Readonly<Record<string, unknown>>): readonly Fault[] =>
  Object.entries(value).flatMap(([name, own]) => {
    const field = Object.hasOwn(fields, name) ? fields[name] : undefined;
    return field === undefined ? fault('not-described', undefined, name) : inside(name, faultsOf(field, own));
  });

const LISTED = 8;
const listed = (options: readonly (string | number)[]): string =>
  options.length <= LISTED
    ? options.join(', ')
    : `${options.slice(0, LISTED).join(', ')} and ${options.length - LISTED} more`;

/** A range in words, in the measures of the job: 'from 0 to 30 m', 'more than 0 and at most 500 m3'. */
function rangeWords({ kind, least, above, most }: FigureField, measures: Measures): string {
  // The ends of a range of lengths are told by the last marks of a tape that lie in it.
  const step = lengthStepM(measures, true);
  const figure = (value: number, inwards: (value: number, step: number) => number): string => {
    const onMark = inwards(value, step);
    const told = kind === 'length' && onMark !== 0 ? onMark : value;
    return writeFigure(told, { kind, measures });
  };
  if (least !== undefined && least < 0 && least === -most) return `at most ${figure(most, markBelow)} up or down`;
  return least === undefined
    ? `more than ${above === undefined || above === 0 ? 'nothing' : figure(above, markAbove)} and at most ${figure(most, markBelow)}`
    : `from ${figure(least, markAbove)} to ${figure(most, markBelow)}`;
}

/** What a fault says to a person. `of` names the record: 'T1', 'Boat house'. */
export function faultWords({ path, code, field }: Fault, of: string, measures: Measures): string {
  const name = field?.words ?? path;
  const what = of === '' ? `The ${name}` : `The ${name} of ${of}`;
  switch (code) {
    case 'missing':
      return `${what} is missing.`;
    case 'not-described':
      return `${path} is nothing that ${of === '' ? 'this' : of} has.`;
    case 'choice':
      return `${what} is one of: ${field?.kind === 'choice' ? listed(field.of) : 'what is known'}.`;
    case 'text':
      return field?.kind === 'text'
        ? `${what} has from ${field.least ?? 1} to ${field.most} characters, all of them on one line.`
        : `${what} is a text.`;
    case 'id':
      return `${what} is a short plain name: letters, figures and _ . : - after the first.`;
    case 'day':
      return field?.kind === 'moment'
        ? `${what} is a moment, written 2026-11-25T09:30:00Z.`
        : `${what} is a day, written 2026-11-25.`;
    case 'count':
      return field?.kind === 'list'
        ? `${what}: from ${field.least ?? 0} to ${field.most} of them.`
        : `${what} is a list.`;
    case 'range':
      if (field && isFigure(field)) return `${what} is ${rangeWords(field, measures)}.`;
      return field?.kind === 'count'
        ? `${what} is a whole number from ${field.least} to ${field.most}.`
        : `${what} is out of range.`;
    case 'kind':
      return `${what} is ${field ? kindWords(field) : 'something else'}.`;
  }
}

/** What kind of value a field holds, in words. */
function kindWords(field: Field): string {
  const known = field.orUnknown ? ', or null while nobody knows it' : '';
  if (isFigure(field) || field.kind === 'count') return `a number${known}`;
  const words: Readonly<Record<Exclude<Field['kind'], FigureField['kind'] | 'count'>, string>> = {
    choice: 'one of a few words',
    text: 'a text',
    id: 'a text',
    reference: 'a text',
    day: 'a day',
    moment: 'a moment',
    'yes-no': 'true or false',
    list: 'a list',
    group: 'an object',
    some: 'an object',
    variant: 'an object',
    any: 'anything',
  };
  return `${words[field.kind]}${known}`;
}

/** What is wrong with a value as problems at their paths, for a document of these measures. */
export const fieldProblemsOf = (
  field: Field,
  value: unknown,
  { path, of, measures }: { readonly path: string; readonly of: string; readonly measures: Measures },
): readonly FieldProblem[] =>
  faultsOf(field, value).map((one) => ({
    path: one.path === '' ? path : path === '' ? one.path : `${path}${one.path.startsWith('[') ? '' : '.'}${one.path}`,
    message: faultWords(one, of, measures),
  }));
