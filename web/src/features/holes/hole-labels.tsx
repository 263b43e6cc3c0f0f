'use client';

import { type Penetration, holeDiameterM, lengthFigure, lengthUnit } from '@herrero/core';
import { spread } from '@/drawing/geometry/spread';
import { useJob } from '../../store/job-provider';

const LABEL_GAP = 92;
const BESIDE_GAP = 34;
const LOW_PX = 96;
const LABEL_ROOM_RIGHT = 150;

/** Labels of low holes stand in one row above them, spread and tied by leaders; a high hole has its label beside it. */
export function HoleLabels({
  wall,
  left,
  width,
  narrow,
  baseY,
  pxPerM,
}: {
  readonly wall: readonly Penetration[];
  readonly left: number;
  readonly width: number;
  /** On a narrow face every label stands beside it. */
  readonly narrow: boolean;
  readonly baseY: number;
  readonly pxPerM: number;
}) {
  const low = wall.filter(({ heightM }) => heightM * pxPerM < LOW_PX);
  const xs = spread(
    low.map(({ aroundM }) => left + aroundM * pxPerM),
    LABEL_GAP,
    left + 46,
    left + width - LABEL_ROOM_RIGHT,
  );
  const at = (hole: Penetration): readonly [number, number] => [
    left + hole.aroundM * pxPerM,
    baseY - hole.heightM * pxPerM,
  ];
  if (narrow) return <BesideLabels wall={wall} x={left + width + 12} at={at} />;
  return (
    <g pointerEvents="none">
      {wall.map((hole) => {
        const [holeX, holeY] = at(hole);
        const place = low.indexOf(hole);
        if (place < 0)
          return (
            <HoleLabel
              key={hole.id}
              hole={hole}
              x={holeX > left + 110 ? holeX - 14 : holeX + 14}
              y={holeY + 1}
              anchor={holeX > left + 110 ? 'end' : 'start'}
            />
          );
        const x = xs[place] ?? holeX;
        return (
          <g key={hole.id}>
            <path d={`M${x} ${baseY - LOW_PX + 20}L${holeX} ${holeY - 8}`} stroke="var(--hair-2)" strokeWidth={0.9} />
            <HoleLabel hole={hole} x={x} y={baseY - LOW_PX} anchor="middle" />
          </g>
        );
      })}
    </g>
  );
}

/** Labels in a column beside the face, each level with its hole as far as they leave one another room. */
function BesideLabels({
  wall,
  x,
  at,
}: {
  readonly wall: readonly Penetration[];
  readonly x: number;
  readonly at: (hole: Penetration) => readonly [number, number];
}) {
  const ordered = wall.toSorted((a, b) => b.heightM - a.heightM);
  const ys = spread(
    ordered.map((hole) => at(hole)[1]),
    BESIDE_GAP,
    30,
    Math.max(30, ...ordered.map((hole) => at(hole)[1])) + 12,
  );
  return (
    <g pointerEvents="none">
      {ordered.map((hole, index) => {
        const [holeX, holeY] = at(hole);
        const y = ys[index] ?? holeY;
        return (
          <g key={hole.id}>
            <path d={`M${x - 4} ${y - 4}L${holeX + 8} ${holeY}`} stroke="var(--hair-2)" strokeWidth={0.9} />
            <HoleLabel hole={hole} x={x} y={y} anchor="start" />
          </g>
        );
      })}
    </g>
  );
}

function HoleLabel({
  hole,
  x,
  y,
  anchor,
}: {
  readonly hole: Penetration;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}) {
  const measures = useJob((state) => state.job.measures);
  const diameterM = useJob((state) => holeDiameterM(hole.id, state.job, state.plan.context.index));
  const says =
    diameterM === undefined
      ? hole.port === null
        ? 'no seal'
        : 'moulded'
      : `hole ${lengthFigure(diameterM, measures)}`;
  return (
    <>
      <text x={x} y={y} textAnchor={anchor} className="halo type-row" style={{ fill: 'var(--ink)' }}>
        {hole.label} {says}
      </text>
      <text x={x} y={y + 15} textAnchor={anchor} className="halo type-second" style={{ fill: 'var(--ink-2)' }}>
        {lengthFigure(hole.heightM, measures)} {lengthUnit(measures)} up
      </text>
    </>
  );
}
