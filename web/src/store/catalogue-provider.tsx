'use client';

import {
  type Catalogue,
  type Counted,
  type Holding,
  type OffCut,
  type OwnPart,
  catalogueWith,
  shippedCatalogue,
} from '@herrero/core';
import { type ReactNode, createContext, useContext, useMemo, useState } from 'react';

/** What was entered of parts, stock and prices. */
export interface Entered {
  readonly own: readonly OwnPart[];
  readonly holdings: readonly Holding[];
}

export interface Known extends Entered {
  readonly offCuts: readonly OffCut[];
  /** What the job of this page has taken of what was on hand. */
  readonly taken: readonly Counted[];
  readonly catalogue: Catalogue;
  /** What the server has just taken, so that it counts here at once. */
  readonly lay: (entered: Entered) => void;
  readonly lift: (code: string) => void;
}

const KnownContext = createContext<Known>({
  catalogue: shippedCatalogue,
  own: [],
  holdings: [],
  offCuts: [],
  taken: [],
  lay: () => undefined,
  lift: () => undefined,
});

const over = <Item extends { readonly code: string }>(
  before: readonly Item[],
  now: readonly Item[],
): readonly Item[] => {
  const codes = new Set(now.map(({ code }) => code));
  return [...before.filter(({ code }) => !codes.has(code)), ...now];
};

const NO_OFF_CUTS: readonly OffCut[] = [];
const NOTHING_TAKEN: readonly Counted[] = [];

/** The catalogue of this page: the shipped one with somebody's own parts, prices and stock laid over it. */
export function CatalogueProvider({
  own,
  holdings,
  offCuts = NO_OFF_CUTS,
  taken = NOTHING_TAKEN,
  children,
}: Entered & {
  /** Left over from other jobs. */
  readonly offCuts?: readonly OffCut[];
  readonly taken?: readonly Counted[];
  readonly children: ReactNode;
}) {
  const [entered, setEntered] = useState<Entered>({ own, holdings });
  const known = useMemo(
    (): Known => ({
      ...entered,
      offCuts,
      taken,
      catalogue: catalogueWith(entered.own, entered.holdings, offCuts),
      lay: (now) =>
        setEntered((before) => ({ own: over(before.own, now.own), holdings: over(before.holdings, now.holdings) })),
      lift: (gone) =>
        setEntered((before) => ({
          own: before.own.filter(({ code }) => code !== gone),
          holdings: before.holdings.filter(({ code }) => code !== gone),
        })),
    }),
    [entered, offCuts, taken],
  );
  return <KnownContext value={known}>{children}</KnownContext>;
}

export const useCatalogue = (): Catalogue => useContext(KnownContext).catalogue;
/** What was entered, for those who change it. */
export const useOwn = (): Known => useContext(KnownContext);
