'use client';

import {
  CURRENCIES,
  CURRENCY_FACTS,
  formatMoney,
  reckonedSum,
  setSetting,
  type Settings,
  type Spares,
} from '@herrero/core';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { FigureField } from '@/ui/figure-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';

const SPARES_OPTIONS: readonly { readonly value: Spares; readonly name: string }[] = [
  { value: 'none', name: 'none' },
  { value: 'sensible', name: 'sensible' },
  { value: 'remote', name: 'remote site' },
];

/** In which money the list is reckoned, with or without tax, and what is taken along in reserve. */
export function MoneyAndSpares() {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const set = <Field extends 'spares' | 'currency' | 'taxPercent' | 'budget'>(field: Field, to: Settings[Field]) =>
    make([setSetting(job, field, to)])?.message;
  return (
    <section
      aria-label="Money and spares"
      className="no-print mt-4 grid grid-cols-2 gap-x-4 gap-y-2 max-md:grid-cols-1"
    >
      <div className="col-span-full">
        <span className="block type-second" aria-hidden="true">
          Spares
        </span>
        <Choice label="Spares" value={job.spares} options={SPARES_OPTIONS} onChange={(to) => set('spares', to)} />
      </div>
      <label className="block">
        <span className="block type-second">Money</span>
        <select
          className="field w-full"
          value={job.currency}
          onChange={(event) => {
            const to = CURRENCIES.find((one) => one === event.target.value);
            if (to) set('currency', to);
          }}
        >
          {CURRENCIES.map((one) => (
            <option key={one} value={one}>
              {CURRENCY_FACTS[one].name}
            </option>
          ))}
        </select>
      </label>
      <div>
        <YesNo
          label="With tax"
          value={job.taxPercent !== null}
          onChange={(on) => set('taxPercent', on ? CURRENCY_FACTS[job.currency].usualTaxPercent : null)}
        />
        {job.taxPercent !== null && (
          <FigureField
            kind="percent"
            measures={job.measures}
            bare
            label="Tax, percent"
            value={job.taxPercent}
            onChange={(to) => set('taxPercent', to)}
          />
        )}
      </div>
      <Budget onChange={(to) => set('budget', to)} />
    </section>
  );
}

/** What the parts may cost, held against what the list comes to. */
function Budget({ onChange }: { readonly onChange: (to: number | null) => string | undefined }) {
  const job = useJob((state) => state.job);
  const { groups } = useJob((state) => state.plan.parts);
  const lines = groups.flatMap((group) => group.lines);
  const { budget, currency, measures } = job;
  const left =
    budget === null
      ? 0
      : budget -
        reckonedSum(
          lines.map(({ priceUsd }) => priceUsd),
          job,
        );
  const unpriced = lines.filter(({ buy, priceUsd }) => buy > 0 && priceUsd === null);
  return (
    <div className="col-span-full">
      <FigureField
        kind="number"
        measures={measures}
        label={`Budget for the list, ${currency}`}
        unsaid="none"
        value={budget}
        onChange={onChange}
      />
      {budget !== null && (
        <p role="status" className="type-row">
          <b className="font-[650]">
            {formatMoney(Math.abs(left), currency)} {left < 0 ? 'over the budget' : 'left of it'}
          </b>
          {unpriced.length > 0
            ? `; ${unpriced.length === 1 ? '1 line has' : `${unpriced.length} lines have`} no price yet`
            : ''}{' '}
          <Action onClick={() => onChange(null)}>No budget</Action>
        </p>
      )}
    </div>
  );
}
