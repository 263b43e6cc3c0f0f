import { randomBytes, randomUUID } from 'node:crypto';
import { type NextRequest, NextResponse } from 'next/server';
import { guardSettings } from './server/guard/settings';
import { refusalOf } from './server/guard/guard';
import { securityHeaders } from './server/guard/headers';

/** Stands before every page, action and route: who may ask, what every answer carries, and the number of the request. */
export function proxy(request: NextRequest): NextResponse {
  const { method, headers, nextUrl } = request;
  const path = nextUrl.pathname;
  const nonce = randomBytes(16).toString('base64');
  const carried: Readonly<Record<string, string>> = { ...securityHeaders(path, nonce), 'X-Request-Id': randomUUID() };
  const refusal = refusalOf({ method, path, headers }, guardSettings());
  if (refusal) {
    const { status, error } = refusal;
    return NextResponse.json(
      { error, fields: [] },
      {
        status,
        headers: {
          ...carried,
          ...(status === 401 ? { 'WWW-Authenticate': 'Basic realm="Herrero", charset="UTF-8"' } : {}),
        },
      },
    );
  }
  const onward = new Headers(headers);
  // Next gives its own scripts the word that it finds here.
  onward.set('Content-Security-Policy', carried['Content-Security-Policy'] ?? '');
  onward.set('x-nonce', nonce);
  onward.set('x-request-id', carried['X-Request-Id'] ?? '');
  const response = NextResponse.next({ request: { headers: onward } });
  for (const [name, value] of Object.entries(carried)) response.headers.set(name, value);
  return response;
}

export const config = {
  // Built files have names of their content and are the same for everybody; their headers are in next.config.ts.
  matcher: ['/((?!_next/static/).*)'],
};
