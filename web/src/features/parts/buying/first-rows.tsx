import { type Currency, type PriceRow, formatMoney } from '@herrero/core';

const MOST_ROWS = 5;

/** The first rows of a price list, as they are written and as they are read, before anything is taken. */
export function FirstRows({
  rows,
  currency,
}: {
  readonly rows: readonly PriceRow[];
  readonly currency: Currency | undefined;
}) {
  if (rows.length === 0) return null;
  return (
    <table className="w-full type-row">
      <caption className="text-left type-row font-[650]">The first rows, as they are read</caption>
      <thead>
        <tr className="border-b border-ink text-left type-second">
          <th className="font-normal">called there</th>
          <th className="pl-3 text-right font-normal">written</th>
          <th className="pl-3 text-right font-normal">read</th>
          <th className="pl-3 text-right font-normal">pack</th>
        </tr>
      </thead>
      <tbody>
        {rows.slice(0, MOST_ROWS).map(({ row, said, words, written, offer }) => (
          <tr key={row} className="border-b border-hair align-top">
            <td className="break-words">
              {said}
              {words !== '' && words !== said && <span className="block type-second">{words}</span>}
            </td>
            <td className="pl-3 text-right whitespace-nowrap">{written}</td>
            <td className="pl-3 text-right whitespace-nowrap">
              <b className="font-[650]">
                {currency === undefined ? offer.price.toFixed(2) : formatMoney(offer.price, currency)}
              </b>
            </td>
            <td className="pl-3 text-right">{offer.pack}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
