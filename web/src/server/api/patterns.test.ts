import { PATTERNS } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { patternList } from '../patterns';

describe('the kinds of system as they are listed', () => {
  const listed = patternList();

  test('are all of them, each with what it says and two to five figures', () => {
    expect(listed.map(({ id }) => id)).toEqual(PATTERNS.map(({ id }) => id));
    for (const { name, says, figures } of listed) {
      expect(name).not.toBe('');
      expect(says).toMatch(/\.$/);
      expect(figures.length).toBeGreaterThanOrEqual(2);
      expect(figures.length).toBeLessThanOrEqual(5);
    }
  });

  test('every figure says what is asked and is usual within its range', () => {
    for (const { figures } of listed)
      for (const { asked, usual, least, most } of figures) {
        expect(asked).not.toBe('');
        expect(usual).toBeGreaterThanOrEqual(least);
        expect(usual).toBeLessThanOrEqual(most);
      }
  });
});
