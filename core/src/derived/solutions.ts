/** A cut that a longer search has found: pieces by their places in the order that was asked for. */
export interface CutAnswer {
  readonly bars: readonly {
    readonly stockM: number;
    readonly onHand: boolean;
    readonly pieces: readonly number[];
    readonly offCutM: number;
  }[];
  /** No plan buys fewer bars. */
  readonly leastBars: number;
  /** No way to cut these bars leaves a longer off-cut [m]. */
  readonly mostLeftM: number;
}

/** A way between two ends: parts by their codes, with the ends by which they are joined. */
export interface WayAnswer {
  readonly links: readonly (readonly [code: string, endIn: number, endOut: number])[];
  readonly priceUsd: number;
  /** Null where no part stands between. */
  readonly smallestBoreMm: number | null;
  readonly cost: number;
}

/** Answers by their question. */
interface Answers<Answer> {
  readonly get: (question: string) => Answer | undefined;
}

/**
 * What took too long to be worked out at every keystroke, found elsewhere and passed in: plain data by their question, so
 * that they go over a wire as they are. A plan is a function of its job, its catalogue and these.
 */
export interface Solutions {
  readonly cuts: Answers<CutAnswer>;
  readonly ways: Answers<readonly WayAnswer[]>;
}

export const NO_SOLUTIONS: Solutions = { cuts: new Map(), ways: new Map() };
