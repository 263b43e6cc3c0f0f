import { type OddPrice } from '@herrero/core';

const MOST_ROWS = 30;

/** How far off: '1,000 times', 'a hundredth of'. */
const timesWords = (times: number): string =>
  times === 0
    ? 'nothing, instead of'
    : times >= 1
      ? `${Math.round(times).toLocaleString('en')} times`
      : `1/${Math.round(1 / times).toLocaleString('en')} of`;

const AGAINST: Readonly<Record<OddPrice['against'], string>> = {
  'last-quote': 'what this supplier asked last',
  'prices-that-stand': 'what the rest of the list lets expect',
};

function Tick({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (to: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-3 type-row">
      <input
        type="checkbox"
        className="size-5 accent-ink"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

/** All of a list is so far off that its decimals or its money may be misread. */
export function WholeListOdd({
  times,
  isRight,
  onChange,
}: {
  readonly times: number;
  readonly isRight: boolean;
  readonly onChange: (to: boolean) => void;
}) {
  return (
    <div role="group" aria-label="The whole list is far off">
      <p className="type-row">
        The prices of this list are about <b className="font-[650]">{timesWords(times)}</b> those that stand: look at
        the decimals and at the money of it.
      </p>
      <Tick label="They are right as they are read" checked={isRight} onChange={onChange} />
    </div>
  );
}

/** Prices that are far off: each is left out until it is said to be right. */
export function OddRows({
  odd,
  money,
  right,
  onChange,
}: {
  readonly odd: readonly OddPrice[];
  readonly money: (amount: number) => string;
  readonly right: ReadonlySet<number>;
  readonly onChange: (right: ReadonlySet<number>) => void;
}) {
  if (odd.length === 0) return null;
  const set = (row: number, to: boolean): void =>
    onChange(new Set(to ? [...right, row] : [...right].filter((one) => one !== row)));
  return (
    <section aria-label="Prices to be asked about">
      <h3 className="border-b-2 border-ink pb-1 type-row font-[650]">
        {odd.length === 1 ? '1 price is' : `${odd.length} prices are`} far off, and left out until you say
      </h3>
      <ul className="max-h-72 overflow-y-auto" tabIndex={0} aria-label="Prices far off">
        {odd.slice(0, MOST_ROWS).map(({ row, times, against }) => (
          <li key={row.row} className="border-b border-hair py-1">
            <p className="type-row">
              Row {row.row}, {row.said}: “{row.written}” is read as{' '}
              <b className="font-[650]">{money(row.offer.price)}</b>
              {row.offer.pack > 1 && ` for ${row.offer.pack}`}, {timesWords(times)} {AGAINST[against]}.
            </p>
            <Tick label="It is right: take it" checked={right.has(row.row)} onChange={(to) => set(row.row, to)} />
          </li>
        ))}
        {odd.length > MOST_ROWS && (
          <li className="py-1 type-second">and {odd.length - MOST_ROWS} more, which stay left out</li>
        )}
      </ul>
    </section>
  );
}
