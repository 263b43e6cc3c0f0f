'use client';

import { useState } from 'react';

interface NumberEntryProps {
  readonly label: string;
  readonly value: number | null;
  readonly unit: string;
  readonly digits: number;
  /** Reads what is typed; undefined where it is no number. */
  readonly parse: (typed: string) => number | undefined;
  readonly onChange: (value: number | null) => void;
  readonly wrong?: boolean;
  readonly className?: string;
}

/** A reading that counts with every key as far as it can be read; what cannot be read stays as typed. Emptied, it is not read. */
export function NumberEntry({
  label,
  value,
  unit,
  digits,
  parse,
  onChange,
  wrong = false,
  className = 'w-[90px]',
}: NumberEntryProps) {
  const [typed, setTyped] = useState<string>();
  const shown = value === null ? '' : `${Number(value.toFixed(digits))}`;
  const text = typed ?? shown;
  const unread = typed !== undefined && typed.trim() !== '' && parse(typed) === undefined;
  const write = (next: string): void => {
    setTyped(next);
    const read = next.trim() === '' ? null : parse(next);
    if (read !== undefined) onChange(read);
  };
  return (
    <span className="inline-flex items-baseline">
      <span className="relative">
        <input
          className={`field ${className} !pr-7 !pl-1 text-right text-[18px] font-[650] placeholder:text-[14px] placeholder:font-normal placeholder:[font-stretch:70%]`}
          aria-label={unit === '' ? label : `${label}, ${unit}`}
          inputMode="decimal"
          placeholder="not read"
          data-unknown={value === null && typed === undefined}
          aria-invalid={unread || wrong}
          value={text}
          onChange={(event) => write(event.target.value)}
          onBlur={() => !unread && setTyped(undefined)}
          onKeyDown={(event) => event.key === 'Escape' && setTyped(undefined)}
        />
        <span className="pointer-events-none absolute top-[11px] right-1.5 type-second" aria-hidden="true">
          {unit}
        </span>
      </span>
      {unread && (
        <span role="alert" className="pl-2 type-second">
          no number
        </span>
      )}
    </span>
  );
}
