import { type Part, type Region, isSoldIn } from '@herrero/core';

/** What is said behind a part that is not sold where the work is. */
export const soldWords = (part: Part, region: Region | null): string =>
  isSoldIn(part, region) ? '' : '; not sold there';
