const SHARE = 0.7;

/** Does a length rise or fall so much that it is upright rather than level: a leader, not a drain? */
export const isSteep = (riseM: number, lengthM: number): boolean => Math.abs(riseM) > SHARE * lengthM;
