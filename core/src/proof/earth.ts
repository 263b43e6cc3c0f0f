import type { Measures } from '../quantity/length';
import type { Claim } from './claim';

/** Sand or fine gravel under pipes and tanks, before it is known how much of it there is in the whole job. */
export const BEDDING = 'BE';
/** Gravel round a plastic tank. */
export const ROUND_A_TANK = 'GV';

/** Ten bags of twenty litres [m3]: more is brought loose (our judgement). */
const BY_THE_BAG_M3 = 0.2;

/** What is filled in by how it is sold: all beds of a job are ordered together, and so is all gravel. */
export function asSold(claims: readonly Claim[], measures: Measures): readonly Claim[] {
  const m3 = claims.reduce((sum, { code, amount }) => sum + (code === BEDDING ? amount : 0), 0);
  const lorry = measures === 'in-gal' ? 'YD' : 'M3';
  const ending: Readonly<Record<string, string>> = {
    [BEDDING]: m3 > BY_THE_BAG_M3 ? lorry : '20',
    [ROUND_A_TANK]: lorry,
  };
  return claims.map((claim) =>
    ending[claim.code] === undefined ? claim : { ...claim, code: `${claim.code}-${ending[claim.code]}` },
  );
}
