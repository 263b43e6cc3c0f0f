import { type DecimalMark } from '@herrero/core';

/** Which mark parts decimals in a list: as it shows by itself, or as somebody says; not said, a figure that can be read in two ways is asked about. */
export const DecimalsChoice = ({
  value,
  shown,
  onChange,
}: {
  readonly value: DecimalMark | undefined;
  /** What the figures of the list show by themselves. */
  readonly shown?: DecimalMark | undefined;
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
      <option value="">
        {shown === undefined ? 'not said' : `as the list shows: ${shown === ',' ? '12,50' : '12.50'}`}
      </option>
      <option value=".">after a point: 12.50</option>
      <option value=",">after a comma: 12,50</option>
    </select>
  </label>
);
