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

/** Cement and primer, before it is known in how large a tin. */
const TINNED = /^(CE|CC|CA|CT|PR)-118$/;
/** Fluid ounces of 29.6 ml, where they are sold by them. */
const OUNCES: readonly number[] = [4, 8, 16, 32];
const MILLILITRES: readonly number[] = [125, 250, 500, 1000];

/** The one tin that is enough, or the largest there is. */
function tinOf(ml: number, measures: Measures): number {
  const tins = measures === 'in-gal' ? OUNCES.map((ounces) => Math.round(ounces * 29.57 - 0.01)) : MILLILITRES;
  return tins.find((holds) => ml <= holds) ?? tins.at(-1) ?? 0;
}

/** What is filled in, poured or tinned, by how it is sold: all of a kind in a job is ordered together. */
export function asSold(claims: readonly Claim[], measures: Measures): readonly Claim[] {
  const totals = new Map<string, number>();
  for (const { code, amount } of claims) totals.set(code, (totals.get(code) ?? 0) + amount);
  const lorry = measures === 'in-gal' ? 'YD' : 'M3';
  return claims.map((claim) => {
    const total = totals.get(claim.code) ?? 0;
    if (TINNED.test(claim.code)) return { ...claim, code: claim.code.replace(/118$/, `${tinOf(total, measures)}`) };
    const bag = BAGS[claim.code];
    if (!bag) return claim;
    const inBags = total <= bag.upToM3;
    return { ...claim, code: `${claim.code}-${inBags ? bag.ending : lorry}` };
  });
}
