import { describe, expect, test } from 'vitest';
import { type GuardSettings, refusalOf } from './guard';
import { contentPolicy, securityHeaders } from './headers';

const AT_HOME: GuardSettings = { hosts: [], passphrase: undefined };
const OUT: GuardSettings = { hosts: ['herrero.example'], passphrase: 'three tanks: one tap' };

const asked = (
  headers: Record<string, string>,
  settings: GuardSettings = AT_HOME,
  { method = 'GET', path = '/' }: { method?: string; path?: string } = {},
) => refusalOf({ method, path, headers: new Headers({ host: '127.0.0.1:3000', ...headers }) }, settings)?.status;

describe('under which name', () => {
  test.each(['localhost', 'localhost:3000', '127.0.0.1:3170', '[::1]:3000', 'LOCALHOST:3000'])('%s is known', (host) =>
    expect(asked({ host })).toBeUndefined(),
  );
  // A name of somebody else that leads to this machine: the page there would be of the same origin as the answer.
  test.each(['evil.example', '127.0.0.1.evil.example', 'localhost.evil.example:3000', '10.0.0.7:3000', ''])(
    '%s is refused',
    (host) => expect(asked({ host })).toBe(403),
  );
  test('a name of the settings is known, with any port, also behind a proxy that passes it on', () => {
    const authorization = `Basic ${Buffer.from(`anyone:${OUT.passphrase}`).toString('base64')}`;
    expect(asked({ host: 'herrero.example:8443', authorization }, OUT)).toBeUndefined();
    expect(asked({ 'x-forwarded-host': 'herrero.example', authorization }, OUT)).toBeUndefined();
    expect(asked({ 'x-forwarded-host': 'other.example', authorization }, OUT)).toBe(403);
  });
});

test.each(['/api/v1/jobs/%', '/api/v1/jobs/%zz', '/api/v1/jobs/a%00b', '/api/v1/jobs/%FF'])(
  'an address that cannot be read is refused: %s',
  (path) => expect(asked({}, AT_HOME, { path })).toBe(400),
);

describe('from outside of the machine', () => {
  const basic = (text: string) => ({ authorization: `Basic ${Buffer.from(text).toString('base64')}` });

  test.each([
    ['no passphrase', {}, 401],
    ['a wrong one', basic('a:three tanks'), 401],
    ['nonsense', { authorization: 'Basic ?' }, 401],
    ['another way', { authorization: 'Bearer three tanks: one tap' }, 401],
    ['the passphrase', basic('a:three tanks: one tap'), undefined],
  ])('%s', (_, headers, status) => expect(asked({ host: 'herrero.example', ...headers }, OUT)).toBe(status));

  test('nobody is let in without a passphrase in the settings', () =>
    expect(asked({ host: 'herrero.example', ...basic('a:') }, { ...OUT, passphrase: undefined })).toBe(403));

  test('a proxy that passes on under a loopback name says for whom, and that is outside', () => {
    expect(asked({ 'x-forwarded-for': '203.0.113.7' }, OUT)).toBe(401);
    expect(asked({ 'x-forwarded-for': '127.0.0.1' }, OUT)).toBeUndefined();
    expect(asked({ 'x-forwarded-for': '::ffff:127.0.0.1' }, OUT)).toBeUndefined();
  });

  test('a merchant comes with the link alone, and to nothing else', () => {
    const merchant = (path: string, method = 'GET') => asked({ host: 'herrero.example' }, OUT, { path, method });
    expect(merchant('/list/secret')).toBeUndefined();
    expect(merchant('/_next/static/chunks/a.js')).toBeUndefined();
    expect(merchant('/list/secret', 'POST')).toBe(401);
    expect(merchant('/listing')).toBe(401);
    expect(merchant('/api/v1/jobs')).toBe(401);
  });
});

describe('a change', () => {
  const change = (headers: Record<string, string>, path = '/api/v1/jobs', method = 'POST') =>
    asked({ 'content-length': '2', ...headers }, AT_HOME, { path, method });
  const json = { 'content-type': 'application/json; charset=utf-8' };

  // The fault that was: JSON as text/plain with a foreign Origin made a job.
  test.each<[string, Record<string, string>, number | undefined]>([
    ['of the own page', { ...json, origin: 'http://127.0.0.1:3000', 'sec-fetch-site': 'same-origin' }, undefined],
    ['of a program that is no browser', json, undefined],
    ['of another page', { ...json, origin: 'http://evil.example' }, 403],
    ['of another port of this machine', { ...json, origin: 'http://127.0.0.1:8080' }, 403],
    ['of a page without an origin', { ...json, origin: 'null' }, 403],
    ['that a browser calls cross-site', { ...json, 'sec-fetch-site': 'cross-site' }, 403],
    ['that a browser calls same-site', { ...json, 'sec-fetch-site': 'same-site' }, 403],
    ['as text', { 'content-type': 'text/plain' }, 415],
    ['as a form', { 'content-type': 'application/x-www-form-urlencoded' }, 415],
    ['of a type that only begins like JSON', { 'content-type': 'application/jsonp' }, 415],
    ['without a type', {}, 415],
  ])('%s', (_, headers, status) => expect(change(headers)).toBe(status));

  test('without a body needs no type, and is held to the same page all the same', () => {
    expect(change({ 'content-length': '0' }, '/api/v1/off-cuts/a', 'DELETE')).toBeUndefined();
    expect(change({ 'content-length': '0', origin: 'http://evil.example' }, '/api/v1/off-cuts/a', 'DELETE')).toBe(403);
  });

  test('by an action is taken from the pages of whoever plans, not from those of the shop and the merchant', () => {
    const action = {
      'next-action': 'abc',
      'content-type': 'text/plain;charset=UTF-8',
      origin: 'http://127.0.0.1:3000',
    };
    expect(change(action, '/')).toBeUndefined();
    expect(change(action, '/list/secret')).toBe(403);
    expect(change(action, '/pick/id')).toBe(403);
    expect(change({ ...action, 'next-action': '', origin: 'http://evil.example' }, '/')).toBe(403);
    expect(change({ 'content-type': 'multipart/form-data; boundary=x' }, '/')).toBe(403);
  });
});

test('scripts run by the word of the answer alone', () => {
  const policy = contentPolicy('w0rd');
  const [, scripts = ''] = /script-src ([^;]*)/.exec(policy) ?? [];
  expect(scripts).toContain("'nonce-w0rd'");
  expect(scripts).not.toContain('unsafe-inline');
  expect(scripts).not.toContain("'unsafe-eval'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(securityHeaders('/list/s', 'w')['Referrer-Policy']).toBe('no-referrer');
});
