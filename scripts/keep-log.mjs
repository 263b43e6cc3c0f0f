// node keep-log.mjs FOLDER: writes what comes in into one file a day, and keeps so many days of so much.
import { createReadStream, mkdirSync, openSync, readdirSync, rmSync, statSync, writeSync, closeSync } from 'node:fs';
import path from 'node:path';
import { createInterface } from 'node:readline';

const KEPT_DAYS = 14;
const DAY_LIMIT_BYTES = 50_000_000;
const [folder = '.'] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });

const NAME = /^server-\d{4}-\d\d-\d\d\.log$/;
let day = '';
let file;
let written = 0;

function today() {
  const now = new Date().toISOString().slice(0, 10);
  if (now === day) return;
  if (file !== undefined) closeSync(file);
  day = now;
  const name = path.join(folder, `server-${day}.log`);
  file = openSync(name, 'a');
  written = statSync(name).size;
  for (const old of readdirSync(folder)
    .filter((one) => NAME.test(one))
    .toSorted()
    .slice(0, -KEPT_DAYS))
    rmSync(path.join(folder, old));
}

for await (const line of createInterface({ input: createReadStream('', { fd: 0 }) })) {
  today();
  if (written > DAY_LIMIT_BYTES) continue;
  written += writeSync(file, `${line}\n`);
  if (written > DAY_LIMIT_BYTES)
    writeSync(file, `{"said":"more than ${DAY_LIMIT_BYTES} bytes today: the rest is left out"}\n`);
}
