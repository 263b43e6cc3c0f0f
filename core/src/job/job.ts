import { ASSUMED, type SiteFigure } from '../walls/assumed';
import type { Medium } from '../connections/mating';
import type { Role } from '../walls/roles';
import type { Tank, WallPlace } from '../walls/tank';
import type { Measures } from '../quantity/length';
import type { NominalSize } from '../quantity/size';

export const SCHEMA_VERSION = 4;

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
}

/** A roof that feeds the tanks. */
export interface Roof {
  readonly id: string;
  readonly name: string;
  /** As seen from above [m2]: what rain falls on. */
  readonly planAreaM2: number;
}

/** Where a run may end, and the end it must offer there. */
export interface Terminal {
  readonly id: string;
  readonly name: string;
  /** The end the terminal offers, as text; null where water just leaves or enters (daylight). */
  readonly offers: string | null;
  /** How far off, and how far below the base of the tanks [m]; null: not said. */
  readonly distanceM: number | null;
  readonly dropM: number | null;
  /** Pressure of the mains, or of a supply that is drunk, stands here. */
  readonly mains: boolean;
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

/** What is said once for the whole job. A figure of the site that nobody has given is null and is assumed. */
export interface Settings extends Readonly<Record<SiteFigure, number | null>> {
  readonly name: string;
  readonly measures: Measures;
  /** A bead of silicone at every bulkhead, as insurance. */
  readonly silicone: boolean;
  readonly sunPlan: SunPlan | null;
  readonly frostPlan: FrostPlan | null;
  /** Is the water drunk? null: not said, taken as no. */
  readonly drinking: boolean | null;
}

/** The settings of a job that nobody has said anything about yet. */
export const NO_SETTINGS: Omit<Settings, 'name' | 'measures'> = {
  armM: null,
  sedimentM: null,
  groundWaterM: null,
  frostM: null,
  groundKpa: null,
  stormMmPerH: null,
  silicone: false,
  sunPlan: null,
  frostPlan: null,
  drinking: null,
};

/** A figure of the site: as given, or as assumed until it is. */
export const siteFigure = (job: Settings, figure: SiteFigure): number => job[figure] ?? ASSUMED[figure];

/** The job document: one aggregate, stored whole, changed only by edits. */
export interface Job extends Settings {
  readonly schemaVersion: typeof SCHEMA_VERSION;
  readonly roofs: readonly Roof[];
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
