'use client';

import { type Currency, type Supplier, setSetting } from '@herrero/core';
import { FigureField } from '@/ui/figure-field';
import { today } from '@/ui/today';
import { useJob } from '../../../store/job-provider';

/** What other money is worth, for suppliers who ask in it: typed with its day, or their prices are not used. */
export function Rates({ suppliers }: { readonly suppliers: readonly Supplier[] }) {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const others = [...new Set(suppliers.map(({ currency }) => currency))].filter((one) => one !== job.currency);
  if (others.length === 0) return null;
  const set = (currency: Currency, worth: number): string | undefined =>
    make([
      setSetting(job, 'rates', [
        ...job.rates.filter((one) => one.currency !== currency || one.into !== job.currency),
        { currency, into: job.currency, worth, day: today() },
      ]),
    ])?.message;
  return (
    <section aria-label="Rates of exchange" className="pt-2">
      {others.map((currency) => {
        const rate = job.rates.find((one) => one.currency === currency && one.into === job.currency);
        const asked = suppliers.filter((one) => one.currency === currency).map(({ name }) => name);
        return (
          <div key={currency}>
            <FigureField
              kind="number"
              measures={job.measures}
              label={`One ${currency} in ${job.currency}`}
              unsaid="not said"
              value={rate?.worth ?? null}
              onChange={(worth) => set(currency, worth)}
            />
            <p className="type-row">
              {rate
                ? `As you said on ${rate.day}, for ${asked.join(', ')}.`
                : `Until you say, the prices of ${asked.join(', ')} are in no basket.`}
            </p>
          </div>
        );
      })}
    </section>
  );
}
