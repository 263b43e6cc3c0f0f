import fc from 'fast-check';
import { runs } from '../test/runs';
import { expect, test } from 'vitest';
import { figureFacts, fromKept } from '../quantity/figure';
import type { Measures } from '../quantity/length';
import { decimalMark, readFigure } from '../quantity/read-figure';
import { RECORDS } from '../job/job';
import { faultsOf } from '../record/faults';
import { type Fields, type FigureField, isFigure } from '../record/field';
import { REGIONS, type Region } from '../region';

/** Every figure of every record, those inside a record inside it too. */
const figuresIn = (fields: Fields): readonly FigureField[] =>
  Object.values(fields).flatMap((field): readonly FigureField[] =>
    isFigure(field)
      ? [field]
      : field.kind === 'group'
        ? figuresIn(field.of)
        : field.kind === 'list' && field.of.kind === 'group'
          ? figuresIn(field.of.of)
          : [],
  );
const FIELDS = Object.values(RECORDS).flatMap((fields) => figuresIn(fields));

/** A figure as somebody of a region writes it: grouped or not, with or without its unit, tidy or not. */
const written = (figure: number, region: Region, unit: string, grouped: boolean, loose: boolean): string => {
  const mark = decimalMark(region);
  const [whole = '0', part] = `${figure}`.replace('-', '').split('.');
  const parted = grouped ? whole.replace(/\B(?=(\d{3})+$)/g, mark === '.' ? ',' : '.') : whole;
  const text = `${figure < 0 ? '-' : ''}${parted}${part === undefined ? '' : `${mark}${part}`}`;
  return loose ? `  ${text}${unit} ` : `${text} ${unit}`.trim();
};

interface Typed {
  readonly field: FigureField;
  readonly text: string;
  readonly meant: number;
  readonly region: Region;
  readonly measures: Measures;
}

const TYPED: fc.Arbitrary<Typed> = fc
  .record({
    field: fc.constantFrom(...FIELDS),
    region: fc.constantFrom(...REGIONS),
    measures: fc.constantFrom<Measures>('in-gal', 'mm-l'),
    share: fc.double({ min: -0.1, max: 1.1, noNaN: true }),
    digits: fc.constantFrom(0, 1, 2, 3),
    unit: fc.nat(),
    grouped: fc.boolean(),
    loose: fc.boolean(),
  })
  .map(({ field, region, measures, share, digits, unit, grouped, loose }) => {
    const { units } = figureFacts(field.kind);
    const chosen = units[unit % units.length] ?? units[0]!;
    const [low, high] = field.usual ?? [field.least ?? field.above ?? 0, field.most];
    const figure = Number(fromKept(low + share * (high - low), chosen).toFixed(digits));
    // What is meant follows from what is written and from the factor of the unit, not from the reader.
    const meant = (Object.is(figure, -0) ? 0 : figure) * chosen.factor + (chosen.offset ?? 0);
    const text = written(Object.is(figure, -0) ? 0 : figure, region, chosen.name, grouped, loose);
    return { field, region, measures, meant, text };
  })
  .filter(({ text }) => !text.includes('e'));

test('no figure that is typed is changed in silence: as meant, or asked, or refused with a reason', () => {
  const outcomes = { taken: 0, asked: 0, refused: 0 };
  fc.assert(
    fc.property(TYPED, ({ field, region, measures, meant, text }) => {
      const read = readFigure(text, { kind: field.kind, measures, region, usual: field.usual });
      const isMeant = (value: number): boolean => Math.abs(value - meant) <= 1e-9 * Math.max(1e-3, Math.abs(meant));
      if (read.ok) {
        expect(isMeant(read.value), `${text} in ${region}: ${read.value}, meant ${meant}`).toBe(true);
        if (faultsOf(field, read.value).length > 0) outcomes.refused++;
        else outcomes.taken++;
      } else if (read.error.code === 'two-readings') {
        expect(
          read.error.readings.some(({ value }) => isMeant(value)),
          `${text} in ${region}`,
        ).toBe(true);
        outcomes.asked++;
      } else throw new Error(`${text} in ${region}: ${read.error.code}`);
    }),
    { numRuns: runs(4_000, 200_000) },
  );
  // The fuzz is of use only while each of the three really happens.
  expect(Math.min(...Object.values(outcomes))).toBeGreaterThan(20);
});

// What stood on the screens before there was one reader.
test.each<readonly [string, Region | null, Measures, FigureField['kind'], number | 'asked' | 'refused']>([
  ['1,250', 'US', 'in-gal', 'volume', 1250 * 231 * 0.0254 ** 3],
  ['2,500 L', 'US', 'in-gal', 'volume', 2.5],
  ['1e9', 'US', 'in-gal', 'volume', 'refused'],
  ['1,5', 'US', 'mm-l', 'length', 'asked'],
  ['1,5', 'EU', 'mm-l', 'length', 0.0015],
  ['430 sq ft', null, 'mm-l', 'area', 430 * 0.3048 ** 2],
])('%s in %s', (text, region, measures, kind, expected) => {
  const read = readFigure(text, { kind, measures, region });
  if (read.ok) expect(read.value).toBeCloseTo(expected as number, 9);
  else expect(read.error.code === 'two-readings' ? 'asked' : 'refused').toBe(expected);
});
