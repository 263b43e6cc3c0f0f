import type { Source } from '../../provenance';
import type { Region } from '../../region';
import type { NominalSize } from '../../quantity/size';
import type { HoseEnd } from '../end';
import type { Range } from './thread-standard';

/** A hose bore, the barb made for it, and what closes over both, in mm. */
export interface HoseSize {
  readonly size: NominalSize;
  readonly boreMm: number;
  /** Over the crests of the barb, least and most. */
  readonly barbCrestMm: Range;
  /** Outside of the hose once it is over the barb: what the clamp closes on. */
  readonly outsideOnBarbMm: number;
  /** Outside of the pipe where it is free, for pipe that other fittings grip from outside. */
  readonly outsideMm?: number;
  /** Where it is sold; absent: wherever its system is. */
  readonly regions?: readonly Region[];
  readonly clampsPerJoint: number;
  readonly barbLengthMm: number;
}

/** What is pushed over a tail and how it is held there. Adding one is one such table and one registry line. */
export interface HoseSystem {
  readonly id: string;
  readonly regions: readonly Region[];
  /** Words before `bore` and `barb` in an end; a garden barb is just a barb. */
  readonly boreWord: string;
  readonly barbWord: string;
  readonly name: string;
  readonly tailName: string;
  /** A worm drive, the tail's own nut, or the sharp edge of the tail alone, at the low pressure of drip. */
  readonly heldBy: 'clamp' | 'nut' | 'edge';
  readonly sources: readonly Source[];
  readonly sizes: readonly HoseSize[];
}

/** Size, bore, least and most over the barb, outside on the barb, clamps, length of the barb; mm. */
type Row = readonly [NominalSize, number, number, number, number, number, number, outsideMm?: number];

const toSize = ([
  size,
  boreMm,
  least,
  most,
  outsideOnBarbMm,
  clampsPerJoint,
  barbLengthMm,
  outsideMm,
]: Row): HoseSize => ({
  size,
  boreMm,
  barbCrestMm: [least, most],
  outsideOnBarbMm,
  clampsPerJoint,
  barbLengthMm,
  ...(outsideMm === undefined ? {} : { outsideMm }),
});

const HOSE_ROWS: readonly Row[] = [
  ['3/8', 9.525, 9.9, 10.9, 14.5, 1, 22],
  ['1/2', 12.7, 13.2, 14.3, 18, 1, 25],
  ['5/8', 15.875, 16.4, 17.6, 22.5, 1, 28],
  ['3/4', 19.05, 19.7, 21, 26.5, 1, 30],
  ['1', 25.4, 26.1, 27.5, 34, 1, 36],
  ['1-1/4', 31.75, 32.5, 34, 41, 1, 40],
  ['1-1/2', 38.1, 39, 40.6, 48, 2, 46],
  ['2', 50.8, 52, 54, 62, 2, 56],
  ['13', 12.7, 13.2, 14.3, 18, 1, 25],
  ['15', 15, 15.5, 16.6, 21, 1, 27],
  ['16', 15.9, 16.4, 17.6, 22.5, 1, 28],
  ['19', 19, 19.7, 21, 26.5, 1, 30],
  ['25', 25, 25.8, 27.2, 33.5, 1, 36],
  ['32', 32, 32.8, 34.3, 41, 1, 40],
  ['38', 38, 39, 40.6, 48, 2, 46],
  ['50', 50, 51.2, 53.2, 61, 2, 56],
];

/** Vinyl and rubber hose with plain tails and clamps. */
export const hose: HoseSystem = {
  id: 'hose',
  regions: ['US', 'UK', 'EU', 'ANZ'],
  boreWord: 'hose',
  barbWord: '',
  name: 'hose',
  tailName: 'hose tail',
  heldBy: 'clamp',
  sources: [
    { document: 'hose bores and barb crests', provenance: 'from-memory' },
    { document: 'SAE J1508 clamp ranges', provenance: 'from-memory' },
  ],
  sizes: HOSE_ROWS.map(toSize),
};

/** Bores of ASTM D2239 are those of Schedule 40 pipe; outside for SIDR 15. */
const PE_ID_ROWS: readonly Row[] = [
  ['1/2', 15.8, 16, 17.2, 20, 2, 28, 18.85],
  ['3/4', 20.93, 21.2, 22.6, 25.6, 2, 30, 23.98],
  ['1', 26.64, 27, 28.4, 32, 2, 34, 30.2],
  ['1-1/4', 35.05, 35.4, 37, 41.6, 2, 40, 39.7],
  ['1-1/2', 40.89, 41.3, 43, 48.5, 2, 44, 46.3],
  ['2', 52.5, 53, 55, 62, 2, 52, 59.5],
];

/** American polyethylene pipe, controlled by its bore: insert fittings and two clamps. */
export const peInside: HoseSystem = {
  id: 'pe-id',
  regions: ['US'],
  boreWord: 'PE-ID',
  barbWord: 'PE-ID',
  name: 'bore-controlled polyethylene pipe',
  tailName: 'insert tail for polyethylene pipe',
  heldBy: 'clamp',
  sources: [
    { document: 'ASTM D2239', provenance: 'standard-table' },
    { document: 'insert barbs', provenance: 'from-memory' },
  ],
  sizes: PE_ID_ROWS.map(toSize),
};

const RURAL_ROWS: readonly Row[] = [
  ['3/4', 19.2, 19.5, 20.8, 24.4, 0, 30, 23.5],
  ['1', 25.5, 25.8, 27.2, 31.5, 0, 34, 30.5],
  ['1-1/4', 32, 32.4, 34, 38.7, 0, 38, 37.5],
  ['1-1/2', 38.3, 38.7, 40.4, 45.9, 0, 42, 44.5],
  ['2', 51, 51.5, 53.5, 60, 0, 50, 58.5],
];

/** Imperial rural polyethylene pipe of Australia and New Zealand: nut-and-tail fittings. */
export const ruralPoly: HoseSystem = {
  id: 'rural',
  regions: ['ANZ'],
  boreWord: 'rural',
  barbWord: 'rural',
  name: 'imperial rural polyethylene pipe',
  tailName: 'nut and tail for rural polyethylene pipe',
  heldBy: 'nut',
  sources: [
    { document: 'rural polyethylene pipe of the trade; wall differs between makers', provenance: 'from-memory' },
  ],
  sizes: RURAL_ROWS.map(toSize),
};

const DRIP_ROWS: readonly (readonly [regions: readonly Region[], row: Row])[] = [
  [['US'], ['1/2', 15.24, 15.7, 16.7, 18.8, 0, 18, 17.78]],
  [
    ['UK', 'EU'],
    ['16', 13.8, 14.2, 15.2, 17, 0, 17, 16],
  ],
  [['ANZ'], ['13', 13, 13.4, 14.3, 16.3, 0, 17, 15.2]],
  [['ANZ'], ['19', 19, 19.6, 20.7, 23.2, 0, 20, 21.6]],
];

/** Thin polyethylene tube of gardens, with drippers or for them: tails with one sharp edge, no clamp, low pressure. */
export const drip: HoseSystem = {
  id: 'drip',
  regions: ['US', 'UK', 'EU', 'ANZ'],
  boreWord: 'drip',
  barbWord: 'drip',
  name: 'drip tube',
  tailName: 'drip tail',
  heldBy: 'edge',
  sources: [{ document: 'drip tube of the trade; wall differs between makers', provenance: 'from-memory' }],
  sizes: DRIP_ROWS.map(([regions, row]) => ({ ...toSize(row), regions })),
};

/** Everything that is pushed over a tail. A new one: its table, and a place here. */
export const HOSE_SYSTEMS: readonly HoseSystem[] = [hose, peInside, ruralPoly, drip];

interface Known {
  readonly system: HoseSystem;
  readonly bySize: ReadonlyMap<NominalSize, HoseSize>;
}

const BY_ID: ReadonlyMap<string, Known> = new Map(
  HOSE_SYSTEMS.map((system) => [system.id, { system, bySize: new Map(system.sizes.map((row) => [row.size, row])) }]),
);

/** @throws RangeError no system is registered under this id */
export function hoseSystem(id: string): HoseSystem {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`hoseSystem: none called ${id}`);
  return found.system;
}

/** The dimensions of a barb or a bore. @throws RangeError the system has no such size */
export function hoseOf({ system, size }: Pick<HoseEnd, 'system' | 'size'>): HoseSize {
  const found = BY_ID.get(system)?.bySize.get(size);
  if (!found) throw new RangeError(`hoseOf: ${system} has no ${size}`);
  return found;
}
