'use client';

import { type Catalogue, type Holding, type OwnPart, catalogueWith, shippedCatalogue } from '@herrero/core';
import { type ReactNode, createContext, useContext, useMemo } from 'react';

export interface Known {
  readonly catalogue: Catalogue;
  readonly own: readonly OwnPart[];
  readonly holdings: readonly Holding[];
}

const KnownContext = createContext<Known>({ catalogue: shippedCatalogue, own: [], holdings: [] });

/** The catalogue of this page: the shipped one with somebody's own parts, prices and stock laid over it. */
export function CatalogueProvider({
  own,
  holdings,
  children,
}: Omit<Known, 'catalogue'> & { readonly children: ReactNode }) {
  const known = useMemo(() => ({ catalogue: catalogueWith(own, holdings), own, holdings }), [own, holdings]);
  return <KnownContext value={known}>{children}</KnownContext>;
}

export const useCatalogue = (): Catalogue => useContext(KnownContext).catalogue;
/** What was entered, for those who change it. */
export const useOwn = (): Known => useContext(KnownContext);
