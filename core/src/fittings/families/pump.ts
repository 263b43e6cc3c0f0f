import type { End } from '../../connections/end';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { gFemale, gMale, nptFemale, nptMale } from '../ends';
import { fitting } from '../fitting';
import type { PumpCurve } from '../part';
import { defineFamily } from '../part-family';

/** A pump by what it can do: shut-off head [m], most flow [L/s], its ports, outside diameter [mm], price. */
interface Row {
  readonly mark: string;
  readonly name: string;
  readonly headM: number;
  readonly flowLs: number;
  readonly size: NominalSize;
  readonly outsideMm: number;
  readonly lengthMm: number;
  readonly submersible?: true;
  readonly priceUsd: number;
}

/** Typical of the trade, no maker's curve: head falls with the square of the flow from shut-off to its most. */
const ROWS: readonly Row[] = [
  {
    mark: 'PD1',
    name: 'Drum pump with riser',
    headM: 11,
    flowLs: 0.6,
    size: '3/4',
    outsideMm: 130,
    lengthMm: 240,
    submersible: true,
    priceUsd: 110,
  },
  {
    mark: 'PS1',
    name: 'Submersible pump',
    headM: 32,
    flowLs: 1.4,
    size: '1',
    outsideMm: 150,
    lengthMm: 480,
    submersible: true,
    priceUsd: 260,
  },
  {
    mark: 'PS2',
    name: 'Submersible pump, automatic',
    headM: 40,
    flowLs: 1.6,
    size: '1',
    outsideMm: 150,
    lengthMm: 520,
    submersible: true,
    priceUsd: 330,
  },
  {
    mark: 'PS3',
    name: 'Submersible pump',
    headM: 55,
    flowLs: 1.8,
    size: '1-1/4',
    outsideMm: 130,
    lengthMm: 640,
    submersible: true,
    priceUsd: 420,
  },
  {
    mark: 'PW1',
    name: 'Drain pump',
    headM: 8,
    flowLs: 2.6,
    size: '1-1/4',
    outsideMm: 170,
    lengthMm: 320,
    submersible: true,
    priceUsd: 95,
  },
  {
    mark: 'PJ1',
    name: 'Self-priming pump',
    headM: 38,
    flowLs: 0.9,
    size: '1',
    outsideMm: 190,
    lengthMm: 400,
    priceUsd: 190,
  },
  {
    mark: 'PJ2',
    name: 'Self-priming pump',
    headM: 48,
    flowLs: 1.2,
    size: '1',
    outsideMm: 200,
    lengthMm: 430,
    priceUsd: 250,
  },
  {
    mark: 'PM1',
    name: 'Multistage pump',
    headM: 58,
    flowLs: 1.6,
    size: '1',
    outsideMm: 190,
    lengthMm: 420,
    priceUsd: 380,
  },
  {
    mark: 'PM2',
    name: 'Multistage pump',
    headM: 46,
    flowLs: 2.4,
    size: '1-1/4',
    outsideMm: 200,
    lengthMm: 440,
    priceUsd: 430,
  },
];

const POINTS = 5;

/** Head over flow: H = H0 (1 - (Q/Qmax)^2), the simple curve of a centrifugal pump. Flow [m3/s], head [m]. */
export const simpleCurve = (headM: number, mostM3s: number): PumpCurve =>
  Array.from({ length: POINTS }, (_, index) => {
    const share = index / (POINTS - 1);
    return [share * mostM3s, headM * (1 - share ** 2)] as const;
  });

/** A wet vessel by its whole volume [L]: connection, diameter [mm], price. */
const VESSELS: readonly (readonly [litres: number, size: NominalSize, outsideMm: number, priceUsd: number])[] = [
  [2, '1/2', 110, 24],
  [8, '3/4', 200, 38],
  [19, '3/4', 270, 55],
  [24, '1', 280, 62],
  [60, '1', 380, 110],
  [100, '1', 460, 180],
];

const SYSTEMS: readonly (readonly [
  letter: string,
  female: (size: NominalSize) => End,
  male: (size: NominalSize) => End,
])[] = [
  ['N', nptFemale, nptMale],
  ['G', gFemale, gMale],
];

/** Pumps with simple curves, and pressure vessels, with the threads of both worlds. */
export const pumps = defineFamily({
  id: 'pump',
  name: 'Pump and pressure vessel',
  source: { document: 'simple curves typical of the trade, no maker', provenance: 'from-memory' },
  parts: () =>
    SYSTEMS.flatMap(([letter, female, male]) => [
      ...ROWS.map(({ mark, name, headM, flowLs, size, outsideMm, lengthMm, submersible, priceUsd }) => ({
        ...fitting({
          code: `${mark}${letter}-${sizeCode(size)}`,
          name,
          detail: `${headM} m, ${flowLs} L/s, ${size} ${letter === 'N' ? 'NPT' : 'G'} female`,
          size,
          material: 'stainless',
          ends: submersible ? [{ end: female(size), position: 'outlet' }] : [female(size), female(size)],
          betweenMm: lengthMm,
          features: submersible ? ['pump', 'strainer'] : ['pump'],
          oneWay: true,
          ratedKpa: 1000,
          priceUsdAtOneInch: priceUsd,
        }),
        pump: { curve: simpleCurve(headM, flowLs / 1000), outsideMm },
        priceUsd,
      })),
      ...VESSELS.map(([litres, size, outsideMm, priceUsd]) => ({
        ...fitting({
          code: `PV${letter}-${litres}`,
          name: 'Pressure vessel',
          detail: `${litres} L, ${size} ${letter === 'N' ? 'NPT' : 'G'} male`,
          size,
          material: 'steel',
          ends: [male(size)],
          betweenMm: outsideMm,
          features: ['vessel'],
          ratedKpa: 1000,
          priceUsdAtOneInch: priceUsd,
        }),
        priceUsd,
      })),
      fitting({
        code: `PC${letter}-100`,
        name: 'Pump controller, dry-run protected',
        size: '1',
        material: 'nylon',
        ends: [male('1'), male('1')],
        betweenMm: 160,
        girth: 2.2,
        loss: 'spring-check',
        oneWay: true,
        ratedKpa: 1000,
        priceUsdAtOneInch: 70,
      }),
    ]),
});
