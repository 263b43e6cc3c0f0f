import { describe, expect, test } from 'vitest';
import { formatEnd } from '../../connections/format';
import { PART_FAMILIES, shippedCatalogue } from '../catalogue';
import { type Part, overallMm } from '../part';
import { inventedPriceUsd } from '../part-family';

const part = (code: string): Part => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(`no ${code}`);
  return found;
};
const inches = (mm: number): number => mm / 25.4;

/** One or more of every family: its ends (ranges from memory). */
const SAMPLES: readonly (readonly [code: string, ...ends: readonly string[]])[] = [
  ['BH-075', '3/4 bulkhead shank', '3/4 NPT F', '3/4 NPT F'],
  ['BS-150', '1-1/2 bulkhead shank', '1-1/2 IPS socket'],
  ['PG-300', '3 gasket rim', '3 IPS gasket', '3 IPS spigot'],
  ['WBG-100', '1 bulkhead shank', '1 G F', '1 G F'],
  ['WTG-075', '3/4 tap shank', '3/4 G M'],
  ['NC-075', '3/4 NPT M', '3/4 NPT M'],
  ['NHBB-100', '1 R M', '1 R M'],
  ['NR-100075', '1 NPT M', '3/4 NPT M'],
  ['LV-100', '1 NPT F', '1 NPT F'],
  ['VS-200', '2 IPS socket', '2 IPS socket'],
  ['VPE-32M', '32 PE compression', '32 PE compression'],
  ['VUJ-50M', '50 EN socket', '50 EN socket'],
  ['GVBB-075', '3/4 Rp F', '3/4 Rp F'],
  ['CKW-100', '1 NPT F', '1 NPT F'],
  ['CKFBP-100', '1 Rp F'],
  ['BWSP-110M', '110 SOIL push-fit', '110 SOIL push-fit'],
  ['ES-150', '1-1/2 IPS socket', '1-1/2 IPS socket'],
  ['EM-050', '1/2 NPT M', '1/2 NPT F'],
  ['EPE-25M', '25 PE compression', '25 PE compression'],
  ['FZD-100M', '100 ANZ-DWV socket', '100 ANZ-DWV socket'],
  ['TS-100', '1 IPS socket', '1 IPS socket', '1 IPS socket'],
  ['TRS-150075', '1-1/2 IPS socket', '1-1/2 IPS socket', '3/4 IPS socket'],
  ['TPE-BP-32M100', '32 PE compression', '32 PE compression', '1 Rp F'],
  ['X-075', '3/4 NPT F', '3/4 NPT F', '3/4 NPT F', '3/4 NPT F'],
  ['YRD-300200', '3 DWV socket', '3 DWV socket', '2 DWV socket'],
  ['MB3-075050', '3/4 NPT F', '3/4 NPT F', '1/2 NPT F', '1/2 NPT F', '1/2 NPT F'],
  ['SA-200-075', '2 IPS saddle', '2 IPS saddle', '3/4 NPT F'],
  ['JBSP-110M', '110 SOIL push-fit', '110 SOIL push-fit', '110 SOIL push-fit'],
  ['JCW-400', '4 D3034 socket', '4 D3034 socket'],
  ['U-150', '1-1/2 NPT F', '1-1/2 NPT F'],
  ['CRG-100075', '1 NPT F', '3/4 NPT F'],
  ['CLQP-40M', '40 WASTE-PP push-fit', '40 WASTE-PP push-fit'],
  ['CF-D3034-400-IPS-40-400', '4 D3034 sleeve', '4 IPS sleeve'],
  ['AM-200', '2 NPT M', '2 IPS socket'],
  ['AF-200', '2 NPT F', '2 IPS socket'],
  ['AMPE-32M', '1 R M', '32 PE compression'],
  ['AFCU-15M', '1/2 Rp F', '15 CU compression'],
  ['TAC-075', '3/4 NPT F', '3/4 R M'],
  ['RS-200150', '2 IPS spigot', '1-1/2 IPS socket'],
  ['RSF-200100', '2 IPS spigot', '1 NPT F'],
  ['R-100075', '1 NPT M', '3/4 NPT F'],
  ['AD-075F', '3/4 NPT F', '3/4 NH M'],
  ['HS-075100', '3/4 NH F swivel', '1 barb'],
  ['HT-050M', '1/2 NPT M', '3/4 NH M'],
  ['HT-075R', '3/4 R M', '3/4 G M'],
  ['HYG-0753', '3/4 G F swivel', '3/4 G M', '3/4 G M', '3/4 G M'],
  ['HB-075100', '3/4 NPT M', '1 barb'],
  ['HG-07519M', '3/4 G F swivel', '19 barb'],
  ['QT-075', '12.5 click plug', '3/4 G F'],
  ['CMFA-200', '2 cam adapter', '2 NPT M'],
  ['CMDPG-200', '2 cam coupler', '2 G F'],
  ['XC-NH', 'S60x6 F', '3/4 NH M'],
  ['YT-075', '3/4 NPT F', '3/4 NPT F'],
  ['PS1G-100', '1 G F'],
  ['PI-300', '3 IPS spigot', '3 IPS spigot'],
  ['PE-32M', '32 PE spigot', '32 PE spigot'],
  ['DPP-68M', '68 downpipe dry-hub', '68 downpipe spigot'],
  ['HO-063', '5/8 hose bore', '5/8 hose bore'],
  ['PER-100', '1 rural bore', '1 rural bore'],
  ['DVP-90M', '90 downpipe dry-hub', '90 downpipe spigot', '38 barb'],
  ['KV-100', '1 NPT F'],
  ['PLSP-110M', '110 SOIL spigot'],
  ['SV-200', '2 IPS socket'],
  ['SCPP-32M'],
  ['XLN-075'],
  ['GULU-500'],
  ['AMRC-100', '1 R M', '1 RURAL-PE compression'],
  ['ECUP-22M', '22 CU press', '22 CU press'],
  ['FNS-200', '2 CL150 flange', '2 IPS socket'],
  ['FNJ-63M', '50 PN16 flange', '63 EN socket'],
  ['RH-06350FT', '3/4 NH F swivel', '3/4 NH M'],
  ['TXC-075', '3/4 CTS crimp', '3/4 CTS crimp', '3/4 CTS crimp'],
];

describe('a sample of every family', () => {
  test.each(SAMPLES)('%s has its ends', (code, ...ends) =>
    expect(part(code).ends.map(({ end }) => formatEnd(end))).toEqual(ends),
  );

  test('none is left out', () => {
    const sampled = new Set(SAMPLES.map(([code]) => part(code).family));
    expect(PART_FAMILIES.map(({ id }) => id).filter((id) => !sampled.has(id))).toEqual([]);
  });
});

describe('lengths', () => {
  test.each([
    // ASTM A733 lengths, from memory.
    ['NC-050', 1.125],
    ['NC-150', 1.75],
    ['NL-100-4', 4],
    ['NLG-200-12', 12],
    // Brass and PVC ball valves (typical, from memory).
    ['LV-075', 2.6],
    ['VS-150', 4.6],
    ['VUS8-100', 5.4],
    // Socket depth by ASTM D2466 twice and the stop between: 2 x 0.875 + 0.09.
    ['CS-100', 1.84],
    // 2 x (0.719 + 0.5625): sockets and take-offs of a 3/4 elbow laid out straight.
    ['ES-075', 2.563],
    // Union: 2 x 1.094 + 1.312.
    ['US-150', 3.5],
    // ASME B16.3 class 150: centre to end 1.50, 2.25 and (45) 1.12 in, twice; couplings of 1.52 and 2.53 in.
    ['EG-100', 3],
    ['EN-200', 4.5],
    ['FG-100', 2.24],
    ['CG-075', 1.52],
    ['CN-200', 2.53],
  ])('%s is %d in overall', (code, length) => expect(inches(overallMm(part(code)))).toBeCloseTo(length, 2));

  test.each([
    // EN 10242, types A1 and M2, from memory: centre to end 28, 38 and 58 mm, twice; sockets of 39 and 65 mm.
    ['EBG-050', 56],
    ['EBG-100', 76],
    ['EBN-200', 116],
    ['CBG-075', 39],
    ['CBG-200', 65],
    // ISO 264: z = d/2 + 1 and 0.207 d + 1; sockets of 22 and 31 mm (EN ISO 1452-3): 2 x (17 + 22), 2 x (11.36 + 31).
    ['EJ-32M', 78],
    ['FJ-50M', 84.71],
  ])('%s is %d mm overall', (code, length) => expect(overallMm(part(code))).toBeCloseTo(length, 1));
});

describe('bores and losses', () => {
  // ASTM D1785 at the least wall; ASME B36.10 below 1/2 in.
  test.each([
    ['PI-050', 0.622],
    ['PI-150', 1.61],
    ['PI-300', 3.068],
    ['LV-100', 1.049],
    ['TRS-150075', 0.824],
    ['RS-200150', 1.61],
    ['EN-025', 0.364],
  ])('%s passes %d in', (code, bore) => expect(inches(part(code).boreMm)).toBeCloseTo(bore, 3));

  // Handbook K by nominal size (L/D method; steel pipe at full turbulence), to 5 %.
  test.each([
    ['EG-050', 0.81],
    ['EG-100', 0.69],
    ['EG-200', 0.57],
    ['EG-400', 0.51],
    ['FG-100', 0.368],
    ['LV-100', 0.069],
    ['GV-100', 0.184],
    ['CKW-100', 2.3],
    ['TG-100', 0.46],
    ['CG-200', 0.038],
  ])('%s loses %d velocity heads', (code, loss) => {
    expect(part(code).lossK / loss).toBeGreaterThan(0.95);
    expect(part(code).lossK / loss).toBeLessThan(1.05);
  });

  // Sudden change of bore on the small bore: 2 to 1 in widens 0.551 and narrows 0.371 (Borda and Carnot, b2 = 0.2576).
  test('a reducing coupling loses what the sudden change costs, and what a coupling does', () =>
    expect(part('CRG-200100').lossK).toBeCloseTo(0.371 + 2 * 0.0225, 2));

  test('a bend turns, a wye branches with the flow, a check valve goes one way', () => {
    expect([part('ES-100').bendDegrees, part('FS-100').bendDegrees]).toEqual([90, 45]);
    expect(part('YD-300').branchDegrees).toBe(45);
    expect([part('CKS-075').oneWay, part('LV-075').oneWay]).toEqual([true, undefined]);
  });

  test('drain fittings bear no pressure, PVC what ASTM D1785 gives its size', () => {
    expect(part('ED-300').ratedKpa).toBeNull();
    // 280 psi for 2 in Schedule 40 at 73 F.
    expect(part('ES-200').ratedKpa).toBeCloseTo(280 * 6.894757, 1);
  });

  test('a pump lifts nothing at its most and all its head at none', () => {
    const curve = part('PS1N-100').pump?.curve ?? [];
    expect(curve[0]).toEqual([0, 32]);
    expect(curve.at(-1)?.[1]).toBe(0);
    // H = H0 (1 - (Q/Qmax)^2): at half the flow three quarters of the head.
    expect(curve[2]?.[1]).toBe(24);
  });
});

describe('what is really made', () => {
  test.each([
    ['NH-250', 'brass goes to 2 in'],
    ['CP-200', 'clear pipe goes to 1 in'],
    ['FBG-025', 'EN 10242 has no eighth bend below 3/8'],
    ['EBY-250', 'nylon goes to 2 in'],
    ['CLHB-100', 'a tail cannot slip'],
    ['LVV-100', 'a lever valve is of metal'],
    ['KKS-050', 'no such thing'],
    ['HS-075150', 'no hose swivel for 1-1/2 in hose'],
    ['CMAB-400', 'brass cam couplings stop at 2 in'],
    ['NLG-200-2', 'two threads of 2 in leave no pipe in 2 in'],
  ])('no counter carries %s: %s', (code) => expect(shippedCatalogue.byCode.has(code)).toBe(false));

  test('only taps, valves at a hose end, manifolds, downpipe shoes and screens may be left open at their outlet', () => {
    const open = shippedCatalogue.list.filter(({ ends }) =>
      ends.some(({ mayStayOpen }) => mayStayOpen === 'discharge'),
    );
    for (const { name } of open)
      expect(name).toMatch(/tap|Hose-end valve|Manifold|shoe|Hose with (click )?ends|(Overflow|Rodent) screen/);
  });

  test('only pipe and hose are sold by length, in more than one stock length or a coil', () => {
    for (const { family, sale } of shippedCatalogue.list) {
      expect(sale.by === 'length').toBe(family === 'pipe' || family === 'hose');
      if (sale.by === 'length') expect(sale.stockLengthsM.length).toBeGreaterThan(0);
    }
  });

  test('an adapter between systems is sold wherever one of them is; anything else where both are', () => {
    expect(part('TAC-075').regions).toEqual(['US', 'UK', 'EU', 'ANZ']);
    expect(part('ES-100').regions).toEqual(['US']);
    expect(part('AMPE-32M').regions).toEqual(['UK', 'EU', 'ANZ']);
    expect(part('HO-19M').regions).toEqual(['UK', 'EU', 'ANZ']);
  });
});

test('invented prices grow with size and are never nothing', () => {
  expect(inventedPriceUsd(10, '1')).toBe(10);
  expect(inventedPriceUsd(10, '2')).toBeGreaterThan(2 * inventedPriceUsd(10, '1'));
  expect(inventedPriceUsd(0.01, '1/2')).toBe(0.05);
});
