import { MATERIAL_NAMES } from '../../connections/material';
import type { Catalogue } from '../../fittings/catalogue';
import { type Part, isByLength } from '../../fittings/part';
import { cents } from '../../quantity/money';
import type { PartsLine, PartsList } from '../list/parts-list';
import { type Traced, traced } from '../list/trace';

/** One thing to put in the basket: what it is and how many, over the whole job. */
export interface ShelfLine extends Traced {
  readonly code: string;
  /** What it is called by, whatever else is on the list: the code, and what tells it apart where one code stands for several things. */
  readonly article: string;
  readonly title: string;
  readonly detail: string;
  readonly buy: number;
  /** In what one of them is sold. */
  readonly soldBy: 'piece' | 'pack' | 'length';
  /** For all of them; null where it is not priced. */
  readonly priceUsd: number | null;
  readonly note: string | undefined;
}

/** What has become of a line in the shop. */
export const TICK_STATES = ['open', 'in', 'not-on-shelf'] as const;
export type TickState = (typeof TICK_STATES)[number];

/** Codes that stand for several things, told apart by their detail: washers, inserts, sleeves, planks, bolts, risers, seals of one's own. */
const BY_DETAIL = /^(WA|IN|SLV|PK|BO|RI|RL|OW-.*)$/;

/** What a supplier calls a line by: a length of stock by its millimetres, in whatever measures the job is read. */
export const articleOf = ({ code, detail, stockM }: Pick<PartsLine, 'code' | 'detail' | 'stockM'>): string =>
  stockM !== undefined ? `${code}@${Math.round(stockM * 1000)}` : BY_DETAIL.test(code) ? `${code} ${detail}` : code;

/** What a tick belongs to: so many of an article. Where more are wanted since, the line is open again. */
export const tickLine = ({ article, buy }: Pick<ShelfLine, 'article' | 'buy'>): string => `${article} x ${buy}`;

/** What stands together in a shop. */
export interface Shelf {
  readonly name: string;
  readonly lines: readonly ShelfLine[];
}

const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** How a counter sorts its fittings: by what they are made of and how they are joined. */
function shelfOf(part: Part): string {
  if (isByLength(part)) return 'Pipe and hose';
  const kinds = new Set(part.ends.map(({ end }) => end.kind));
  const joined = kinds.has('wall-seal')
    ? 'for tanks'
    : kinds.has('thread')
      ? 'threaded'
      : kinds.has('hose')
        ? 'for hose'
        : kinds.has('pipe')
          ? 'for pipe'
          : 'other';
  return `${capital(MATERIAL_NAMES[part.material])}, ${joined}`;
}

/**
 * What is to be bought for the whole job, each thing once, by the shelf it stands on. What is on hand, comes with another
 * thing or is a tool of the van is not bought.
 */
export function shelves({ groups }: Pick<PartsList, 'groups'>, catalogue: Catalogue): readonly Shelf[] {
  const lines = groups.flatMap(({ title, lines: own }) =>
    own
      .filter(({ buy }) => buy > 0)
      .map((line) => {
        const part = catalogue.byCode.get(line.code);
        return { line, shelf: part ? shelfOf(part) : title };
      }),
  );
  const names = [...new Set(lines.map(({ shelf }) => shelf))].sort();
  return names.map((name) => ({
    name,
    lines: together(lines.filter(({ shelf }) => shelf === name).map(({ line }) => line)),
  }));
}

/** The same thing of several places, once. */
function together(lines: readonly PartsLine[]): readonly ShelfLine[] {
  return [...new Set(lines.map(articleOf))]
    .map((article): ShelfLine => {
      const own = lines.filter((line) => articleOf(line) === article);
      const [first] = own;
      if (!first) throw new RangeError('together: an article without a line');
      const prices = own.flatMap(({ priceUsd }) => priceUsd ?? []);
      return {
        code: first.code,
        article,
        title: first.title,
        detail: first.detail,
        soldBy: first.stockM !== undefined ? 'length' : first.unit === 'piece' ? 'piece' : 'pack',
        buy: own.reduce((sum, { buy }) => sum + buy, 0),
        priceUsd: prices.length === 0 ? null : cents(prices.reduce((sum, price) => sum + price, 0)),
        note: first.note,
        ...traced(own.flatMap(({ uses }) => uses)),
      };
    })
    .toSorted((a, b) => (a.title < b.title ? -1 : a.title > b.title ? 1 : 0));
}
