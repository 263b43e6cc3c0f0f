import { type Course, type Leg, type Vector, isByLength, outsideMmOf } from '@herrero/core';

/** A point of a view [px]: to the right and down. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A stretch of the line as it is drawn. */
export interface CourseLine {
  readonly id: string;
  readonly code: string;
  readonly points: readonly Point[];
  readonly widthPx: number;
  readonly length: boolean;
  /** Something of it had to be assumed: it is dotted. */
  readonly assumed: boolean;
}

export interface CourseView {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly lines: readonly CourseLine[];
  /** The outside of the tank, drawn from top to bottom of the view. */
  readonly wallX: number;
  /** The finished ground; undefined where the view is from above, or where it is not in sight. */
  readonly groundY: number | undefined;
}

export interface CourseViews {
  readonly pxPerM: number;
  readonly side: CourseView;
  readonly top: CourseView;
}

/** Clear of the edge of a view on a screen [px]. */
const EDGE = 14;
/** However short a run is, so much of it is in sight [m]. */
const LEAST_M = 0.3;
const LEAST_PX = 2;

interface Box {
  readonly low: number;
  readonly high: number;
}

const boxOf = (values: readonly number[]): Box => ({ low: Math.min(...values), high: Math.max(...values) });
const spanOf = ({ low, high }: Box): number => Math.max(LEAST_M, high - low);
const outsideM = ({ part }: Leg): number => outsideMmOf(part) / 1000;

/**
 * A run from the side and from above, both to one scale. In both the tank is on the left; from the side up is up, from
 * above the right hand of somebody who looks at the tank is up.
 *
 * @param widthPx, heightPx  the most that each view may take
 * @param edge              clear of the edge of each view
 */
export function courseViews(
  { strands, start }: Course,
  widthPx: number,
  heightPx: number,
  edge = EDGE,
): CourseViews | undefined {
  const legs = strands.flat();
  if (legs.length === 0) return undefined;
  const points = [start, ...legs.flatMap(({ from, through, to }) => [from, through, to])];
  const out = boxOf([0, ...points.map((point) => point.out)]);
  const up = boxOf([0, ...points.map((point) => point.up)]);
  const right = boxOf(points.map((point) => point.right));
  const pxPerM = Math.min(
    (widthPx - 2 * edge) / spanOf(out),
    (heightPx - 2 * edge) / Math.max(spanOf(up), spanOf(right)),
  );
  const x = ({ out: value }: Vector): number => edge + (value - out.low) * pxPerM;
  const view = (of: (point: Vector) => number, box: Box, ground: number | undefined): CourseView => {
    const height = spanOf(box) * pxPerM + 2 * edge;
    const middle = (box.low + box.high) / 2;
    const y = (value: number): number => height / 2 - (value - middle) * pxPerM;
    const groundY = ground === undefined ? undefined : y(ground);
    return {
      widthPx: edge * 2 + spanOf(out) * pxPerM,
      heightPx: height,
      wallX: x({ out: 0, right: 0, up: 0 }),
      groundY: groundY !== undefined && groundY <= height ? groundY : undefined,
      lines: legs.map((leg) => ({
        id: leg.placed.id,
        code: leg.part.code,
        points: [leg.from, leg.through, leg.to].map((point) => ({ x: x(point), y: y(of(point)) })),
        widthPx: Math.max(LEAST_PX, outsideM(leg) * pxPerM),
        length: isByLength(leg.part),
        assumed: leg.assumed.length > 0,
      })),
    };
  };
  return { pxPerM, side: view((point) => point.up, up, 0), top: view((point) => point.right, right, undefined) };
}
