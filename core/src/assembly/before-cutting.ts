import { isShutOff } from '../fittings/capability';
import { ownLengthM } from '../fittings/part';
import type { RunSight } from '../derived/context';
import type { EndRef, Penetration, PlacedPart } from '../job/job';
import { invertM, levelsOf, sharingWith } from '../derived/levels';
import { baseLevelM } from '../derived/set-out';
import { tankOf } from '../job/lookup';
import { otherSide } from '../derived/run';
import { volumeAtM3 } from '../walls/level';
import type { Tank } from '../walls/tank';

/** A tank that must be let down first, because no valve stands between it and the cut. */
export interface LetDown {
  readonly hole: Penetration;
  readonly tank: Tank;
  /** From full down to the lowest point of the opening, with what is linked to it [m3]. */
  readonly volumeM3: number;
}

/** What has to be done before a line is opened at a part. */
export interface BeforeCutting {
  /** Shut these: the nearest valve on every way to water. */
  readonly shut: readonly { readonly placed: PlacedPart; readonly name: string }[];
  readonly letDown: readonly LetDown[];
  /** Places where the pressure of the mains stands behind the cut without a valve. */
  readonly mains: readonly string[];
  /** What stands in the pipes between, and runs out at the cut [m3]; pipes of unknown length count as none. */
  readonly lineM3: number;
}

/** What a fitting holds counts as this much of its line [m]. */
const FITTING_M = 0.06;
const MM2_PER_M2 = 1e6;

/**
 * From the part outward on every way to the first valve: which to shut, which tank has no valve between and must be let
 * down, and what runs out of the line itself.
 */
export function beforeCutting(partId: string, context: RunSight): BeforeCutting {
  const { index, job } = context;
  const shut: BeforeCutting['shut'][number][] = [];
  const letDown: LetDown[] = [];
  const mains: string[] = [];
  let lineM3 = 0;
  const seen = new Set<string>();
  const go = (id: string): void => {
    const found = index.placed(id);
    if (!found || seen.has(id)) return;
    seen.add(id);
    const { placed, part } = found;
    if (id !== partId && isShutOff(part) && !isOutlet(id, context)) {
      shut.push({ placed, name: part.name });
      return;
    }
    const longM = ownLengthM(part, placed);
    lineM3 += ((Math.PI / 4) * part.boreMm ** 2 * (longM === undefined ? FITTING_M : (longM ?? 0))) / MM2_PER_M2;
    for (const [end] of part.ends.entries()) {
      const own: EndRef = { of: 'part', id, end };
      const joint = index.jointAt(own);
      const far = joint && otherSide(joint, own);
      if (far?.of === 'part') go(far.id);
      if (far?.of === 'hole') {
        const hole = job.penetrations.find((one) => one.id === far.id);
        const down = hole && letDownTo(hole, context);
        if (down) letDown.push(down);
      }
      if (far?.of === 'terminal') {
        const place = job.terminals.find((one) => one.id === far.id);
        if (place?.mains) mains.push(place.name);
      }
    }
  };
  go(partId);
  return { shut, letDown, mains, lineM3 };
}

/** A tap at the end of a line keeps nothing back from the cut: water comes from the other side. */
const isOutlet = (id: string, { index }: RunSight): boolean => {
  const part = index.placed(id)?.part;
  const joined = part?.ends.filter((_, end) => index.jointAt({ of: 'part', id, end }) !== undefined) ?? [];
  return joined.length < 2;
};

function letDownTo(hole: Penetration, context: RunSight): LetDown | undefined {
  const tank = tankOf(context.job, hole);
  if (!tank) return undefined;
  const levelM = invertM(hole, tank, context) + baseLevelM(tank, context.job);
  const volumeM3 = sharingWith(tank, context).reduce((sum, one) => {
    const full = levelsOf(one, context).fullM3;
    return sum + Math.max(0, full - volumeAtM3(one, Math.max(0, levelM - baseLevelM(one, context.job))));
  }, 0);
  return volumeM3 > 0 ? { hole, tank, volumeM3 } : undefined;
}
