import { describe, expect, it } from 'vitest';
import { inSpaceOf } from '../assembly/in-space';
import { applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { Job, Terminal } from '../job/job';
import { belowGround } from '../job/places';
import { contextInSpace } from '../plan/context-in-space';
import { crateOverflow, twoDrums, withPart } from '../test/layouts';
import { bridges } from './bridge';

const gapsOf = (job: Job) => [...inSpaceOf(contextInSpace(job, shippedCatalogue)).values()].flatMap(({ gaps }) => gaps);

/** Every way that is offered for the widest gap of a job, taken: how far its ends are apart then, and how askew. */
function taken(job: Job) {
  const context = contextInSpace(job, shippedCatalogue);
  const [gap] = [...gapsOf(job)].sort((a, b) => b.distanceM + (b.degrees ?? 0) - a.distanceM - (a.degrees ?? 0));
  if (!gap) throw new Error('no gap');
  return bridges(gap, context).map((proposal) => {
    const edited = applyEdits(job, proposal.edits, shippedCatalogue);
    if (!edited.ok) throw new Error(edited.error.message);
    const after = gapsOf(edited.value.job);
    return {
      words: proposal.data['bends'],
      job: edited.value.job,
      distanceM: Math.max(...after.map(({ distanceM }) => distanceM)),
      degrees: Math.max(...after.map(({ degrees }) => degrees ?? 0)),
      ends: after.length,
    };
  });
}
const moved = (job: Job, id: string, more: Partial<Terminal>): Job => ({
  ...job,
  terminals: job.terminals.map((one) => (one.id === id ? { ...one, ...more } : one)),
});
/** So high over the ground. */
const up = (metres: number) => belowGround(-metres);
const measured = (alongM: number, offM: number) =>
  ({ by: 'wall', from: { of: 'mark', id: 'a' }, towards: { of: 'mark', id: 'b' }, alongM, offM }) as const;

describe('bends that close a gap', () => {
  it.each([
    ['a tap 200 mm lower', moved(twoDrums(), 'tap', { placed: measured(0.305, -0.9), readings: up(0.2) }), 2],
    [
      'a tap aside and lower, looking another way',
      moved(twoDrums(), 'tap', { placed: measured(0.6, -0.9), looks: { way: 'level', degrees: 60 } }),
      2,
    ],
    ['a tap that looks up', moved(twoDrums(), 'tap', { placed: measured(0.305, -0.8), looks: { way: 'up' } }), 2],
    // The second bend of its offset points the wrong way, so that it runs past the gully.
    ['an overflow that runs past its gully', withPart(crateOverflow(), 'F2', { points: 'down' }), 1],
  ])('%s: every way that is offered closes when it is taken', (_, job, ends) => {
    const ways = taken(job);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      expect(way.ends).toBe(ends);
      expect(way.distanceM).toBeLessThan(0.001);
      expect(way.degrees).toBeLessThan(0.5);
    }
  });

  it('an offset is two bends alike, the gentlest that is made in the size first', () => {
    const [first] = taken(moved(twoDrums(), 'tap', { placed: measured(0.305, -0.9), readings: up(0.2) }));
    // There is no 22-1/2 in 3/4 in.
    expect(first?.words).toBe('2 elbows 45');
  });

  it('what it puts in follows when the end is moved again', () => {
    const [first] = taken(moved(twoDrums(), 'tap', { placed: measured(0.305, -0.9), readings: up(0.2) }));
    if (!first) throw new Error('no way');
    const again = moved(first.job, 'tap', { placed: measured(0.305, -1), readings: up(0.15) });
    expect(Math.max(...gapsOf(again).map(({ distanceM }) => distanceM))).toBeLessThan(0.001);
  });
});
