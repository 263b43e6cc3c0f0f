/** What a part is made of, as far as joints, the list and the drawing need to know. */
export const MATERIALS = [
  'pvc',
  'clear-pvc',
  'brass',
  'polypropylene',
  'polyethylene',
  'rubber',
  'vinyl-hose',
  'stainless',
] as const;
export type Material = (typeof MATERIALS)[number];

export const MATERIAL_NAMES: Readonly<Record<Material, string>> = {
  pvc: 'PVC',
  'clear-pvc': 'clear PVC',
  brass: 'brass',
  polypropylene: 'polypropylene',
  polyethylene: 'polyethylene',
  rubber: 'rubber',
  'vinyl-hose': 'reinforced hose',
  stainless: 'stainless steel',
};

export const isMetal = (material: Material): boolean => material === 'brass' || material === 'stainless';

/** Polyolefins take no solvent cement (common practice; their surface does not dissolve). */
export const takesNoCement = (material: Material): boolean =>
  material === 'polyethylene' || material === 'polypropylene' || material === 'rubber' || isMetal(material);
