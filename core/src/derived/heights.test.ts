import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { tankWith } from '../test/sample-jobs';
import { heightsOf, groundAtM, placeUpM, roofsInto } from './heights';
import type { Reading } from '../job/job';
import { settle } from '../site/settle';
import { belowGround, newMark, newTerminal } from '../job/places';

type Given = readonly [from: string | null, downM: number];
const readings = (...given: readonly Given[]): readonly Reading[] =>
  given.map(([from, downM]) => ({
    from: from === null ? { of: 'ground' } : { of: 'mark', id: from },
    by: 'tape',
    downM,
  }));
const mark = (id: string, ...given: readonly Given[]) => newMark({ id, name: id, readings: readings(...given) });
const jobOf = (...marks: readonly ReturnType<typeof mark>[]) => tankWith({ marks });
const height = (job: ReturnType<typeof jobOf>, id: string) => heightsOf(job).get(`mark ${id}`);

describe('a height from its readings', () => {
  test('one reading is the height', () => expect(settle([1.2])).toMatchObject({ valueM: 1.2, trouble: undefined }));
  test('nothing read', () => {
    expect(settle([])).toBeUndefined();
    expect(height(jobOf(mark('nail')), 'nail')).toMatchObject({ upM: undefined, trouble: 'not-read' });
  });
  test('two that agree to 20 mm are averaged', () => {
    expect(settle([1.2, 1.21])?.valueM).toBeCloseTo(1.205, 9);
    expect(settle([1.2, 1.22])?.trouble).toBeUndefined();
  });
  test('two that differ by more: nobody knows which', () =>
    expect(settle([1.2, 1.23])).toMatchObject({ trouble: 'apart', blunder: undefined }));
  test('one of three far from two that agree is a blunder and is left out', () => {
    const found = settle([1.2, 1.5, 1.21]);
    expect(found).toMatchObject({ trouble: 'blunder', blunder: 1 });
    expect(found?.valueM).toBeCloseTo(1.205, 9);
  });
  test('three that all differ say nothing', () => expect(settle([1.2, 1.5, 1.8])?.trouble).toBe('apart'));
  test('two pairs that agree among themselves say nothing', () =>
    expect(settle([1.2, 1.2, 1.5, 1.5])?.trouble).toBe('apart'));
  test('a reading from nothing known is passed over while another stands', () =>
    expect(settle([undefined, 1.2])).toMatchObject({ valueM: 1.2, trouble: undefined }));
});

describe('heights carried from reference to reference', () => {
  test('down from a nail, down from a line of the level', () => {
    const job = jobOf(mark('nail', [null, -2]), mark('level', ['nail', 0.5]), mark('bay', ['level', 3.1]));
    expect(height(job, 'bay')?.upM).toBeCloseTo(-1.6, 9);
  });

  // The sum of the steps is the height, whatever the order in which the marks were written down.
  test('any chain, in any order', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1, maxLength: 8 }), (steps) => {
        const marks = steps.map((downM, place) => mark(`m${place}`, [place === 0 ? null : `m${place - 1}`, downM]));
        const sum = -steps.reduce((total, step) => total + step, 0);
        const job = { ...tankWith({}), marks: marks.toReversed() };
        expect(height(job, `m${steps.length - 1}`)?.upM).toBeCloseTo(sum, 9);
      }),
      { numRuns: 60, seed: 5 },
    ));

  test('a circle is named, and what hangs on it has no height', () => {
    const job = tankWith({});
    const circle = { ...job, marks: [mark('a', ['b', 1]), mark('b', ['a', -1]), mark('c', ['b', 1])] };
    expect(height(circle, 'a')?.trouble).toBe('in-a-circle');
    expect(height(circle, 'c')).toMatchObject({ upM: undefined, trouble: 'stands-on-nothing' });
  });

  test('a circle with a way out of it is broken there', () => {
    const job = tankWith({});
    const circle = { ...job, marks: [mark('a', ['b', 1]), mark('b', ['a', -1], [null, -2])] };
    expect(height(circle, 'b')?.upM).toBeCloseTo(2, 9);
    expect(height(circle, 'a')?.upM).toBeCloseTo(1, 9);
  });

  test('what was read from something unread stands on nothing', () =>
    expect(height(jobOf(mark('a'), mark('b', ['a', 1])), 'b')?.trouble).toBe('stands-on-nothing'));
});

describe('places and their ground', () => {
  const job = {
    ...tankWith({ terminals: [newTerminal({ id: 'bay', name: 'bay', readings: belowGround(1.4) })] }),
    marks: [newMark({ id: 'g', name: 'ground', kind: 'ground', at: 'bay', readings: belowGround(1.5) })],
  };
  test('a place lies where it was read', () => expect(placeUpM(job, 'bay')).toBeCloseTo(-1.4, 9));
  test('the ground at a place is as it is now, until it is to be otherwise', () => {
    expect(groundAtM(job, 'bay')).toBeCloseTo(-1.5, 9);
    const made = { ...job, marks: job.marks.map((ground) => ({ ...ground, finishedM: -1.2 })) };
    expect(groundAtM(made, 'bay')).toBe(-1.2);
    expect(groundAtM(job, 'elsewhere')).toBeUndefined();
  });

  test('a roof that says nothing falls into the only inlet there is', () => {
    const inlet = { id: 'i', roles: ['inlet'], face: 'top', heightM: 0.93, aroundM: 0.3, depthM: 0.3 } as const;
    const one = tankWith({ roof: {}, holes: [inlet] });
    expect(roofsInto(one, 'i')).toHaveLength(1);
    const two = tankWith({ roof: {}, holes: [inlet, { ...inlet, id: 'j', aroundM: 0.1 }] });
    expect(roofsInto(two, 'i')).toHaveLength(0);
    expect(roofsInto({ ...two, roofs: two.roofs.map((roof) => ({ ...roof, into: 'j' })) }, 'j')).toHaveLength(1);
  });
});
