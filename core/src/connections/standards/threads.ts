import { nh } from './nh';
import { npt } from './npt';
import type { ThreadStandard } from './thread-standard';

/** Every thread standard Herrero knows. A new one: its file, and a line here. */
export const THREAD_STANDARDS: readonly ThreadStandard[] = [npt, nh];

const BY_ID = new Map(THREAD_STANDARDS.map((standard) => [standard.id, standard]));

/** @throws RangeError no standard is registered under this id */
export function threadStandard(id: string): ThreadStandard {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`threadStandard: none called ${id}`);
  return found;
}
