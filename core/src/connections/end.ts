import type { NominalSize } from '../quantity/size';

/** A threaded end, male or female, of one of the registered thread standards. */
export interface ThreadEnd {
  readonly kind: 'thread';
  readonly standard: string;
  readonly size: NominalSize;
  readonly sex: 'male' | 'female';
  /** A nut that turns on its tail, so that the two parts need not turn against one another. */
  readonly swivel?: true;
}

/** A pipe end (spigot) or the fitting that takes it (socket) of one outside-diameter series. */
export interface PipeEnd {
  readonly kind: 'pipe';
  readonly series: string;
  readonly size: NominalSize;
  readonly part: 'spigot' | 'socket';
}

/** A hose tail (barb), or the bore of a hose that is pushed over one. */
export interface HoseEnd {
  readonly kind: 'hose';
  readonly size: NominalSize;
  readonly part: 'barb' | 'bore';
}

/** The inner lip of a push-through gasket: takes a plain pipe of one series. */
export interface GasketEnd {
  readonly kind: 'gasket';
  readonly series: string;
  readonly size: NominalSize;
}

/** What stands in the hole of a tank wall: the shank of a bulkhead or the groove of a push-through gasket. */
export interface WallSealEnd {
  readonly kind: 'wall-seal';
  readonly style: 'bulkhead' | 'gasket';
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

/** One side of a joint. Carries what judgement needs; looked-up dimensions come from the tables. */
export type End = ThreadEnd | PipeEnd | HoseEnd | GasketEnd | WallSealEnd | HoleEnd;

export type EndKind = End['kind'];
