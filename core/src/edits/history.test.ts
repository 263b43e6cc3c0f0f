import { expect, test } from 'vitest';
import { undoStacks } from './history';

const entry = (batchId: string, undoes: string | null = null) => ({ batchId, label: batchId, undoes });

test('undo, redo and a new edit after an undo', () => {
  expect(undoStacks([entry('a'), entry('b')])).toEqual({ undo: ['a', 'b'], redo: [] });
  expect(undoStacks([entry('a'), entry('b'), entry('c', 'b')])).toEqual({ undo: ['a'], redo: ['c'] });
  expect(undoStacks([entry('a'), entry('b'), entry('c', 'b'), entry('d', 'c')])).toEqual({
    undo: ['a', 'd'],
    redo: [],
  });
  expect(undoStacks([entry('a'), entry('b', 'a'), entry('c')])).toEqual({ undo: ['c'], redo: [] });
  expect(undoStacks([])).toEqual({ undo: [], redo: [] });
});
