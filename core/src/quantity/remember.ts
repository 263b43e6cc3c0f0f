/**
 * Remembers what was made for a text, so many at most; then it forgets all of it and begins anew. For what is asked with the
 * same few words again and again and follows from no object that it could be kept with.
 */
export function remember<Value>(most: number): (key: string, make: () => Value) => Value {
  const kept = new Map<string, Value>();
  return (key, make) => {
    const known = kept.get(key);
    if (known !== undefined) return known;
    const made = make();
    if (kept.size >= most) kept.clear();
    kept.set(key, made);
    return made;
  };
}
