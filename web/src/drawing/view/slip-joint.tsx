import { type End, type Material, describeEnd, goesInside, hoseOf, pipeOf } from '@herrero/core';
import { sectionFill } from './hatches';

/** What slips into what, in millimetres. */
interface Slip {
  readonly inner: End;
  readonly outer: End;
  readonly innerOutsideMm: number;
  readonly innerBoreMm: number;
  readonly outerInsideMm: number;
  readonly outerOutsideMm: number;
  readonly depthMm: number;
  readonly barbs: boolean;
  /** What takes it has no stop: the inner part could go on through. */
  readonly through: boolean;
}

/** What an insert leaves of the bore of its tube (typical, value from memory). */
const INSERT_BORE = 0.78;
/** Wall of a fitting around what it takes, for drawing it. */
const WALL_SHARE = 0.12;

/** Which of two ends goes inside, with the diameters that decide; undefined where neither slips into the other. */
function slipOf(a: End, b: End): Slip | undefined {
  for (const [inner, outer] of [
    [a, b],
    [b, a],
  ] as const) {
    if (inner.kind === 'pipe' && inner.part === 'spigot') {
      const pipe = pipeOf(inner);
      if (outer.kind === 'pipe' && outer.part !== 'spigot') {
        const madeFor = pipeOf(outer);
        if (goesInside(outer.part))
          return {
            ...slip(outer, inner, madeFor.boreMm, madeFor.boreMm * INSERT_BORE, pipe.boreMm, madeFor.socketDepthMm),
            outerOutsideMm: pipe.outsideMm,
            barbs: true,
            through: true,
          };
        const inside = (madeFor.socketMouthMm + madeFor.socketBottomMm) / 2;
        return slip(inner, outer, pipe.outsideMm, pipe.boreMm, inside, madeFor.socketDepthMm);
      }
      if (outer.kind === 'gasket') {
        const madeFor = pipeOf(outer).outsideMm;
        return { ...slip(inner, outer, pipe.outsideMm, pipe.boreMm, madeFor, madeFor * 0.1), through: true };
      }
    }
    if (inner.kind === 'hose' && inner.part === 'barb' && outer.kind === 'hose' && outer.part === 'bore') {
      const [tail, hose] = [hoseOf(inner), hoseOf(outer)];
      const crest = (tail.barbCrestMm[0] + tail.barbCrestMm[1]) / 2;
      const wall = (hose.outsideOnBarbMm - crest) / 2;
      return {
        ...slip(inner, outer, crest, tail.boreMm * 0.78, hose.boreMm, tail.barbLengthMm),
        outerOutsideMm: hose.boreMm + 2 * wall,
        barbs: true,
        through: true,
      };
    }
  }
  return undefined;
}

const slip = (
  inner: End,
  outer: End,
  innerOutsideMm: number,
  innerBoreMm: number,
  outerInsideMm: number,
  depthMm: number,
): Slip => ({
  inner,
  outer,
  innerOutsideMm,
  innerBoreMm,
  outerInsideMm,
  outerOutsideMm: outerInsideMm * (1 + 2 * WALL_SHARE),
  depthMm,
  barbs: false,
  through: false,
});

const WIDTH = 816;
const HEIGHT = 210;
/** Bore of the inner part lies on this line; the walls above it fill the rest. */
const BORE_Y = 168;
const WALLS_PX = 112;

interface SlipJointProps {
  readonly a: End;
  readonly b: End;
  readonly materials: { readonly a?: Material | undefined; readonly b?: Material | undefined };
  readonly goesOn: boolean;
}

/** The walls of a joint that is pushed together, in section, inside below; apart where it does not go. Other pairs stand side by side by name. */
export function SlipJoint({ a, b, materials, goesOn }: SlipJointProps) {
  const found = slipOf(a, b);
  if (!found)
    return (
      <div className="sheet flex min-h-[110px] flex-wrap items-center justify-center gap-x-12 gap-y-3 px-6 py-4">
        {[a, b].map((end, index) => (
          <p key={index} className="border-b-2 border-ink pb-1 text-[17px] font-[650]">
            {describeEnd(end)}
          </p>
        ))}
      </div>
    );
  const { inner, outer, innerOutsideMm, innerBoreMm, outerInsideMm, outerOutsideMm, depthMm, barbs, through } = found;
  const px = WALLS_PX / ((Math.max(outerOutsideMm, innerOutsideMm) - innerBoreMm) / 2);
  const y = (diameterMm: number): number => BORE_Y - ((diameterMm - innerBoreMm) / 2) * px;
  const mouth = 330;
  const foot = Math.min(WIDTH - 140, mouth + Math.max(90, depthMm * px));
  const tip = !goesOn ? mouth - 40 : through && !barbs ? WIDTH - 90 : foot;
  const fill = (end: End): string => sectionFill((end === a ? materials.a : materials.b) ?? 'pvc');
  const apart = innerOutsideMm - outerInsideMm;
  const crest = y(innerOutsideMm);
  const root = y(innerOutsideMm * 0.9);
  const teeth = Array.from({ length: 5 }, (_, index) => {
    const at = tip - 14 - index * 34;
    return `L${at} ${crest}L${at - 26} ${root}`;
  }).join('');
  const innerPath = barbs
    ? `M12 ${y(innerBoreMm)}H${tip}V${root}${teeth}H12Z`
    : `M12 ${crest}H${tip}V${y(innerBoreMm)}H12Z`;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="sheet w-full"
      role="img"
      aria-label={`${describeEnd(inner)} and ${describeEnd(outer)} in half-section: ${Math.abs(apart).toFixed(2)} mm ${apart > 0 ? 'larger than' : 'smaller than'} what takes it`}
    >
      {goesOn && apart < 0 && (
        <rect
          x={mouth}
          y={y(outerInsideMm)}
          width={foot - mouth}
          height={y(innerOutsideMm) - y(outerInsideMm)}
          fill="var(--water-fill)"
        />
      )}
      <path
        d={
          through
            ? `M${mouth} ${y(outerOutsideMm)}H${barbs ? WIDTH - 12 : foot}V${y(outerInsideMm)}H${mouth}Z`
            : `M${mouth} ${y(outerOutsideMm)}H${WIDTH - 12}V${BORE_Y}H${foot}V${y(outerInsideMm)}H${mouth}Z`
        }
        fill={fill(outer)}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <path d={innerPath} fill={fill(inner)} fillOpacity={0.94} stroke="var(--ink)" strokeWidth={1.6} />
      <text x={22} y={HEIGHT - 14} className="type-second" fill="var(--ink-2)">
        inside
      </text>
      <text x={22} y={y(innerOutsideMm) - 10} fontSize={16} fontWeight={650} fill="var(--ink)" className="halo">
        {describeEnd(inner)}, {innerOutsideMm.toFixed(2)} mm {barbs ? 'over its crests' : 'outside'}
      </text>
      <text
        x={WIDTH - 22}
        y={y(outerOutsideMm) - 8}
        textAnchor="end"
        fontSize={16}
        fontWeight={650}
        fill="var(--ink)"
        className="halo"
      >
        {describeEnd(outer)}, {outerInsideMm.toFixed(2)} mm inside
      </text>
    </svg>
  );
}
