import { type DecimalMark } from '@herrero/core';

/** Which mark parts decimals in a list; not said, a figure that can be read in two ways is asked about. */
export const DecimalsChoice = ({
  value,
  onChange,
}: {
  readonly value: DecimalMark | undefined;
  readonly onChange: (to: DecimalMark | undefined) => void;
}) => (
  <label className="block">
    <span className="block type-second">Decimals in the list</span>
    <select
      className="field w-full"
      value={value ?? ''}
      onChange={(event) =>
        onChange(event.target.value === '.' || event.target.value === ',' ? event.target.value : undefined)
      }
    >
      <option value="">not said</option>
      <option value=".">after a point: 12.50</option>
      <option value=",">after a comma: 12,50</option>
    </select>
  </label>
);
