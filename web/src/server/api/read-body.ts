import 'reflect-metadata';
import { type FieldProblem, type Result, err, ok } from '@herrero/core';
import { type ClassConstructor, plainToInstance } from 'class-transformer';
import { type ValidationError, validateSync } from 'class-validator';
import { type NextResponse } from 'next/server';
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

/** What is wrong with plain data as a DTO; nothing it does not know is let through. */
export function shapeProblems<Dto extends object>(
  dto: ClassConstructor<Dto>,
  plain: unknown,
): { readonly value: Dto; readonly problems: FieldProblem[] } {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return { value: new dto(), problems: [{ path: '', message: 'The body must be a JSON object.' }] };
  const value = plainToInstance(dto, plain);
  return { value, problems: fieldProblems(validateSync(value, { whitelist: true, forbidNonWhitelisted: true })) };
}

/** Reads and checks a body; every wrong field is named in one answer. */
export async function readBody<Dto extends object>(
  request: Request,
  dto: ClassConstructor<Dto>,
  limitBytes = BODY_LIMIT_BYTES,
): Promise<Result<Dto, NextResponse<ProblemBody>>> {
  const json = await readJson(request, limitBytes);
  if (!json.ok) return json;
  const { value, problems } = shapeProblems(dto, json.value);
  return problems.length > 0 ? err(badRequest(problems)) : ok(value);
}
