import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { copyOfTernPoint } from './support';

const PORT = 3171;
const base = `http://127.0.0.1:${PORT}`;
const root = path.join(import.meta.dirname, '..');

/** A second server on the same database, to be killed without warning. */
async function startServer(): Promise<ChildProcess> {
  const server = spawn(
    process.execPath,
    [path.join(root, 'node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', `${PORT}`],
    {
      cwd: path.join(root, 'web'),
      stdio: 'ignore',
    },
  );
  await expect
    .poll(
      () =>
        fetch(`${base}/api/v1/jobs`).then(
          ({ ok }) => ok,
          () => false,
        ),
      { timeout: 120_000 },
    )
    .toBe(true);
  return server;
}

interface Document {
  readonly name: string;
}

test('a server killed in mid-save keeps the last acknowledged edit, and no half of one', async ({ page }) => {
  const id = await copyOfTernPoint(page, 'Crash 0');
  let server = await startServer();
  const acknowledged: number[] = [];
  let name = 'Crash 0';
  const killAfter = 12;
  try {
    for (let count = 1; ; count++) {
      const to = `Crash ${count}`;
      // Two fields in one batch: half of it would show.
      const edits = [
        { type: 'change-field', in: 'settings', field: 'name', from: name, to },
        {
          type: 'add-terminal',
          terminal: {
            id: `place-${count}`,
            name: to,
            kind: 'other',
            offers: null,
            readings: [],
            throughM: null,
            mains: false,
            wantsKpa: null,
            wantsM3s: null,
            vesselM: null,
            reserveM3: null,
          },
        },
      ];
      const sent = fetch(`${base}/api/v1/jobs/${id}/edits`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ baseRevision: 1, edits }),
      }).then(
        ({ status }) => status,
        () => 0,
      );
      // While this one is on its way the server dies.
      if (count === killAfter) server.kill('SIGKILL');
      const status = await sent;
      if (status !== 200) break;
      acknowledged.push(count);
      name = to;
      if (count === killAfter) break;
    }
    if (server.exitCode === null && server.signalCode === null) await once(server, 'exit');
    server = await startServer();

    const document = (await (await fetch(`${base}/api/v1/jobs/${id}`)).json()) as Document & {
      terminals: { name: string }[];
    };
    const last = acknowledged.at(-1) ?? 0;
    expect(last).toBeGreaterThanOrEqual(killAfter - 1);
    // The one that was on its way is there whole or not at all.
    expect([`Crash ${last}`, `Crash ${last + 1}`]).toContain(document.name);
    const reached = Number(document.name.slice('Crash '.length));
    expect(
      document.terminals
        .filter(({ name: terminal }) => terminal.startsWith('Crash '))
        .map(({ name: terminal }) => terminal),
    ).toEqual(Array.from({ length: reached }, (_, index) => `Crash ${index + 1}`));
  } finally {
    server.kill('SIGKILL');
  }
});
