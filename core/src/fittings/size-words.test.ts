import { expect, test } from 'vitest';
import { everyEnd } from '../connections/every-end';
import { describeEnd } from '../connections/format';
import { mate } from '../connections/mate';
import { INCH_SIZES, METRIC_SIZES } from '../quantity/size';
import { partTitle, shippedCatalogue } from './catalogue';

// '110 in' and '90 in' stood on screens: a metric size is never called inches, whoever prints it.
const metric = METRIC_SIZES.filter((size) => !(INCH_SIZES as readonly string[]).includes(size));
const WRONG = new RegExp(
  `(^|[ (])(${metric.map((size) => size.replace('.', String.raw`\.`)).join('|')}) ?(in|")( |,|$)`,
);

test('no part of the catalogue calls a metric size inches', () =>
  expect(shippedCatalogue.list.map(partTitle).filter((title) => WRONG.test(title))).toEqual([]));

test('no end, and nothing that is said of it with its own counterpart, calls a metric size inches', () => {
  const said = everyEnd().flatMap((end) => {
    const { why, instead = '', needs } = mate(end, end);
    return [describeEnd(end), why, instead, ...needs.map((need) => ('name' in need ? need.name : ''))];
  });
  expect(said.filter((text) => WRONG.test(text))).toEqual([]);
});
