import type { Material } from '../../connections/material';
import { hoseSystem } from '../../connections/standards/hose';
import { METRES_PER_INCH } from '../../quantity/length';
import { type NominalSize, isMetricSize, sizeCode, sizeWords } from '../../quantity/size';
import { type FamilyPart, TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

const FEET = 12 * METRES_PER_INCH;

/** Hose and bore-controlled pipe as they are coiled; sizes are those of the system unless some are left out. */
interface Coil {
  readonly system: string;
  readonly mark: string;
  readonly name: string;
  readonly material: Material;
  readonly sizes: (size: NominalSize) => boolean;
  readonly coilsM: (size: NominalSize) => readonly number[];
  readonly usdPerMetre: number;
  readonly ratedKpa: number;
}

const feetCoils = (): readonly number[] => [25 * FEET, 50 * FEET, 100 * FEET];
const metreCoils = (): readonly number[] => [15, 25, 50];
const hoseCoils = (size: NominalSize): readonly number[] => (isMetricSize(size) ? metreCoils() : feetCoils());
const every = (): boolean => true;
const from =
  (least: readonly NominalSize[]) =>
  (size: NominalSize): boolean =>
    least.includes(size);

const COILS: readonly Coil[] = [
  {
    system: 'hose',
    mark: 'HO',
    name: 'Hose',
    material: 'vinyl-hose',
    sizes: (size) => size !== '3/8',
    coilsM: hoseCoils,
    usdPerMetre: 3.1,
    ratedKpa: 800,
  },
  {
    system: 'hose',
    mark: 'HOR',
    name: 'Rubber hose',
    material: 'rubber',
    sizes: from(['1/2', '5/8', '3/4', '1', '13', '19', '25']),
    coilsM: hoseCoils,
    usdPerMetre: 5.5,
    ratedKpa: 1000,
  },
  {
    system: 'hose',
    mark: 'HOS',
    name: 'Suction hose',
    material: 'vinyl-hose',
    sizes: from(['1', '1-1/4', '1-1/2', '2', '25', '32', '38', '50']),
    coilsM: hoseCoils,
    usdPerMetre: 6,
    ratedKpa: 400,
  },
  {
    system: 'pe-id',
    mark: 'PEI',
    name: 'Polyethylene pipe',
    material: 'polyethylene',
    sizes: every,
    coilsM: () => [100 * FEET, 250 * FEET],
    usdPerMetre: 1.6,
    ratedKpa: 690,
  },
  {
    system: 'rural',
    mark: 'PER',
    name: 'Rural polyethylene pipe',
    material: 'polyethylene',
    sizes: every,
    coilsM: () => [25, 50, 100],
    usdPerMetre: 1.7,
    ratedKpa: 600,
  },
  {
    system: 'drip',
    mark: 'HOD',
    name: 'Drip tube',
    material: 'polyethylene',
    sizes: every,
    coilsM: (size) => (isMetricSize(size) ? [25, 50, 100] : [50 * FEET, 100 * FEET]),
    usdPerMetre: 1.1,
    ratedKpa: 250,
  },
];

function coil({ system, mark, name, material, coilsM, usdPerMetre, ratedKpa }: Coil, size: NominalSize): FamilyPart {
  const row = hoseSystem(system).sizes.find((one) => one.size === size);
  if (!row) throw new RangeError(`hose: no ${size} ${system}`);
  const stretch = {
    lengthMm: row.barbLengthMm * 2,
    outsideMm: row.outsideOnBarbMm,
    boreMm: row.boreMm,
    surface: 'plain',
  } as const;
  const end = { kind: 'hose', system, size, part: 'bore' } as const;
  return {
    code: `${mark}-${sizeCode(size)}`,
    name,
    detail: `${sizeWords(size)} bore`,
    size,
    material,
    ends: [
      { end, position: 'inlet' },
      { end, position: 'outlet' },
    ],
    body: [stretch, stretch],
    features: [],
    boreMm: row.boreMm,
    lossK: 0,
    ratedKpa,
    sale: { by: 'length', stockLengthsM: coilsM(size), sawKerfM: 0 },
    priceUsd: inventedPriceUsd(usdPerMetre, size),
    source: hoseSystem(system).sources[0] ?? TYPICAL_BODIES,
  };
}

/** Hose, and polyethylene pipe known by its bore, by the length; cut with a knife from coils. */
export const hoses = defineFamily({
  id: 'hose',
  name: 'Hose',
  source: { document: 'hose bores', provenance: 'from-memory' },
  parts: () =>
    COILS.flatMap((one) =>
      hoseSystem(one.system)
        .sizes.filter(({ size }) => one.sizes(size))
        .map(({ size }) => coil(one, size)),
    ),
});
