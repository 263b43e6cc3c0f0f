import { KPA_PER_PSI } from '../quantity/pressure';

/** What stands where a run ends. */
export const PLACE_KINDS = [
  'hose-bay',
  'tap',
  'drip-line',
  'fixture',
  'trough',
  'pump',
  'fire',
  'downpipe',
  'daylight',
  'other',
] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** What such a place usually wants; shown as assumed until somebody says better. */
export interface PlaceFacts {
  readonly name: string;
  /** Least pressure while it is shut [kPa]. */
  readonly wantsKpa: number;
  /** Flow that is worth having [m3/s]. */
  readonly wantsM3s: number;
  /** Height of the vessel that goes under it [m]. */
  readonly vesselM: number;
  /** Kept in the tank for it alone [m3]. */
  readonly reserveM3: number;
  /** The way its end looks, wherever it is, unless somebody says otherwise. */
  readonly looks?: 'up' | 'down';
}

const L_MIN = 1 / 60_000;
const NOTHING = { wantsKpa: 0, wantsM3s: 0, vesselM: 0, reserveM3: 0 } as const;

/** Common practice and leaflets of the trade, from memory: least pressures as in the tables of devices. */
export const PLACES: Readonly<Record<PlaceKind, PlaceFacts>> = {
  'hose-bay': { ...NOTHING, name: 'Hose bay', wantsM3s: 8 * L_MIN },
  tap: { ...NOTHING, name: 'Tap over a vessel', wantsM3s: 4 * L_MIN, vesselM: 0.35 },
  'drip-line': { ...NOTHING, name: 'Drip line', wantsKpa: 7 * KPA_PER_PSI, wantsM3s: 2 * L_MIN },
  fixture: { ...NOTHING, name: 'Fixture', wantsKpa: 8 * KPA_PER_PSI, wantsM3s: 5 * L_MIN },
  trough: { ...NOTHING, name: 'Trough with float valve', wantsKpa: 0.5 * KPA_PER_PSI, wantsM3s: 5 * L_MIN },
  pump: { ...NOTHING, name: 'Pump', wantsM3s: 20 * L_MIN },
  fire: { ...NOTHING, name: 'Fire coupling', wantsM3s: 400 * L_MIN, reserveM3: 10 },
  downpipe: { ...NOTHING, name: 'Foot of a downpipe', looks: 'down' },
  daylight: { ...NOTHING, name: 'Daylight' },
  other: { ...NOTHING, name: 'Another place' },
};

/** The figures that a place may be given. */
export const PLACE_WANTS = ['wantsKpa', 'wantsM3s', 'vesselM', 'reserveM3'] as const;
export type PlaceWant = (typeof PLACE_WANTS)[number];

/** A figure of a place: as it was given, or as its kind usually has it. */
export const wantOf = (
  place: { readonly kind: PlaceKind } & Readonly<Record<PlaceWant, number | null>>,
  want: PlaceWant,
): number => place[want] ?? PLACES[place.kind][want];
