'use client';

/** Which column of a file holds something; none where it is not there. */
export function ColumnSelect({
  label,
  headings,
  value,
  onChange,
}: {
  readonly label: string;
  readonly headings: readonly string[];
  readonly value: number | undefined;
  readonly onChange: (column: number | undefined) => void;
}) {
  return (
    <label className="block">
      <span className="block type-second">{label}</span>
      <select
        className="field w-full"
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? undefined : Number(event.target.value))}
      >
        <option value="">not there</option>
        {headings.map((heading, column) => (
          <option key={column} value={column}>
            {heading === '' ? `column ${column + 1}` : heading}
          </option>
        ))}
      </select>
    </label>
  );
}
