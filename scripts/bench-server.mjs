// npm run bench:server: how many requests a second the built application answers, and how long they take, with 1, 10 and 100
// connections; how long a trivial request waits beside what is heavy; how soon the list of a thousand jobs begins to come. Starts it
// on a free port against DATABASE_URL. It ends with 1 where an answer was none: what is slow is read, not judged.
import { spawn } from 'node:child_process';
import { Agent, request } from 'node:http';
import { createServer } from 'node:net';
import path from 'node:path';

const SECONDS = Number(process.env.BENCH_SECONDS ?? 8);
const CONNECTIONS = (process.env.BENCH_CONNECTIONS ?? '1,10,100').split(',').map(Number);
// So many long questions at once.
const HEAVY = Number(process.env.BENCH_HEAVY ?? 12);
// Each of half of them a plan of twice so many tanks.
const FOLD = Number(process.env.BENCH_FOLD ?? 12);
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
        let firstByte;
        response.on('data', (chunk) => {
          firstByte ??= performance.now();
          chunks.push(chunk);
        });
        response.on('end', () =>
          resolve({ status: response.statusCode, text: Buffer.concat(chunks).toString(), firstByte }),
        );
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });

const sortedAt = (times, share) =>
  `${Math.round(times[Math.min(times.length - 1, Math.floor(share * times.length))])} ms`;
const wrong = [];

/** The demo job several times over, in one: two tanks each time. */
const manifold = (job) => {
  const lists = Object.entries(job).filter(([, value]) => Array.isArray(value) && value[0]?.id !== undefined);
  const ids = new Set(lists.flatMap(([, records]) => records.map(({ id }) => id)));
  let number = 0;
  const other = (value, copy) =>
    typeof value === 'string'
      ? ids.has(value)
        ? `${value}-${copy}`
        : value
      : Array.isArray(value)
        ? value.map((one) => other(one, copy))
        : value !== null && typeof value === 'object'
          ? Object.fromEntries(Object.entries(value).map(([name, one]) => [name, other(one, copy)]))
          : value;
  const copied = (record, copy) => ({
    ...other(record, copy),
    ...(record.label === undefined ? {} : { label: `${record.label}.${copy}` }),
    ...(record.name === undefined ? {} : { name: `${record.name} ${copy}` }),
    ...(record.number === undefined ? {} : { number: (number += 1) }),
  });
  return {
    ...job,
    ...Object.fromEntries(
      lists.map(([name, records]) => [
        name,
        Array.from({ length: FOLD }, (_, copy) => records.map((record) => copied(record, copy))).flat(),
      ]),
    ),
  };
};

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
    for (const connections of CONNECTIONS) {
      const times = [];
      const statuses = {};
      const until = performance.now() + SECONDS * 1000;
      const work = async (browser) => {
        while (performance.now() < until) {
          const from = performance.now();
          const [method, url, body] = question();
          const { status } = await ask(method, url, body, browser);
          times.push(performance.now() - from);
          statuses[status] = (statuses[status] ?? 0) + 1;
        }
      };
      await Promise.all(Array.from({ length: connections }, (_, browser) => work(browser)));
      times.sort((a, b) => a - b);
      // With a hundred at once some may be told to come again.
      for (const status of Object.keys(statuses))
        if (status !== '200' && !(status === '503' && connections === 100)) wrong.push(`${name}: ${status}`);
      console.log(
        `${name}, ${connections}: ${(times.length / SECONDS).toFixed(0)}/s, median ${sortedAt(times, 0.5)}, p99 ${sortedAt(times, 0.99)}, ${JSON.stringify(statuses)}`,
      );
    }

  // Half of it PDFs, half of it plans of many tanks are being worked on, each for another browser.
  const job = JSON.parse((await ask('GET', `/api/v1/jobs/${id}`)).text);
  const large = JSON.stringify(manifold(job));
  let working = HEAVY;
  const heavy = Array.from({ length: HEAVY }, async (_, place) => {
    const { status, text } =
      place % 2
        ? await ask('POST', '/api/v1/plan', large, `heavy ${place}`)
        : await ask('GET', `/api/v1/jobs/${id}/parts.pdf?for=${place}`, undefined, `heavy ${place}`);
    // What takes too long is stopped, and said.
    if (status !== 200 && status !== 503) wrong.push(`heavy ${place}: ${status} ${text.slice(0, 300)}`);
    working -= 1;
  });
  const beside = [];
  const begun = performance.now();
  while (working > 0) {
    const from = performance.now();
    const { status } = await ask('GET', '/api/v1/health');
    beside.push(performance.now() - from);
    if (status !== 200) wrong.push(`health: ${status}`);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  await Promise.all(heavy);
  beside.sort((a, b) => a - b);
  console.log(
    `beside ${HEAVY / 2} PDFs and ${HEAVY / 2} plans of ${2 * FOLD} tanks (${Math.round(performance.now() - begun)} ms): median ${sortedAt(beside, 0.5)}, p99 ${sortedAt(beside, 0.99)}`,
  );

  const MOST_JOBS = Number(process.env.BENCH_JOBS ?? 1000);
  for (let made = jobs.length; made < MOST_JOBS; made += 1)
    await ask('POST', '/api/v1/jobs', JSON.stringify({ ...job, name: `Bench ${made}` }), 'maker');
  const firsts = [];
  for (let turn = 0; turn < 20; turn += 1) {
    const from = performance.now();
    const { status, firstByte } = await ask('GET', '/');
    if (status !== 200) wrong.push(`list of ${MOST_JOBS}: ${status}`);
    firsts.push(firstByte - from);
  }
  firsts.sort((a, b) => a - b);
  console.log(`list of ${MOST_JOBS} jobs, first byte: median ${sortedAt(firsts, 0.5)}, p99 ${sortedAt(firsts, 0.99)}`);
} finally {
  server.kill();
}
if (wrong.length > 0) {
  console.error([...new Set(wrong)].join('\n'));
  process.exitCode = 1;
}
