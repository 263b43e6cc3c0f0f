import { type ProvenList, type Reckoning, articleOf, cents, openQuestions, reckoned } from '@herrero/core';

/** One row of the parts list as it goes out: text and figures apart, prices in the money of the job. */
export interface PartsRow {
  readonly group: string;
  readonly article: string;
  readonly part: string;
  readonly detail: string;
  /** Null: a question, of which nothing is known yet. */
  readonly need: number | null;
  readonly unit: string;
  readonly buy: number | null;
  readonly price: number | null;
  readonly leftOver: number | null;
  readonly where: string;
  readonly note: string;
}

/** The columns of the list, in the order in which they go out. Its prices are no quote, and no heading of a price list. */
export const PARTS_COLUMNS = (currency: string): readonly string[] => [
  'Group',
  'Article',
  'Part',
  'Detail',
  'Need',
  'Unit',
  'Buy',
  `Reckoned price ${currency}`,
  'Left over',
  'Where',
  'Note',
];

/** Every line, then every open question, so that nothing that is not known is left out. */
export const partsRows = (list: ProvenList, reckoning: Reckoning): readonly PartsRow[] => [
  ...list.groups.flatMap(({ title, lines }) =>
    lines.map((line): PartsRow => ({
      group: title,
      article: articleOf(line),
      part: line.title,
      detail: line.detail,
      need: line.unit === 'm' ? cents(line.need) : line.need,
      unit: line.unit,
      buy: line.buy,
      price: line.priceUsd === null ? null : cents(reckoned(line.priceUsd, reckoning)),
      leftOver: line.leftOver ?? null,
      where: line.places.join(' '),
      note: line.note ?? '',
    })),
  ),
  ...openQuestions(list).map((question): PartsRow => ({
    group: 'Not known yet',
    article: '',
    part: question,
    detail: '',
    need: null,
    unit: '',
    buy: null,
    price: null,
    leftOver: null,
    where: '',
    note: 'not in the list until it is known',
  })),
];
