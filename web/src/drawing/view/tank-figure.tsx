import { type Tank, tankType } from '@herrero/core';
import { tankShape } from '../geometry/tank-shape';

const WEIGHTS = { heavy: 2.25, object: 1.5, thin: 0.9 } as const;
const FILLS = { sheet: 'var(--sheet)', block: 'var(--mat-block)', poly: 'var(--mat-poly)' } as const;

interface TankFigureProps {
  readonly tank: Tank;
  readonly pxPerM: number;
  /** Unique on the page: names the clip of the water. */
  readonly id: string;
  readonly fullM?: number;
  readonly deadM?: number;
  readonly sedimentM?: number;
  /** Lines of its outline in px; thinner where it is drawn small. */
  readonly weight?: number;
}

/** A tank from the front in our own style, its foot at the origin: outline, water, ribs, and what it is known by. */
export function TankFigure({ tank, pxPerM, id, fullM, deadM = 0, sedimentM = 0, weight = 2.25 }: TankFigureProps) {
  const { outline, ribs, marks, halfPx } = tankShape(tank, pxPerM);
  const wide = halfPx * 2.4;
  const dotted = tankType(tank.type).ownSize;
  const water = (levelM: number, fill: string) =>
    levelM > 0 && (
      <rect x={-wide / 2} y={-levelM * pxPerM} width={wide} height={levelM * pxPerM} fill={fill} stroke="none" />
    );
  return (
    <g>
      <clipPath id={id}>
        <path d={outline} />
      </clipPath>
      <path d={outline} fill="var(--sheet)" />
      <g clipPath={`url(#${id})`}>
        {fullM !== undefined && water(fullM, 'var(--water-fill)')}
        {water(deadM, 'var(--water-deep)')}
        {sedimentM > 0 && (
          <rect x={-wide / 2} y={-sedimentM * pxPerM} width={wide} height={sedimentM * pxPerM} fill="url(#sediment)" />
        )}
        {fullM !== undefined && fullM > 0 && (
          <path d={`M${-wide / 2} ${-fullM * pxPerM}h${wide}`} stroke="var(--water)" strokeWidth={1.6} />
        )}
      </g>
      {ribs.map((rib) => (
        <path key={rib} d={rib} fill="none" stroke="var(--ink)" strokeWidth={0.9} opacity={0.55} />
      ))}
      {marks.map((mark, index) => (
        <path
          key={index}
          d={mark.d}
          fill={mark.fill ? FILLS[mark.fill] : 'none'}
          stroke="var(--ink)"
          strokeWidth={Math.min(WEIGHTS[mark.weight], weight)}
          strokeLinejoin="round"
          opacity={mark.weight === 'thin' ? 0.55 : 1}
        />
      ))}
      <path
        d={outline}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={weight}
        strokeLinejoin="round"
        strokeLinecap="round"
        strokeDasharray={dotted ? '0.1 5' : undefined}
      />
    </g>
  );
}

/** What a tank stands on, from its foot down to the ground: courses of block, planks on blocks, or the legs of a stand. */
export function TankBase({
  tank,
  pxPerM,
  halfPx,
}: {
  readonly tank: Tank;
  readonly pxPerM: number;
  readonly halfPx: number;
}) {
  const high = tank.plinthM * pxPerM;
  if (high < 2) return null;
  const half = halfPx + 6;
  if (tank.base === 'stand')
    return (
      <g fill="none" stroke="var(--ink)" strokeWidth={1.5}>
        <path d={`M${-half} 0H${half}M${-half * 0.86} 0V${high}M${half * 0.86} 0V${high}`} />
        <path d={`M${-half * 0.86} ${high}L${half * 0.86} 0`} strokeWidth={0.9} />
      </g>
    );
  // The wheels and the bed of a trailer are its own marks.
  if (tank.base === 'trailer') return null;
  if (tank.base === 'blocks' || tank.base === 'planks') {
    const plank = tank.base === 'planks' ? Math.min(5, high / 3) : 0;
    const pier = half * 0.34;
    return (
      <g fill="var(--mat-block)" stroke="var(--ink)" strokeWidth={1.2}>
        {[-half, half - pier].map((x) => (
          <rect key={x} x={x} y={plank} width={pier} height={high - plank} />
        ))}
        {plank > 0 && <rect x={-half} y={0} width={2 * half} height={plank} fill="var(--mat-poly)" />}
      </g>
    );
  }
  return (
    <g>
      <rect
        x={-half}
        y={0}
        width={2 * half}
        height={high}
        fill="var(--mat-block)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      {high > 14 && (
        <path
          d={`M${-half} ${high / 2}h${2 * half}M${-half * 0.4} 0v${high / 2}M${half * 0.5} 0v${high / 2}M0 ${high / 2}v${high / 2}`}
          stroke="var(--ink)"
          strokeWidth={0.9}
          fill="none"
        />
      )}
    </g>
  );
}
