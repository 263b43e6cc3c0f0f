/** Gutters as they are hung: shape and width. What they are made of and how long they come is the range's own affair. */
export const GUTTER_KINDS = ['k-style-5', 'half-round-112', 'half-round-125', 'quad-125'] as const;
export type GutterKind = (typeof GUTTER_KINDS)[number];
export const GUTTER_NAMES: Readonly<Record<GutterKind, string>> = {
  'k-style-5': 'K-style, 5 in',
  'half-round-112': 'Half round, 112 mm',
  'half-round-125': 'Half round, 125 mm',
  'quad-125': 'Quad, 125 mm',
};
