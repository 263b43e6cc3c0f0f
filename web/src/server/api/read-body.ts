import 'reflect-metadata';
import { type FieldProblem, type Fields, type Result, err, faultWords, faultsOf, ok } from '@herrero/core';
import { plainToInstance } from 'class-transformer';
import { type ValidationError, validateSync } from 'class-validator';
import { type NextResponse } from 'next/server';
import { dtoOf } from './described-dto';
import { type ProblemBody, badRequest, tooLarge } from './problem';

export const BODY_LIMIT_BYTES = 2_000_000;

/** Reads a JSON body up to a limit, counting as it comes, so that a false Content-Length gains nothing. */
export async function readJson(
  request: Request,
  limitBytes = BODY_LIMIT_BYTES,
): Promise<Result<unknown, NextResponse<ProblemBody>>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > limitBytes) return err(tooLarge(limitBytes));
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
    size += read.value.byteLength;
    if (size > limitBytes) {
      await reader?.cancel();
      return err(tooLarge(limitBytes));
    }
    chunks.push(read.value);
  }
  try {
    return ok(JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks))) as unknown);
  } catch {
    return err(badRequest([{ path: '', message: 'The body is not JSON in UTF-8.' }]));
  }
}

/** Every constraint broken, with the path to its field: `penetrations[2].heightM`. */
export function fieldProblems(errors: readonly ValidationError[], above = ''): FieldProblem[] {
  return errors.flatMap(({ property, constraints = {}, children = [] }) => {
    const path = /^\d+$/.test(property) ? `${above}[${property}]` : above === '' ? property : `${above}.${property}`;
    return [...Object.values(constraints).map((message) => ({ path, message })), ...fieldProblems(children, path)];
  });
}

/** What is wrong with plain data as these fields describe it; nothing that is not described is let through. */
export function shapeProblems(fields: Fields, plain: unknown): readonly FieldProblem[] {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return [{ path: '', message: 'The body must be a JSON object.' }];
  try {
    const value = plainToInstance(dtoOf(fields), plain);
    return fieldProblems(validateSync(value, { whitelist: true, forbidNonWhitelisted: true, stopAtFirstError: true }));
  } catch {
    // What cannot even be made an instance of (null where one of several kinds is told by a field) is named all the same.
    return faultsOf({ kind: 'group', of: fields }, plain).map((fault) => ({
      path: fault.path,
      message: faultWords(fault, '', 'mm-l'),
    }));
  }
}
