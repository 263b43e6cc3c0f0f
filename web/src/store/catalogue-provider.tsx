'use client';

import {
  type Catalogue,
  type Counted,
  type Entered,
  type OffCut,
  type OwnCatalogue,
  catalogueWith,
  shippedCatalogue,
} from '@herrero/core';
import { type ReactNode, createContext, useContext, useMemo, useState } from 'react';

export interface Known extends Entered {
  readonly catalogue: Catalogue;
  /** What the server has just taken, so that it counts here at once. */
  readonly lay: (entered: OwnCatalogue) => void;
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
}: OwnCatalogue & Partial<Entered> & { readonly children: ReactNode }) {
  const [entered, setEntered] = useState<OwnCatalogue>({ own, holdings });
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
