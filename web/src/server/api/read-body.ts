import 'reflect-metadata';
import {
  type Field,
  type FieldProblem,
  type Fields,
  type ListField,
  type Result,
  err,
  faultWords,
  faultsOf,
  memoize,
  ok,
} from '@herrero/core';
import { plainToInstance } from 'class-transformer';
import { type ValidationError, validateSync } from 'class-validator';
import { type NextResponse } from 'next/server';
import { dtoOf } from './described-dto';
import { BODY_LIMIT_BYTES, readBytes } from './body';
import { measureProblems } from './measure';
import { type ProblemBody, badRequest } from './problem';

/** Reads a JSON body up to a limit of bytes, and no larger in any other way than a body may be. */
export async function readJson(
  request: Request,
  limitBytes = BODY_LIMIT_BYTES,
): Promise<Result<unknown, NextResponse<ProblemBody>>> {
  const bytes = await readBytes(request, limitBytes);
  if (!bytes.ok) return bytes;
  let json: unknown;
  try {
    json = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes.value));
  } catch {
    return err(badRequest([{ path: '', message: 'The body is not JSON in UTF-8.' }]));
  }
  const problems = measureProblems(json);
  return problems.length > 0 ? err(badRequest(problems)) : ok(json);
}

/** Every constraint broken, with the path to its field: `penetrations[2].heightM`. */
export function fieldProblems(errors: readonly ValidationError[], above = ''): FieldProblem[] {
  return errors.flatMap(({ property, constraints = {}, children = [] }) => {
    const path = /^\d+$/.test(property) ? `${above}[${property}]` : above === '' ? property : `${above}.${property}`;
    return [...Object.values(constraints).map((message) => ({ path, message })), ...fieldProblems(children, path)];
  });
}

/** So many problems are named; whoever sends more has something else to mend first. */
export const MOST_PROBLEMS = 100;

/**
 * What is wrong with plain data as these fields describe it; nothing that is not described is let through. What core finds
 * sound is sound, in a hundredth of the time (a test holds both to the same answer); where something is wrong it is named by
 * the validator.
 */
export function shapeProblems(fields: Fields, plain: unknown): readonly FieldProblem[] {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return [{ path: '', message: 'The body must be a JSON object.' }];
  return faultsOf({ kind: 'group', of: fields }, plain).length === 0 ? [] : validatorProblems(fields, plain);
}

/**
 * The same by class-validator alone. What is longer than it may be is not looked into, lists are gone through item by item,
 * and after the hundredth problem it ends.
 */
export function validatorProblems(fields: Fields, plain: object): readonly FieldProblem[] {
  const problems: FieldProblem[] = [];
  const add = (more: readonly FieldProblem[]): boolean => {
    problems.push(...more.slice(0, MOST_PROBLEMS - problems.length));
    return problems.length >= MOST_PROBLEMS;
  };
  const { lists, rest } = partedOf(fields);
  const inLists = new Set(lists.map(({ name }) => name));
  add(wholeProblems(rest, Object.fromEntries(Object.entries(plain).filter(([name]) => !inLists.has(name)))));
  for (const { name, field, alone, item } of lists) {
    const value: unknown = (plain as Readonly<Record<string, unknown>>)[name];
    if (problems.length >= MOST_PROBLEMS) break;
    if (!Array.isArray(value) || value.length < (field.least ?? 0)) add(wholeProblems(alone, { [name]: value }));
    else if (value.length > field.most)
      add([{ path: name, message: faultWords({ path: name, code: 'count', field }, '', 'mm-l') }]);
    else
      for (const [place, one] of (value as readonly unknown[]).entries()) {
        const found = wholeProblems(item, { item: one });
        if (add(found.map((each) => ({ ...each, path: `${name}[${place}]${each.path.slice('item'.length)}` })))) break;
      }
  }
  return problems;
}

/** The lists of records of a description, each by itself and one item of it by itself, and what is left without them. */
const partedOf = memoize((fields: Fields) => {
  const isOfRecords = (field: Field): field is ListField =>
    field.kind === 'list' && ['group', 'some', 'variant'].includes(field.of.kind);
  return {
    lists: Object.entries(fields).flatMap(([name, field]) =>
      isOfRecords(field) ? [{ name, field, alone: { [name]: field }, item: { item: field.of } }] : [],
    ),
    rest: Object.fromEntries(Object.entries(fields).filter(([, field]) => !isOfRecords(field))),
  };
});

function wholeProblems(fields: Fields, plain: object): readonly FieldProblem[] {
  const asDescribed = (): readonly FieldProblem[] =>
    faultsOf({ kind: 'group', of: fields }, plain).map((fault) => ({
      path: fault.path,
      message: faultWords(fault, '', 'mm-l'),
    }));
  // A class with nothing to check is none that class-validator knows.
  if (Object.keys(fields).length === 0) return asDescribed();
  try {
    const value = plainToInstance(dtoOf(fields), plain);
    return fieldProblems(validateSync(value, { whitelist: true, forbidNonWhitelisted: true, stopAtFirstError: true }));
  } catch {
    // What cannot even be made an instance of (null where one of several kinds is told by a field) is named all the same.
    return asDescribed();
  }
}
