import { type Material } from '@herrero/core';
import { type LaidPart, type LaidSection, type StringLayout } from '../geometry/string-layout';
import { outsideFill, sectionFill } from './hatches';
import { PartFeatures } from './part-features';

/** The axis goes this much beyond what it is the axis of. */
const AXIS_OVER_MM = 6;

interface StringDrawingProps {
  readonly layout: StringLayout;
  readonly pxPerMm: number;
  readonly selectedIds?: readonly string[];
  readonly onSelect?: ((partId: string) => void) | undefined;
}

/**
 * A strand in half-section on the axis y = 0: upper half cut, lower half as seen from outside, water in the bore.
 * Draws inside an SVG that has the hatches.
 */
export function StringDrawing({ layout, pxPerMm, selectedIds = [], onSelect }: StringDrawingProps) {
  const px = (mm: number): number => Math.round(mm * pxPerMm * 100) / 100;
  const start = layout.wall ? 0 : px((layout.parts[0]?.fromMm ?? AXIS_OVER_MM) - AXIS_OVER_MM);
  const end = px(layout.lengthMm);
  return (
    <g>
      <Wall layout={layout} px={px} />
      {layout.parts.map((part) => (
        <Water key={part.id} part={part} px={px} />
      ))}
      {layout.parts.map((part) => (
        <g
          key={part.id}
          data-part={part.code}
          opacity={part.existing ? STANDS_OPACITY : undefined}
          className={onSelect ? 'cursor-pointer' : undefined}
          onClick={onSelect && (() => onSelect(part.id))}
        >
          <Outside part={part} px={px} />
          <Section part={part} px={px} />
          <PartFeatures part={part} px={px} />
          {part.breakMm && <Break part={part} px={px} />}
        </g>
      ))}
      {layout.parts
        .filter(({ id }) => selectedIds.includes(id))
        .map((part) => (
          <rect
            key={part.id}
            x={px(part.fromMm) - 3}
            y={-px(part.outsideMm / 2) - 4}
            width={px(part.toMm - part.fromMm) + 6}
            height={px(part.outsideMm) + 8}
            fill="none"
            stroke="var(--brass-line)"
            strokeWidth={2.5}
          />
        ))}
      <path
        d={`M${start} 0H${end}`}
        stroke="var(--ink)"
        strokeWidth={0.8}
        strokeDasharray="14 3 3 3"
        pointerEvents="none"
      />
    </g>
  );
}

interface PieceProps {
  readonly part: LaidPart;
  readonly px: (mm: number) => number;
}

/** What stands already is paler than what is put in; its name says so too. */
const STANDS_OPACITY = 0.5;
const MOST_WALL_PX = 98;

/** How far the wall is drawn to either side of the axis [px]. */
export const wallReach = (outsideMm: number, px: (mm: number) => number): number =>
  Math.min(px(Math.max(outsideMm * 0.62, 24)) + 10, MOST_WALL_PX);

/** The wall of the tank above and below the hole, water before it. */
function Wall({
  layout: { wall, outsideMm },
  px,
}: {
  readonly layout: StringLayout;
  readonly px: (mm: number) => number;
}) {
  if (!wall) return null;
  const reach = wallReach(outsideMm, px);
  const hole = px(wall.holeMm / 2);
  const width = Math.max(3, px(wall.toMm - wall.fromMm));
  return (
    <g>
      <rect x={0} y={-reach} width={px(wall.fromMm)} height={2 * reach} fill="var(--water-fill)" />
      <rect
        x={px(wall.fromMm)}
        y={-reach}
        width={width}
        height={reach - hole}
        fill={sectionFill('polyethylene')}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <rect
        x={px(wall.fromMm)}
        y={hole}
        width={width}
        height={reach - hole}
        fill="var(--mat-poly)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
    </g>
  );
}

const materialOf = (part: LaidPart, section: LaidSection): Material => section.material ?? part.material;

/** Lower half, from outside; what stands inside a neighbour is not drawn. */
function Outside({ part, px }: PieceProps) {
  return (
    <>
      {part.sections.map((section, index) => {
        const [from, to] = [px(section.hiddenFromMm), px(section.hiddenToMm)];
        if (to - from < 0.2) return null;
        const radius = px(section.outsideMm / 2);
        return (
          <g key={index}>
            <rect
              x={from}
              y={0}
              width={to - from}
              height={radius}
              fill={outsideFill(materialOf(part, section))}
              stroke="var(--ink)"
              strokeWidth={1.5}
              strokeLinejoin="round"
            />
            <SurfaceMarks section={section} from={from} to={to} radius={radius} />
          </g>
        );
      })}
    </>
  );
}

/** Threads, hexagons, barbs and mesh as seen from outside. */
function SurfaceMarks({
  section,
  from,
  to,
  radius,
}: {
  readonly section: LaidSection;
  readonly from: number;
  readonly to: number;
  readonly radius: number;
}) {
  const lines = (every: number): string =>
    Array.from(
      { length: Math.floor((to - from) / every) },
      (_, index) => `M${(from + (index + 1) * every).toFixed(1)} 1V${radius.toFixed(1)}`,
    ).join('');
  const thin = { stroke: 'var(--ink)', strokeWidth: 0.9, fill: 'none' } as const;
  switch (section.surface) {
    case 'male-thread':
      return <path d={lines(3.2)} {...thin} />;
    case 'hex':
    case 'nut':
      return <path d={`M${from} ${radius * 0.5}H${to}`} {...thin} />;
    case 'barbs':
      return <path d={lines(7)} {...thin} />;
    case 'mesh':
      return <path d={`${lines(4)}M${from} ${radius * 0.33}H${to}M${from} ${radius * 0.66}H${to}`} {...thin} />;
    case 'washer':
      return <path d={lines(2.6)} {...thin} stroke="var(--sheet)" />;
    default:
      return null;
  }
}

/** Upper half, cut: the wall of the part between its bore and its outside. */
function Section({ part, px }: PieceProps) {
  return (
    <>
      {part.sections.map((section, index) => (
        <path
          key={index}
          d={sectionPath(section, px)}
          fill={sectionFill(materialOf(part, section))}
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeLinejoin="round"
        />
      ))}
    </>
  );
}

/** Teeth of a thread or barb in section, along its outside or its bore. */
function sectionPath(section: LaidSection, px: (mm: number) => number): string {
  const [from, to] = [px(section.fromMm), px(section.toMm)];
  const outside = -px(section.outsideMm / 2);
  const bore = -px(section.boreMm / 2);
  const teeth = (y: number, depth: number, every: number): string => {
    const count = Math.max(1, Math.floor((to - from) / every));
    const step = (to - from) / count;
    return Array.from(
      { length: count },
      (_, index) =>
        `L${(from + (index + 0.5) * step).toFixed(1)} ${(y + depth).toFixed(1)}L${(from + (index + 1) * step).toFixed(1)} ${y.toFixed(1)}`,
    ).join('');
  };
  const top =
    section.surface === 'male-thread'
      ? teeth(outside, 2.2, 3.6)
      : section.surface === 'barbs'
        ? teeth(outside, 3.4, 8)
        : `H${to}`;
  const low = section.surface === 'female-thread' ? `L${to} ${bore}H${from}` : `V${bore}H${from}`;
  return `M${from} ${outside}${top}${low}Z`;
}

/** Water fills the bore of the upper half; the parts are drawn over it. */
function Water({ part, px }: PieceProps) {
  return (
    <>
      {part.sections.map((section, index) =>
        section.surface === 'closed' ? null : (
          <rect
            key={index}
            x={px(section.fromMm)}
            y={-px(section.boreMm / 2)}
            width={px(section.toMm - section.fromMm)}
            height={px(section.boreMm / 2)}
            fill="var(--water-fill)"
          />
        ),
      )}
    </>
  );
}

/** Break lines where a length goes on for longer than it is drawn. */
function Break({ part, px }: PieceProps) {
  if (!part.breakMm) return null;
  const [from, to] = [px(part.breakMm.fromMm), px(part.breakMm.toMm)];
  const reach = px(part.outsideMm / 2) + 5;
  const wave = (x: number): string =>
    `M${x} ${-reach}C${x + 6} ${-reach / 2} ${x - 6} ${-reach / 4} ${x} 0S${x - 6} ${reach / 2} ${x} ${reach}`;
  return (
    <g>
      <rect x={from} y={-reach} width={to - from} height={2 * reach} fill="var(--sheet)" />
      <path d={wave(from)} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      <path d={wave(to)} fill="none" stroke="var(--ink)" strokeWidth={1.3} />
      {part.lengthM === null && (
        <path
          d={`M${from + 1} 0H${to - 1}`}
          stroke="var(--ink)"
          strokeWidth={2.4}
          strokeLinecap="round"
          strokeDasharray="0.1 5"
        />
      )}
    </g>
  );
}
