import { createHash, timingSafeEqual } from 'node:crypto';
import { UNPRINTABLE } from '@herrero/core';

/** What the settings say of who may ask: names that this server goes by beside loopback, and the passphrase under them. */
export interface GuardSettings {
  /** `herrero.example`, `yard.lan:8443`; loopback names are always known. */
  readonly hosts: readonly string[];
  /** Undefined: under a name that is no loopback name nobody is let in, merchants by their links excepted. */
  readonly passphrase: string | undefined;
}

/** What is told to whom is not let in. */
export interface Refusal {
  readonly status: 400 | 401 | 403 | 415;
  readonly error: string;
}

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly headers: Headers;
}

const LOOPBACK_NAME = /^(?:localhost|127(?:\.\d{1,3}){3}|\[::1\])(?::\d+)?$/i;
const LOOPBACK_ADDRESS = /^(?:127(?:\.\d{1,3}){3}|::1|::ffff:127(?:\.\d{1,3}){3})$/i;

/** What a form of another page can send without asking first; everything that changes comes as something else. */
const SENDABLE_TYPE = /^application\/(?:json|zip)(?:\s*;|$)/i;

/** Pages and files that a merchant needs, who has a link and no passphrase. */
const FOR_MERCHANTS = /^\/(?:list\/|_next\/static\/|icon\.svg$|favicon\.ico$)/;
/** Pages that anybody with a link or a phone sees: no server action is taken from them. */
const NO_ACTIONS = /^\/(?:list|pick)(?:\/|$)/;

const first = (list: string | null): string | undefined => list?.split(',')[0]?.trim() || undefined;

/** The name that the browser went to, also where a proxy passed it on under another. */
const hostOf = (headers: Headers): string =>
  (first(headers.get('x-forwarded-host')) ?? headers.get('host') ?? '').toLowerCase();

/** Did it come from this machine, and under one of its own names? A proxy that passes something on says for whom. */
const isLocal = (headers: Headers, host: string): boolean => {
  const from = first(headers.get('x-forwarded-for'));
  return (
    LOOPBACK_NAME.test(host) &&
    (from === undefined || LOOPBACK_ADDRESS.test(from.replace(/:\d+$/, '')) || LOOPBACK_ADDRESS.test(from))
  );
};

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** The passphrase in the usual header of a browser's own question (RFC 7617); the name before it is anybody's. */
function knowsPassphrase(headers: Headers, passphrase: string): boolean {
  const [, given] = /^Basic\s+([A-Za-z0-9+/=]+)$/i.exec(headers.get('authorization') ?? '') ?? [];
  const said = given === undefined ? undefined : Buffer.from(given, 'base64').toString('utf8');
  return said !== undefined && timingSafeEqual(digest(said.slice(said.indexOf(':') + 1)), digest(passphrase));
}

/** Does a page of this very server ask? A browser says so; what is no browser says nothing, and no other page can. */
function isOwnPage(headers: Headers, host: string): boolean {
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin') return false;
  const origin = headers.get('origin');
  if (origin === null) return true;
  return URL.canParse(origin) && new URL(origin).host.toLowerCase() === host;
}

/** Percent signs that stand for something, and nothing among it that no name has. */
function isReadable(path: string): boolean {
  try {
    return !UNPRINTABLE.test(decodeURIComponent(path));
  } catch {
    return false;
  }
}

/** Why a request is not let in; undefined where it is. */
export function refusalOf({ method, path, headers }: Asked, { hosts, passphrase }: GuardSettings): Refusal | undefined {
  const host = hostOf(headers);
  const known = LOOPBACK_NAME.test(host) || hosts.includes(host) || hosts.includes(host.replace(/:\d+$/, ''));
  if (!known)
    return {
      status: 403,
      error: 'This server does not go by that name. Its names are in its settings: HERRERO_HOSTS.',
    };
  if (!isLocal(headers, host) && !(FOR_MERCHANTS.test(path) && ['GET', 'HEAD'].includes(method))) {
    if (passphrase === undefined)
      return {
        status: 403,
        error: 'From outside of its machine nobody is let in until the settings have a passphrase: HERRERO_PASSPHRASE.',
      };
    if (!knowsPassphrase(headers, passphrase))
      return { status: 401, error: 'The passphrase of this server is asked for.' };
  }
  if (!isReadable(path)) return { status: 400, error: 'The address has something in it that cannot be read.' };
  if (['GET', 'HEAD', 'OPTIONS'].includes(method)) return undefined;
  if (!isOwnPage(headers, host)) return { status: 403, error: 'A page of another site may change nothing here.' };
  if (path.startsWith('/api/')) {
    const type = headers.get('content-type');
    const bodiless =
      type === null && (headers.get('content-length') ?? '0') === '0' && headers.get('transfer-encoding') === null;
    return bodiless || SENDABLE_TYPE.test(type ?? '')
      ? undefined
      : { status: 415, error: 'A change is sent as application/json.' };
  }
  // What is posted to a page is an action of ours, or nothing.
  if (NO_ACTIONS.test(path) || headers.get('next-action') === null)
    return { status: 403, error: 'Nothing is changed by posting to this page.' };
  return undefined;
}
