import { type Tank, circumferenceM, tankType } from '@herrero/core';

/** A tank laid out in pixels: the foot of the tank is y = 0 and up is negative; x = 0 is the axis. */
export interface TankShape {
  readonly outline: string;
  readonly ribs: readonly string[];
  readonly radiusPx: number;
  readonly heightPx: number;
}

/** Outline and ribs of a tank at a scale, as SVG path data. */
export function tankShape(tank: Tank, pxPerM: number): TankShape {
  const type = tankType(tank.type);
  const half = type.outline(tank);
  const right = half.map(({ radiusM, heightM }) => `${round(radiusM * pxPerM)} ${round(-heightM * pxPerM)}`);
  const left = half
    .toReversed()
    .map(({ radiusM, heightM }) => `${round(-radiusM * pxPerM)} ${round(-heightM * pxPerM)}`);
  const radiusPx = (tank.diameterM / 2) * pxPerM;
  const sag = Math.min(5, radiusPx * 0.08);
  const ribs = type.ribsM(tank).flatMap((heightM) =>
    [-4, 4].map((offset) => {
      const y = round(-heightM * pxPerM + offset * 0.5);
      return `M${round(-radiusPx + 3)} ${y}Q0 ${y + sag} ${round(radiusPx - 3)} ${y}`;
    }),
  );
  return { outline: `M${[...right, ...left].join('L')}Z`, ribs, radiusPx, heightPx: tank.heightM * pxPerM };
}

/** Where a hole round the wall is seen from the front; the datum seam is at the back. */
export interface SeenFromFront {
  /** From the axis, as a share of the radius: -1 at the left edge, 1 at the right. */
  readonly across: number;
  readonly hidden: boolean;
}

/** Seen from the middle of the unrolled wall. */
export function seenFromFront(tank: Tank, aroundM: number): SeenFromFront {
  const angle = (aroundM / circumferenceM(tank)) * 2 * Math.PI;
  return { across: -Math.sin(angle), hidden: Math.cos(angle) > 0.02 };
}

const round = (value: number): number => Math.round(value * 100) / 100;
