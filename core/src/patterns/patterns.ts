import { binTap } from './bin-tap';
import { camCrate } from './cam-crate';
import { corrugatedFire } from './corrugated-fire';
import { crateManifold } from './crate-manifold';
import { crateOutlet } from './crate-outlet';
import { drumRow } from './drum-row';
import { gasketDrum } from './gasket-drum';
import { airGap } from './air-gap';
import { drumPump } from './drum-pump';
import { sightTube } from './sight-tube';
import { surfacePump } from './surface-pump';
import { sunkenTank } from './sunken-tank';
import { joinedConcrete } from './joined-concrete';
import { precastCistern } from './precast-cistern';
import { pumpHousing } from './pump-housing';
import type { Pattern } from './pattern';
import { slimByFloat } from './slim-by-float';
import { trailerTank } from './trailer-tank';
import { upsideDownDrums } from './upside-down-drums';

/** Every kind of system. A new one: its file, and a line here. */
export const PATTERNS: readonly Pattern[] = [
  crateOutlet,
  upsideDownDrums,
  sunkenTank,
  slimByFloat,
  drumRow,
  joinedConcrete,
  drumPump,
  binTap,
  crateManifold,
  precastCistern,
  gasketDrum,
  sightTube,
  camCrate,
  pumpHousing,
  surfacePump,
  airGap,
  trailerTank,
  corrugatedFire,
];
