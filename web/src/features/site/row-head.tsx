/** The head of a row of a table of the site: a button that selects it. */
export function RowHead({
  selected,
  onSelect,
  children,
}: {
  readonly selected: boolean;
  readonly onSelect: () => void;
  readonly children: string;
}) {
  return (
    <th scope="row" className="p-0 text-left font-normal">
      <button
        type="button"
        aria-pressed={selected}
        onClick={onSelect}
        className="min-h-9 w-full pr-3 text-left font-[650] pointer-coarse:min-h-11"
      >
        {children}
      </button>
    </th>
  );
}
