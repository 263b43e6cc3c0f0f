import { answered } from '../api/answered';
import { HANDLERS, type HandlerName } from './handlers';

/** A request as it goes to a thread of the pool: what can be copied there. */
export interface Sent {
  readonly handler: HandlerName;
  readonly params: Readonly<Record<string, string>>;
  readonly url: string;
  readonly method: string;
  readonly headers: readonly (readonly [string, string])[];
  readonly body: Uint8Array | null;
}

/** What comes back: status, headers, bytes. */
export interface Answered {
  readonly status: number;
  readonly headers: readonly (readonly [string, string])[];
  readonly body: Uint8Array;
}

/** Entry of a thread: the same handlers as ever, between a request that was copied here and an answer that is copied back. */
export default async function work({ handler, params, url, method, headers, body }: Sent): Promise<Answered> {
  const request = new Request(url, {
    method,
    headers: headers.map(([name, value]): [string, string] => [name, value]),
    ...(body ? { body: new Uint8Array(body) } : {}),
  });
  const response = await answered((asked: Request) => HANDLERS[handler](asked, params))(request);
  return {
    status: response.status,
    headers: [...response.headers],
    body: new Uint8Array(await response.arrayBuffer()),
  };
}
