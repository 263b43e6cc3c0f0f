'use client';

import { type PlanRef, planKey, setOutOf } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { planName, referencesOf } from './plan-words';

/** What a tape is held at, or a line goes by: everything else that has a place of its own. */
export function useReferences(own: PlanRef): readonly (readonly [string, string, PlanRef])[] {
  const job = useJob((state) => state.job);
  const refs: readonly PlanRef[] = [
    ...referencesOf(job).map(({ id }): PlanRef => ({ of: 'mark', id })),
    ...job.terminals.map(({ id }): PlanRef => ({ of: 'terminal', id })),
    ...job.roofs.map(({ id }): PlanRef => ({ of: 'roof', id })),
    ...job.tanks.map(({ id }): PlanRef => ({ of: 'tank', id })),
  ];
  const { places } = setOutOf(job);
  // A tape is held at what has a place; a reference is named to be given one.
  return refs
    .filter((ref) => planKey(ref) !== planKey(own) && (ref.of === 'mark' || places.get(planKey(ref))?.at !== undefined))
    .map((ref) => [planKey(ref), planName(job, ref), ref] as const);
}
