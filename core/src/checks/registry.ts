import type { Check } from './define-check.js';
import inNoDrillZone from './hole/in-no-drill-zone/check.js';
import noSeal from './hole/no-seal/check.js';
import nothingBehind from './hole/nothing-behind/check.js';
import waterLeftBehind from './hole/water-left-behind/check.js';
import falseFriend from './joint/false-friend/check.js';
import notKnown from './joint/not-known/check.js';
import notRated from './joint/not-rated/check.js';
import endOpen from './run/end-open/check.js';
import lengthNotKnown from './run/length-not-known/check.js';
import noOverflow from './tank/no-overflow/check.js';

/** Every check. A new one: its folder with check.ts, check.test.ts and doc.md, and a line here. */
export const CHECKS: readonly Check[] = [
  falseFriend,
  noSeal,
  inNoDrillZone,
  noOverflow,
  notRated,
  notKnown,
  endOpen,
  lengthNotKnown,
  nothingBehind,
  waterLeftBehind,
];
