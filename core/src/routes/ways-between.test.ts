import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { NO_SOLUTIONS, type Solutions } from '../derived/solutions';
import { catalogueOf, shippedCatalogue } from '../fittings/catalogue';
import { plan } from '../plan/plan';
import { wayAnswers } from './ways-between';

const job = ternPoint();
const fixesOf = (catalogue: typeof shippedCatalogue, ways: Solutions['ways'] = NO_SOLUTIONS.ways) =>
  plan(job, catalogue, { ...NO_SOLUTIONS, ways }).findings.map(({ check, fixes }) => [
    check,
    fixes.map(({ data, edits }) => [data, edits]),
  ]);

describe('ways found on one machine', () => {
  const asked = new Set<string>();
  fixesOf(shippedCatalogue, { get: (question) => void asked.add(question) });
  const wired = wayAnswers(asked, shippedCatalogue);

  test('are those that the notes of a plan asked for, and go over a wire', () => {
    expect(wired.length).toBeGreaterThan(1);
    expect(JSON.parse(JSON.stringify(wired))).toEqual(wired);
  });

  test('give the same plan on another, which need not look for them', () => {
    // A catalogue that can find no way itself: its list is empty, it only knows parts by their codes.
    const told = { ...catalogueOf([]), byCode: shippedCatalogue.byCode };
    const [here, there] = [fixesOf(shippedCatalogue), fixesOf(told, new Map(wired))];
    expect(there[0]).toEqual(here[0]);
    expect(here[0]?.[0]).toBe('joint/false-friend');
  });

  test('are passed over where a part of them is not known: then they are looked for', () => {
    const fewer = catalogueOf(shippedCatalogue.list.filter(({ code }) => code !== 'AD-075F'));
    const there = fixesOf(fewer, new Map(wired));
    expect(JSON.stringify(there)).not.toContain('AD-075F');
    expect(there).toEqual(fixesOf(fewer));
  });
});
