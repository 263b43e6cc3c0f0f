import type { Method, Work } from './method';
import { CUT_WAYS } from './ways/cuts';
import { LASTING_WAYS } from './ways/lasting';
import { LINE_WAYS } from './ways/lines';
import { MECHANICAL_WAYS } from './ways/mechanical';
import { TANK_WAYS } from './ways/tanks';
import { TEST_WAYS } from './ways/tests';
import { THREAD_WAYS } from './ways/threads';
import { WALL_WAYS } from './ways/walls';

/** Every way of making that is described, in the order of the work. A new one: a record in one of its files, and where it is found. */
export const WAYS = {
  ...TANK_WAYS,
  ...CUT_WAYS,
  ...WALL_WAYS,
  ...THREAD_WAYS,
  ...LASTING_WAYS,
  ...MECHANICAL_WAYS,
  ...LINE_WAYS,
  ...TEST_WAYS,
} as const satisfies Readonly<Record<string, Method>>;
export type WayId = keyof typeof WAYS;

/** A way with one place where it is used. */
export type Found = readonly [WayId, Work];
