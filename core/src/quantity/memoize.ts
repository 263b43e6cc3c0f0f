import { dequal } from 'dequal';

/**
 * A function of an object that never changes, worked out once for each object and forgotten with it.
 * Pure: the same object gives the same answer, only sooner.
 */
export function memoize<Key extends object, Value>(of: (key: Key) => Value): Memoized<Key, Value> {
  const known = new WeakMap<Key, { readonly value: Value }>();
  const know = (key: Key, value: Value): void => void known.set(key, { value });
  const ask = (key: Key): Value => {
    const found = known.get(key);
    if (found) return found.value;
    const value = of(key);
    know(key, value);
    return value;
  };
  return Object.assign(ask, { know });
}

export interface Memoized<Key extends object, Value> {
  (key: Key): Value;
  /** Says what it is for an object, where that is known from elsewhere. */
  readonly know: (key: Key, value: Value) => void;
}

/** The same of two objects: worked out once for each pair. */
export function memoizeBoth<First extends object, Second extends object, Value>(
  of: (first: First, second: Second) => Value,
): (first: First, second: Second) => Value {
  const withFirst = memoize((first: First) => memoize((second: Second) => of(first, second)));
  return (first, second) => withFirst(first)(second);
}

/**
 * What was made for a key the last time, wherever it is made alike again: so all that was worked out of it stays known.
 * Compared by value, unless it is said how; parts of the two that are one object are not looked into.
 */
export function reuseEqual<Key extends object, Value>(
  isAlike: (a: Value, b: Value) => boolean = dequal,
): (key: Key, value: Value) => Value {
  const last = new WeakMap<Key, { readonly value: Value }>();
  return (key, value) => {
    const before = last.get(key);
    if (before && isAlike(before.value, value)) return before.value;
    last.set(key, { value });
    return value;
  };
}

/** Are two lists alike, item by item? What is one object is alike. */
export const listsAlike =
  <Item extends object>(isAlike: (a: Item, b: Item) => boolean) =>
  (a: readonly Item[], b: readonly Item[]): boolean =>
    a.length === b.length &&
    a.every((item, place) => {
      const other = b[place];
      return item === other || (other !== undefined && isAlike(item, other));
    });
