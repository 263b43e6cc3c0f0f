/** A sheet of paper in millimetres, from its upper left corner: what every format draws alike, at true scale. */
export interface Sheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly title: string;
  readonly items: readonly Item[];
}

/** What a line is for; its layer where a format has layers. */
export const LAYERS = [
  'cut',
  'flange',
  'flat',
  'centre',
  'pilot',
  'frame',
  'text',
  'pipe',
  'fitting',
  'tank',
  'ground',
] as const;
export type Layer = (typeof LAYERS)[number];

export type Item =
  | {
      readonly kind: 'line';
      readonly layer: Layer;
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly weightMm: number;
      readonly dashMm?: readonly [number, number];
    }
  | {
      readonly kind: 'circle';
      readonly layer: Layer;
      readonly x: number;
      readonly y: number;
      readonly radiusMm: number;
      readonly weightMm: number;
      readonly dashMm?: readonly [number, number];
    }
  | {
      readonly kind: 'text';
      readonly layer: 'text';
      readonly x: number;
      readonly y: number;
      readonly sizeMm: number;
      readonly bold: boolean;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly text: string;
      /** Turned upright, read from below. */
      readonly upright?: true;
    };

export const line = (
  layer: Layer,
  [x1, y1, x2, y2]: readonly [number, number, number, number],
  weightMm = 0.25,
  dashMm?: readonly [number, number],
): Item => ({ kind: 'line', layer, x1, y1, x2, y2, weightMm, ...(dashMm ? { dashMm } : {}) });

export const circle = (
  layer: Layer,
  [x, y, radiusMm]: readonly [number, number, number],
  weightMm = 0.25,
  dashMm?: readonly [number, number],
): Item => ({ kind: 'circle', layer, x, y, radiusMm, weightMm, ...(dashMm ? { dashMm } : {}) });

export const words = (
  text: string,
  [x, y]: readonly [number, number],
  {
    sizeMm = 3.6,
    bold = false,
    anchor = 'start',
    upright = false,
  }: { sizeMm?: number; bold?: boolean; anchor?: 'start' | 'middle' | 'end'; upright?: boolean } = {},
): Item => ({ kind: 'text', layer: 'text', x, y, sizeMm, bold, anchor, text, ...(upright ? { upright: true } : {}) });

/** The same items somewhere else on the paper. */
export const moved = (items: readonly Item[], right: number, down: number): readonly Item[] =>
  items.map((item) =>
    item.kind === 'line'
      ? { ...item, x1: item.x1 + right, x2: item.x2 + right, y1: item.y1 + down, y2: item.y2 + down }
      : { ...item, x: item.x + right, y: item.y + down },
  );

/** Breaks a sentence into lines of at most so many characters, at its spaces. */
export function wrap(text: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= most) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
