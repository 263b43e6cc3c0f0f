import { type RecordOf, SCHEMA_VERSION } from '@herrero/core';
import { TICKS, putTaken } from '../api/operations/jobs';
import { ID, group, listOf } from '../api/operations/kinds';
import { LEARNT, OFF_CUT, OWN, SUPPLIER } from '../api/operations/stock';

/** What the file of everything is told by. */
export const FORMAT = 'herrero-everything';
export const VERSION = 1;

const NAME = { kind: 'text', most: 200 } as const;
const MAY_NAME = { ...NAME, orUnknown: true } as const;
/** What an older Herrero wrote is kept as it is: whoever makes it again checks it then. */
const AS_IT_IS = { kind: 'any', orUnknown: true } as const;
const MOMENT = { kind: 'moment' } as const;
const MANY = 1_000_000;

/** What stands in each file, in JSON; read and checked by the same. A job itself is a job file as it goes out. */
export const FILES = {
  'herrero.json': {
    format: { kind: 'choice', of: [FORMAT] },
    version: { kind: 'count', least: 1, most: 1000 },
    schemaVersion: { kind: 'count', least: 1, most: 1000 },
    writtenAt: MOMENT,
  },
  'own-parts.json': OWN,
  'off-cuts.json': {
    offCuts: listOf(group({ ...OFF_CUT, usedBy: { ...ID, orUnknown: true } }), MANY),
  },
  'suppliers.json': { suppliers: listOf(group(SUPPLIER), 1000), learnt: { ...LEARNT.learnt, default: [] } },
} as const;

/** Beside each job, `jobs/<id>.json`: what became of it, `jobs/<id>.history.json`, and in the shop, `jobs/<id>.shop.json`. */
export const BESIDE_A_JOB = {
  history: {
    createdAt: MOMENT,
    updatedAt: MOMENT,
    archivedAt: { ...MOMENT, orUnknown: true },
    history: {
      ...listOf(
        group({
          revision: { kind: 'count', least: 1, most: MANY },
          batchId: NAME,
          author: NAME,
          label: { kind: 'text', least: 0, most: 500 },
          edits: AS_IT_IS,
          inverse: AS_IT_IS,
          document: AS_IT_IS,
          undoes: MAY_NAME,
          at: MOMENT,
        }),
        MANY,
      ),
      least: 1,
    },
  },
  shop: { ...TICKS, ...putTaken.body },
} as const;

export type KeptHistory = RecordOf<typeof BESIDE_A_JOB.history>;
export type KeptShop = RecordOf<typeof BESIDE_A_JOB.shop>;

export const head = (now: Date): RecordOf<(typeof FILES)['herrero.json']> => ({
  format: FORMAT,
  version: VERSION,
  schemaVersion: SCHEMA_VERSION,
  writtenAt: now.toISOString(),
});

export const READ_ME = `Everything of yours out of Herrero, in open files (JSON in UTF-8; lengths in metres, volumes in cubic metres).

herrero.json             what this is, and when it was written
jobs/<id>.json           a job; it opens by itself too
jobs/<id>.history.json   every change that was made to it, oldest first, each with the one that takes it back
jobs/<id>.shop.json      what was ticked on its pick list, and what it has taken of what was on hand
own-parts.json           parts that you entered, with what is on hand of any part and what it really costs
off-cuts.json            pieces left over
suppliers.json           price lists that were brought in, what suppliers call articles, and what rows of other lists mean

Demo jobs that nobody has changed are not in it, nor links for merchants: their secrets are not kept.
`;
