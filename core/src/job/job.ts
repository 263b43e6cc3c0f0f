import { ASSUMED, type SiteFigure } from '../walls/assumed';
import type { Medium } from '../connections/mating';
import type { Role } from '../walls/roles';
import type { Tank, WallPlace } from '../walls/tank';
import type { Measures } from '../quantity/length';
import type { Reckoning } from '../quantity/money';
import type { NominalSize } from '../quantity/size';
import type { InflowKind } from '../site/inflow-kinds';
import type { PlaceKind, PlaceWant } from '../site/place-kinds';
import type { Substrate } from '../site/substrates';

export const SCHEMA_VERSION = 6;

/** What becomes of an opening that the tank comes with; one that is cut out is a hole like any other. */
export const PORT_USES = ['use', 'plug', 'leave'] as const;
export type PortUse = (typeof PORT_USES)[number];

/**
 * An opening of a tank. On a wall or side: height of its centre above the base, and distance round from the mark or from
 * the left edge as seen from outside. On a top or bottom: from the left and from the front.
 */
export interface Penetration extends WallPlace {
  readonly id: string;
  /** P1, P2 ... in the order in which they were set out; the two openings of one link or sight tube share a label. */
  readonly label: string;
  readonly tankId: string;
  readonly name: string;
  readonly roles: readonly Role[];
  readonly size: NominalSize;
  /** Centre above the base [m]; on the top face the height of the top there. */
  readonly heightM: number;
  /** Along the wall from the mark, or from the left edge [m]. */
  readonly aroundM: number;
  /** On a top or bottom: from the front edge [m]; elsewhere 0. */
  readonly depthM: number;
  /** Measured or drilled hole [m]; null: the usual hole of what seals it. */
  readonly holeM: number | null;
  /** The end that the tank already offers here (a moulded port), as text; null where a hole is drilled. */
  readonly port: string | null;
  /** Which of the ports of its type it is; null where it was drilled or is none of them. */
  readonly portId: string | null;
  /** What becomes of a port; null: not said. Always null for a drilled hole. */
  readonly portUse: PortUse | null;
  /** What seals it from inside is drawn in from the opening on a cord, where no hand reaches. */
  readonly drawnIn: boolean;
  /** What hangs on it is held by a strap or a stand of its own. */
  readonly supported: boolean;
  /** Where a float valve shuts [m above the base]; null: a little below its hole. */
  readonly shutsM: number | null;
  /** Shall its run come apart again, or is it made for good; null: not said. */
  readonly comesApart: boolean | null;
}

/** Ways a piece can point, as somebody says who stands before the opening and looks at the tank. */
export const HEADINGS = ['out', 'back', 'left', 'right', 'up', 'down'] as const;
export type Heading = (typeof HEADINGS)[number];

/** How the length of a piece is known: from the plan, taken on site before it is cut, or cut long and trimmed later. */
export const LENGTH_KINDS = ['computed', 'measured', 'left-long'] as const;
export type LengthKind = (typeof LENGTH_KINDS)[number];

/** The step at which a piece that was left long is trimmed. */
export const TRIM_STEPS = ['dry-fit', 'fixed', 'backfill', 'hand-over'] as const;
export type TrimStep = (typeof TRIM_STEPS)[number];

export interface PlacedPart {
  readonly id: string;
  readonly code: string;
  /** Length of what is sold by length [m]; null: not known yet. Always null for a piece. */
  readonly lengthM: number | null;
  /** It stands there already: judged and drawn, not bought. */
  readonly existing: boolean;
  /** Where its bend turns, its branch stands or its spout looks; null: not said. */
  readonly points: Heading | null;
  /** How much higher its far end lies than its near end [m], seen from the tank; only of what is sold by length; null: not said. */
  readonly riseM: number | null;
  /** Held by straps or a stand of its own. */
  readonly held: boolean;
  readonly lengthKind: LengthKind;
  /** Only of a piece that is left long; null: not said. */
  readonly trimAt: TrimStep | null;
}

/** What a height is taken from: the finished ground at the tanks, or something else that has a height. */
export type HeightRef = { readonly of: 'ground' } | { readonly of: 'roof' | 'terminal' | 'mark'; readonly id: string };

/** What has a height of its own that is read. */
export type Measured = Exclude<HeightRef, { readonly of: 'ground' }>;

export const READ_BY = ['tape', 'laser'] as const;

/** One measurement of a height, as people take it: so far down from something that has a height. */
export interface Reading {
  readonly from: HeightRef;
  readonly by: (typeof READ_BY)[number];
  /** Below what it was taken from [m]; negative: above it. */
  readonly downM: number;
}

/** A roof that feeds the tanks. Its height is that of the underside of its gutter. */
export interface Roof {
  readonly id: string;
  readonly name: string;
  /** As seen from above [m2]: what rain falls on. */
  readonly planAreaM2: number;
  /** One of `ROOF_MATERIALS`; null: not said. */
  readonly material: string | null;
  /** What the brackets of its downpipe are fixed to; null: not said. */
  readonly fixedTo: Substrate | null;
  /** The opening that its water falls into; null: not said. */
  readonly into: string | null;
  readonly readings: readonly Reading[];
}

/** Water that comes from elsewhere than a roof. */
export interface Inflow {
  readonly id: string;
  readonly name: string;
  readonly kind: InflowKind;
  /** null: not said, taken as its kind usually has it [m3/s]. */
  readonly rateM3s: number | null;
  /** The opening that it comes in by; null: not said. */
  readonly into: string | null;
  /** From the end of its pipe down to the level at which the tank spills [m]; null: not said. */
  readonly airGapM: number | null;
}

/** Where a run may end, the end it must offer there, and what is wanted of it. Its height is that of the end of the run. */
export interface Terminal extends Readonly<Record<PlaceWant, number | null>> {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  /** The end the terminal offers, as text; null where water just leaves or enters (daylight). */
  readonly offers: string | null;
  /** How far off along the line [m]; null: not said. */
  readonly distanceM: number | null;
  readonly readings: readonly Reading[];
  /** Thickness of a wall that its line goes through on the way [m]; null: none, or not said. */
  readonly throughM: number | null;
  /** Pressure of the mains, or of a supply that is drunk, stands here. */
  readonly mains: boolean;
}

export const MARK_KINDS = ['reference', 'ground'] as const;

/** A named reference that heights are taken from (a nail, a stake, the line of the level), or a piece of ground. */
export interface Mark {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof MARK_KINDS)[number];
  /** The place where this ground is; null: nowhere in particular. */
  readonly at: string | null;
  /** Of the ground as it is now. */
  readonly readings: readonly Reading[];
  /** Where the ground shall be once the work is done, above the finished ground at the tanks [m]; null: as it is. */
  readonly finishedM: number | null;
}

/** One side of a joint. */
export type EndRef =
  | { readonly of: 'part'; readonly id: string; readonly end: number }
  | { readonly of: 'hole'; readonly id: string }
  | { readonly of: 'terminal'; readonly id: string };

export interface Joint {
  readonly id: string;
  /** J1, J2 ... within its run, in the order in which they were made; numbers never move. */
  readonly number: number;
  readonly a: EndRef;
  readonly b: EndRef;
  /** A joint that fits but is not rated, taken all the same: by whom and on which day (ISO date). */
  readonly accepted: { readonly by: string; readonly on: string } | null;
  /** What it is really made with, where that is known to differ from what it asks for; null: as it asks. */
  readonly madeWith: readonly Medium[] | null;
}

/** How plastic outdoors is kept from the sun, and a line from the frost; null: not said. */
export const SUN_PLANS = ['shaded', 'painted'] as const;
export type SunPlan = (typeof SUN_PLANS)[number];
export const FROST_PLANS = ['drained', 'insulated', 'none-here'] as const;
export type FrostPlan = (typeof FROST_PLANS)[number];

/** What is bought beyond what is built in: nothing, what is easily lost or spoilt, or what nobody can fetch. */
export const SPARES = ['none', 'sensible', 'remote'] as const;
export type Spares = (typeof SPARES)[number];

/** What is said once for the whole job. A figure of the site that nobody has given is null and is assumed. */
export interface Settings extends Readonly<Record<SiteFigure, number | null>>, Reckoning {
  readonly name: string;
  readonly measures: Measures;
  /** A bead of silicone at every bulkhead, as insurance. */
  readonly silicone: boolean;
  readonly sunPlan: SunPlan | null;
  readonly frostPlan: FrostPlan | null;
  /** Is the water drunk? null: not said, taken as no. */
  readonly drinking: boolean | null;
  readonly spares: Spares;
}

/** The settings of a job that nobody has said anything about yet. */
export const NO_SETTINGS: Omit<Settings, 'name' | 'measures'> = {
  armM: null,
  sedimentM: null,
  groundWaterM: null,
  frostM: null,
  groundKpa: null,
  stormMmPerH: null,
  standM: null,
  fallShare: null,
  coverM: null,
  silicone: false,
  sunPlan: null,
  frostPlan: null,
  drinking: null,
  spares: 'none',
  currency: 'USD',
  taxPercent: null,
};

/** A figure of the site: as given, or as assumed until it is. */
export const siteFigure = (job: Settings, figure: SiteFigure): number => job[figure] ?? ASSUMED[figure];

/** The job document: one aggregate, stored whole, changed only by edits. */
export interface Job extends Settings {
  readonly schemaVersion: typeof SCHEMA_VERSION;
  readonly roofs: readonly Roof[];
  readonly inflows: readonly Inflow[];
  readonly marks: readonly Mark[];
  readonly tanks: readonly Tank[];
  readonly penetrations: readonly Penetration[];
  readonly parts: readonly PlacedPart[];
  readonly joints: readonly Joint[];
  readonly terminals: readonly Terminal[];
}

/** A job with nothing in it yet. */
export const emptyJob = (name: string, measures: Measures): Job => ({
  schemaVersion: SCHEMA_VERSION,
  name,
  measures,
  ...NO_SETTINGS,
  roofs: [],
  inflows: [],
  marks: [],
  tanks: [],
  penetrations: [],
  parts: [],
  joints: [],
  terminals: [],
});

/** A joint just made: accepted by nobody, and closed as it asks. */
export const AS_ASKED = { accepted: null, madeWith: null } as const;

export const refKey = (ref: EndRef): string =>
  ref.of === 'part' ? `part ${ref.id} ${ref.end}` : `${ref.of} ${ref.id}`;
