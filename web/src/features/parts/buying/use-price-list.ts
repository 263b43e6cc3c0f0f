'use client';

import {
  type Currency,
  type DecimalMark,
  type PriceColumns,
  type ShelfLine,
  type SupplierName,
  type SupplierOffer,
} from '@herrero/core';
import { useEffect, useState } from 'react';
import { send } from '@/ui/send';
import { besideThePage } from '@/workers/beside-the-page';
import { type OpenedPrices, type PriceTasks, type PricesAsked, type PricesFound, priceTasks } from './price-tasks';

const ask = besideThePage<PriceTasks>(
  () => new Worker(new URL('./price-worker.ts', import.meta.url), { type: 'module' }),
  priceTasks,
);

interface Memory {
  readonly currency: Currency | null;
  readonly offers: readonly SupplierOffer[];
  readonly names: readonly SupplierName[];
}
const WAIT_MS = 300;
const NOTHING_KNOWN: Memory = { currency: null, offers: [], names: [] };

/** What is known of a supplier of this name, page by page. */
async function memoryOf(supplier: string): Promise<Memory> {
  let memory = NOTHING_KNOWN;
  for (let page = 0; ; page++) {
    const sent = await send<Memory & { readonly more: boolean }>('POST', '/api/v1/price-memory', { supplier, page });
    if (!sent.ok) return memory;
    const { currency, offers, names, more } = sent.answer;
    memory = { currency, offers: [...memory.offers, ...offers], names: [...memory.names, ...names] };
    if (!more) return memory;
  }
}

/** A price list that is being brought in. */
export interface PriceListReading {
  readonly columns: PriceColumns;
  /** Not said: as the list says, or shows. */
  readonly currency: Currency | undefined;
  readonly decimals: DecimalMark | undefined;
}

/** Opens a price list and reads it, anew with every word that is said of it. */
export function usePriceList(lines: readonly ShelfLine[], usualCurrency: Currency, supplier: string) {
  const [opened, setOpened] = useState<OpenedPrices>();
  const [reading, setReading] = useState<PriceListReading>();
  const [found, setFound] = useState<PricesFound>();
  const [problem, setProblem] = useState<string>();
  const [memory, setMemory] = useState<Memory>();
  const [busy, setBusy] = useState(false);

  const open = async (file: File): Promise<void> => {
    setOpened(undefined);
    setFound(undefined);
    setProblem(undefined);
    setBusy(true);
    const outcome = await ask('open', { bytes: await file.arrayBuffer() });
    setBusy(false);
    if (outcome.state !== 'ok') return setProblem(`${file.name}: it could not be read.`);
    const { answer } = outcome;
    if (!answer.ok) return setProblem(`${file.name}: ${answer.error}`);
    setReading({ columns: answer.value.columns, currency: undefined, decimals: undefined });
    setOpened(answer.value);
  };

  const name = supplier.trim();
  const isOpen = opened !== undefined;
  useEffect(() => {
    if (!isOpen) return;
    let wanted = true;
    // A name that is still being typed is nobody's.
    const later = setTimeout(
      () =>
        void (name === '' ? Promise.resolve(NOTHING_KNOWN) : memoryOf(name)).then(
          (known) => wanted && setMemory(known),
        ),
      WAIT_MS,
    );
    return () => {
      wanted = false;
      clearTimeout(later);
    };
  }, [name, isOpen]);

  useEffect(() => {
    if (!opened || !reading || !memory) return;
    let wanted = true;
    const { columns, currency, decimals } = reading;
    const question: PricesAsked = {
      columns,
      reading: { currency, decimals, usualCurrency, names: memory.names },
      lines,
      last: { currency: memory.currency, offers: memory.offers },
    };
    void ask('read', question).then((outcome) => {
      if (!wanted) return;
      if (outcome.state === 'ok') setFound(outcome.answer);
      if (outcome.state === 'failed') setProblem(`The list could not be read: ${outcome.message}.`);
    });
    return () => {
      wanted = false;
    };
  }, [opened, reading, memory, lines, usualCurrency]);

  return { opened, reading, say: setReading, found, problem, busy, open: (file: File) => void open(file) };
}
