import { expect, test } from 'vitest';
import { formatEnd } from '../connections/format';
import { holdsAtAll } from '../connections/mating';
import { shippedCatalogue } from '../fittings/catalogue';
import { nptMale, socket } from '../fittings/ends';
import { endPartners } from './end-partners';

test('a 3/4 NPT male: its female first, and the hose swivel among what looks right and fails', () => {
  const partners = endPartners(nptMale('3/4'), 'brass', shippedCatalogue);
  expect(partners.map(({ end }) => formatEnd(end))[0]).toBe('3/4 NPT F');
  expect(holdsAtAll(partners[0]?.mating.verdict ?? 'unknown')).toBe(true);
  const failing = partners.filter(({ mating }) => mating.verdict === 'starts-then-leaks');
  // The false friends of the trade: pipe against hose thread, US against ISO (job notes).
  expect(failing.map(({ end }) => formatEnd(end)).join()).toMatch(/NH F|Rp F|G F/);
  const order = partners.map(({ mating }) => holdsAtAll(mating.verdict));
  expect(order).toEqual([...order].sort((a, b) => Number(b) - Number(a)));
});

test('a socket takes the pipe of its series, cemented, and is near to others it does not take', () => {
  const [first, ...rest] = endPartners(socket('1-1/2'), 'pvc', shippedCatalogue);
  expect(first?.mating).toMatchObject({ verdict: 'holds-with', needs: [{ kind: 'cement' }] });
  expect(rest.some(({ mating }) => mating.verdict === 'will-not-go')).toBe(true);
});
