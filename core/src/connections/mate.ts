import type { End } from './end';
import { describeEnd } from './format';
import type { Mating } from './mating';
import { hoseOnBarb } from './families/hose-on-barb';
import type { JointFamily, JointMaterials } from './families/joint-family';
import { pipeInGasket } from './families/pipe-in-gasket';
import { sealInHole } from './families/seal-in-hole';
import { solventWeld } from './families/solvent-weld';
import { threads } from './families/threads';

/** Every way two ends can meet. A new one: its file, and a line here. */
const JOINT_FAMILIES: readonly JointFamily[] = [threads, solventWeld, hoseOnBarb, pipeInGasket, sealInHole];

const BY_KINDS = new Map<string, { family: JointFamily; swapped: boolean }>();
for (const family of JOINT_FAMILIES) {
  const [first, second] = family.kinds;
  if (BY_KINDS.has(`${first} ${second}`)) throw new RangeError(`mate: two families join ${first} and ${second}`);
  BY_KINDS.set(`${first} ${second}`, { family, swapped: false });
  if (first !== second) BY_KINDS.set(`${second} ${first}`, { family, swapped: true });
}

/**
 * Judges whether two ends make a joint that holds, from their dimensions.
 *
 * @param a,b        the two ends, in either order: the answer is the same
 * @param materials  of the parts, where known; what cannot bond cannot hold
 * @returns verdict, needs, reason and figures; two kinds that never meet give `will-not-go`
 */
export function mate(a: End, b: End, materials: JointMaterials = {}): Mating {
  const found = BY_KINDS.get(`${a.kind} ${b.kind}`);
  if (!found)
    return {
      verdict: 'will-not-go',
      needs: [],
      why: `Nothing joins ${[describeEnd(a), describeEnd(b)].sort().join(' and ')} directly.`,
      basis: [],
      instead: 'Put an adapter between.',
      sources: [],
      engagementMm: 0,
    };
  return found.swapped
    ? found.family.mate(b, a, { a: materials.b, b: materials.a })
    : found.family.mate(a, b, materials);
}
