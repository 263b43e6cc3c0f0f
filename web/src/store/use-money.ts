'use client';

import { formatMoney, reckoned } from '@herrero/core';
import { useCallback } from 'react';
import { useJob } from './job-provider';

/** How a price of the catalogue is written in this job: in its currency, with its tax. */
export function useMoney(): (usd: number) => string {
  const currency = useJob((state) => state.job.currency);
  const taxPercent = useJob((state) => state.job.taxPercent);
  return useCallback(
    (usd: number) => formatMoney(reckoned(usd, { currency, taxPercent }), currency),
    [currency, taxPercent],
  );
}
