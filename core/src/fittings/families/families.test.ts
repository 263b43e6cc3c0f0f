import { describe, expect, test } from 'vitest';
import { formatEnd } from '../../connections/format';
import { shippedCatalogue } from '../catalogue';
import { type Part, overallMm } from '../part';
import { inventedPriceUsd } from '../part-family';

const part = (code: string): Part => {
  const found = shippedCatalogue.byCode.get(code);
  if (!found) throw new Error(`no ${code}`);
  return found;
};
const inches = (mm: number): number => mm / 25.4;

/** One of every family: its ends, and a length that its table gives (values from memory unless a standard is named). */
describe('a sample of every family', () => {
  test.each([
    ['BH-075', ['3/4 bulkhead shank', '3/4 NPT F', '3/4 NPT F']],
    ['BS-150', ['1-1/2 bulkhead shank', '1-1/2 IPS socket']],
    ['PG-300', ['3 gasket rim', '3 IPS gasket']],
    ['NC-075', ['3/4 NPT M', '3/4 NPT M']],
    ['LV-100', ['1 NPT F', '1 NPT F']],
    ['VS-200', ['2 IPS socket', '2 IPS socket']],
    ['ES-150', ['1-1/2 IPS socket', '1-1/2 IPS socket']],
    ['EM-050', ['1/2 NPT M', '1/2 NPT F']],
    ['TS-100', ['1 IPS socket', '1 IPS socket', '1 IPS socket']],
    ['TR-150075', ['1-1/2 IPS socket', '1-1/2 IPS socket', '3/4 IPS socket']],
    ['UT-150', ['1-1/2 NPT F', '1-1/2 NPT F']],
    ['AM-200', ['2 NPT M', '2 IPS socket']],
    ['AF-200', ['2 NPT F', '2 IPS socket']],
    ['RS-200150', ['2 IPS spigot', '1-1/2 IPS socket']],
    ['RT-100075', ['1 NPT M', '3/4 NPT F']],
    ['AD-075F', ['3/4 NPT F', '3/4 NH M']],
    ['HS-075100', ['3/4 NH F swivel', '1 barb']],
    ['HT-050M', ['1/2 NPT M', '3/4 NH M']],
    ['PI-300', ['3 IPS spigot', '3 IPS spigot']],
    ['HO-063', ['5/8 hose bore', '5/8 hose bore']],
    ['KT-100', ['1 NPT F']],
    ['SV-200', ['2 IPS socket']],
  ])('%s has the ends %j', (code, ends) => expect(part(code).ends.map(({ end }) => formatEnd(end))).toEqual(ends));

  test.each([
    // ASTM A733 lengths, from memory.
    ['NC-050', 1.125],
    ['NC-150', 1.75],
    ['NL-100', 4],
    // Brass and PVC ball valves.
    ['LV-075', 2.6],
    ['VS-150', 4.6],
    // Socket depth by ASTM D2466 twice and the stop between: 2 x 0.875 + 0.09.
    ['CS-100', 1.84],
    // 2 x (0.719 + 0.5625): sockets and take-offs of a 3/4 elbow laid out straight.
    ['ES-075', 2.563],
    // Union: 2 x 1.094 + 1.312.
    ['US-150', 3.5],
  ])('%s is %d in overall', (code, length) => expect(inches(overallMm(part(code)))).toBeCloseTo(length, 2));

  // ASTM D1785: bores at the least wall.
  test.each([
    ['PI-050', 0.622],
    ['PI-150', 1.61],
    ['PI-300', 3.068],
    ['LV-100', 1.049],
    ['TR-150075', 0.824],
    ['RS-200150', 1.61],
  ])('%s passes %d in', (code, bore) => expect(inches(part(code).boreMm)).toBeCloseTo(bore, 3));
});

describe('what is really made', () => {
  test.each(['NH-200', 'NC-200', 'CP-200', 'EM-150', 'TT-300', 'UT-300', 'KT-250', 'SV-100', 'HS-075150'])(
    'no counter carries %s',
    (code) => expect(shippedCatalogue.byCode.has(code)).toBe(false),
  );

  test('only caps, plugs, screens and grates have one end', () => {
    const single = shippedCatalogue.list.filter(({ ends }) => ends.length === 1).map(({ family }) => family);
    expect([...new Set(single)].sort()).toEqual(['closure', 'container-fitting', 'screen', 'wall-fitting']);
  });

  test('only taps and hose-end valves may be left open at their outlet', () => {
    const open = shippedCatalogue.list.filter(({ ends }) =>
      ends.some(({ mayStayOpen }) => mayStayOpen === 'discharge'),
    );
    expect([...new Set(open.map(({ name }) => name))].sort()).toEqual([
      'Barrel tap on a shank',
      'Hose tap',
      'Hose-end valve',
    ]);
  });

  test('only pipe and hose are sold by length, in more than one stock length or a coil', () => {
    for (const { family, sale } of shippedCatalogue.list) {
      expect(sale.by === 'length').toBe(family === 'pipe' || family === 'hose');
      if (sale.by === 'length') expect(sale.stockLengthsM.length).toBeGreaterThan(0);
    }
  });
});

test('invented prices grow with size and are never nothing', () => {
  expect(inventedPriceUsd(10, '1')).toBe(10);
  expect(inventedPriceUsd(10, '2')).toBeGreaterThan(2 * inventedPriceUsd(10, '1'));
  expect(inventedPriceUsd(0.01, '1/2')).toBe(0.05);
});
