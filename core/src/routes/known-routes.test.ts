import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import { plan } from '../plan/plan';
import { answersTo, takeAnswers } from './known-routes';

const job = ternPoint();
const fixesOf = (catalogue: typeof shippedCatalogue) =>
  plan(job, catalogue).findings.map(({ check, fixes }) => [check, fixes.map(({ data, edits }) => [data, edits])]);

describe('ways found on one machine', () => {
  const wired = answersTo(() => fixesOf(shippedCatalogue), shippedCatalogue);

  test('are those that the notes of a plan asked for, and go over a wire', () => {
    expect(wired.length).toBeGreaterThan(1);
    expect(JSON.parse(JSON.stringify(wired))).toEqual(wired);
  });

  test('give the same plan on another, which need not look for them', () => {
    // A catalogue that can find no way itself: its list is empty, it only knows parts by their codes.
    const told = { ...catalogueOf([]), byCode: shippedCatalogue.byCode };
    takeAnswers(wired, told);
    const [here, there] = [fixesOf(shippedCatalogue), fixesOf(told)];
    expect(there[0]).toEqual(here[0]);
    expect(here[0]?.[0]).toBe('joint/false-friend');
  });

  test('are passed over where a part of them is not known: then they are looked for', () => {
    const fewer = catalogueOf(shippedCatalogue.list.filter(({ code }) => code !== 'AD-075F'));
    takeAnswers(wired, fewer);
    const asked = answersTo(() => fixesOf(fewer), fewer);
    expect(JSON.stringify(asked)).not.toContain('AD-075F');
    expect(asked.length).toBeGreaterThan(1);
  });
});
