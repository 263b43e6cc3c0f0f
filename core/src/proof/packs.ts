type Pack = readonly [code: RegExp, holds: number];

/**
 * What is in one pack of what is sold by the pack, in the unit in which it is needed: read off the packs of the trade (from
 * memory), by one who has not seen what the list reckons with.
 */
const PACKS: readonly Pack[] = [
  // A roll of thread tape: 520 in.
  [/^TA-/, 13.2],
  [/^JP-60$/, 60],
  // Tins: four, eight, sixteen and thirty-two fluid ounces, and parts of a litre; what they hold stands in their code.
  ...[118, 237, 473, 946, 125, 250, 500, 1000].map((ml): Pack => [new RegExp(`^(CE|CC|CA|CT|PR)-${ml}$`), ml]),
  [/^(SI|SE)-300$/, 300],
  [/^ZP-100$/, 100],
  // A roll of warning tape: 100 m.
  [/^WT-100$/, 100],
  [/^LL-10$/, 10],
  // Fifty feet.
  [/^LL-50$/, 15.24],
  // 250 g of 3 mm wire at 7.3 g/cm3.
  [/^SOL-250$/, 4.8],
  [/^FX-80$/, 80],
  [/^(BE|FM)-20$/, 0.02],
  // Six feet.
  [/^FO-/, 1.8288],
  [/^FOM-/, 2],
  [/^PA-500$/, 500],
  // 25 kg of ready mix.
  [/^CA-25$/, 0.012],
  [/^(CA|BE|GV)-M3$/, 0.25],
  // A quarter of 27 cubic feet of 12 in of 25.4 mm.
  [/^(CA|BE|GV)-YD$/, (27 * (12 * 0.0254) ** 3) / 4],
];

/** One pack of a code holds so much; one piece is one. */
export const packOf = (code: string): number => PACKS.find(([of]) => of.test(code))?.[1] ?? 1;
