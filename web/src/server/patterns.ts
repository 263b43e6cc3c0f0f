import 'server-only';
import { type FigureKind, PATTERNS } from '@herrero/core';

/** A figure that a kind of system is sized by, as it is asked for. */
export interface AskedFigure {
  readonly key: string;
  readonly asked: string;
  readonly kind: FigureKind | 'count';
  /** SI. */
  readonly usual: number;
  readonly least: number;
  readonly most: number;
}

/** A kind of system as the dialog and the API list it: plain data, so that a page need not carry how it is built. */
export interface ListedPattern {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly figures: readonly AskedFigure[];
}

/** Every kind of system, with what it is sized by. */
export const patternList = (): readonly ListedPattern[] =>
  PATTERNS.map(({ id, name, says, figures }) => ({
    id,
    name,
    says,
    figures: Object.entries(figures).map(([key, { asked, kind, default: usual, most, ...from }]) => ({
      key,
      asked,
      kind,
      usual,
      least: from.least ?? ('above' in from ? (from.above ?? 0) : 0),
      most,
    })),
  }));
