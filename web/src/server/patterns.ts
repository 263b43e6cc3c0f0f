import 'server-only';
import { FIGURE_KINDS, type FigureKind, PATTERNS } from '@herrero/core';

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
    figures: Object.entries(figures).flatMap(([key, field]): AskedFigure[] => {
      if (field.kind !== 'count' && !isFigure(field.kind)) return [];
      const { kind, words = key, asked, default: usual, least, above, most } = field as AskedField;
      return [{ key, asked: asked ?? words, kind, usual, least: least ?? above ?? 0, most }];
    }),
  }));

interface AskedField {
  readonly kind: FigureKind | 'count';
  readonly words?: string;
  readonly asked?: string;
  readonly default: number;
  readonly least?: number;
  readonly above?: number;
  readonly most: number;
}

const isFigure = (kind: string): kind is FigureKind => (FIGURE_KINDS as readonly string[]).includes(kind);
