'use client';

import { Choice } from './choice';

interface YesNoProps {
  readonly label: string;
  readonly value: boolean | null;
  readonly yes?: string;
  readonly no?: string;
  readonly onChange: (value: boolean) => void;
}

/** A question of two answers; neither chosen means that it was not said. */
export function YesNo({ label, value, yes = 'yes', no = 'no', onChange }: YesNoProps) {
  return (
    <div>
      <span className="block type-second" aria-hidden="true">
        {label}
      </span>
      <Choice
        label={label}
        value={value === null ? null : value ? 'yes' : 'no'}
        options={[
          { value: 'yes', name: yes },
          { value: 'no', name: no },
        ]}
        onChange={(to) => onChange(to === 'yes')}
      />
    </div>
  );
}
