import { UNPRINTABLE } from '@herrero/core';

const EACH = new RegExp(UNPRINTABLE, 'gu');

const inWords = (text: string): string => (UNPRINTABLE.test(text) ? text.replaceAll(EACH, '\ufffd') : text);

/**
 * A value in which every text can be printed: what was stored before texts were held to that has a mark in its place. The
 * same value where nothing had to be replaced.
 */
export function printable<Value>(value: Value): Value {
  if (typeof value === 'string') return inWords(value) as Value;
  if (Array.isArray(value)) {
    const list: readonly unknown[] = value;
    const items = list.map((item) => printable(item));
    return items.every((item, at) => item === list[at]) ? value : (items as Value);
  }
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value;
  const entries = Object.entries(value);
  const now = entries.map(([name, inner]) => [name, printable<unknown>(inner)] as const);
  return now.every(([, inner], at) => inner === entries[at]?.[1]) ? value : (Object.fromEntries(now) as Value);
}
