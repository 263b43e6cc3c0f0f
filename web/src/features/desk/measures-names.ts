import { type Measures } from '@herrero/core';

export const MEASURES_NAMES: Readonly<Record<Measures, string>> = { 'in-gal': 'in, gal', 'mm-l': 'mm, L' };
