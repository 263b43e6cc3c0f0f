import { readdirSync } from 'node:fs';
import path from 'node:path';
import { Validator } from '@seriousme/openapi-schema-validator';
import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { runs } from '../../../../core/src/test/runs';
import { EDIT, type Fields, JOB, LISTED, RECORDS, faultsOf, jsonSchemaOf, withDefaults } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { nearly, recordOf } from '../../../../core/src/test/arbitrary-field';
import { openApi } from './openapi';
import { OPERATIONS } from './operations';
import { shapeProblems, validatorProblems } from './read-body';

const app = path.join(import.meta.dirname, '../../app');
const routeFiles = readdirSync(app, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('route.ts'));
const pathOf = (file: string): string => `/${path.dirname(file).replaceAll(/\[(\w+)\]/g, '{$1}')}`;

describe('the description', () => {
  test('is sound, as a public validator of such documents sees it', async () => {
    const result = await new Validator().validate(structuredClone(openApi));
    expect(result.errors).toBeUndefined();
    expect(result.valid).toBe(true);
  });

  test('names every route with every method that it answers, and no other', async () => {
    const answered = await Promise.all(
      routeFiles.map(async (file) => {
        const handlers = (await import(/* @vite-ignore */ path.join(app, file))) as Record<string, unknown>;
        const methods = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'].filter((name) => name in handlers);
        return [pathOf(file), methods.map((name) => name.toLowerCase()).sort()] as const;
      }),
    );
    const described = Object.entries(OPERATIONS).map(([at, methods]) => [at, Object.keys(methods).sort()] as const);
    expect(described.sort()).toEqual(answered.filter(([at]) => at !== '/api/v1/[...rest]').sort());
  });

  test('gives every operation an id of its own, an example that is as described, and its refusals', () => {
    const all = Object.entries(OPERATIONS).flatMap(([at, methods]) =>
      Object.values(methods).map((one) => ({ at, one })),
    );
    expect(new Set(all.map(({ one }) => one.id)).size).toBe(all.length);
    for (const { at, one } of all) {
      const { body, query, example, refuses = [] } = one;
      if (body)
        expect(faultsOf({ kind: 'group', of: body }, withDefaults({ kind: 'group', of: body }, example.body))).toEqual(
          [],
        );
      if (body) expect(refuses, one.id).toEqual(expect.arrayContaining([400, 413]));
      for (const name of Object.keys(query ?? {})) expect(example.query ?? {}, one.id).toHaveProperty(name);
      for (const [, name = ''] of at.matchAll(/\{(\w+)\}/g)) expect(example.path ?? {}, one.id).toHaveProperty(name);
    }
  });
});

describe('class-validator, core and the schema agree', () => {
  const ajv = new Ajv({ strict: false });
  const shapes: readonly (readonly [string, Fields])[] = [
    ...Object.entries(RECORDS),
    ['edit', { edit: EDIT }],
    ...Object.values(OPERATIONS).flatMap((methods) =>
      Object.values(methods).flatMap(({ id, body }) => (body && body !== JOB ? [[id, body] as const] : [])),
    ),
  ];

  test.each(shapes)('on %s', (_, fields) => {
    const field = { kind: 'group', of: fields } as const;
    const validate = ajv.compile(jsonSchemaOf(field));
    const names = Object.keys(fields);
    fc.assert(
      fc.property(
        recordOf(fields),
        fc.constantFrom(...names).chain((name) => fc.tuple(fc.constant(name), nearly(fields[name]!))),
        (record, [name, value]) => {
          const plain = withDefaults(field, JSON.parse(JSON.stringify({ ...(record as object), [name]: value })));
          const core = faultsOf(field, plain).length === 0;
          const problems = validatorProblems(fields, plain as object);
          expect(problems.length === 0, `${name} ${JSON.stringify(value)} ${JSON.stringify(problems)}`).toBe(core);
          expect(validate(plain)).toBe(core);
          expect(shapeProblems(fields, plain)).toEqual(problems);
        },
      ),
      { numRuns: runs(40) },
    );
  });

  test('every record of a job is among them', () =>
    expect(Object.keys(LISTED).every((name) => shapes.some(([one]) => one === name))).toBe(true));
});
