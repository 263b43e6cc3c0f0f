import { SIGHT_TUBE_OVER_M, type SightTube } from '../assembly/sight-tube';
import type { CheckContext } from '../derived/context';
import { setField } from '../edits/change-field';
import { lengthStepM, markAbove } from '../quantity/length';
import type { Fix } from './finding';
import { setFix } from './move-fix';

/** Makes a sight tube as long as the level asks, by the marks of a tape; nothing where no length does it. */
export function tubeLengthFixes({ item: { placed }, needsM }: SightTube, { job }: CheckContext): readonly Fix[] {
  if (needsM === undefined) return [];
  const stepM = lengthStepM(job.measures, true);
  const lengthM = Math.max(stepM, markAbove(needsM, stepM));
  return [
    setFix(
      setField('parts', placed, 'lengthM', lengthM),
      'Make the tube {length} long: it ends {over} over the highest water',
      { length: { lengthM }, over: { lengthM: SIGHT_TUBE_OVER_M } },
    ),
  ];
}
