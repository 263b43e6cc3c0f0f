import { randomUUID } from 'node:crypto';
import { ternPoint } from '@herrero/core';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { closeDatabase } from './database';
import { codeOf } from './failure';
import { createJob } from './job-repository';

/** PostgreSQL, Appendix A: insufficient_privilege. */
const MAY_NOT = '42501';

const id = randomUUID();
const program = new Client({ connectionString: process.env['DATABASE_URL'] });
beforeAll(async () => {
  await createJob(id, { ...ternPoint(), name: 'Rights' }, 'test');
  await program.connect();
});
afterAll(async () => {
  await program.end();
  await closeDatabase();
});

describe('the role that the program runs as', () => {
  test.each([
    ['removes history', `delete from job_history where job_id = '${id}'`],
    ['changes history', `update job_history set author = 'somebody else'`],
    ['empties a table', 'truncate jobs cascade'],
    ['makes a table', 'create table mine (id int)'],
    ['makes a schema', 'create schema mine'],
    ['drops a table', 'drop table ticks'],
    ['changes a table', 'alter table jobs add column mine int'],
    ['switches a trigger off', 'alter table job_history disable trigger all'],
    ['switches all triggers off', `set session_replication_role = 'replica'`],
    ['says what has been migrated', 'delete from drizzle.__drizzle_migrations'],
    ['reads what has been migrated', 'select * from drizzle.__drizzle_migrations'],
    ['reads passwords', 'select * from pg_authid'],
    ['makes a role', 'create role friend login'],
    ['raises itself', 'alter role current_user superuser'],
    ['becomes the owner', 'set role herrero'],
    ['makes a database', 'create database another'],
    ['reads a file', `select pg_read_file('/etc/passwd')`],
    ['writes a file', `copy (select 1) to '/tmp/herrero-rights'`],
    ['runs a program', `copy jobs from program 'true'`],
    ['changes the settings of the server', `alter system set fsync = off`],
    ['ends what others ask', `select pg_terminate_backend(pid) from pg_stat_activity where usename = 'herrero'`],
  ])('may not: %s', async (_, statement) => {
    const refused = await program.query(statement).then(
      ({ rowCount }) => `it did, ${rowCount} rows`,
      (error: unknown) => codeOf(error),
    );
    expect(refused).toBe(MAY_NOT);
  });

  test('reads and writes every other table, and adds to the history', async () => {
    const { rows } = await program.query<{ name: string; may: string }>(
      `select tablename as name,
              (select string_agg(one, ' ' order by one) from unnest(array['SELECT','INSERT','UPDATE','DELETE','TRUNCATE','REFERENCES','TRIGGER']) as one
                where has_table_privilege(format('public.%I', tablename), one)) as may
         from pg_tables where schemaname = 'public'`,
    );
    expect(rows.length).toBeGreaterThan(8);
    for (const { name, may } of rows)
      expect(`${name}: ${may}`).toBe(
        `${name}: ${name === 'job_history' ? 'INSERT SELECT' : 'DELETE INSERT SELECT UPDATE'}`,
      );
  });
});
