import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { hoseOf } from '../../connections/standards/hose';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../../quantity/length';
import { type NominalSize, isMetricSize, sizeCode, sizeWords } from '../../quantity/size';
import { clickSocket, gSwivel, nhMale, nhSwivel } from '../ends';
import { discharge, fitting } from '../fitting';
import type { PartEnd } from '../part';
import { type FamilyPart, defineFamily } from '../part-family';

/** Hose as it hangs on the hook, with an end on either side (ranges of the trade, from memory). */
interface Range {
  readonly mark: string;
  readonly name: string;
  readonly material: Material;
  readonly ends: readonly [End, End | PartEnd];
  /** Sizes of its bore. */
  readonly sizes: readonly NominalSize[];
  /** Lengths as they are written on it, and in metres. */
  readonly lengths: readonly (readonly [words: string, lengthM: number])[];
  readonly ratedKpa: number;
  readonly usdPerMetre: number;
  readonly endsUsd: number;
}

const inches = (...some: readonly number[]) => some.map((one) => [`${one} in`, one * METRES_PER_INCH] as const);
const feet = (...some: readonly number[]) => some.map((one) => [`${one} ft`, one * METRES_PER_FOOT] as const);
const metres = (...some: readonly number[]) => some.map((one) => [`${one} m`, one] as const);
const connector: End = { kind: 'thread', standard: 'npsm', size: '3/4', sex: 'female', swivel: true };

const RANGES: readonly Range[] = [
  {
    mark: 'RH',
    name: 'Hose with ends',
    material: 'vinyl-hose',
    ends: [nhSwivel, discharge(nhMale)],
    sizes: ['1/2', '5/8', '3/4'],
    lengths: feet(6, 25, 50, 100),
    ratedKpa: 800,
    usdPerMetre: 2.4,
    endsUsd: 9,
  },
  {
    mark: 'RC',
    name: 'Hose with click ends',
    material: 'vinyl-hose',
    ends: [clickSocket('12.5'), discharge(clickSocket('12.5'))],
    sizes: ['13', '16'],
    lengths: metres(15, 20, 30),
    ratedKpa: 600,
    usdPerMetre: 1.8,
    endsUsd: 7,
  },
  {
    mark: 'RI',
    name: 'Inlet hose with nuts',
    material: 'rubber',
    ends: [gSwivel('3/4'), gSwivel('3/4')],
    sizes: ['13'],
    lengths: metres(1.5, 2.5),
    ratedKpa: 1000,
    usdPerMetre: 4,
    endsUsd: 4,
  },
  {
    mark: 'RV',
    name: 'Braided connector with nuts',
    material: 'rubber',
    ends: [connector, connector],
    sizes: ['3/4'],
    lengths: inches(12, 18, 24),
    ratedKpa: 860,
    usdPerMetre: 18,
    endsUsd: 9,
  },
];

const FERRULE_MM = 40;
/** What the couplings of garden hose leave free [mm] (value from memory). */
const BORE_OF_ENDS_MM = 17;

function hose(range: Range, size: NominalSize, words: string, lengthM: number): FamilyPart {
  const { boreMm } = hoseOf({ system: 'hose', size });
  return {
    ...fitting({
      code: `${range.mark}-${sizeCode(size)}${words.replaceAll(/[ .]/g, '').toUpperCase()}`,
      name: range.name,
      detail: `${words} long, ${sizeWords(size)} bore`,
      size,
      material: range.material,
      ends: range.ends,
      betweenMm: FERRULE_MM * 2,
      boreMm: Math.min(boreMm, BORE_OF_ENDS_MM),
      ratedKpa: range.ratedKpa,
      priceUsdAtOneInch: 1,
    }),
    readyM: lengthM,
    // Click couplings are sold everywhere, metric hose is not.
    ...(isMetricSize(size) ? { regions: ['UK', 'EU', 'ANZ'] } : {}),
    priceUsd: Math.round((range.endsUsd + range.usdPerMetre * lengthM) * 20) / 20,
  };
}

/** Hose of a fixed length that comes with its ends on: nothing is cut, nothing is clamped. */
export const readyHoses = defineFamily({
  id: 'ready-hose',
  name: 'Hose with ends',
  source: { document: 'ranges of the trade', provenance: 'from-memory' },
  parts: () =>
    RANGES.flatMap((range) =>
      range.sizes.flatMap((size) => range.lengths.map(([words, lengthM]) => hose(range, size, words, lengthM))),
    ),
});
