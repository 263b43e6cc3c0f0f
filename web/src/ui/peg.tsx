import { type PegState } from '@herrero/core';

const OUTLINE = 'M4 0H16V14L10 22L4 14Z';
const LYING = 'M0 4H14L21 10L14 16H0Z';
const DOTTED = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2,
  strokeLinecap: 'round',
  strokeDasharray: '0.1 4',
} as const;

/** A setting-out peg: driven home, half driven, lying on the ground, lying dotted, or leaning and split. Stands on y = 26. */
export function Peg({ state }: { readonly state: PegState }) {
  return (
    <svg width={28} height={50} viewBox="0 0 28 50" aria-hidden="true" data-peg={state} className="overflow-visible">
      {state === 'settled' && <path d={OUTLINE} transform="translate(0 22)" fill="var(--ink)" />}
      {state === 'under-way' && (
        <g transform="translate(0 10)">
          <path d={OUTLINE} fill="var(--ink)" />
          <path d="M5.2 1.2H14.8V14H5.2Z" fill="var(--sheet)" />
        </g>
      )}
      {state === 'not-begun' && (
        <path
          d={LYING}
          transform="translate(1 10) scale(1 .8)"
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      )}
      {state === 'waits' && <path d={LYING} transform="translate(1 10) scale(1 .8)" {...DOTTED} />}
      {state === 'trouble' && (
        <g transform="translate(5 8) rotate(14 10 10)">
          <path d={OUTLINE} fill="var(--sheet)" stroke="var(--oxide)" strokeWidth={2} />
          <path d="M10.5 1L8 7L12 10L8.5 16" fill="none" stroke="var(--oxide)" strokeWidth={1.8} />
        </g>
      )}
    </svg>
  );
}

/** The words of each peg, for those who do not see it. */
export const PEG_WORDS: Readonly<Record<PegState, string>> = {
  settled: 'settled',
  'under-way': 'under way',
  'not-begun': 'not begun',
  waits: 'waits',
  trouble: 'trouble',
};
