import { expect, test } from 'vitest';
import { setField } from '../../edits/change-field';
import { applyEdits } from '../../edits/edits';
import { shippedCatalogue } from '../../fittings/catalogue';
import { type ChangedLine, type Job } from '../../job/job';
import { newExtra } from '../../job/places';
import { drumWith } from '../../test/sample-jobs';
import { wholeList } from '../../test/whole-list';
import { changesOfNoLine } from './changed-lines';

const drum = (parts: readonly { code: string; lengthM?: number }[]): Job =>
  drumWith({ parts: [{ code: 'BH-075' }, { code: 'NC-075' }, { code: 'LV-075' }, ...parts] });
const outlet = drum([{ code: 'HB-075' }, { code: 'HO-075', lengthM: 3 }, { code: 'HM-075075' }]);

const changed = (job: Job, line: Partial<ChangedLine> & Pick<ChangedLine, 'group' | 'code'>): Job => {
  const whole = { id: 'c', detail: '', buy: null, instead: null, kitId: null, because: null, ...line };
  const edited = applyEdits(job, [{ type: 'change-line', line: whole }], shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};
const lineOf = (job: Job, code: string) =>
  wholeList(job)
    .groups.flatMap(({ lines }) => lines)
    .find((line) => (line.byHand?.reckoned ?? line).code === code);

test('fewer than are reckoned: bought, paid and said so; the proof counts it as changed by hand, neither found nor missing', () => {
  const before = wholeList(outlet);
  const job = changed(outlet, { group: 'consumables', code: 'HC-16', buy: 1, because: 'one in the van' });
  expect(lineOf(job, 'HC-16')).toMatchObject({ need: 2, buy: 1, note: '1 by hand, 2 reckoned; one in the van' });
  expect(lineOf(job, 'HC-16')!.priceUsd).toBe(lineOf(outlet, 'HC-16')!.priceUsd! / 2);
  const { listed, toBuy } = wholeList(job);
  expect(toBuy).toBe(before.toBuy - 1);
  expect(listed).toEqual({ done: before.listed.done - 1, of: before.listed.of, settled: 1, missing: [] });
});

test('more than are reckoned is found like any other', () => {
  const job = changed(outlet, { group: 'run-h', code: 'LV-075', buy: 2 });
  expect(lineOf(job, 'LV-075')).toMatchObject({ buy: 2, note: '2 by hand, 1 reckoned' });
  expect(wholeList(job).listed).toEqual(wholeList(outlet).listed);
});

test('it stays as it was changed when the job is edited, and says what is reckoned now', () => {
  const job = changed(outlet, { group: 'consumables', code: 'HC-16', buy: 3 });
  const second = drum([
    { code: 'HB-075' },
    { code: 'HO-075', lengthM: 3 },
    { code: 'CHB-075' },
    { code: 'HO-075', lengthM: 3 },
    { code: 'HM-075075' },
  ]);
  const edited = { ...job, parts: second.parts, joints: second.joints };
  expect(lineOf(edited, 'HC-16')).toMatchObject({ need: 4, buy: 3, note: '3 by hand, 4 reckoned' });
  expect(wholeList(edited).listed.settled).toBe(1);
});

test('another article of the catalogue, or of words: bought instead, and the one that it stands for is not claimed to be there', () => {
  const brass = changed(outlet, { group: 'run-h', code: 'LV-075', instead: 'GV-075' });
  const line = lineOf(brass, 'LV-075');
  expect(line).toMatchObject({ code: 'GV-075', buy: 1, priceUsd: shippedCatalogue.byCode.get('GV-075')?.priceUsd });
  expect(line?.note).toMatch(/^instead of Lever valve/);
  expect(wholeList(brass).listed).toMatchObject({ settled: 1, missing: [] });
  const words = changed(outlet, { group: 'run-h', code: 'LV-075', instead: 'the valve of the neighbour', buy: 0 });
  expect(lineOf(words, 'LV-075')).toMatchObject({ code: 'EX-C', title: 'the valve of the neighbour', priceUsd: null });
});

test('another article is not taken from what is on hand of the first, and what comes in its bag is not claimed', () => {
  const stocked = { ...shippedCatalogue, onHand: new Map([['BH-075', 1]]) };
  const bulkhead = (job: Job) =>
    wholeList(job, stocked)
      .groups.flatMap(({ lines }) => lines)
      .find((line) => (line.byHand?.reckoned ?? line).code === 'BH-075');
  expect(bulkhead(outlet)).toMatchObject({ buy: 0, fromHand: 1, inside: [{ code: 'WA' }] });
  const other = changed(outlet, { group: 'wall', code: 'BH-075', instead: 'BH-100' });
  expect(bulkhead(other)).toMatchObject({ code: 'BH-100', buy: 1 });
  expect(bulkhead(other)).not.toHaveProperty('fromHand');
  expect(bulkhead(other)).not.toHaveProperty('inside');
  // The bulkhead and its gasket.
  expect(wholeList(other, stocked).listed).toMatchObject({ settled: 2, missing: [] });
});

test('what comes in the box of a kit is bought with it, and stands on its line; with the kit struck out it is reckoned again', () => {
  const kit = newExtra({ id: 'k', name: 'Tap kit', kind: 'kit', count: 1 });
  const job = changed({ ...outlet, extras: [kit] }, { group: 'run-h', code: 'LV-075', kitId: 'k' });
  expect(lineOf(job, 'LV-075')).toMatchObject({ buy: 0, note: 'in the box of Tap kit' });
  expect(lineOf(job, 'EX-K')?.note).toBe('inside: Lever valve 3/4 NPT female');
  const struck = applyEdits(job, [{ type: 'remove-extra', id: 'k' }], shippedCatalogue);
  expect(struck.ok && struck.value.job.changedLines).toEqual([]);
  expect(struck.ok && lineOf(struck.value.job, 'LV-075')?.buy).toBe(1);
});

test('what is missing for another reason is missing all the same', () => {
  // The clamp of the run is left out by hand; nobody said how long the hose is, and no hose is bought for that.
  const unknown = drum([{ code: 'HB-075' }, { code: 'HO-075' }, { code: 'HM-075075' }]);
  const job = changed(unknown, { group: 'consumables', code: 'HC-16', buy: 0 });
  expect(wholeList(job).listed.missing).toEqual(wholeList(unknown).listed.missing);
  expect(wholeList(job).questions).toEqual(wholeList(unknown).questions);
});

test('of several lines with one code it is the one with its detail; of none it waits', () => {
  const job = changed(outlet, { group: 'run-h', code: 'LV-100', detail: '1 NPT female', buy: 0 });
  expect(changesOfNoLine(wholeList(job).groups, job).map(({ code }) => code)).toEqual(['LV-100']);
  expect(wholeList(job).listed).toEqual(wholeList(outlet).listed);
});

test('a line is changed once; two who change it are told, as of any field', () => {
  const job = changed(outlet, { group: 'run-h', code: 'LV-075', buy: 0 });
  const again = { ...job.changedLines[0]!, id: 'd', buy: 5 };
  expect(applyEdits(job, [{ type: 'change-line', line: again }], shippedCatalogue)).toMatchObject({
    ok: false,
    error: { code: 'taken' },
  });
  const more = setField('changedLines', job.changedLines[0]!, 'buy', 2);
  const edited = applyEdits(job, [more], shippedCatalogue);
  expect(edited.ok && lineOf(edited.value.job, 'LV-075')?.buy).toBe(2);
  expect(edited.ok && applyEdits(edited.value.job, [more], shippedCatalogue)).toMatchObject({
    ok: false,
    error: { code: 'changed-since' },
  });
});

test('a change of nothing is refused, and taken back the line is as it is reckoned', () => {
  const nothing = {
    id: 'c',
    group: 'run-h',
    code: 'LV-075',
    detail: '',
    buy: null,
    instead: null,
    kitId: null,
  } as const;
  const edit = { type: 'change-line', line: { ...nothing, because: 'why not' } } as const;
  expect(applyEdits(outlet, [edit], shippedCatalogue)).toMatchObject({ ok: false, error: { code: 'not-possible' } });
  const job = changed(outlet, { group: 'run-h', code: 'LV-075', buy: 0 });
  expect(lineOf(job, 'LV-075')).toMatchObject({ buy: 0, note: 'left out by hand' });
  const back = applyEdits(job, [{ type: 'restore-line', id: 'c' }], shippedCatalogue);
  expect(back.ok && back.value.job).toEqual(outlet);
});
