import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import { applyEdits } from '../edits/edits';
import type { Job } from '../job/job';
import { plan } from '../plan/plan';
import { whatChanges } from '../plan/what-changes';
import { drumWith } from '../test/sample-jobs';
import { insteadOf } from './instead';

const job = drumWith({
  parts: [
    { code: 'BH-075' },
    { code: 'NC-075' },
    { code: 'LV-075' },
    { code: 'HB-075' },
    { code: 'HO-075', lengthM: 3 },
  ],
});
const after = (from: Job, edits: Parameters<typeof applyEdits>[1]): Job => {
  const made = applyEdits(from, edits, shippedCatalogue);
  if (!made.ok) throw new Error(made.error.message);
  return made.value.job;
};
const instead = (code: string, out: readonly string[] = [code]) =>
  insteadOf(code, contextOf(job, shippedCatalogue), new Set(out));

describe('what is out', () => {
  test('a nipple of another material stands for it, and says what it is of', () => {
    const [first] = instead('NC-075');
    expect(first?.text).toBe('Take {part}, {material}, instead');
    const changed = after(job, first!.edits);
    const nipple = changed.parts.find(({ id }) => id === job.parts.find(({ code }) => code === 'NC-075')?.id);
    const [was, is] = ['NC-075', nipple!.code].map((code) => shippedCatalogue.byCode.get(code)!);
    // Facts of the trade: the same threads at both ends, of something else.
    expect(is!.ends.map(({ end }) => end)).toEqual(was!.ends.map(({ end }) => end));
    expect(is!.material).not.toBe(was!.material);
  });

  test('what is out as well is not proposed', () => {
    const codes = (out: readonly string[]): readonly string[] =>
      instead('NC-075', out).flatMap(({ edits }) =>
        edits.flatMap((edit) => ('to' in edit ? [JSON.stringify(edit.to)] : [])),
      );
    const [first] = codes(['NC-075']);
    expect(codes(['NC-075', JSON.parse(first!) as string])).not.toContain(first);
  });

  test('another row of fittings holds at every joint and does what the part did', () => {
    const chain = instead('LV-075').find(({ text }) => text.startsWith('Build'));
    const changed = after(job, chain!.edits);
    const context = contextOf(changed, shippedCatalogue);
    expect(changed.parts.map(({ code }) => code)).not.toContain('LV-075');
    expect(context.joints.every(({ mating }) => mating.verdict === 'holds' || mating.verdict === 'holds-with')).toBe(
      true,
    );
    const features = changed.parts.flatMap(({ code }) => shippedCatalogue.byCode.get(code)?.features ?? []);
    expect(features.some((one) => ['ball-and-lever', 'gate-and-wheel'].includes(one))).toBe(true);
  });

  test('what is not in the job has nothing in its place', () => expect(instead('PU-100')).toEqual([]));
});

test('what changes on the list is said line by line', () => {
  const [first] = instead('NC-075');
  const [before, now] = [job, after(job, first!.edits)].map((one) => plan(one));
  const changes = whatChanges(before!, now!);
  expect(changes.lines.map(({ title, by }) => `${by} ${title}`).toSorted()).toEqual([
    '-1 Close nipple',
    '1 Close nipple',
  ]);
  expect(changes.priceUsd).toBeCloseTo(first!.priceUsd, 2);
});
