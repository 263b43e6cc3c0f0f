import { makeRecord } from '../record/make-record';
import { PLACED_PART, type PlacedPart } from './job';

/** A part as it comes from the shop: new, of no direction yet, held by nothing but its joints. */
export const newPart = (id: string, code: string, given: Partial<Omit<PlacedPart, 'id' | 'code'>> = {}): PlacedPart =>
  makeRecord(PLACED_PART, { id, code, ...given });
