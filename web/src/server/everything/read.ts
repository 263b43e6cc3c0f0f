import 'server-only';
import {
  type Catalogue,
  type FieldProblem,
  type Fields,
  ID_PATTERN,
  type RecordOf,
  type Result,
  SCHEMA_VERSION,
  catalogueWith,
  err,
  makeOwnPart,
  ok,
  withDefaults,
} from '@herrero/core';
import { unzipSync } from 'fflate';
import { ownProblems } from '../api/answer-own-parts';
import { measureProblems } from '../api/measure';
import { shapeProblems } from '../api/read-body';
import { type Shared, type WholeJob } from '../db/everything-repository';
import { readJobFile } from '../job-file';
import { BESIDE_A_JOB, FILES, VERSION } from './contents';

/** So much at most comes out of a file, and out of one of the files in it [bytes]. */
const MOST_BYTES = 600_000_000;
const MOST_OF_ONE_BYTES = 60_000_000;
const MOST_FILES = 60_000;
/** So many jobs are taken out of a file at once. */
const JOBS_AT_ONCE = 50;

/** What a file of everything holds; of what is not taken, why. */
export interface Everything {
  readonly shared: Shared;
  /** Read anew whenever they are gone through, so that not all of them are held at once. */
  readonly jobs: Iterable<WholeJob>;
  readonly refused: readonly { readonly file: string; readonly problems: readonly FieldProblem[] }[];
}

const problem = (path: string, message: string): readonly FieldProblem[] => [{ path, message }];
const within = (file: string, problems: readonly FieldProblem[]): readonly FieldProblem[] =>
  problems.map(({ path, message }) => ({ path: path === '' ? file : `${file}: ${path}`, message }));

/** What a zip says of itself: names and sizes, before anything of it is taken out. */
function listed(zip: Uint8Array): Result<ReadonlySet<string>, readonly FieldProblem[]> {
  const names = new Set<string>();
  let bytes = 0;
  try {
    unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        names.add(name);
        bytes += originalSize;
        if (originalSize > MOST_OF_ONE_BYTES) bytes = Infinity;
        if (names.size > MOST_FILES) bytes = Infinity;
        return false;
      },
    });
  } catch {
    return err(problem('', 'This is no zip file, or it is damaged.'));
  }
  return bytes > MOST_BYTES
    ? err(problem('', `More comes out of the file than is taken: ${MOST_BYTES / 1_000_000} MB at most.`))
    : ok(names);
}

type Files = Readonly<Record<string, Uint8Array>>;

/** Some files of a zip; what is damaged is missing. */
function takenOut(zip: Uint8Array, names: ReadonlySet<string>): Files {
  try {
    return unzipSync(zip, { filter: ({ name }) => names.has(name) });
  } catch {
    return {};
  }
}

/** A file as JSON; measured: no larger in any way than a body may be. */
function jsonOf(files: Files, name: string, measured: boolean): Result<unknown, readonly FieldProblem[]> {
  const bytes = files[name];
  if (!bytes) return err(problem(name, 'The file is missing, or damaged.'));
  try {
    const json: unknown = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
    const problems = measured ? measureProblems(json) : [];
    return problems.length > 0 ? err(within(name, problems)) : ok(json);
  } catch {
    return err(problem(name, 'The file is not JSON in UTF-8.'));
  }
}

/** A file as it is described. */
function described<Described extends Fields>(
  files: Files,
  name: string,
  fields: Described,
): Result<RecordOf<Described>, readonly FieldProblem[]> {
  const json = jsonOf(files, name, false);
  if (!json.ok) return json;
  // What came to be described after the file was written begins as it is described.
  const value = withDefaults({ kind: 'group', of: fields }, json.value);
  const problems = shapeProblems(fields, value);
  return problems.length > 0 ? err(within(name, problems)) : ok(value as RecordOf<Described>);
}

/**
 * Reads a zip that `writeEverything` wrote, which must be built like one, or nothing is taken. Of what is in it each job,
 * part and stock is taken whole or named with every reason why it is not.
 */
export function readEverythingFile(zip: Uint8Array, here: Catalogue): Result<Everything, readonly FieldProblem[]> {
  const names = listed(zip);
  if (!names.ok) return names;
  const files = takenOut(zip, new Set(Object.keys(FILES)));
  const first = described(files, 'herrero.json', FILES['herrero.json']);
  if (!first.ok) return err([...problem('', 'This is no file of everything of Herrero.'), ...first.error]);
  if (first.value.version > VERSION || first.value.schemaVersion > SCHEMA_VERSION)
    return err(problem('herrero.json', 'The file was written by a newer Herrero: put it in with that one.'));
  const parts = described(files, 'own-parts.json', FILES['own-parts.json']);
  const cuts = described(files, 'off-cuts.json', FILES['off-cuts.json']);
  const lists = described(files, 'suppliers.json', FILES['suppliers.json']);
  const wrong = [parts, cuts, lists].flatMap((one) => (one.ok ? [] : one.error));
  if (!parts.ok || !cuts.ok || !lists.ok) return err(wrong);
  // What makes no sense by today's rules is left out and named, as a job is.
  const refused: Everything['refused'][number][] = [];
  const senseless = ownProblems(parts.value, here);
  if (senseless.length > 0) refused.push({ file: 'own-parts.json', problems: senseless });
  const own = parts.value.own.filter((part) => makeOwnPart(part).ok);
  const ours = new Set(own.map(({ code }) => code));
  const holdings = parts.value.holdings.filter(({ code }) => here.byCode.has(code) || ours.has(code));

  const brought = catalogueWith(own, holdings);
  const catalogue: Catalogue = { ...here, byCode: new Map([...brought.byCode, ...here.byCode]) };
  const ids = [...names.value].flatMap((name) => /^jobs\/([^/.]+)\.json$/.exec(name)?.[1] ?? []);
  const read = function* (some: readonly string[]) {
    for (let from = 0; from < some.length; from += JOBS_AT_ONCE) {
      const now = some.slice(from, from + JOBS_AT_ONCE);
      const out = takenOut(zip, new Set(now.flatMap(namesOf)));
      for (const id of now) yield { id, job: readWhole(out, id, catalogue) };
    }
  };
  const whole: string[] = [];
  for (const { id, job } of read(ids))
    if (job.ok) whole.push(id);
    else refused.push({ file: `jobs/${id}.json`, problems: job.error });
  return ok({
    shared: {
      own,
      holdings,
      offCuts: cuts.value.offCuts,
      suppliers: lists.value.suppliers,
      learnt: lists.value.learnt,
    },
    jobs: {
      *[Symbol.iterator]() {
        for (const { job } of read(whole)) if (job.ok) yield job.value;
      },
    },
    refused,
  });
}

const namesOf = (id: string): readonly [job: string, history: string, shop: string] => [
  `jobs/${id}.json`,
  `jobs/${id}.history.json`,
  `jobs/${id}.shop.json`,
];

function readWhole(files: Files, id: string, catalogue: Catalogue): Result<WholeJob, readonly FieldProblem[]> {
  if (!ID_PATTERN.test(id)) return err(problem('', `${id} is no id of a job.`));
  const [jobName, historyName, shopName] = namesOf(id);
  const plain = jsonOf(files, jobName, true);
  if (!plain.ok) return plain;
  const document = readJobFile(plain.value, catalogue);
  if (!document.ok) return document;
  const history = described(files, historyName, BESIDE_A_JOB.history);
  if (!history.ok) return history;
  const shop = described(files, shopName, BESIDE_A_JOB.shop);
  if (!shop.ok) return shop;
  const broken = history.value.history.findIndex(
    ({ revision, edits, document: put }, index) => revision !== index + 1 || (edits === null) === (put === null),
  );
  if (broken >= 0)
    return err(
      problem(
        `${historyName}: history[${broken}]`,
        'Revisions follow each other from 1, each with edits or a whole document.',
      ),
    );
  return ok({ id, document: document.value, history: history.value, shop: shop.value });
}
