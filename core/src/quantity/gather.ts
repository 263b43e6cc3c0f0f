/**
 * Everything that each of a list gives, in one row. The same as `flatMap` of lists, and many times faster: for what is
 * gathered from every run, part or joint of a job at every keystroke.
 */
export function gather<Item, Given>(list: Iterable<Item>, of: (item: Item) => readonly Given[]): Given[] {
  const all: Given[] = [];
  for (const item of list) for (const one of of(item)) all.push(one);
  return all;
}
