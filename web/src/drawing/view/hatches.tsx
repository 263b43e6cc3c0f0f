import { type Material } from '@herrero/core';

/** What a material is filled with in section: a tint, always with a hatch of its own so that grey tells them apart. */
interface Fill {
  readonly tint: string;
  readonly lines: string;
  readonly size: number;
}

const RIGID: Fill = { tint: 'var(--mat-poly)', lines: 'M0 7L7 0', size: 7 };
const CLEAR: Fill = { tint: 'var(--sheet)', lines: 'M0 9L9 0M2 9L9 2', size: 9 };
const SOFT: Fill = { tint: 'var(--mat-poly)', lines: 'M0 6L6 0M3 6L6 3M0 3L3 0', size: 6 };
const YELLOW_METAL: Fill = { tint: 'var(--mat-brass)', lines: 'M0 0L7 7', size: 7 };
const WHITE_METAL: Fill = { tint: 'var(--sheet)', lines: 'M0 0L7 7M0 7L7 0', size: 7 };

const FILLS: Readonly<Record<Material, Fill>> = {
  pvc: RIGID,
  'clear-pvc': CLEAR,
  cpvc: RIGID,
  abs: RIGID,
  nylon: RIGID,
  polypropylene: SOFT,
  polyethylene: SOFT,
  pex: SOFT,
  rubber: { tint: 'var(--mat-rubber)', lines: '', size: 6 },
  'vinyl-hose': { tint: 'var(--mat-hose)', lines: 'M0 3.5H2.5M4 1H6.5M4 6H6.5', size: 7 },
  brass: YELLOW_METAL,
  copper: YELLOW_METAL,
  stainless: WHITE_METAL,
  galvanised: WHITE_METAL,
  aluminium: WHITE_METAL,
  steel: WHITE_METAL,
  concrete: { tint: 'var(--mat-block)', lines: 'M1 2h1M5 5h1.5M2.5 7h1', size: 8 },
};

export const sectionFill = (material: Material): string => `url(#section-${material})`;
export const outsideFill = (material: Material): string => FILLS[material].tint;

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
      {(Object.entries(FILLS) as [Material, Fill][]).map(([material, { tint, lines, size }]) => (
        <pattern key={material} id={`section-${material}`} width={size} height={size} patternUnits="userSpaceOnUse">
          <rect width={size} height={size} fill={tint} />
          <path d={lines} stroke="var(--ink)" strokeWidth={0.7} fill="none" />
        </pattern>
      ))}
      <pattern id="no-drill" width={8} height={8} patternUnits="userSpaceOnUse">
        <path d="M0 8L8 0" stroke="var(--hair-2)" strokeWidth={0.9} />
      </pattern>
      <pattern id="sediment" width={7} height={7} patternUnits="userSpaceOnUse">
        <path d="M1.5 2h.1M5 5.5h.1" stroke="var(--ink)" strokeWidth={1.6} strokeLinecap="round" />
      </pattern>
      <pattern id="ground" width={12} height={9} patternUnits="userSpaceOnUse">
        <path d="M1 9L9 0" stroke="var(--hair-2)" strokeWidth={0.9} />
      </pattern>
    </defs>
  );
}
