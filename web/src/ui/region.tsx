'use client';

import { type Region } from '@herrero/core';
import { createContext, useContext } from 'react';

/** The region of what is on the page: which mark parts decimals there. Null while nobody has said it. */
const RegionContext = createContext<Region | null>(null);
export const RegionProvider = RegionContext;
export const useRegion = (): Region | null => useContext(RegionContext);
