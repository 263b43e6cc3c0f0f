import { describe, expect, it } from 'vitest';
import type { PlaceKind } from '../site/place-kinds';
import type { Role } from '../walls/roles';
import { fitsPlace, fitsRun } from './destinations';

const hole = (...roles: readonly Role[]) => ({ roles });

// Where runs are meant to end: common practice, no source.
describe('where a run may finish', () => {
  it.each<[Role, PlaceKind, string]>([
    ['overflow', 'daylight', 'meant'],
    ['overflow', 'hose-bay', 'never'],
    ['overflow', 'drip-line', 'never'],
    ['vent', 'daylight', 'meant'],
    ['vent', 'tap', 'never'],
    ['draw-off', 'tap', 'meant'],
    ['pump-line', 'fixture', 'meant'],
    ['draw-off', 'daylight', 'can'],
    ['inlet', 'other', 'meant'],
    ['inlet', 'downpipe', 'meant'],
    ['overflow', 'downpipe', 'never'],
    ['draw-off', 'downpipe', 'never'],
    ['inlet', 'hose-bay', 'never'],
    ['drain', 'daylight', 'meant'],
    ['spare', 'tap', 'can'],
    ['cord-entry', 'other', 'meant'],
    ['cord-entry', 'fixture', 'can'],
    ['cord-entry', 'daylight', 'never'],
    ['access', 'other', 'never'],
  ])('%s at a place that is a %s: %s', (role, kind, fits) => expect(fitsPlace(hole(role), { kind })).toBe(fits));

  it.each<[Role, Role, string]>([
    ['link', 'link', 'meant'],
    ['link', 'draw-off', 'can'],
    ['overflow', 'overflow', 'meant'],
    ['overflow', 'inlet', 'meant'],
    ['overflow', 'draw-off', 'never'],
    ['draw-off', 'overflow', 'never'],
    ['vent', 'link', 'never'],
    ['draw-off', 'float-fill', 'meant'],
    ['float-fill', 'draw-off', 'meant'],
    ['draw-off', 'draw-off', 'can'],
  ])('%s into the open end of a %s: %s', (role, other, fits) => expect(fitsRun(hole(role), hole(other))).toBe(fits));

  it('is the same seen from the other run', () => {
    const roles = ['link', 'overflow', 'vent', 'draw-off', 'inlet', 'float-fill'] as const;
    const never = (a: Role, b: Role): boolean => fitsRun(hole(a), hole(b)) === 'never';
    for (const a of roles) for (const b of roles) expect(never(a, b), `${a} ${b}`).toBe(never(b, a));
  });
});
