import {
  type Penetration,
  type Rib,
  type Tank,
  type TankMark,
  acrossM,
  formOf,
  ribbedFaces,
  ribsOf,
  spotOf,
  tankType,
} from '@herrero/core';

/** A tank laid out in pixels: the foot of the tank is y = 0 and up is negative; x = 0 is the axis. */
export interface TankShape {
  readonly outline: string;
  readonly ribs: readonly string[];
  readonly marks: readonly {
    readonly d: string;
    readonly weight: TankMark['weight'];
    readonly fill: TankMark['fill'];
  }[];
  /** Half of its width from the front. */
  readonly halfPx: number;
  readonly heightPx: number;
}

const round = (value: number): number => Math.round(value * 100) / 100;

/** Outline, ribs and marks of a tank at a scale, as SVG path data. */
export function tankShape(tank: Tank, pxPerM: number): TankShape {
  const type = tankType(tank.type);
  const half = type.outline(tank);
  const at = (x: number, up: number): string => `${round(x * pxPerM)} ${round(-up * pxPerM)}`;
  const right = half.map(({ radiusM, heightM }) => at(radiusM, heightM));
  const left = half.toReversed().map(({ radiusM, heightM }) => at(-radiusM, heightM));
  const halfPx = (acrossM(tank) / 2) * pxPerM;
  const sag = Math.min(5, halfPx * 0.08);
  const ribs = ribsOf(tank).flatMap((rib) =>
    rib.runs === 'level'
      ? [-4, 4].map((offset) => {
          const y = round(-rib.atM * pxPerM + offset * 0.5);
          return `M${round(-halfPx + 3)} ${y}Q0 ${y + sag} ${round(halfPx - 3)} ${y}`;
        })
      : uprightRib(tank, rib).map(({ x, fromM, toM }) => `M${at(x, fromM)}L${at(x, toM)}`),
  );
  const marks = type.marks(tank).map(({ points, weight, fill }) => ({
    d: `M${points.map(([x, up]) => at(x, up)).join('L')}`,
    weight,
    fill,
  }));
  return { outline: `M${[...right, ...left].join('L')}Z`, ribs, marks, halfPx, heightPx: tank.heightM * pxPerM };
}

/** Of an upright rib what is seen from the front: where it is, from the axis [m], and from where to where it goes. */
function uprightRib(
  tank: Tank,
  rib: Rib,
): readonly { readonly x: number; readonly fromM: number; readonly toM: number }[] {
  const [face] = ribbedFaces(tank, rib);
  if (!face) return [];
  const lies = face.seen === 'plan';
  const spot = spotOf(tank, {
    face: face.face,
    aroundM: rib.atM,
    heightM: tank.brimM / 2,
    depthM: lies ? face.alongM / 2 : 0,
  });
  if (!lies && spot.frontM > formOf(tank).throughM(tank) * 0.51) return [];
  return [{ x: spot.leftM - acrossM(tank) / 2, fromM: lies ? 0 : 0.06, toM: lies ? tank.heightM : tank.brimM }];
}

/** Where an opening is seen from the front. */
export interface SeenFromFront {
  /** From the axis [m]: negative on the left. */
  readonly acrossM: number;
  readonly upM: number;
  readonly hidden: boolean;
}

/** An opening as it is seen from the front; what is behind the middle is hidden. */
export function seenFromFront(tank: Tank, hole: Penetration): SeenFromFront {
  const spot = spotOf(tank, hole);
  const through = formOf(tank).throughM(tank);
  return { acrossM: spot.leftM - acrossM(tank) / 2, upM: spot.upM, hidden: spot.frontM > through * 0.51 };
}
