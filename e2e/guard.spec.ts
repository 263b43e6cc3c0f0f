import { type IncomingHttpHeaders, request as ask } from 'node:http';
import { expect, test } from '@playwright/test';

interface Answer {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly text: string;
}

/** A request with whatever headers, Host and Origin among them: no browser and no client library lets one. */
const send = (url: string, headers: Record<string, string> = {}, method = 'GET', body = ''): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const sent = ask(url, { method, headers }, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (chunk: string) => (text += chunk));
      response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }));
    });
    sent.on('error', reject);
    sent.end(body);
  });

test('every answer carries what keeps it safe, pages and routes alike', async ({ baseURL, request }) => {
  const { paths } = (await (await request.get('/api/v1/openapi.json')).json()) as { paths: Record<string, object> };
  const { jobs } = (await (await request.get('/api/v1/jobs')).json()) as { jobs: { id: string }[] };
  const id = jobs[0]?.id ?? '';
  const routes = Object.entries(paths).flatMap(([path, methods]) =>
    'get' in methods ? [path.replace('{id}', id).replaceAll(/\{\w+\}/g, 'none')] : [],
  );
  const pages = [
    '/',
    '/bench',
    '/bench/card',
    '/bench/catalogue',
    `/jobs/${id}/runs`,
    `/pick/${id}`,
    '/list/none',
    '/nowhere',
  ];
  for (const path of [...routes, ...pages, '/api/v1/nothing', '/sw.js', '/icon.svg']) {
    const { headers, status } = await send(`${baseURL}${path}`);
    expect(status, path).toBeLessThan(500);
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['x-frame-options'], path).toBe('DENY');
    expect(headers['content-security-policy'], path).toContain("frame-ancestors 'none'");
    expect(headers['content-security-policy'], path).not.toMatch(/script-src[^;]*unsafe-inline/);
    expect(headers['referrer-policy'], path).toBe(path.startsWith('/list/') ? 'no-referrer' : 'same-origin');
    expect(headers['permissions-policy'], path).toContain('camera=()');
    if (path.startsWith('/api/')) expect(headers['cache-control'], path).toMatch(/no-store|no-cache/);
  }
});

test('the scripts of a page carry the word of its answer, another one each time', async ({ baseURL }) => {
  const words = await Promise.all(
    [1, 2].map(async () => {
      const { headers, text } = await send(`${baseURL}/`);
      const [, word = ''] = /'nonce-([^']+)'/.exec(String(headers['content-security-policy'])) ?? [];
      const scripts = [...text.matchAll(/<script\b([^>]*)>/g)].map(([, attributes = '']) => attributes);
      expect(scripts.length).toBeGreaterThan(3);
      for (const attributes of scripts) expect(attributes).toContain(`nonce="${word}"`);
      return word;
    }),
  );
  expect(words[0]).not.toBe(words[1]);
});

test('no other page, no other name and no form makes a job', async ({ baseURL, request }) => {
  const count = async (): Promise<number> =>
    ((await (await request.get('/api/v1/jobs')).json()) as { jobs: unknown[] }).jobs.length;
  const before = await count();
  const { jobs } = (await (await request.get('/api/v1/jobs')).json()) as { jobs: { id: string }[] };
  const file = await (await request.get(`/api/v1/jobs/${jobs[0]?.id}/job-file.json`)).text();
  const post = (headers: Record<string, string>) =>
    send(`${baseURL}/api/v1/jobs`, { 'content-length': `${Buffer.byteLength(file)}`, ...headers }, 'POST', file);
  const json = { 'content-type': 'application/json' };
  expect((await post({ 'content-type': 'text/plain', origin: 'http://evil.example' })).status).toBe(403);
  expect((await post({ 'content-type': 'text/plain' })).status).toBe(415);
  expect((await post({ ...json, origin: 'http://evil.example' })).status).toBe(403);
  expect((await post({ ...json, 'sec-fetch-site': 'cross-site' })).status).toBe(403);
  expect((await post({ ...json, host: 'evil.example' })).status).toBe(403);
  expect((await send(`${baseURL}/`, { host: 'evil.example' })).status).toBe(403);
  for (const path of ['/list/none', `/pick/${jobs[0]?.id}`, '/'])
    expect(
      (await send(`${baseURL}${path}`, { 'content-type': 'text/plain', 'content-length': '2' }, 'POST', '[]')).status,
    ).toBe(403);
  for (const path of ['/list/none', `/pick/${jobs[0]?.id}`])
    expect(
      (
        await send(
          `${baseURL}${path}`,
          { 'next-action': 'a'.repeat(42), 'content-type': 'text/plain', 'content-length': '2' },
          'POST',
          '[]',
        )
      ).status,
    ).toBe(403);
  expect(await count()).toBe(before);
});
