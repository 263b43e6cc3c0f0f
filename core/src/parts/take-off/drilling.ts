import { tankOf } from '../../job/lookup';
import { wallSealSizeOf } from '../../connections/standards/wall-seals';
import type { CheckContext } from '../../derived/context';
import type { Penetration } from '../../job/job';
import { flatRadiusM, holeDiameterM, isToDrill, sealOf } from '../../derived/resolve';
import { type SealWay, placedWay } from '../../derived/seal-ways';
import { formatLength } from '../../quantity/length';
import { fillText } from '../../quantity/values';
import { fromRimM, isUpright } from '../../walls/forms';
import { type SawFit, sawFit } from '../../walls/hole-saws';
import type { Tank } from '../../walls/tank';
import { wallKindOf } from '../../walls/tank-types';

/** One hole as it is drilled: its sizes, its saw, where it is by tape, and the order of work. Lengths in m. */
export interface DrillHole {
  readonly hole: Penetration;
  /** Undefined while nothing seals it and nobody has measured it. */
  readonly diameterM: number | undefined;
  readonly flangeM: number;
  readonly pilotM: number;
  /** Undefined while the size of the hole is not known. */
  readonly saw: SawFit | undefined;
  readonly way: SealWay | undefined;
  /** 'Bulkhead', or what is still open. */
  readonly seal: string;
  /** Which side the nut goes, and what is on the inside. */
  readonly side: string;
  readonly inside: string;
  /** What speaks against it, in words; the first line of a hole that is ruled out. */
  readonly warnings: readonly string[];
  readonly ruledOut: boolean;
  readonly height: string;
  readonly along: string;
  readonly steps: readonly string[];
}

/** Pilot drill of an arbor: 1/4 in. */
const PILOT_M = 0.00635;

/** Every hole of a tank that is drilled, top first, in the measures of the job. */
export function drillHoles(tank: Tank, context: CheckContext): readonly DrillHole[] {
  return context.job.penetrations
    .filter((hole) => hole.tankId === tank.id && isToDrill(hole, context.index))
    .toSorted((a, b) => b.heightM - a.heightM)
    .map((hole) => drillHole(hole, tank, context));
}

function drillHole(hole: Penetration, tank: Tank, context: CheckContext): DrillHole {
  const { job, index } = context;
  const words = (metres: number): string => formatLength(metres, job.measures);
  const seal = sealOf(hole.id, index);
  const way = placedWay(context, hole);
  const style = way?.style;
  const diameterM = holeDiameterM(hole.id, job, index);
  const saw = cutOf(hole, context);
  const rim = fromRimM(tank, hole);
  return {
    hole,
    diameterM,
    flangeM: 2 * flatRadiusM(hole, job, index),
    pilotM: PILOT_M,
    saw,
    way,
    seal: seal ? `${seal.part.name} ${seal.part.size}` : 'not chosen yet',
    side: style?.side ?? 'not known yet',
    inside: style?.inside ?? '',
    warnings: (way?.reasons ?? []).map(({ text, data }) => fillText(text, data, job.measures)),
    ruledOut: way?.verdict === 'ruled-out',
    height: isUpright(hole.face) ? words(hole.heightM) : `in the ${hole.face}`,
    along: rim === undefined ? words(hole.aroundM) : `${words(Math.max(0, rim))} from the rim`,
    steps: stepsOf(hole, tank, saw, way, words),
  };
}

/** How a hole of this job is cut; undefined while its size is not known. */
export function cutOf(hole: Penetration, { job, index }: Pick<CheckContext, 'job' | 'index'>): SawFit | undefined {
  const tank = tankOf(job, hole);
  const diameterM = holeDiameterM(hole.id, job, index);
  if (diameterM === undefined || !tank) return undefined;
  const seal = sealOf(hole.id, index);
  const row = seal && wallSealSizeOf(seal.end.style, seal.end.size);
  return sawFit(diameterM, job.measures, row?.holeMm, wallKindOf(tank) === 'concrete');
}

/** The order of work at one hole. */
function stepsOf(
  hole: Penetration,
  tank: Tank,
  saw: SawFit | undefined,
  way: SealWay | undefined,
  words: (metres: number) => string,
): string[] {
  const { row, style } = way ?? {};
  const where = isUpright(hole.face)
    ? `Measure ${words(hole.heightM)} up from the base and ${words(hole.aroundM)} along: mark the cross.`
    : `Measure ${words(hole.aroundM)} from the left and ${words(hole.depthM)} from the front: mark the cross.`;
  return [
    where,
    tank.dark
      ? 'Lay the sheet on the cross; scribe circle and cross: pencil does not show on dark plastic.'
      : 'Lay the sheet on the cross; mark circle and cross through it.',
    ...(row
      ? [
          `Measure the shank in hand before you cut: makers ask for ${words(row.holeMm[0] / 1000)} to ${words(row.holeMm[1] / 1000)}.`,
        ]
      : ['Choose what seals it first: the circle is only as good as that.']),
    cutWords(saw, words),
    'Scrape both edges clean without a chamfer; catch every shaving and wash the tank out.',
    ...(style ? [`Inside: ${style.inside}. ${style.side.charAt(0).toUpperCase()}${style.side.slice(1)}.`] : []),
    ...(hole.drawnIn ? ['Draw it in from the opening on a cord; nobody goes into the tank.'] : []),
    ...(style?.tighten === undefined ? [] : [style.tighten]),
  ];
}

function cutWords(saw: SawFit | undefined, words: (metres: number) => string): string {
  switch (saw?.fit) {
    case 'fits':
      return `Pilot ${words(PILOT_M)}, then the ${words(saw.sawM)} saw, slowly, from outside.`;
    case 'allowed':
      return `Pilot ${words(PILOT_M)}, then the ${words(saw.sawM)} saw, the nearest, which the seal still allows; slowly, from outside.`;
    case 'template':
      return 'No saw fits: starter hole inside the line, then jigsaw with a fine blade along it, smaller than the rim that covers it.';
    case 'core':
      return 'Scan for steel, then core with a wet diamond bit; no hammer. Two diameters from edges and joints.';
    case undefined:
      return 'The size of the hole is not known yet: nothing to cut.';
  }
}
