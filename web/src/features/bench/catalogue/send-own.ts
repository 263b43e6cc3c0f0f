import { type FieldProblem, type Holding, type OwnPart } from '@herrero/core';

/** What the server says to parts, stock and prices: nothing, or what is wrong. */
export type SendOutcome =
  { readonly ok: true } | { readonly ok: false; readonly message: string; readonly fields: readonly FieldProblem[] };

const OFFLINE: SendOutcome = {
  ok: false,
  message: 'The server does not answer. Nothing was changed; try again.',
  fields: [],
};

async function outcomeOf(asked: Promise<Response>): Promise<SendOutcome> {
  try {
    const response = await asked;
    if (response.ok) return { ok: true };
    const body = (await response.json()) as { readonly error?: string; readonly fields?: readonly FieldProblem[] };
    return { ok: false, message: body.error ?? 'It was not taken.', fields: body.fields ?? [] };
  } catch {
    return OFFLINE;
  }
}

/** Puts parts, stock and prices in: all of them or none. */
export const sendOwn = (own: readonly OwnPart[], holdings: readonly Holding[]): Promise<SendOutcome> =>
  outcomeOf(
    fetch('/api/v1/parts/own', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ own, holdings }),
    }),
  );

export const removeOwnPart = (code: string): Promise<SendOutcome> =>
  outcomeOf(fetch(`/api/v1/parts/own/${encodeURIComponent(code)}`, { method: 'DELETE' }));
