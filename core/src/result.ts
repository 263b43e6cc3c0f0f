/**
 * The answer of a function that may say no for a reason the caller must look at.
 * A bug of the caller throws instead; a fault of the user's plan is a finding.
 */
export type Result<Value, Problem> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly error: Problem };

export const ok = <Value>(value: Value): { readonly ok: true; readonly value: Value } => ({ ok: true, value });
export const err = <Problem>(error: Problem): { readonly ok: false; readonly error: Problem } => ({
  ok: false,
  error,
});

/** A field that cannot be as it is: where, and what it must be, for the person who typed it. */
export interface FieldProblem {
  readonly path: string;
  readonly message: string;
}
