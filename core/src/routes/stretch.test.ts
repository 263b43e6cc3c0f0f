import { describe, expect, test } from 'vitest';
import { shippedCatalogue as catalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import { type Edit, applyEdits } from '../edits/edits';
import type { Job } from '../job/job';
import { drumWith } from '../test/sample-jobs';
import { hasBranches, moveInto, nextSlot, pasteCopies, stretchBetween, takeUp } from './stretch';

const job = drumWith({
  parts: [
    { code: 'BH-075' },
    { code: 'NC-075' },
    { code: 'LV-075' },
    { code: 'NC-075' },
    { code: 'TV-075' },
    { code: 'NC-075' },
    { code: 'GV-075' },
    { code: 'HB-075' },
    { code: 'HO-075', lengthM: 3 },
  ],
});
const strandOf = (of: Job) => {
  const context = contextOf(of, catalogue);
  const strand = context.runs.find(({ penetration }) => penetration.id === 'h')?.strands[0];
  if (!strand) throw new Error('no strand');
  return { strand, context };
};
const codes = (of: Job) => strandOf(of).strand.items.map(({ part }) => part.code);
const made = (edits: readonly Edit[], on = job): Job => {
  const edited = applyEdits(on, edits, catalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};
const { strand, context } = strandOf(job);
const { index } = context;
const stretch = (from: number, to = from) => stretchBetween(strand, `h-${from}`, `h-${to}`);

describe('a stretch of a strand', () => {
  test('is what stands between two of its parts, in either order', () => {
    expect(stretch(3, 5).map(({ part }) => part.code)).toEqual(['LV-075', 'NC-075', 'TV-075']);
    expect(stretch(5, 3)).toEqual(stretch(3, 5));
    expect(stretchBetween(strand, 'h-3', 'gone')).toEqual([]);
  });

  test('moved outward by one: the valve changes places with the nipple', () => {
    const slot = nextSlot(strand, stretch(3), 1);
    expect(slot).toBe(4);
    const moved = made(moveInto(takeUp(stretch(3)), strand, 4, job, index));
    expect(codes(moved).slice(1, 5)).toEqual(['NC-075', 'NC-075', 'LV-075', 'TV-075']);
  });

  test('and inward again it is as it was', () => {
    const moved = made(moveInto(takeUp(stretch(3)), strand, 4, job, index));
    const now = strandOf(moved);
    const back = made(
      moveInto(takeUp(stretchBetween(now.strand, 'h-3', 'h-3')), now.strand, 2, moved, now.context.index),
      moved,
    );
    expect(codes(back)).toEqual(codes(job));
  });

  test('nothing goes before what seals the wall, nor beyond the end', () => {
    expect(nextSlot(strand, stretch(2), -1)).toBeUndefined();
    expect(nextSlot(strand, stretch(9), 1)).toBeUndefined();
    expect(nextSlot(strand, stretch(8), 1)).toBe(9);
  });

  test('at the far end it goes on the open end', () =>
    expect(codes(made(moveInto(takeUp(stretch(7, 8)), strand, 9, job, index))).slice(-3)).toEqual([
      'HO-075',
      'GV-075',
      'HB-075',
    ]));

  test('copies come with their lengths and their ends the same way', () => {
    const copied = made(pasteCopies(takeUp(stretch(8, 9)), strand, 9, job, index, catalogue));
    expect(codes(copied).slice(-4)).toEqual(['HB-075', 'HO-075', 'HB-075', 'HO-075']);
    expect(copied.parts.at(-1)?.lengthM).toBe(3);
    expect(new Set(copied.parts.map(({ id }) => id)).size).toBe(copied.parts.length);
  });

  test('copies between two parts stand in the same order, also on a joint that was made from its far side', () => {
    const turned: Job = {
      ...job,
      joints: job.joints.map((joint) => (joint.id === 'h-j4' ? { ...joint, a: joint.b, b: joint.a } : joint)),
    };
    for (const on of [job, turned]) {
      const now = strandOf(on);
      const copied = made(
        pasteCopies(takeUp(stretchBetween(now.strand, 'h-6', 'h-7')), now.strand, 3, on, now.context.index, catalogue),
        on,
      );
      expect(codes(copied).slice(2, 6)).toEqual(['LV-075', 'NC-075', 'GV-075', 'NC-075']);
    }
  });

  test('knows whether something branches off it', () => {
    expect(hasBranches(stretch(5), index)).toBe(false);
    const branched = made([
      {
        type: 'add-part',
        part: { ...job.parts[1]!, id: 'stub' },
        at: { of: 'part', id: 'h-5', end: 2 },
        partEnd: 0,
        jointId: 'stub-j',
      },
    ]);
    const now = strandOf(branched);
    expect(hasBranches(stretchBetween(now.strand, 'h-5', 'h-5'), now.context.index)).toBe(true);
    // The tee moves with what hangs on it.
    const moved = made(
      moveInto(takeUp(stretchBetween(now.strand, 'h-5', 'h-5')), now.strand, 3, branched, now.context.index),
      branched,
    );
    expect(contextOf(moved, catalogue).index.jointAt({ of: 'part', id: 'h-5', end: 2 })).toBeDefined();
  });
});
