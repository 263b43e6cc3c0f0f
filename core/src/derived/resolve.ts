import { holeById, tankOf } from '../job/lookup';
import type { End, WallSealEnd } from '../connections/end';
import type { Material } from '../connections/material';
import { parseEnd } from '../connections/parse';
import { wallSealSize } from '../connections/standards/wall-seals';
import type { Part } from '../fittings/part';
import { flangeRadiusM } from '../walls/no-drill';
import { wallRadiusM } from '../walls/forms';
import { tankType } from '../walls/tank-types';
import { memoize } from '../quantity/memoize';
import type { RunJob } from './run-job';
import type { EndRef, Penetration, PlacedPart, Terminal } from '../job/job';
import type { JobIndex } from './run';
import { otherSide } from './run';

/** What really is at one side of a joint. `end` is undefined where water just leaves (daylight). */
export interface ResolvedEnd {
  readonly ref: EndRef;
  readonly end: End | undefined;
  readonly material: Material | undefined;
  /** Is it there already: an opening, a place, a part that stands? */
  readonly stands: boolean;
}

const endFromText = (text: string | null): End | undefined => {
  const parsed = text === null ? undefined : parseEnd(text);
  return parsed?.ok ? parsed.value : undefined;
};
const portEnd = memoize(({ port }: Penetration) => endFromText(port));
const offeredEnd = memoize(({ offers }: Terminal) => endFromText(offers));

/**
 * The end behind a reference. A drilled hole without a size of its own takes the usual hole of what stands in it, so
 * that a hole is never wrong before somebody says how large it is.
 */
export function resolveEnd(ref: EndRef, job: RunJob, index: JobIndex): ResolvedEnd {
  if (ref.of === 'part') {
    const found = index.placed(ref.id);
    const side = found?.part.ends[ref.end];
    // On the inside of a seal that closes round a pipe stands that pipe, of whatever its table says.
    const isThrough = side?.position === 'inside' && side.end.kind === 'pipe';
    return {
      ref,
      end: side?.end,
      material: isThrough ? undefined : found?.part.material,
      stands: found?.placed.existing === true,
    };
  }
  if (ref.of === 'terminal') {
    const terminal = job.terminals.find(({ id }) => id === ref.id);
    return { ref, end: terminal && offeredEnd(terminal), material: undefined, stands: true };
  }
  const hole = holeById(job, ref.id);
  const tank = tankOf(job, hole);
  if (!hole || !tank) return { ref, end: undefined, material: undefined, stands: true };
  const material = tankType(tank.type).material;
  if (hole.port !== null) return { ref, end: portEnd(hole), material, stands: true };
  const diameterM = holeDiameterM(hole.id, job, index);
  const radiusM = wallRadiusM(tank, hole);
  const radius = radiusM === undefined ? {} : { wallRadiusMm: radiusM * 1000 };
  return {
    ref,
    end:
      diameterM === undefined
        ? undefined
        : { kind: 'hole', diameterMm: diameterM * 1000, wallMm: tank.wallM * 1000, ...radius },
    material,
    stands: true,
  };
}

/** Diameter of the hole to drill [m]: as measured, or the usual one of what seals it; undefined for a port or an unsealed hole. */
export function holeDiameterM(holeId: string, job: RunJob, index: JobIndex): number | undefined {
  const hole = holeById(job, holeId);
  if (!hole || hole.port !== null) return undefined;
  if (hole.holeM !== null) return hole.holeM;
  const seal = sealOf(holeId, index);
  return seal && wallSealSize(seal.end.style, seal.end.size).typicalHoleMm / 1000;
}

/** What seals a hole: the part that stands in it and the end by which it does. */
export interface Seal {
  readonly part: Part;
  readonly placed: PlacedPart;
  readonly end: WallSealEnd;
}

/** What seals a hole; undefined for a port, and where nothing stands in it yet. */
export function sealOf(holeId: string, index: JobIndex): Seal | undefined {
  const ref: EndRef = { of: 'hole', id: holeId };
  const joint = index.jointAt(ref);
  const other = joint && otherSide(joint, ref);
  const found = other?.of === 'part' ? index.placed(other.id) : undefined;
  const end = other?.of === 'part' ? found?.part.ends[other.end]?.end : undefined;
  return found && end?.kind === 'wall-seal' ? { part: found.part, placed: found.placed, end } : undefined;
}

/** Is this opening still to be drilled? Not a port, and not one that is there or in which something stands already. */
export const isToDrill = (hole: Penetration, index: JobIndex): boolean =>
  hole.port === null && !hole.stands && hole.ownSeal !== 'notch' && sealOf(hole.id, index)?.placed.existing !== true;

/** Half of the flat an opening needs in this job [m]. */
export function flatRadiusM(hole: Penetration, job: RunJob, index: JobIndex): number {
  const seal = sealOf(hole.id, index);
  return flangeRadiusM(hole.size, holeDiameterM(hole.id, job, index), seal?.end.style);
}
