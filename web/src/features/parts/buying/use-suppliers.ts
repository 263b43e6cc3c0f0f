'use client';

import { type Currency, type ShelfLine, type Supplier } from '@herrero/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { send } from '@/ui/send';

/** A stand-in as it is offered, and what has become of the question to it. */
export interface StandInState {
  readonly id: string;
  readonly name: string;
  readonly asking: boolean;
  readonly problem: string | undefined;
  readonly answer: Supplier | undefined;
}

export interface Suppliers {
  readonly all: readonly Supplier[];
  readonly standIns: readonly StandInState[];
  readonly problem: string | undefined;
  /** Asks stand-ins for prices and stock of everything at once: all of them, or one again. */
  readonly ask: (id?: string) => void;
  readonly reload: () => void;
  readonly remove: (id: string) => void;
}

/** What every supplier whose list was brought in asks for some articles; what could not be read is said. */
async function readLists(
  articles: readonly string[],
): Promise<{ readonly lists: readonly Supplier[]; readonly problem: string | undefined }> {
  const sent = await send<{ readonly suppliers: readonly { readonly id: string }[] }>('GET', '/api/v1/suppliers');
  if (!sent.ok) return { lists: [], problem: sent.message };
  const asked = await Promise.all(
    sent.answer.suppliers.map(({ id }) => send<Supplier>('POST', `/api/v1/suppliers/${id}`, { articles })),
  );
  return {
    lists: asked.flatMap((one) => (one.ok ? [one.answer] : [])),
    problem: asked.flatMap((one) => (one.ok ? [] : [one.message]))[0],
  };
}

/** Suppliers whose lists were brought in, and stand-ins with what they last answered. */
export function useSuppliers(lines: readonly ShelfLine[], currency: Currency): Suppliers {
  const [lists, setLists] = useState<readonly Supplier[]>([]);
  const [standIns, setStandIns] = useState<readonly StandInState[]>([]);
  const [problem, setProblem] = useState<string>();

  // Of a price list only what this job would buy is asked for: it may have all of a counter in it.
  const articles = JSON.stringify(lines.map(({ article }) => article));
  const [asked, setAsked] = useState(0);
  const reload = useCallback(() => setAsked((before) => before + 1), []);
  useEffect(() => {
    let wanted = true;
    void readLists(JSON.parse(articles) as string[]).then((read) => {
      if (!wanted) return;
      setProblem(read.problem);
      setLists(read.lists);
    });
    return () => {
      wanted = false;
    };
  }, [articles, asked]);
  // Whoever asks before it is known who there is waits for that; where it could not be found out it is tried again.
  const offered = useRef<Promise<readonly StandInState[]>>(undefined);
  const offer = useCallback(
    () =>
      (offered.current ??= send<{ readonly standIns: readonly { readonly id: string; readonly name: string }[] }>(
        'GET',
        '/api/v1/stand-ins/suppliers',
      ).then((sent) => {
        setProblem(sent.ok ? undefined : sent.message);
        if (!sent.ok) offered.current = undefined;
        const all = sent.ok
          ? sent.answer.standIns.map((one) => ({ ...one, asking: false, problem: undefined, answer: undefined }))
          : [];
        setStandIns(all);
        return all;
      })),
    [],
  );
  useEffect(() => void offer(), [offer]);

  const put = (id: string, state: Partial<StandInState>): void =>
    setStandIns((before) => before.map((one) => (one.id === id ? { ...one, ...state } : one)));

  const ask = async (id?: string): Promise<void> => {
    const asked = lines.map(({ article, buy, priceUsd }) => ({
      article,
      count: buy,
      usualUsd: priceUsd === null ? 1 : Math.max(0.01, priceUsd / buy),
    }));
    for (const one of (await offer()).filter((standIn) => id === undefined || standIn.id === id)) {
      put(one.id, { asking: true, problem: undefined });
      void send<Supplier>('POST', `/api/v1/stand-ins/suppliers/${one.id}`, { currency, articles: asked }).then((sent) =>
        put(one.id, sent.ok ? { asking: false, answer: sent.answer } : { asking: false, problem: sent.message }),
      );
    }
  };

  const remove = (id: string): void => {
    void send('DELETE', `/api/v1/suppliers/${id}`).then((sent) => (sent.ok ? reload() : setProblem(sent.message)));
  };

  return {
    all: [...lists, ...standIns.flatMap(({ answer }) => answer ?? [])],
    standIns,
    problem,
    ask: (id) => void ask(id),
    reload,
    remove,
  };
}
