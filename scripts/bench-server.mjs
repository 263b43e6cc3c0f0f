// npm run bench:server: how many requests a second the built application answers, and how long they take, with 1, 10 and 100
// connections. Starts it on a free port against DATABASE_URL.
import { spawn } from 'node:child_process';
import { Agent, request } from 'node:http';
import { createServer } from 'node:net';
import path from 'node:path';

const SECONDS = Number(process.env.BENCH_SECONDS ?? 8);
const root = path.join(import.meta.dirname, '..');
const port = await new Promise((resolve) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address();
    probe.close(() => resolve(free));
  });
});
const agent = new Agent({ keepAlive: true, maxSockets: 200 });
const server = spawn(
  process.execPath,
  [path.join(root, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', `${port}`],
  { cwd: path.join(root, 'web'), env: { ...process.env, HERRERO_DEMO: 'load' }, stdio: 'ignore' },
);

const ask = (method, url, body, browser) =>
  new Promise((resolve, reject) => {
    const sent = request(
      {
        agent,
        host: '127.0.0.1',
        port,
        method,
        path: url,
        headers: {
          'user-agent': `bench ${browser}`,
          ...(body === undefined
            ? {}
            : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }),
        },
      },
      (response) => {
        const chunks = [];
        response.on('data', (chunk) => chunks.push(chunk));
        response.on('end', () => resolve({ status: response.statusCode, text: Buffer.concat(chunks).toString() }));
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });

try {
  for (let turn = 0; ; turn++) {
    const ready = await ask('GET', '/api/v1/ready').catch(() => undefined);
    if (ready?.status === 200) break;
    if (turn > 150) throw new Error('the server did not come up');
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  const { jobs } = JSON.parse((await ask('GET', '/api/v1/jobs')).text);
  const id = jobs[0].id;
  let count = 0;
  const edit = () => {
    const place = `bench-${(count += 1)}-${process.pid}`;
    const terminal = {
      id: place,
      name: place,
      kind: 'other',
      offers: null,
      distanceM: null,
      readings: [],
      throughM: null,
    };
    return JSON.stringify({
      baseRevision: 1,
      batchId: place,
      author: 'bench',
      edits: [
        { type: 'add-terminal', terminal },
        { type: 'remove-place', in: 'terminals', id: place },
      ],
    });
  };
  const questions = {
    job: () => ['GET', `/api/v1/jobs/${id}`],
    edit: () => ['POST', `/api/v1/jobs/${id}/edits`, edit()],
    'parts.json': () => ['GET', `/api/v1/jobs/${id}/parts.json`],
    'list of jobs': () => ['GET', '/'],
  };
  for (const [name, question] of Object.entries(questions))
    for (const connections of [1, 10, 100]) {
      const times = [];
      const statuses = {};
      const until = performance.now() + SECONDS * 1000;
      const work = async (browser) => {
        while (performance.now() < until) {
          const from = performance.now();
          const { status } = await ask(...question(), browser);
          times.push(performance.now() - from);
          statuses[status] = (statuses[status] ?? 0) + 1;
        }
      };
      await Promise.all(Array.from({ length: connections }, (_, browser) => work(browser)));
      times.sort((a, b) => a - b);
      const at = (share) => `${Math.round(times[Math.min(times.length - 1, Math.floor(share * times.length))])} ms`;
      console.log(
        `${name}, ${connections}: ${(times.length / SECONDS).toFixed(0)}/s, median ${at(0.5)}, p99 ${at(0.99)}, ${JSON.stringify(statuses)}`,
      );
    }
} finally {
  server.kill();
}
