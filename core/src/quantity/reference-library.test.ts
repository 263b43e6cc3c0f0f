import { unit } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { M3_PER_US_GALLON } from './volume';
import { METRES_PER_INCH, MM_PER_INCH } from './length';

// Against a general-purpose library of units (mathjs), which knows nothing of this application.
describe('units against a reference library', () => {
  test('an inch, a gallon', () => {
    expect(METRES_PER_INCH).toBeCloseTo(unit(1, 'inch').toNumber('m'), 12);
    expect(MM_PER_INCH).toBeCloseTo(unit(1, 'inch').toNumber('mm'), 12);
    expect(M3_PER_US_GALLON).toBeCloseTo(unit(1, 'gallon').toNumber('m3'), 15);
  });

  // A pitch is 25.4 mm over the threads to the inch: the library makes the same of it.
  test.each([27, 18, 14, 11.5, 8, 28, 19, 11])('%d threads to the inch', (threadsPerInch) =>
    expect(MM_PER_INCH / threadsPerInch).toBeCloseTo(unit(1 / threadsPerInch, 'inch').toNumber('mm'), 12),
  );
});
