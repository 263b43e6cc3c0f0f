import type { Measures } from '../quantity/length';
import type { Claim } from './claim';

/** Sand or fine gravel under pipes and tanks, before it is known how much of it there is in the whole job. */
export const BEDDING = 'BE';
/** Gravel round a plastic tank. */
export const ROUND_A_TANK = 'GV';

/** Concrete of anchors. */
export const CONCRETE = 'CA';

/** The bag that a thing comes in, and up to how much somebody carries it [m3]: ten of sand (our judgement), half a cubic metre of concrete. */
const BAGS: Readonly<Record<string, { readonly ending: string; readonly upToM3: number }>> = {
  [BEDDING]: { ending: '20', upToM3: 0.2 },
  [ROUND_A_TANK]: { ending: '', upToM3: 0 },
  [CONCRETE]: { ending: '25', upToM3: 0.5 },
};

/** What is filled in or poured, by how it is sold: all of a kind in a job is ordered together. */
export function asSold(claims: readonly Claim[], measures: Measures): readonly Claim[] {
  const totals = new Map<string, number>();
  for (const { code, amount } of claims) totals.set(code, (totals.get(code) ?? 0) + amount);
  const lorry = measures === 'in-gal' ? 'YD' : 'M3';
  return claims.map((claim) => {
    const bag = BAGS[claim.code];
    if (!bag) return claim;
    const inBags = (totals.get(claim.code) ?? 0) <= bag.upToM3;
    return { ...claim, code: `${claim.code}-${inBags ? bag.ending : lorry}` };
  });
}
