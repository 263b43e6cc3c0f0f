export * from './provenance';
export * from './result';
export * from './quantity/length';
export * from './quantity/size';
export * from './quantity/values';
export * from './quantity/volume';
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
export * from './connections/mating';
export * from './connections/parse';
export { hoseOf } from './connections/standards/hose';
export { pipeOf, pipeSeries } from './connections/standards/pipes';
export { THREAD_STANDARDS, threadForm, threadStandard } from './connections/standards/threads';
export type { Sex, ThreadForm, ThreadRegion, ThreadStandard } from './connections/standards/thread-standard';
export {
  WALL_SEAL_SIZES,
  WALL_SEAL_STYLES,
  wallSealSize,
  wallSealSizeOf,
  wallSealStyle,
} from './connections/standards/wall-seals';
export * from './fittings/catalogue';
export * from './fittings/part';
export * from './walls/access';
export * from './walls/assumed';
export * from './walls/forms';
export * from './walls/hole-saws';
export * from './walls/level';
export * from './walls/no-drill';
export * from './walls/roles';
export * from './walls/tank';
export * from './walls/tank-types';
export * from './job/history';
export * from './job/job';
export * from './job/levels';
export * from './job/migrate';
export * from './job/ways-in';
export * from './job/linked-tanks';
export * from './job/new-tank';
export { COLLECTIONS } from './job/edits/change';
export { holeOf } from './job/edits/joint-numbers';
export * from './job/resolve';
export * from './job/seal-ways';
export * from './job/run';
export * from './job/validate';
export { type BatchRefusal, type Edit, type Edited, EDIT_TYPES, applyEdits } from './job/edits/edits';
export * from './checks/finding';
export * from './walls/ground';
export * from './walls/stand';
export { type CheckContext, type JudgedJoint, type Run, contextOf } from './job/context';
export { appendChain } from './checks/chain-edits';
export * from './hydraulics/free-flow';
export * from './parts/drilling';
export * from './parts/parts-list';
export { type Bar, type Piece } from './parts/cut-plan';
export * from './plan/plan';
export * from './routes/find-chains';
export * from './routes/next-parts';
export { ternPoint } from './demo/tern-point';
