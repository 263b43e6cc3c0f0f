import { type Mating } from '@herrero/core';
import { type ReactNode } from 'react';

/** What a seam shows: a verdict with what closes it, or an end with nothing on it. */
export type Seam =
  | 'holds'
  | 'tape'
  | 'cement'
  | 'washer'
  | 'clamp'
  | 'lubricant'
  | 'insert'
  | 'solder'
  | 'bolts'
  | 'fits-unrated'
  | 'starts-then-leaks'
  | 'will-not-go'
  | 'unknown'
  | 'open';

/** The seam of a mating: where two needs meet, the glyph shows the first and the words name both. */
export const seamOf = ({ verdict, needs }: Pick<Mating, 'verdict' | 'needs'>): Seam =>
  verdict === 'holds-with' ? (needs[0]?.kind ?? 'holds') : verdict;

const TOOTH = 'M2 3H22L29 9.5L22 16L29 22.5L22 29H2Z';
const FLAT_LEFT = 'M2 3H18V29H2Z';
const A = ({ d = TOOTH }: { readonly d?: string }): ReactNode => <path d={d} fill="var(--ink)" />;
const B = ({ d }: { readonly d: string }): ReactNode => (
  <path d={d} fill="var(--seam-b)" stroke="var(--ink)" strokeWidth={2} />
);
const ZIGZAG = 'M21.6 1L28.8 9.5L21.6 16L28.8 22.5L21.6 31';
const DOTS = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2.4,
  strokeLinecap: 'round',
  strokeDasharray: '0.1 4.2',
} as const;

const DRAWINGS: Readonly<Record<Seam, ReactNode>> = {
  holds: (
    <>
      <B d="M46 3H22L29 9.5L22 16L29 22.5L22 29H46Z" />
      <A />
    </>
  ),
  tape: (
    <>
      <B d="M46 3H29L36 9.5L29 16L36 22.5L29 29H46Z" />
      <A d="M2 3H18L25 9.5L18 16L25 22.5L18 29H2Z" />
      <path d={ZIGZAG} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      <path d={ZIGZAG} fill="none" stroke="var(--ink)" strokeWidth={1.3} transform="translate(3.6 0)" />
    </>
  ),
  cement: (
    <>
      <B d="M46 3H27V16H33.5V29H46Z" />
      <A d="M2 3H18.5V16H25.5V29H2Z" />
      <path d="M19.5 0H25V17H32V32.5H26.5V15H19.5Z" fill="var(--hair-2)" />
    </>
  ),
  washer: (
    <>
      <B d="M46 3H29V29H46Z" />
      <A d={FLAT_LEFT} />
      <path d="M19.5 .8H27.5V31.2H19.5Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.6} />
      <path d="M19.5 7H27.5M19.5 13H27.5M19.5 19H27.5M19.5 25H27.5" stroke="var(--ink)" strokeWidth={1.4} />
    </>
  ),
  clamp: (
    <>
      <A d="M2 11H30L32.5 13.5L35 11.5L37 16L35 20.5L32.5 18.5L30 21H2Z" />
      <B d="M46 4H15V11H46Z" />
      <B d="M46 28H15V21H46Z" />
      <path d="M21 .8H30V5H21ZM21 27H30V31.2H21Z" fill="var(--ink)" />
    </>
  ),
  lubricant: (
    <>
      <B d="M46 3H29C33 9 33 23 29 29H46Z" />
      <A d="M2 3H22C26 9 26 23 22 29H2Z" />
      <path
        d="M25.6 2C29.6 9 29.6 23 25.6 30"
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.3}
        strokeDasharray="3 3"
      />
    </>
  ),
  insert: (
    <>
      <B d="M46 3H20V11H46Z" />
      <B d="M46 29H20V21H46Z" />
      <A d="M2 3H14V29H2Z" />
      <path d="M17 13.5H40V18.5H17Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.8} />
    </>
  ),
  solder: (
    <>
      <B d="M46 3H20V11H46Z" />
      <B d="M46 29H20V21H46Z" />
      <A d="M2 12.5H38V19.5H2Z" />
      <path d="M15 8.5L20 11.7V20.3L15 23.5C17.6 19 17.6 13 15 8.5Z" fill="var(--ink)" />
    </>
  ),
  bolts: (
    <>
      <B d="M46 11H33V3H27V29H33V21H46Z" />
      <A d="M2 11H15V3H21V29H15V21H2Z" />
      <path d="M24 .8V31.2" stroke="var(--ink)" strokeWidth={2.4} />
      <path
        d="M10.5 3.2H37.5V6.8H10.5ZM10.5 25.2H37.5V28.8H10.5Z"
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
    </>
  ),
  'fits-unrated': (
    <>
      <B d="M46 3H25.5L30 9.5L25.5 16L30 22.5L25.5 29H46Z" />
      <A d="M2 3H18L29 9.5L18 16L29 22.5L18 29H2Z" />
    </>
  ),
  'starts-then-leaks': (
    <>
      <B d="M46 3H21L28 9.5L32 16L38.5 20L40.5 29H46Z" />
      <A />
      <path
        d="M33 22C35.6 26 36.6 27.6 36.6 29.4A3.6 3.6 0 0 1 29.4 29.4C29.4 27.6 30.4 26 33 22Z"
        fill="var(--water)"
      />
    </>
  ),
  'will-not-go': (
    <>
      <A d="M2 6H12L18 11L12 16L18 21L12 26H2Z" />
      <B d="M46 1H39L32 8.7L39 16.3L32 24L39 31H46Z" />
    </>
  ),
  unknown: (
    <>
      <path d="M2 3H20L27 9.5L20 16L27 22.5L20 29H2Z" {...DOTS} />
      <path d="M46 3H27L34 9.5L27 16L34 22.5L27 29H46Z" {...DOTS} />
    </>
  ),
  open: (
    <>
      <path d="M2 4H24V29H2Z" fill="var(--ink)" />
      <path d="M29 4.5H45V28.5H29" {...DOTS} />
    </>
  ),
};

/** The seam of a joint as a drawing; its word always stands beside it. */
export function SeamGlyph({ seam, width = 36 }: { readonly seam: Seam; readonly width?: 24 | 30 | 36 | 40 | 92 }) {
  return (
    <svg
      viewBox="0 0 48 34"
      width={width}
      height={(width * 34) / 48}
      aria-hidden="true"
      data-seam={seam}
      className="shrink-0"
    >
      {DRAWINGS[seam]}
    </svg>
  );
}
