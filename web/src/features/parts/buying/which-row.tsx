import { type Likeliest } from '@herrero/core';

/** For an article of the job the row that it is, or null: none of those offered. */
export type WhichRows = ReadonlyMap<string, number | null>;

/** Lines of the job that the list perhaps calls otherwise: the likeliest rows of each; the answer is kept for its next list. */
export function WhichRow({
  likeliest,
  chosen,
  onChange,
}: {
  readonly likeliest: readonly Likeliest[];
  readonly chosen: WhichRows;
  readonly onChange: (to: WhichRows) => void;
}) {
  if (likeliest.length === 0) return null;
  const NONE = 'none';
  const taken = new Set(chosen.values());
  return (
    <section aria-label="Called otherwise there">
      <h3 className="border-b-2 border-ink pb-1 type-row font-[650]">
        Perhaps in the list, called otherwise: {likeliest.length}
      </h3>
      <p className="type-second">What you say is kept: the next list of this supplier is read by it.</p>
      <ul className="max-h-96 overflow-y-auto" tabIndex={0} aria-label="Lines without a price">
        {likeliest.map(({ line, rows }) => {
          const own = chosen.get(line.article);
          return (
            <li key={line.article} className="border-b border-hair py-1">
              <label className="block type-row">
                {line.title} {line.detail}
                <select
                  className="field w-full"
                  data-unknown={own === undefined}
                  value={own === undefined ? '' : (own ?? NONE)}
                  onChange={(event) =>
                    onChange(
                      new Map(chosen).set(
                        line.article,
                        event.target.value === NONE ? null : Number(event.target.value),
                      ),
                    )
                  }
                >
                  <option value="" disabled>
                    Which row is it?
                  </option>
                  {rows
                    .filter(({ row }) => row === own || !taken.has(row))
                    .map(({ row, said, words, written }) => (
                      <option key={row} value={row}>
                        {words === '' || words === said ? said : `${said}, ${words}`}: {written}
                      </option>
                    ))}
                  <option value={NONE}>none of these</option>
                </select>
              </label>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
