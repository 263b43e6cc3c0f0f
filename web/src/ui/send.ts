/** What the server says to a request: its answer, or a sentence that says what is wrong. */
export type Sent<Answer> =
  | { readonly ok: true; readonly answer: Answer }
  | { readonly ok: false; readonly message: string };

interface Refusal {
  readonly error?: string;
  readonly fields?: readonly { readonly path: string; readonly message: string }[];
}

/** Sends a request and reads its answer; what goes wrong is a sentence, never an exception. */
export async function send<Answer>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<Sent<Answer>> {
  try {
    const response = await fetch(path, {
      method,
      ...(body === undefined ? {} : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
    const answer: unknown = response.status === 204 ? undefined : await response.json();
    if (response.ok) return { ok: true, answer: answer as Answer };
    const { error, fields } = answer as Refusal;
    return { ok: false, message: fields?.[0]?.message ?? error ?? 'It was not taken.' };
  } catch {
    return { ok: false, message: 'The server does not answer. Nothing was changed; try again.' };
  }
}
