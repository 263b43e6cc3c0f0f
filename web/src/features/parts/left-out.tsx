const MOST_PROBLEMS = 20;

/** Rows that are left out, each with its reason. */
export function LeftOut({
  problems,
  label = 'Rows that are left out',
}: {
  readonly problems: readonly { readonly row: number; readonly message: string }[];
  readonly label?: string;
}) {
  if (problems.length === 0) return null;
  return (
    <ol className="max-h-48 overflow-y-auto border-t-2 border-ink" tabIndex={0} aria-label={label}>
      {problems.slice(0, MOST_PROBLEMS).map(({ row, message }) => (
        <li key={row} className="border-b border-hair py-1 type-row">
          <b className="font-[650]">Row {row}:</b> {message}
        </li>
      ))}
      {problems.length > MOST_PROBLEMS && (
        <li className="py-1 type-second">and {problems.length - MOST_PROBLEMS} more like these</li>
      )}
    </ol>
  );
}
