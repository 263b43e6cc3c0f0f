import { type Feature } from '@herrero/core';
import { type ReactNode } from 'react';
import { type LaidPart } from '../geometry/string-layout';
import { outsideFill } from './hatches';

/** Where a feature is drawn: the middle of its part on the axis, half its outside and half its bore [px], and its tint. */
interface Spot {
  readonly x: number;
  readonly outside: number;
  readonly bore: number;
  readonly fill: string;
}

const LINE = { stroke: 'var(--ink)', strokeWidth: 1.5, strokeLinejoin: 'round' } as const;
const THIN = { stroke: 'var(--ink)', strokeWidth: 0.9 } as const;

/** An arrow with the water, below the axis. */
const arrow = ({ x, outside }: Spot): ReactNode => (
  <path
    d={`M${x - 11} ${outside * 0.6}H${x + 8}M${x + 3} ${outside * 0.6 - 5}L${x + 10} ${outside * 0.6}L${x + 3} ${outside * 0.6 + 5}`}
    fill="none"
    {...LINE}
  />
);

/** How each feature looks; what has no drawing of its own is told by its sections. A new feature: one entry. */
const DRAWINGS: Readonly<Partial<Record<Feature, (spot: Spot) => ReactNode>>> = {
  'ball-and-lever': ({ x, outside, bore, fill }) => (
    <>
      <path
        d={`M${x - bore * 1.25} 0A${bore * 1.25} ${bore * 1.35} 0 0 1 ${x + bore * 1.25} 0`}
        fill="none"
        {...LINE}
      />
      <rect x={x - 5} y={-outside - 12} width={10} height={12} fill={fill} {...LINE} />
      <rect x={x - 12} y={-outside - 18} width={24} height={6} fill={fill} {...LINE} />
      <rect x={x + 10} y={-outside - 20} width={Math.max(26, outside * 1.4)} height={10} fill="var(--ink)" />
    </>
  ),
  'gate-and-wheel': ({ x, outside, bore, fill }) => (
    <>
      <path d={`M${x - 4} ${-outside}V${-bore * 0.4}L${x + 4} ${-bore * 0.2}V${-outside}Z`} fill={fill} {...LINE} />
      <path d={`M${x} ${-outside}V${-outside - 16}`} {...LINE} />
      <path d={`M${x - 15} ${-outside - 16}H${x + 15}`} stroke="var(--ink)" strokeWidth={5} />
    </>
  ),
  spout: ({ x, outside, fill }) => (
    <>
      <path
        d={`M${x} ${-outside}V${-outside - 14}M${x - 13} ${-outside - 14}H${x + 13}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={4}
      />
      <path d={`M${x - 6} ${outside}L${x + 10} ${outside + 12}L${x + 20} ${outside}Z`} fill={fill} {...LINE} />
    </>
  ),
  flap: (spot) => (
    <>
      <path
        d={`M${spot.x - 4} ${-spot.bore}L${spot.x + spot.bore * 0.7} ${-spot.bore * 0.1}`}
        fill="none"
        {...LINE}
        strokeWidth={3}
      />
      <circle cx={spot.x - 4} cy={-spot.bore} r={2.5} fill="var(--ink)" />
      {arrow(spot)}
    </>
  ),
  'spring-check': (spot) => (
    <>
      <path d={`M${spot.x - 6} 0V${-spot.bore * 0.85}`} {...LINE} strokeWidth={3} />
      <path d={`M${spot.x - 4} ${-spot.bore * 0.45}l3 -5l4 10l4 -10l4 10l3 -5`} fill="none" {...THIN} />
      {arrow(spot)}
    </>
  ),
  'float-arm': ({ x, outside }) => (
    <>
      <path d={`M${x} ${outside}L${x + 26} ${outside + 16}`} {...LINE} />
      <circle cx={x + 32} cy={outside + 20} r={8} fill="var(--sheet)" {...LINE} />
    </>
  ),
  strainer: ({ x, outside, fill }) => (
    <>
      <path
        d={`M${x - 8} ${outside - 1}L${x + 10} ${outside + 14}L${x + 20} ${outside + 4}L${x + 8} ${outside - 1}Z`}
        fill={fill}
        {...LINE}
      />
      <path d={`M${x - 2} ${outside + 2}L${x + 10} ${outside + 10}`} {...THIN} strokeDasharray="2 2" />
    </>
  ),
  filter: ({ x, bore }) => (
    <path
      d={[-2, -1, 0, 1, 2].map((at) => `M${x + at * 7} 0V${-bore * 0.95}`).join('')}
      fill="none"
      {...THIN}
      strokeDasharray="3 2"
    />
  ),
  bend: ({ x, outside, bore }) => (
    <path
      d={`M${x - bore * 0.9} ${outside * 0.45}A${bore * 0.9} ${bore * 0.9} 0 0 1 ${x} ${outside * 0.86}M${x - 5} ${outside * 0.72}L${x} ${outside * 0.9}L${x + 5} ${outside * 0.72}`}
      fill="none"
      {...LINE}
    />
  ),
  branch: ({ x, outside, bore, fill }) => (
    <rect x={x - bore} y={outside - 2} width={2 * bore} height={Math.max(12, bore * 0.8)} fill={fill} {...LINE} />
  ),
  timer: ({ x, outside }) => (
    <>
      <circle cx={x} cy={outside * 0.55} r={Math.min(14, outside * 0.4)} fill="var(--sheet)" {...LINE} />
      <path d={`M${x} ${outside * 0.55}v-7M${x} ${outside * 0.55}l5 3`} {...LINE} />
    </>
  ),
  'vacuum-breaker': ({ x, outside, fill }) => (
    <path d={`M${x - 16} ${-outside}v-7h12v7M${x - 10} ${-outside - 7}v-4`} fill={fill} {...LINE} />
  ),
  pump: ({ x, outside }) => (
    <>
      <circle cx={x} cy={outside * 0.5} r={outside * 0.3} fill="none" {...LINE} />
      <path
        d={`M${x - outside * 0.15} ${outside * 0.36}L${x + outside * 0.2} ${outside * 0.5}L${x - outside * 0.15} ${outside * 0.64}Z`}
        fill="var(--ink)"
      />
    </>
  ),
  vessel: ({ x, outside }) => (
    <path d={`M${x - 10} ${-outside * 0.8}Q${x + 12} 0 ${x - 10} ${outside * 0.8}`} fill="none" {...LINE} />
  ),
};

/** What a part has beyond its sections, drawn at its middle. */
export function PartFeatures({ part, px }: { readonly part: LaidPart; readonly px: (mm: number) => number }) {
  const spot: Spot = {
    x: px((part.fromMm + part.toMm) / 2),
    outside: px(part.outsideMm / 2),
    bore: px(part.boreMm / 2),
    fill: outsideFill(part.material),
  };
  return (
    <>
      {part.features.map((feature) => (
        <g key={feature}>{DRAWINGS[feature]?.(spot)}</g>
      ))}
    </>
  );
}

/** Features that stand out of the body above it: a drawing alone leaves room for them [px]. */
const STANDING_OUT: readonly Feature[] = ['ball-and-lever', 'gate-and-wheel', 'spout'];
export const roomAbovePx = (features: readonly Feature[]): number =>
  features.some((feature) => STANDING_OUT.includes(feature)) ? 20 : 0;
