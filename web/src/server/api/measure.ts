import { type FieldProblem, UNPRINTABLE } from '@herrero/core';

/** How large a body may be, whatever is in it; the largest job there may be has a third of the values. */
const MOST = { values: 200_000, depth: 24, keys: 500 } as const;

/** Names that reach into the machinery of an object when they are set. */
const FORBIDDEN: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

/** In a text the ends of lines and tabs are let through; whether they may stand there is said by its field. */
const UNREADABLE = /[\0\p{Cs}]/u;

/** Where a value stands: kept as a chain, written out only where something is wrong. */
interface Spot {
  readonly value: unknown;
  readonly name: string | number;
  readonly above: Spot | undefined;
  readonly depth: number;
}

function pathOf(spot: Spot): string {
  const names: (string | number)[] = [];
  for (let at: Spot | undefined = spot; at?.above; at = at.above) names.unshift(at.name);
  return names.reduce<string>(
    (path, name) => (typeof name === 'number' ? `${path}[${name}]` : path === '' ? name : `${path}.${name}`),
    '',
  );
}

const shown = (name: string): string => JSON.stringify(name.slice(0, 40));

/**
 * What makes a parsed body too large to be looked at, or unfit to be kept, before anybody looks at what it means. It
 * stops at the first thing that is too large; what is named in it is named, up to twenty.
 */
export function measureProblems(body: unknown): readonly FieldProblem[] {
  const problems: FieldProblem[] = [];
  const todo: Spot[] = [{ value: body, name: '', above: undefined, depth: 0 }];
  let values = 0;
  for (let spot = todo.pop(); spot !== undefined && problems.length < 20; spot = todo.pop()) {
    const { value, depth } = spot;
    if (typeof value === 'string') {
      if (UNREADABLE.test(value))
        problems.push({ path: pathOf(spot), message: 'The text has a character that cannot be written.' });
      continue;
    }
    if (typeof value !== 'object' || value === null) continue;
    if (depth >= MOST.depth)
      return [{ path: pathOf(spot), message: `The body is nested deeper than ${MOST.depth} times.` }];
    const entries: [string | number, unknown][] = Array.isArray(value) ? [...value.entries()] : Object.entries(value);
    values += entries.length;
    if (values > MOST.values) return [{ path: '', message: `The body has more than ${MOST.values} values.` }];
    if (!Array.isArray(value)) {
      if (entries.length > MOST.keys)
        return [{ path: pathOf(spot), message: `${entries.length} fields in one object: ${MOST.keys} at most.` }];
      for (const [name] of entries as [string, unknown][])
        if (FORBIDDEN.has(name) || UNPRINTABLE.test(name))
          problems.push({
            path: pathOf({ value: null, name, above: spot, depth }),
            message: `${shown(name)} is no name of a field.`,
          });
    }
    for (const [name, inner] of entries.toReversed()) todo.push({ value: inner, name, above: spot, depth: depth + 1 });
  }
  return problems;
}
