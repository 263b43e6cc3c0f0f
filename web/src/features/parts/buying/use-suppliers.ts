'use client';

import { type ShelfLine, type Supplier } from '@herrero/core';
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

/** Suppliers whose lists were brought in, and stand-ins with what they last answered. */
export function useSuppliers(lines: readonly ShelfLine[]): Suppliers {
  const [lists, setLists] = useState<readonly Supplier[]>([]);
  const [standIns, setStandIns] = useState<readonly StandInState[]>([]);
  const [problem, setProblem] = useState<string>();

  const reload = useCallback(() => {
    void send<{ readonly suppliers: readonly Supplier[] }>('GET', '/api/v1/suppliers').then((sent) =>
      sent.ok ? setLists(sent.answer.suppliers) : setProblem(sent.message),
    );
  }, []);
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
  useEffect(() => {
    reload();
    void offer();
  }, [reload, offer]);

  const put = (id: string, state: Partial<StandInState>): void =>
    setStandIns((before) => before.map((one) => (one.id === id ? { ...one, ...state } : one)));

  const ask = async (id?: string): Promise<void> => {
    const articles = lines.map(({ article, buy, priceUsd }) => ({
      article,
      count: buy,
      usualUsd: priceUsd === null ? 1 : Math.max(0.01, priceUsd / buy),
    }));
    for (const one of (await offer()).filter((standIn) => id === undefined || standIn.id === id)) {
      put(one.id, { asking: true, problem: undefined });
      void send<Supplier>('POST', `/api/v1/stand-ins/suppliers/${one.id}`, { articles }).then((sent) =>
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
