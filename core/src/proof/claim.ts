import type { Unit } from '../parts/list/parts-list';
import type { Use } from '../parts/list/trace';

/** Something that a job cannot be made without, counted where it is needed by one who has not seen the list. */
export interface Claim {
  readonly code: string;
  /** Where one code stands for several things: which of them. */
  readonly detail: string | undefined;
  /** How much; 0 where it only has to be there, as a tool has. */
  readonly amount: number;
  readonly unit: Unit;
  /** It is cut to length: a piece of its own on the list. */
  readonly piece: string | undefined;
  /** It comes with what it belongs to, or out of the kitchen: it is looked for and not bought. */
  readonly notBought: boolean;
  readonly use: Use;
}

type Given = Partial<Pick<Claim, 'detail' | 'unit' | 'piece' | 'notBought'>>;

/** @param amount in its unit; the piece, if none is said */
export const claim = (code: string, amount: number, use: Use, given: Given = {}): Claim => ({
  code,
  detail: given.detail,
  amount,
  unit: given.unit ?? 'piece',
  piece: given.piece,
  notBought: given.notBought ?? false,
  use,
});

/** What only has to be there: a tool, once for the whole job. */
export const thereIs = (code: string, use: Use): Claim => claim(code, 0, use, { notBought: true });
