import { expect, test } from 'vitest';
import type { End } from '../connections/end';
import { everyEnd } from '../connections/every-end';
import { formatEnd } from '../connections/format';
import { mate } from '../connections/mate';
import type { Material } from '../connections/material';
import type { Need } from '../connections/mating';
import { pipeSeries } from '../connections/standards/pipes';
import type { JudgedJoint } from '../derived/context';
import { AS_ASKED } from '../job/joint';
import { atJoint } from './at-joints';

/** What an end is usually made of; threads in turn of brass and of plastic. */
const usual = (end: End, place: number): Material | undefined =>
  end.kind === 'pipe'
    ? pipeSeries(end.series).material
    : end.kind === 'thread'
      ? place % 2
        ? 'brass'
        : 'pvc'
      : undefined;

/** A need and a claim in the same few words: what, and how much of it. */
const ofNeed = (need: Need): string => {
  switch (need.kind) {
    case 'tape':
      return `tape ${need.lengthM.toFixed(2)}`;
    case 'cement':
      return `cement ${need.cement} ${need.ml.toFixed(2)} ${need.primerMl.toFixed(2)}`;
    case 'solder':
      return `solder ${need.wireMm}`;
    case 'lubricant':
      return 'soap';
    default:
      return `${need.name} ${'count' in need ? need.count : 1}`;
  }
};
function inWords(claims: ReturnType<typeof atJoint>): readonly string[] {
  const primer = claims.find(({ code }) => code === 'PR-118')?.amount ?? 0;
  const cements: Readonly<Record<string, string>> = {
    'CE-118': 'pvc',
    'CC-118': 'cpvc',
    'CA-118': 'abs',
    'CT-118': 'transition',
  };
  return claims.flatMap(({ code, detail, amount }) => {
    if (code.startsWith('TA-')) return [`tape ${amount.toFixed(2)}`];
    if (cements[code] !== undefined) return [`cement ${cements[code]} ${amount.toFixed(2)} ${primer.toFixed(2)}`];
    if (code === 'SOL-250') return [`solder ${Math.round(amount * 1000)}`];
    if (code === 'LU') return ['soap'];
    return detail === undefined ? [] : [`${detail} ${amount}`];
  });
}

test('at every pair of ends that goes together the two minds ask for the same', () => {
  const ends = everyEnd();
  const apart: string[] = [];
  let looked = 0;
  for (const [i, a] of ends.entries())
    for (const [j, b] of ends.entries()) {
      if (j < i) continue;
      const [ofA, ofB] = [usual(a, i), usual(b, j)];
      const mating = mate(a, b, { a: ofA, b: ofB });
      if (mating.verdict === 'will-not-go' || mating.verdict === 'unknown') continue;
      looked++;
      const side = (end: End, material: Material | undefined) => ({ end, material, stands: false });
      const judged = {
        joint: { ...AS_ASKED, id: 'j' },
        a: side(a, ofA),
        b: side(b, ofB),
        mating,
        penetration: undefined,
      } as unknown as JudgedJoint;
      const [own, theirs] = [inWords(atJoint(judged, 'in-gal')), mating.needs.map(ofNeed)].map((words) =>
        words.toSorted().join('; '),
      );
      if (own !== theirs) apart.push(`${formatEnd(a)} with ${formatEnd(b)}, ${mating.reason}: ${own} | ${theirs}`);
    }
  expect(looked).toBeGreaterThan(1000);
  expect(apart).toEqual([]);
});
