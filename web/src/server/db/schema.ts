import {
  type Currency,
  type Edit,
  type Job,
  type OwnPart,
  type SupplierName,
  type SupplierOffer,
  type TickState,
} from '@herrero/core';
import { sql } from 'drizzle-orm';
import { type Look } from '../job-looks/look';
import {
  bigint,
  bigserial,
  check,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
} from 'drizzle-orm/pg-core';

/** A job is one aggregate: its document whole, with the columns that lists need. */
export const jobs = pgTable(
  'jobs',
  {
    id: text('id').primaryKey(),
    name: text('name').notNull(),
    /** Set for a demo job: the scenario it was made from, so that it is loaded once and can be reloaded. */
    demo: text('demo').unique(),
    document: jsonb('document').$type<Job>().notNull(),
    schemaVersion: integer('schema_version').notNull(),
    revision: integer('revision').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
    archivedAt: timestamp('archived_at', { withTimezone: true }),
  },
  (table) => [
    index('jobs_by_update').on(table.archivedAt, table.updatedAt),
    check('jobs_revision_positive', sql`${table.revision} >= 1`),
  ],
);

/** What the list of jobs shows of a job, and of which revision, parts and program it was seen. Worked out again at any time. */
export const jobLooks = pgTable(
  'job_looks',
  {
    jobId: text('job_id')
      .primaryKey()
      .references(() => jobs.id),
    revision: integer('revision').notNull(),
    catalogue: text('catalogue').notNull(),
    program: text('program').notNull(),
    /** How bad its worst finding is, the worst first. */
    rank: integer('rank').notNull(),
    look: jsonb('look').$type<Look>().notNull(),
  },
  (table) => [index('job_looks_by_rank').on(table.rank)],
);

/** Every accepted batch of edits, in the order of the revisions it made. Append-only: a trigger refuses change and removal. */
export const jobHistory = pgTable(
  'job_history',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    jobId: text('job_id')
      .notNull()
      .references(() => jobs.id),
    revision: integer('revision').notNull(),
    /** Made by the sender, so that a batch sent twice is accepted once. */
    batchId: text('batch_id').notNull(),
    author: text('author').notNull(),
    label: text('label').notNull(),
    /** Null where the whole document was put. */
    edits: jsonb('edits').$type<readonly Edit[]>(),
    inverse: jsonb('inverse').$type<Edit>(),
    /** The whole document, where it was put. */
    document: jsonb('document').$type<Job>(),
    /** The batch that this one takes back. */
    undoes: text('undoes'),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    unique('job_history_one_per_revision').on(table.jobId, table.revision),
    unique('job_history_one_per_batch').on(table.jobId, table.batchId),
    index('job_history_by_author').on(table.jobId, table.author),
    check('job_history_edits_or_document', sql`(${table.edits} is null) <> (${table.document} is null)`),
  ],
);

/** Parts that somebody entered: data of the same kind as the shipped ones, checked by the same function. */
export const ownParts = pgTable('own_parts', {
  code: text('code').primaryKey(),
  part: jsonb('part').$type<OwnPart>().notNull(),
  updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
});

/** How many there are of a part of any catalogue, and what it really costs. */
export const holdings = pgTable(
  'holdings',
  {
    code: text('code').primaryKey(),
    onHand: integer('on_hand').notNull().default(0),
    /** Null: the price of the catalogue. */
    priceUsd: doublePrecision('price_usd'),
    updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    check('holdings_on_hand_not_negative', sql`${table.onHand} >= 0`),
    check('holdings_price_not_negative', sql`${table.priceUsd} is null or ${table.priceUsd} >= 0`),
  ],
);

/** Pieces of pipe, hose and downpipe left over from jobs: they are cut before anything is bought. */
export const offCuts = pgTable(
  'off_cuts',
  {
    id: text('id').primaryKey(),
    code: text('code').notNull(),
    lengthM: doublePrecision('length_m').notNull(),
    /** The job that it is left over from; its own plan does not cut it again. */
    fromJob: text('from_job').references(() => jobs.id),
    /** The job that was cut from it: for every other job it is gone. */
    usedBy: text('used_by').references(() => jobs.id),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [check('off_cuts_length_positive', sql`${table.lengthM} > 0`)],
);

/** A supplier whose price list was brought in. */
export const suppliers = pgTable('suppliers', {
  id: text('id').primaryKey(),
  name: text('name').notNull().unique(),
  currency: text('currency').$type<Currency>().notNull(),
  /** The day its prices are of. */
  pricedOn: date('priced_on', { mode: 'string' }).notNull(),
});

/** What a job has taken of what was on hand: it is counted down there, and for this job it still is on hand. */
export const takenParts = pgTable(
  'taken_parts',
  {
    jobId: text('job_id')
      .notNull()
      .references(() => jobs.id),
    code: text('code').notNull(),
    count: integer('count').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.code] }),
    check('taken_parts_count_positive', sql`${table.count} > 0`),
  ],
);

/** What a supplier asks for one pack of an article. */
export const offers = pgTable(
  'offers',
  {
    supplierId: text('supplier_id')
      .notNull()
      .references(() => suppliers.id, { onDelete: 'cascade' }),
    article: text('article').notNull(),
    price: doublePrecision('price').notNull(),
    pack: integer('pack').notNull().default(1),
    /** Packs on the shelf; null: not said. */
    stock: integer('stock'),
  },
  (table) => [
    primaryKey({ columns: [table.supplierId, table.article] }),
    check('offers_price_not_negative', sql`${table.price} >= 0`),
    check('offers_pack_positive', sql`${table.pack} >= 1`),
  ],
);

/** What a supplier calls an article of ours by: learnt from its lists, kept when a list is replaced. */
export const supplierNames = pgTable(
  'supplier_names',
  {
    supplierId: text('supplier_id')
      .notNull()
      .references(() => suppliers.id, { onDelete: 'cascade' }),
    theirs: text('theirs').notNull(),
    article: text('article').notNull(),
  },
  (table) => [primaryKey({ columns: [table.supplierId, table.theirs] })],
);

/** A page of a price list that is still being sent: gone when the last one comes, or after a day. */
export const sentPages = pgTable(
  'sent_pages',
  {
    upload: text('upload').notNull(),
    page: integer('page').notNull(),
    offers: jsonb('offers').$type<readonly SupplierOffer[]>().notNull(),
    names: jsonb('names').$type<readonly SupplierName[]>().notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.upload, table.page] })],
);

/** What a row of a list from elsewhere was said to mean: it is known when it comes again. */
export const learntWords = pgTable('learnt_words', {
  theirs: text('theirs').primaryKey(),
  code: text('code').notNull(),
});

/** What has become of a line of the pick list, by the newest press of any phone. */
export const ticks = pgTable(
  'ticks',
  {
    jobId: text('job_id')
      .notNull()
      .references(() => jobs.id),
    line: text('line').notNull(),
    state: text('state').$type<TickState>().notNull(),
    /** When it was pressed, by the clock of the phone. */
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.line] })],
);

/** A link by which a merchant sees the parts list of one job and nothing else. Only the hash of its secret is kept. */
export const merchantLinks = pgTable('merchant_links', {
  id: text('id').primaryKey(),
  secretHash: text('secret_hash').notNull().unique(),
  jobId: text('job_id')
    .notNull()
    .references(() => jobs.id),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  revokedAt: timestamp('revoked_at', { withTimezone: true }),
  /** It ends by itself. */
  expiresAt: timestamp('expires_at', { withTimezone: true })
    .notNull()
    .default(sql`now() + interval '30 days'`),
  /** How often the list was looked at through it. */
  opened: integer('opened').notNull().default(0),
});

/** One row: how often parts, prices, stock or left-overs have changed. Triggers count, in the transaction of the change. */
export const catalogueChanges = pgTable(
  'catalogue_changes',
  {
    only: integer('only').primaryKey().default(1),
    count: bigint('count', { mode: 'number' }).notNull().default(0),
  },
  (table) => [check('catalogue_changes_one_row', sql`${table.only} = 1`)],
);
