/**
 * A function of an object that never changes, worked out once for each object and forgotten with it.
 * Pure: the same object gives the same answer, only sooner.
 */
export function remember<Key extends object, Value>(of: (key: Key) => Value): (key: Key) => Value {
  const known = new WeakMap<Key, { readonly value: Value }>();
  return (key) => {
    const found = known.get(key) ?? { value: of(key) };
    known.set(key, found);
    return found.value;
  };
}
