import { type Holding, type OwnPart } from '@herrero/core';
import { type Sent, send } from '@/ui/send';

/** Puts parts, stock and prices in: all of them or none. */
export const sendOwn = (own: readonly OwnPart[], holdings: readonly Holding[]): Promise<Sent<unknown>> =>
  send('POST', '/api/v1/parts/own', { own, holdings });

export const removeOwnPart = (code: string): Promise<Sent<unknown>> =>
  send('DELETE', `/api/v1/parts/own/${encodeURIComponent(code)}`);
