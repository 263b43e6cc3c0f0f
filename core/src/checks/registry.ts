import refusedToday from './site/refused-today/check';
import type { Check } from './define-check';
import cableAndWater from './hole/cable-and-water/check';
import cordEntryUnsealed from './hole/cord-entry-unsealed/check';
import floatValve from './hole/float-valve/check';
import gasketInConcrete from './hole/gasket-in-concrete/check';
import gasketPull from './hole/gasket-pull/check';
import gasketSeries from './hole/gasket-series/check';
import inNoDrillZone from './hole/in-no-drill-zone/check';
import inSediment from './hole/in-sediment/check';
import ownSeal from './hole/own-seal/check';
import noScreen from './hole/no-screen/check';
import noSeal from './hole/no-seal/check';
import noWayToNut from './hole/no-way-to-nut/check';
import nothingBehind from './hole/nothing-behind/check';
import overflowBehindLink from './hole/overflow-behind-link/check';
import overflowTooHigh from './hole/overflow-too-high/check';
import overflowTooSmall from './hole/overflow-too-small/check';
import ownValve from './hole/own-valve/check';
import portNotSaid from './hole/port-not-said/check';
import sightTube from './hole/sight-tube/check';
import tooNearAnother from './hole/too-near-another/check';
import ventDips from './hole/vent-dips/check';
import ventTooSmall from './hole/vent-too-small/check';
import wallMisfit from './hole/wall-misfit/check';
import waterLeftBehind from './hole/water-left-behind/check';
import falseFriend from './joint/false-friend/check';
import leftOut from './joint/left-out/check';
import materialCaution from './joint/material-caution/check';
import notKnown from './joint/not-known/check';
import notRated from './joint/not-rated/check';
import uselessSealant from './joint/useless-sealant/check';
import willNotPoint from './joint/will-not-point/check';
import bottleneck from './run/bottleneck/check';
import cover from './run/cover/check';
import deviceUnderPressure from './run/device-under-pressure/check';
import endOpen from './run/end-open/check';
import fallsBack from './run/falls-back/check';
import fallsTooLittle from './run/falls-too-little/check';
import firstFlush from './run/first-flush/check';
import heavyValve from './run/heavy-valve/check';
import endsDoNotMeet from './run/ends-do-not-meet/check';
import heightsContradict from './run/heights-contradict/check';
import longerThanStock from './run/longer-than-stock/check';
import loop from './run/loop/check';
import pieceTooShort from './run/piece-too-short/check';
import heldForGood from './run/held-for-good/check';
import kitMisfits from './run/kit-misfits/check';
import lapAgainstFlow from './run/lap-against-flow/check';
import lengthNotKnown from './run/length-not-known/check';
import noRoomToSwing from './run/no-room-to-swing/check';
import noShutOff from './run/no-shut-off/check';
import noStub from './run/no-stub/check';
import noVacuumBreaker from './run/no-vacuum-breaker/check';
import notForBurial from './run/not-for-burial/check';
import notForDrinking from './run/not-for-drinking/check';
import outdoors from './run/outdoors/check';
import overPressure from './run/over-pressure/check';
import runsInto from './run/runs-into/check';
import valveInOverflow from './run/valve-in-overflow/check';
import climbs from './run/climbs/check';
import throughAWall from './run/through-a-wall/check';
import rigidClosure from './run/rigid-closure/check';
import screenClogs from './run/screen-clogs/check';
import sprungClosure from './run/sprung-closure/check';
import sucksAir from './run/sucks-air/check';
import unsupported from './run/unsupported/check';
import wetLine from './run/wet-line/check';
import wrongWay from './run/wrong-way/check';
import gutterOutlet from './site/gutter-outlet/check';
import gutterTooLow from './site/gutter-too-low/check';
import heightsApart from './site/heights-apart/check';
import noAirGap from './site/no-air-gap/check';
import outOfReach from './site/out-of-reach/check';
import outfallNotReached from './site/outfall-not-reached/check';
import reserveNotKept from './site/reserve-not-kept/check';
import roofUnsuited from './site/roof-unsuited/check';
import wantsMore from './site/wants-more/check';
import wayTooSmall from './site/way-too-small/check';
import baseLoad from './tank/base-load/check';
import blocksInWay from './tank/blocks-in-way/check';
import brimNarrow from './tank/brim-narrow/check';
import buriedCare from './tank/buried-care/check';
import capacityUnlike from './tank/capacity-unlike/check';
import diverterSpills from './tank/diverter-spills/check';
import floats from './tank/floats/check';
import light from './tank/light/check';
import noAirPath from './tank/no-air-path/check';
import noOverflow from './tank/no-overflow/check';
import past from './tank/past/check';
import pumpNoCord from './tank/pump-no-cord/check';
import pumpWillNotPass from './tank/pump-will-not-pass/check';
import riserLow from './tank/riser-low/check';
import riserNotOverPump from './tank/riser-not-over-pump/check';
import sidePressure from './tank/side-pressure/check';
import standHeight from './tank/stand-height/check';

/** Every check. A new one: its folder with check.ts, check.test.ts and doc.md, and a line here. */
export const CHECKS: readonly Check[] = [
  refusedToday,
  falseFriend,
  leftOut,
  runsInto,
  throughAWall,
  climbs,
  valveInOverflow,
  rigidClosure,
  wrongWay,
  overPressure,
  noVacuumBreaker,
  deviceUnderPressure,
  noSeal,
  ownSeal,
  gasketInConcrete,
  gasketSeries,
  wallMisfit,
  inNoDrillZone,
  tooNearAnother,
  cordEntryUnsealed,
  cableAndWater,
  noOverflow,
  overflowTooSmall,
  overflowTooHigh,
  noAirPath,
  ventDips,
  sightTube,
  noScreen,
  baseLoad,
  floats,
  sidePressure,
  pumpWillNotPass,
  pumpNoCord,
  noAirGap,
  reserveNotKept,
  gutterTooLow,
  gutterOutlet,
  kitMisfits,
  outfallNotReached,
  outOfReach,
  fallsBack,
  lapAgainstFlow,
  heightsApart,
  notRated,
  notKnown,
  endOpen,
  lengthNotKnown,
  heightsContradict,
  endsDoNotMeet,
  pieceTooShort,
  longerThanStock,
  loop,
  nothingBehind,
  noWayToNut,
  portNotSaid,
  past,
  waterLeftBehind,
  wantsMore,
  wayTooSmall,
  diverterSpills,
  roofUnsuited,
  fallsTooLittle,
  cover,
  firstFlush,
  wetLine,
  screenClogs,
  inSediment,
  floatValve,
  overflowBehindLink,
  ventTooSmall,
  riserNotOverPump,
  light,
  buriedCare,
  capacityUnlike,
  riserLow,
  standHeight,
  brimNarrow,
  blocksInWay,
  sprungClosure,
  heldForGood,
  noRoomToSwing,
  willNotPoint,
  bottleneck,
  notForDrinking,
  notForBurial,
  materialCaution,
  ownValve,
  gasketPull,
  outdoors,
  noShutOff,
  sucksAir,
  unsupported,
  heavyValve,
  noStub,
  uselessSealant,
];
