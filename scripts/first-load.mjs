// The JavaScript that a station loads before anybody presses anything, gzipped. Fails over the limit.
// Starts the built application on a free port against DATABASE_URL.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

// A screen is usable about a second after it is asked for on two shared cores with this; measured with the demo job at Runs.
const LIMIT_KB = 405;
const root = path.join(import.meta.dirname, '..');
const port = await new Promise((resolve) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address();
    probe.close(() => resolve(free));
  });
});
const base = `http://127.0.0.1:${port}`;
const server = spawn(
  process.execPath,
  [path.join(root, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', `${port}`],
  {
    cwd: path.join(root, 'web'),
    env: { ...process.env, HERRERO_DEMO: 'load' },
    stdio: 'ignore',
  },
);
try {
  const jobs = await retry(async () => (await fetch(`${base}/api/v1/jobs`)).json());
  let worst = 0;
  for (const station of ['site', 'tanks', 'holes', 'runs', 'parts']) {
    const html = await (await fetch(`${base}/jobs/${jobs.jobs[0].id}/${station}`)).text();
    const scripts = new Set(
      [...html.matchAll(/<script[^>]+src="(\/_next\/static\/[^"]+\.js)[^>]*>/g)]
        .filter(([tag]) => !/nomodule/i.test(tag))
        .map(([, src]) => src),
    );
    let bytes = 0;
    for (const src of scripts) bytes += gzipSync(Buffer.from(await (await fetch(base + src)).arrayBuffer())).length;
    const kb = bytes / 1024;
    worst = Math.max(worst, kb);
    console.log(`${station}: ${kb.toFixed(0)} kB gzip in ${scripts.size} scripts`);
  }
  if (worst > LIMIT_KB) {
    console.error(`over the limit of ${LIMIT_KB} kB`);
    process.exitCode = 1;
  }
} finally {
  server.kill();
}

async function retry(ask) {
  for (let turn = 0; ; turn++) {
    try {
      return await ask();
    } catch (error) {
      if (turn > 100) throw error;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
}
