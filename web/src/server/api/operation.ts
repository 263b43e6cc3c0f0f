import 'reflect-metadata';
import {
  type Field,
  type Fields,
  type RecordOf,
  type Result,
  type ValueOf,
  chosen,
  defaultOf,
  err,
  faultWords,
  faultsOf,
  ok,
  withDefaults,
} from '@herrero/core';
import { NextResponse } from 'next/server';
import { type ProblemBody, badRequest } from './problem';
import { BODY_LIMIT_BYTES } from './body';
import { readJson, shapeProblems } from './read-body';

/** What an operation answers with a status: JSON as described, or a file of a media type; neither: no body. */
export interface Answer {
  readonly says: string;
  readonly json?: Field;
  readonly file?: string;
}

/**
 * One operation of the API, described once: what is read of a request is checked by it, what is answered is typed by it,
 * and the OpenAPI document is made of it.
 */
export interface Operation {
  /** Unlike any other's. */
  readonly id: string;
  readonly summary: string;
  readonly query?: Fields;
  readonly headers?: Fields;
  readonly body?: Fields;
  /** Instead: a body that is a file, by its media type. */
  readonly bodyFile?: string;
  /** A larger body than usual. */
  readonly limitBytes?: number;
  readonly answers: Readonly<Record<number, Answer>>;
  /** Worked on in the pool: a caller has so many at once and no more. */
  readonly heavy?: true;
  /** Statuses that say no, with the usual body; those that anything may answer are not named here. */
  readonly refuses?: readonly RefusalStatus[];
  readonly example: {
    readonly path?: Readonly<Record<string, string>>;
    readonly query?: Readonly<Record<string, string>>;
    readonly body?: unknown;
  };
}
export type RefusalStatus = 400 | 403 | 404 | 409 | 413 | 415 | 428 | 429 | 503;

export const operation = <const Described extends Operation>(described: Described): Described => described;

type BodyOf<Described extends Operation> = Described['body'] extends Fields ? RecordOf<Described['body']> : never;
type QueryOf<Described extends Operation> = Described['query'] extends Fields ? RecordOf<Described['query']> : never;
type JsonOf<Described extends Operation, Status> = Status extends keyof Described['answers']
  ? Described['answers'][Status] extends { readonly json: infer Json }
    ? ValueOf<Json>
    : never
  : never;

/**
 * Reads the body of a request as it is described; every wrong field is named in one answer. A field that came to be
 * described after the sender was written begins as it is described.
 */
export async function readBody<Described extends Operation & { readonly body: Fields }>(
  request: Request,
  { body, limitBytes = BODY_LIMIT_BYTES }: Described,
): Promise<Result<BodyOf<Described>, NextResponse<ProblemBody>>> {
  const json = await readJson(request, limitBytes);
  if (!json.ok) return json;
  const plain = withDefaults({ kind: 'group', of: body }, json.value);
  const problems = shapeProblems(body, plain);
  return problems.length > 0 ? err(badRequest(problems)) : ok(plain as BodyOf<Described>);
}

/** What a text in an address is as a value of a field. */
function valueOf(field: Field, text: string | null): unknown {
  if (text === null) return field.optional ? undefined : defaultOf(field);
  if (field.kind === 'choice') return field.of.find((option) => `${option}` === text) ?? chosen(field, text);
  if (field.kind === 'yes-no') return text === 'true' ? true : text === 'false' ? false : text;
  return text;
}

/** Reads what stands behind the question mark of an address, as it is described. */
export function readQuery<Described extends Operation & { readonly query: Fields }>(
  request: Request,
  { query }: Described,
): Result<QueryOf<Described>, NextResponse<ProblemBody>> {
  const asked = new URL(request.url).searchParams;
  const value = Object.fromEntries(
    Object.entries(query).flatMap(([name, field]) => {
      const own = valueOf(field, asked.get(name));
      return own === undefined ? [] : [[name, own]];
    }),
  );
  const faults = faultsOf({ kind: 'group', of: query }, value);
  return faults.length > 0
    ? err(badRequest(faults.map((fault) => ({ path: fault.path, message: faultWords(fault, '', 'mm-l') }))))
    : ok(value as QueryOf<Described>);
}

/** Answers as it is described: a body of another shape does not compile. */
export const answer = <Described extends Operation, Status extends keyof Described['answers'] & number>(
  _: Described,
  status: Status,
  json: JsonOf<Described, Status>,
  headers: Readonly<Record<string, string>> = {},
): NextResponse => NextResponse.json(json, { status, headers });
