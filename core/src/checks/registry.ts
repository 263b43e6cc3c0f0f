import type { Check } from './define-check';
import inNoDrillZone from './hole/in-no-drill-zone/check';
import noSeal from './hole/no-seal/check';
import nothingBehind from './hole/nothing-behind/check';
import waterLeftBehind from './hole/water-left-behind/check';
import falseFriend from './joint/false-friend/check';
import materialCaution from './joint/material-caution/check';
import notKnown from './joint/not-known/check';
import notRated from './joint/not-rated/check';
import endOpen from './run/end-open/check';
import lengthNotKnown from './run/length-not-known/check';
import noOverflow from './tank/no-overflow/check';

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
  materialCaution,
];
