'use client';

import { formatMoney, reckonedSum } from '@herrero/core';
import { useCallback } from 'react';
import { useJob } from './job-provider';

/** How a price of the catalogue, or the sum of several lines, is written in this job: in its currency, with its tax. */
export function useMoney(): (...usd: readonly (number | null)[]) => string {
  const currency = useJob((state) => state.job.currency);
  const taxPercent = useJob((state) => state.job.taxPercent);
  return useCallback(
    (...usd: readonly (number | null)[]) => formatMoney(reckonedSum(usd, { currency, taxPercent }), currency),
    [currency, taxPercent],
  );
}
