'use client';

import { type Penetration, type PortUse, type Tank, describeEnd, parseEnd, tankType } from '@herrero/core';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { useJob } from '../desk/job-provider';

const USES: readonly { readonly value: PortUse; readonly name: string }[] = [
  { value: 'use', name: 'use' },
  { value: 'plug', name: 'plug' },
  { value: 'leave', name: 'leave' },
];

const nameOf = (end: string): string => {
  const parsed = parseEnd(end);
  return parsed.ok ? describeEnd(parsed.value) : end;
};

/** A port that the tank comes with: which way on it has, how to tell, and what becomes of it. */
export function PortChoice({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const make = useJob((state) => state.make);
  const port = tankType(tank.type)
    .ports(tank)
    .find(({ id }) => id === penetration.portId);
  const set = (field: 'port' | 'portUse', to: string | null): void =>
    void make([{ type: 'change-field', in: 'penetrations', id: penetration.id, field, from: penetration[field], to }]);
  const ways = port?.ways ?? [];
  return (
    <div className="space-y-2">
      <Choice
        label={`What becomes of ${penetration.label} ${penetration.name}`}
        value={penetration.portUse}
        options={USES}
        onChange={(to) => set('portUse', to)}
      />
      {ways.length > 1 ? (
        <ul aria-label={`Which way on is yours at ${penetration.label}?`}>
          {ways.map((way) => (
            <li key={way.end} className="border-b border-hair">
              <button
                type="button"
                aria-pressed={way.end === penetration.port}
                onClick={() => set('port', way.end)}
                className={`block w-full px-2 py-1.5 text-left ${way.end === penetration.port ? 'row-selected' : 'hover:bg-paper-deep'}`}
              >
                <span className="block text-[16px] leading-5 font-[650]">{way.name}</span>
                <span className="block type-second">
                  {way.end}: {way.tell}
                </span>
              </button>
            </li>
          ))}
        </ul>
      ) : (
        <p className="type-row">
          The tank comes with {nameOf(penetration.port ?? '')} here. Nothing is drilled; what goes on is chosen at Runs.
        </p>
      )}
      <p className="type-second">
        {port?.closedBy === 'valve'
          ? 'A container’s own valve wears and stops closing: put a second one behind it. The neck behind the valve is reached only with the tank empty.'
          : port && port.closedBy !== 'nothing'
            ? `It comes closed by a ${port.closedBy}.`
            : ''}
      </p>
      <Action
        onClick={() =>
          make([
            {
              type: 'change-field',
              in: 'penetrations',
              id: penetration.id,
              field: 'portUse',
              from: penetration.portUse,
              to: null,
            },
            {
              type: 'change-field',
              in: 'penetrations',
              id: penetration.id,
              field: 'port',
              from: penetration.port,
              to: null,
            },
          ])
        }
      >
        Cut it out: drill a hole of your own here
      </Action>
    </div>
  );
}
