export * from './provenance';
export * from './region';
export * from './result';
export * from './quantity/length';
export * from './quantity/list-figures';
export * from './quantity/money';
export * from './quantity/customs';
export * from './quantity/pressure';
export { memoize } from './quantity/memoize';
export * from './quantity/size';
export * from './quantity/space';
export * from './quantity/values';
export * from './quantity/volume';
export * from './quantity/figure';
export * from './quantity/read-figure';
export * from './quantity/write-figure';
export * from './record/field';
export * from './record/faults';
export * from './record/json-schema';
export * from './record/make-record';
export { counterpart } from './connections/counterpart';
export * from './connections/end';
export type { JointConditions } from './connections/families/joint-family';
export { type ThreadPair, judgePair } from './connections/families/threads';
export { everyEnd } from './connections/every-end';
export * from './connections/format';
export * from './connections/identify/identify';
export * from './connections/identify/reading';
export type { TellApart } from './connections/identify/tell-apart';
export type { DryFit } from './connections/make-up/dry-fit';
export * from './connections/make-up/make-up';
export * from './connections/material';
export * from './connections/mate';
export { countsTurns, leastLeftMm } from './connections/as-made';
export * from './connections/mating';
export * from './connections/parse';
export { hoseOf } from './connections/standards/hose';
export { pipeOf, pipeSeries } from './connections/standards/pipes';
export { THREAD_STANDARDS, threadForm, threadStandard } from './connections/standards/threads';
export type { Sex, ThreadForm, ThreadStandard } from './connections/standards/thread-standard';
export {
  WALL_SEAL_SIZES,
  WALL_SEAL_STYLES,
  wallSealSize,
  wallSealSizeOf,
  wallSealStyle,
} from './connections/standards/wall-seals';
export * from './fittings/catalogue';
export * from './fittings/capability';
export * from './fittings/end-class';
export * from './fittings/part';
export * from './fittings/rain-words';
export { soldFirst } from './fittings/regions';
export * from './fittings/search/read-query';
export * from './fittings/search/search-parts';
export * from './walls/access';
export * from './walls/assumed';
export * from './walls/forms';
export * from './walls/hole-saws';
export * from './walls/level';
export * from './walls/no-drill';
export * from './walls/roles';
export * from './walls/placing';
export * from './walls/standing';
export * from './walls/tank';
export * from './walls/tank-type';
export * from './walls/tank-types';
export * from './site/inflow-kinds';
export * from './site/place-kinds';
export * from './connections/gutters';
export * from './site/roof-materials';
export * from './site/substrates';
export * from './derived/heights';
export * from './edits/history';
export * from './edits/one-more';
export * from './edits/set-all';
export * from './job/hole-kinds';
export * from './job/job';
export * from './derived/levels';
export * from './derived/set-out';
export * from './derived/destinations';
export * from './job/lookup';
export * from './derived/strands';
export * from './job/migrate';
export * from './derived/ways-in';
export * from './derived/linked-tanks';
export * from './job/new-part';
export * from './job/new-tank';
export { setOutTank } from './edits/set-out-tank';
export * from './job/places';
export {
  type ChangeField,
  type FigureChange,
  type Held,
  type Settable,
  answered,
  setField,
  setSetting,
  settableField,
  usualOf,
  wordsOf,
} from './edits/change-field';
export { holeOf } from './derived/hole-of';
export { isDoneBare, staysClosed } from './derived/ports';
export * from './derived/resolve';
export { serviceAt } from './derived/service';
export * from './derived/seal-ways';
export * from './derived/run';
export * from './job/validate';
export {
  type BatchRefusal,
  type Edit,
  type Edited,
  EDIT,
  EDIT_KINDS,
  EDIT_TYPES,
  applyEdits,
  faultsOfEdit,
} from './edits/edits';
export * from './checks/finding';
export { aboutOf, figuresOf } from './derived/settled';
export * from './walls/ground';
export * from './walls/stand';
export { type CheckContext, type JudgedJoint, contextOf } from './derived/context';
export { type Chain, type ChainLink, appendChain, insertChain } from './routes/chain-edits';
export * from './routes/cut-in';
export * from './routes/stretch';
export * from './routes/unify';
export * from './routes/from-hand';
export * from './assembly/vector';
export * from './assembly/course';
export { type Frame, type Target, looksOf, placeInSpace, targetOf, toSpace } from './assembly/frame';
export * from './assembly/in-space';
export type { SpaceWay } from './routes/space-way';
export * from './assembly/closure';
export * from './assembly/coming-out';
export * from './assembly/before-cutting';
export * from './fittings/flexible';
export { isGuest, onSharedStands, standHolder, standingWith } from './derived/shared-stand';
export { type Freedom, freedomOfJoint, freedomOfPart, freedomOfPlace } from './assembly/freedom';
export { flowAt, flowThrough, mayEnter, runsOnce } from './assembly/flow';
export * from './assembly/joint-nature';
export * from './assembly/heat';
export * from './assembly/order';
export * from './assembly/pointing';
export * from './assembly/swing';
export * from './edits/proposal';
export * from './hydraulics/free-flow';
export * from './hydraulics/line-flow';
export * from './quantity/flow';
export * from './hydraulics/emptying';
export * from './hydraulics/overflow';
export * from './falls/capacity';
export * from './falls/drain';
export * from './falls/first-flush';
export * from './falls/height-budget';
export * from './falls/measuring-sheet';
export * from './falls/outfall';
export * from './falls/self-stopping';
export * from './falls/slit-gutter';
export * from './falls/stakes';
export * from './falls/stand-window';
export * from './parts/take-off/drilling';
export * from './parts/proven-list';
export * from './parts/way-lines';
export * from './parts/list/parts-list';
export * from './parts/tables/open-questions';
export * from './parts/tables/shelves';
export * from './parts/tables/way-words';
export * from './parts/list/trace';
export { changesOfNoLine } from './parts/list/changed-lines';
export * from './parts/cutting/cut-plan';
export * from './parts/cutting/cut-patterns';
export * from './parts/cutting/off-cut';
export * from './parts/take-off/from-hand';
export * from './parts/cutting/cut-answer';
export * from './parts/cutting/lengths';
export * from './assembly/centre-to-centre';
export { contextInSpace } from './plan/context-in-space';
export * from './plan/plan';
export * from './plan/tried-fixes';
export { type TriedWays, triedWays } from './plan/tried-ways';
export * from './routes/end-partners';
export * from './routes/find-gap';
export { leftShortM } from './routes/left-short';
export * from './routes/find-routes';
export * from './derived/solutions';
export { wayAnswers, waysBetween } from './routes/ways-between';
export * from './routes/leans';
export type { OpenEnd } from './routes/way-index';
export * from './routes/next-parts';
export { type Pattern, jobOfPattern } from './patterns/pattern';
export { PATTERNS } from './patterns/patterns';
export { ashdown } from './demo/ashdown';
export { kilnYard } from './demo/kiln-yard';
export { millRow } from './demo/mill-row';
export { quarryLane } from './demo/quarry-lane';
export { ternPoint } from './demo/tern-point';
export * from './fittings/own/own-part';
export * from './fittings/own/own-rows';
export * from './parts/buying/buying';
export * from './parts/buying/list-table';
export * from './parts/buying/price-list/columns';
export * from './parts/buying/price-list/likeliest-rows';
export { gtinOf, nameOf } from './parts/buying/price-list/names';
export * from './parts/buying/price-list/odd-prices';
export * from './parts/buying/price-list/read-prices';
export * from './plan/what-changes';
export * from './routes/instead';
export * from './parts/cutting/cut-words';
export * from './parts/tables/line-words';
export * from './parts/buying/foreign-list/columns';
export * from './parts/buying/foreign-list/compare';
export * from './parts/buying/foreign-list/match';
export * from './parts/buying/foreign-list/read-rows';
