import { type Plan } from '@herrero/core';
import { type Seam, seamOf } from '@/ui/seam-glyph';

/** Worst first. */
const ORDER: readonly Seam[] = ['will-not-go', 'starts-then-leaks', 'unknown', 'open', 'fits-unrated'];

/** The one seam that speaks for a run: its worst joint, an open end, or what closes its wall. */
export function seamOfRun({ joints, runs, findings }: Plan, penetrationId: string): Seam {
  const run = runs.find(({ penetration }) => penetration.id === penetrationId);
  const own = new Set(
    run?.strands.flatMap(({ items, end }) => [
      ...items.map(({ jointIn }) => jointIn?.id),
      'joint' in end ? end.joint.id : undefined,
    ]),
  );
  const seams = joints.filter(({ joint }) => own.has(joint.id)).map(({ mating }) => seamOf(mating));
  const asked = findings.some(
    ({ check, at }) => check === 'run/length-not-known' && at.penetrationId === penetrationId,
  );
  const open = run?.strands.some(({ end }) => end.at === 'open') ?? true;
  const all: Seam[] = [...seams, ...(asked ? ['unknown' as const] : []), ...(open ? ['open' as const] : [])];
  return ORDER.find((seam) => all.includes(seam)) ?? seams[0] ?? 'open';
}
