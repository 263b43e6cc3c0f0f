import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';

const root = path.join(import.meta.dirname, '..');

/** A server with a database of its own, for what would be in the way of the other journeys. */
export interface OwnServer {
  readonly base: string;
  /** Starts, stops or names its database. */
  readonly pg: (command: string) => string;
  /** The process that its database consists of. */
  readonly postmaster: () => number;
  readonly end: () => Promise<void>;
}

/**
 * Starts both, with the demo jobs loaded, and waits until they answer.
 *
 * @param surroundings what the server finds in its environment besides
 * @param data the folder of the database; it is gone afterwards
 */
export async function ownServer(
  port: number,
  surroundings: Readonly<Record<string, string>> = {},
  data = mkdtempSync(path.join(tmpdir(), 'herrero-own-')),
): Promise<OwnServer> {
  const env = { ...process.env, HERRERO_DATA: data, PG_PORT: `${51_000 + port}` };
  const pg = (command: string): string =>
    execFileSync('bash', [path.join(root, 'scripts/pg.sh'), command], { env, encoding: 'utf8' }).trim();
  let server: ChildProcess | undefined;
  const end = async (): Promise<void> => {
    server?.kill();
    if (server && server.exitCode === null && server.signalCode === null) await once(server, 'exit');
    pg('destroy');
    rmSync(data, { recursive: true, force: true });
  };
  try {
    pg('start');
    const urls = { DATABASE_URL: pg('url'), DATABASE_OWNER_URL: pg('owner-url') };
    execFileSync(process.execPath, [path.join(root, 'web/src/server/db/migrate.mjs')], { env: { ...env, ...urls } });
    server = spawn(
      process.execPath,
      [
        path.join(root, 'node_modules/next/dist/bin/next'),
        'start',
        '-H',
        '127.0.0.1',
        '-p',
        `${port}`,
        '--keepAliveTimeout',
        '180000',
      ],
      {
        cwd: path.join(root, 'web'),
        env: { ...env, ...surroundings, DATABASE_URL: urls.DATABASE_URL, HERRERO_DEMO: 'load' },
        stdio: 'ignore',
      },
    );
    const base = `http://127.0.0.1:${port}`;
    const ready = (): Promise<number> =>
      fetch(`${base}/api/v1/ready`).then(
        ({ status }) => status,
        () => 0,
      );
    await expect.poll(ready, { timeout: 240_000 }).toBe(200);
    const cluster = readFileSync(path.join(data, 'pg.dir'), 'utf8').trim();
    const postmaster = (): number => Number(readFileSync(path.join(cluster, 'postmaster.pid'), 'utf8').split('\n')[0]);
    return { base, pg, postmaster, end };
  } catch (error) {
    await end();
    throw error;
  }
}

/** A disk of its own of this size, in memory; undefined where none may be mounted. */
export function smallDisk(size: string): { readonly folder: string; readonly end: () => void } | undefined {
  const folder = mkdtempSync(path.join(tmpdir(), 'herrero-small-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${size}`, 'none', folder], { stdio: 'ignore' });
  } catch {
    rmSync(folder, { recursive: true });
    return undefined;
  }
  return {
    folder,
    end: () => {
      execFileSync('umount', [folder]);
      rmSync(folder, { recursive: true });
    },
  };
}
