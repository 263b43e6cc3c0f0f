import type { NominalSize } from '../quantity/size';

/** A threaded end, male or female, of one of the registered thread standards. */
export interface ThreadEnd {
  readonly kind: 'thread';
  readonly standard: string;
  readonly size: NominalSize;
  readonly sex: 'male' | 'female';
  /** A nut that turns on its tail, with its washer inside, so that the two parts need not turn against one another. */
  readonly swivel?: true;
}

/**
 * What an end of a pipe series is: the plain pipe, or the fitting that takes it.
 *
 * `socket` is cemented or soldered, `push-fit` has a rubber ring (with teeth, on pressure tube), `compression` a nut and ring,
 * `dry-hub` is lapped or snapped together without any seal, `sleeve` is a rubber coupling with clamps,
 * `press` is closed round the pipe by a tool, `crimp` and `expansion` go inside soft tube under a ring, `saddle` is bolted
 * round a pipe that goes on through it, `loose-cap` is set over an open end and lifts off again.
 */
export const PIPE_PARTS = [
  'spigot',
  'socket',
  'push-fit',
  'compression',
  'dry-hub',
  'sleeve',
  'press',
  'crimp',
  'expansion',
  'saddle',
  'loose-cap',
] as const;
export type PipePart = (typeof PIPE_PARTS)[number];

/** An insert: the tube goes over it. */
export const goesInside = (part: PipePart): part is 'crimp' | 'expansion' => part === 'crimp' || part === 'expansion';

/** A pipe end (spigot) or the fitting that takes it, of one outside-diameter series. */
export interface PipeEnd {
  readonly kind: 'pipe';
  readonly series: string;
  readonly size: NominalSize;
  readonly part: PipePart;
}

/** A tail (barb), or the bore of the hose or pipe that is pushed over one. */
export interface HoseEnd {
  readonly kind: 'hose';
  /** Hose, or polyethylene pipe known by its bore. */
  readonly system: string;
  readonly size: NominalSize;
  readonly part: 'barb' | 'bore';
}

/** Cam-and-groove: the grooved adapter (male), or the coupler with the arms and the gasket. */
export interface CamEnd {
  readonly kind: 'cam';
  readonly size: NominalSize;
  readonly part: 'adapter' | 'coupler';
}

/** Click-type garden hose coupling: the plug with its ring, or the socket that snaps over it. */
export interface ClickEnd {
  readonly kind: 'click';
  readonly size: NominalSize;
  readonly part: 'plug' | 'socket';
}

/** A flange bolted to another, with a gasket between. */
export interface FlangeEnd {
  readonly kind: 'flange';
  /** One of `FLANGE_DRILLINGS`. */
  readonly drilling: string;
  readonly size: NominalSize;
}

/** The inner lip of a push-through gasket: takes a plain pipe of one series. */
export interface GasketEnd {
  readonly kind: 'gasket';
  readonly series: string;
  readonly size: NominalSize;
}

/** What stands in the hole of a tank wall: the shank of a bulkhead, the groove of a push-through gasket ... */
export interface WallSealEnd {
  readonly kind: 'wall-seal';
  /** One of `WALL_SEAL_STYLES`. */
  readonly style: string;
  readonly size: NominalSize;
}

/** A drilled hole through a tank wall. */
export interface HoleEnd {
  readonly kind: 'hole';
  readonly diameterMm: number;
  readonly wallMm: number;
  /** Radius of the curved wall; absent on a flat face. */
  readonly wallRadiusMm?: number;
}

/**
 * Ends of no standard: a maker's own thread, or made on site. Nothing is said of them before they are measured. Water leaves by an
 * open mesh, and nothing goes on it.
 */
export const OWN_ENDS = [
  'container-neck',
  'bulkhead-thread',
  'bulkhead-nut',
  'union-nut',
  'union-tail',
  'home-made',
  'thread',
  'open-mesh',
] as const;

export interface OwnEnd {
  readonly kind: 'own';
  readonly what: (typeof OWN_ENDS)[number];
}

/** One side of a joint. Carries what judgement needs; looked-up dimensions come from the tables. */
export type End =
  | ThreadEnd
  | PipeEnd
  | HoseEnd
  | CamEnd
  | ClickEnd
  | FlangeEnd
  | GasketEnd
  | WallSealEnd
  | HoleEnd
  | OwnEnd;

export type EndKind = End['kind'];
