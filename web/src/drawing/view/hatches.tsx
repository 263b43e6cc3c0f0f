import { type Material } from '@herrero/core';

/** What a material is filled with in section: a tint, always with a hatch of its own so that grey tells them apart. */
const TINTS: Readonly<Record<Material, string>> = {
  pvc: 'var(--mat-poly)',
  'clear-pvc': 'var(--sheet)',
  brass: 'var(--mat-brass)',
  polypropylene: 'var(--mat-poly)',
  polyethylene: 'var(--mat-poly)',
  rubber: 'var(--mat-rubber)',
  'vinyl-hose': 'var(--mat-hose)',
  stainless: 'var(--sheet)',
};

const LINES: Readonly<Record<Material, string>> = {
  pvc: 'M0 7L7 0',
  'clear-pvc': 'M0 9L9 0M2 9L9 2',
  brass: 'M0 0L7 7',
  polypropylene: 'M0 6L6 0M3 6L6 3M0 3L3 0',
  polyethylene: 'M0 6L6 0M3 6L6 3M0 3L3 0',
  rubber: '',
  'vinyl-hose': 'M0 3.5H2.5M4 1H6.5M4 6H6.5',
  stainless: 'M0 0L7 7M0 7L7 0',
};

const SIZE: Readonly<Record<Material, number>> = {
  pvc: 7,
  'clear-pvc': 9,
  brass: 7,
  polypropylene: 6,
  polyethylene: 6,
  rubber: 6,
  'vinyl-hose': 7,
  stainless: 7,
};

export const sectionFill = (material: Material): string => `url(#section-${material})`;
export const outsideFill = (material: Material): string => TINTS[material];

/** The hatches that every drawing of a page refers to; once in each page. */
export function Hatches() {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden="true">
      <HatchPatterns />
    </svg>
  );
}

function HatchPatterns() {
  return (
    <defs>
      {(Object.keys(TINTS) as Material[]).map((material) => (
        <pattern
          key={material}
          id={`section-${material}`}
          width={SIZE[material]}
          height={SIZE[material]}
          patternUnits="userSpaceOnUse"
        >
          <rect width={SIZE[material]} height={SIZE[material]} fill={TINTS[material]} />
          <path d={LINES[material]} stroke="var(--ink)" strokeWidth={0.7} fill="none" />
        </pattern>
      ))}
      <pattern id="no-drill" width={8} height={8} patternUnits="userSpaceOnUse">
        <path d="M0 8L8 0" stroke="var(--hair-2)" strokeWidth={0.9} />
      </pattern>
      <pattern id="ground" width={12} height={9} patternUnits="userSpaceOnUse">
        <path d="M1 9L9 0" stroke="var(--hair-2)" strokeWidth={0.9} />
      </pattern>
    </defs>
  );
}
