import type { End } from '../connections/end';
import type { Material } from '../connections/material';
import { parseEnd } from '../connections/parse';
import { wallSealSize } from '../connections/standards/wall-seals';
import { tankType } from '../walls/tank-types';
import type { EndRef, Job } from './job';
import type { JobIndex } from './run';
import { otherSide } from './run';

/** What really is at one side of a joint. `end` is undefined where water just leaves (daylight). */
export interface ResolvedEnd {
  readonly ref: EndRef;
  readonly end: End | undefined;
  readonly material: Material | undefined;
}

const endFromText = (text: string): End | undefined => {
  const parsed = parseEnd(text);
  return parsed.ok ? parsed.value : undefined;
};

/**
 * The end behind a reference. A drilled hole without a size of its own takes the usual hole of what stands in it, so
 * that a hole is never wrong before somebody says how large it is.
 */
export function resolveEnd(ref: EndRef, job: Job, index: JobIndex): ResolvedEnd {
  if (ref.of === 'part') {
    const found = index.placed(ref.id);
    return { ref, end: found?.part.ends[ref.end]?.end, material: found?.part.material };
  }
  if (ref.of === 'terminal') {
    const offers = job.terminals.find(({ id }) => id === ref.id)?.offers ?? null;
    return { ref, end: offers === null ? undefined : endFromText(offers), material: undefined };
  }
  const hole = job.penetrations.find(({ id }) => id === ref.id);
  const tank = job.tanks.find(({ id }) => id === hole?.tankId);
  if (!hole || !tank) return { ref, end: undefined, material: undefined };
  const material = tankType(tank.type).material;
  if (hole.port !== null) return { ref, end: endFromText(hole.port), material };
  const diameterM = holeDiameterM(hole.id, job, index);
  const radius = hole.face === 'wall' ? { wallRadiusMm: (tank.diameterM / 2) * 1000 } : {};
  return {
    ref,
    end:
      diameterM === undefined
        ? undefined
        : { kind: 'hole', diameterMm: diameterM * 1000, wallMm: tank.wallM * 1000, ...radius },
    material,
  };
}

/** Diameter of the hole to drill [m]: as measured, or the usual one of what seals it; undefined for a port or an unsealed hole. */
export function holeDiameterM(holeId: string, job: Job, index: JobIndex): number | undefined {
  const hole = job.penetrations.find(({ id }) => id === holeId);
  if (!hole || hole.port !== null) return undefined;
  if (hole.holeM !== null) return hole.holeM;
  const ref: EndRef = { of: 'hole', id: holeId };
  const joint = index.jointAt(ref);
  const seal = joint && otherSide(joint, ref);
  const end = seal?.of === 'part' ? index.placed(seal.id)?.part.ends[seal.end]?.end : undefined;
  return end?.kind === 'wall-seal' ? wallSealSize(end.style, end.size).typicalHoleMm / 1000 : undefined;
}
