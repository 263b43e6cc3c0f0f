import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { fillText } from '../quantity/values';
import { type SampleHole, tankWith } from '../test/sample-jobs';
import type { Tank } from '../walls/tank';
import { contextOf } from './context';
import type { Penetration, Settings } from '../job/job';
import { sealWays } from './seal-ways';

interface Given {
  readonly type?: string;
  readonly tank?: Partial<Tank>;
  readonly hole?: SampleHole;
  readonly settings?: Partial<Settings>;
}

/** How one way stands at the only opening of a job, with its reasons as an installer reads them. */
function way(style: string, { hole = {}, ...given }: Given) {
  const job = tankWith({ ...given, holes: [{ id: 'h', drawnIn: false, ...hole }] });
  const [penetration, tank] = [job.penetrations[0], job.tanks[0]];
  if (!penetration || !tank) throw new Error('nothing to seal');
  const found = sealWays(penetration, tank, contextOf(job, shippedCatalogue)).find((one) => one.style.id === style);
  if (!found) throw new Error(`no ${style}`);
  return { verdict: found.verdict, why: found.reasons.map(({ text, data }) => fillText(text, data, 'mm-l')).join(' ') };
}

const flat = { type: 'own-box', hole: { face: 'front', heightM: 0.5 } } as const;
const lined = { type: 'corrugated', hole: { size: '1-1/2', heightM: 1, aroundM: 2, drawnIn: true } } as const;
const precast = { type: 'concrete', hole: { size: '2', heightM: 1, aroundM: 2 } } as const;

/** Each way at a wall that suits it, and one figure changed that turns it; the refusal names both figures compared. */
test.each<readonly [string, string, Given, string, Given, string, readonly string[]]>([
  // A 3/4 bulkhead grips to 3/4 in: 19 mm.
  [
    'bulkhead',
    'thick wall',
    { ...flat, hole: { ...flat.hole, drawnIn: true } },
    'allowed',
    { ...flat, tank: { wallM: 0.03 } },
    'ruled-out',
    ['30 mm thick', 'at most 19 mm'],
  ],
  [
    'bulkhead',
    'thin wall',
    { ...flat, hole: { ...flat.hole, drawnIn: true } },
    'allowed',
    { ...flat, tank: { wallM: 0.001 }, hole: { ...flat.hole, drawnIn: true } },
    'warned',
    ['1 mm thick', 'at least 2 mm'],
  ],
  // Four flanges of 2 in: 203 mm; a drum has 300 mm, a tub of 300 mm across 150. Gap: 150 - sqrt(150^2 - 30.5^2) = 3.1.
  [
    'bulkhead',
    'sharp curve',
    { hole: { drawnIn: true } },
    'allowed',
    { tank: { diameterM: 0.3, baseDiameterM: 0.3, accessM: 0.28, capacityM3: 0.05 }, hole: { drawnIn: true } },
    'ruled-out',
    ['radius of 150 mm', '3 mm off'],
  ],
  [
    'bulkhead',
    'size',
    { ...flat, hole: { ...flat.hole, drawnIn: true } },
    'allowed',
    { ...flat, hole: { ...flat.hole, size: '110' } },
    'ruled-out',
    ['from 1/2 in to 4 in', '110 mm'],
  ],
  // By hand: an open top 0.9 m wide in a box of 1.2 m; an arm of 0.7 m reaches half-way down, one of 0.3 m does not.
  [
    'bulkhead',
    'reach',
    flat,
    'allowed',
    { ...flat, settings: { armM: 0.3 } },
    'warned',
    ['an arm reaches 300 mm', 'on a cord'],
  ],
  [
    'bulkhead',
    'no way in',
    flat,
    'allowed',
    { ...flat, tank: { accessM: 0 } },
    'ruled-out',
    ['widest opening is 0 mm', 'needs 100 mm'],
  ],
  [
    'bulkhead',
    'measured hole',
    { ...flat, hole: { ...flat.hole, holeM: 0.041 } },
    'allowed',
    { ...flat, hole: { ...flat.hole, holeM: 0.06 } },
    'ruled-out',
    ['hole is 60 mm', 'at most 44 mm'],
  ],
  ['gasket', 'concrete', flat, 'allowed', { ...precast }, 'ruled-out', ['plastic', 'concrete, 100 mm']],
  // A 3 in gasket lies flat on a tank of 24 in: a radius of 305 mm. A drum has 300, and it is used there: half of the radius may do.
  [
    'gasket',
    'least radius',
    { ...flat, hole: { ...flat.hole, size: '3' } },
    'allowed',
    { hole: { size: '3', heightM: 0.48 } },
    'warned',
    ['305 mm', '300 mm', 'may need a flatter place'],
  ],
  [
    'gasket',
    'half of the least radius',
    { ...flat, hole: { ...flat.hole, size: '3' } },
    'allowed',
    { hole: { size: '3', heightM: 0.48 }, tank: { diameterM: 0.3, baseDiameterM: 0.3, accessM: 0.2 } },
    'ruled-out',
    ['305 mm', '150 mm'],
  ],
  // Schedule 40 of 1-1/2 in is 48.3 mm outside; waste pipe of 40 mm is 42.9 (ASTM D1785, EN 1329).
  [
    'gasket',
    'series',
    { hole: { size: '1-1/2', parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }] } },
    'allowed',
    { hole: { size: '40', parts: [{ code: 'PG-40M' }, { code: 'PI-150', lengthM: 0.3 }] } },
    'ruled-out',
    ['48 mm outside', '43 mm'],
  ],
  ['tap-shank', 'reach', flat, 'allowed', { ...flat, settings: { armM: 0.3 } }, 'ruled-out', ['an arm reaches 300 mm']],
  ['nipple-and-rubbers', 'concrete', flat, 'allowed', { ...precast }, 'ruled-out', ['concrete']],
  [
    'bolted-flange',
    'reach',
    { ...flat, hole: { ...flat.hole, size: '1' } },
    'allowed',
    { ...flat, hole: { ...flat.hole, size: '1' }, settings: { armM: 0.3 } },
    'ruled-out',
    ['an arm reaches 300 mm'],
  ],
  ['bolted-flange', 'concrete', lined, 'allowed', precast, 'ruled-out', ['concrete, 100 mm', 'grips at most 25 mm']],
  [
    'cast-sleeve',
    'plastic',
    precast,
    'allowed',
    { ...flat, hole: { ...flat.hole, size: '2' } },
    'ruled-out',
    ['concrete', 'polyethylene, 5 mm'],
  ],
  [
    'link-seal',
    'thin concrete',
    precast,
    'allowed',
    { ...precast, tank: { wallM: 0.06 } },
    'warned',
    ['60 mm thick', 'at least 75 mm'],
  ],
  [
    'wall-boot',
    'size',
    { ...precast, hole: { ...precast.hole, size: '4' } },
    'allowed',
    precast,
    'ruled-out',
    ['from 4 in to 110 mm', '2 in'],
  ],
  [
    'welded-boss',
    'metal',
    { ...flat },
    'allowed',
    { type: 'corrugated', hole: { heightM: 1, aroundM: 2 } },
    'ruled-out',
    ['plastic', 'galvanised'],
  ],
  [
    'drop-grate',
    'face',
    { type: 'own-box', hole: { face: 'top', size: '4', heightM: 1, aroundM: 0.5, depthM: 0.4 } },
    'allowed',
    { type: 'own-box', hole: { face: 'front', size: '4', heightM: 0.5 } },
    'ruled-out',
    ['front'],
  ],
  [
    'lift-out',
    'face',
    { type: 'own-box', hole: { face: 'top', size: '2', heightM: 1, aroundM: 0.5, depthM: 0.4 } },
    'allowed',
    { type: 'own-box', hole: { face: 'front', size: '2', heightM: 0.5 } },
    'ruled-out',
    ['front'],
  ],
  // The screen of 3/4 in has a hole of 27 mm: at 500 mm its lowest edge is 487 mm up (486.5), the brim at 950.
  [
    'insect-screen',
    'water',
    { type: 'own-box', hole: { face: 'front', heightM: 0.97, roles: ['vent'] } },
    'allowed',
    { ...flat, hole: { ...flat.hole, roles: ['vent'] } },
    'ruled-out',
    ['487 mm up', '950 mm'],
  ],
])('%s, %s: one figure turns it', (style, _, given, verdict, changed, turned, figures) => {
  expect(way(style, given)).toEqual({ verdict, why: '' });
  const after = way(style, changed);
  expect(after.verdict).toBe(turned);
  for (const figure of figures) expect(after.why).toContain(figure);
});

test('a tap’s shank is offered only where a tap or a float valve is wanted, and says what the opening is for', () => {
  expect(way('tap-shank', flat).verdict).toBe('allowed');
  const vent = way('tap-shank', { ...flat, hole: { ...flat.hole, roles: ['vent'] } });
  expect(vent).toEqual({
    verdict: 'ruled-out',
    why: 'A shank is a tap or a float valve by itself; this opening is for: vent.',
  });
});

test.each([
  ['cable-gland', 'cord-entry', 'A cable gland closes round a cord; this opening is for: vent.'],
  ['blanking-plug', 'spare', 'A blanking plug closes a hole; this opening is for: vent.'],
  // Built as kind j by its builder in the UK: a mesh was offered round a power cord.
  [
    'insect-screen',
    'vent',
    'A screen lets air and water through; this opening is for: power cord entry.',
    'cord-entry',
  ],
] as const)(
  'a %s is offered for what it is made for, and nothing else',
  (style, role, why, other: Penetration['roles'][number] = 'vent') => {
    const above = {
      type: 'own-box',
      hole: { face: 'front' as const, heightM: 0.97, size: '3/4' as const, drawnIn: true },
    };
    const here = (roles: readonly Penetration['roles'][number][]) =>
      way(style, { ...above, hole: { ...above.hole, roles } });
    expect(here([role]).why).not.toContain('this opening is for');
    expect(here([role]).verdict).not.toBe('ruled-out');
    expect(here([other])).toMatchObject({ verdict: 'ruled-out', why: expect.stringContaining(why) as string });
  },
);

// Which threads and pipes are sold where is common practice, no source.
test('what is sold where the work is comes first', () => {
  const first = (region: Settings['region'], style: string): string | undefined => {
    const job = tankWith({ type: 'own-box', holes: [{ id: 'h', ...flat.hole }], settings: { region } });
    const context = contextOf(job, shippedCatalogue);
    const [[hole], [tank]] = [job.penetrations, job.tanks];
    return hole && tank && sealWays(hole, tank, context).find((way) => way.style.id === style)?.parts[0]?.detail;
  };
  expect(first('US', 'bulkhead')).toBe('3/4 NPT female');
  expect(first('ANZ', 'bulkhead')).toMatch(/G female|Rp female/);
  expect(first('UK', 'tap-shank')).toMatch(/G/);
  expect(first(null, 'bulkhead')).toBe('3/4 NPT female');
});

// Built as kind f by its builder in the UK: no hand reaches the nut, and only Schedule 40 had links.
test('polyethylene goes through the wall of a buried concrete tank by links that are sold there', () => {
  const job = tankWith({
    type: 'concrete',
    tank: { buriedM: 1.5 },
    settings: { region: 'UK' },
    holes: [{ id: 'h', roles: ['link'], size: '63', heightM: 0.3, aroundM: 2 }],
  });
  const [[hole], [tank]] = [job.penetrations, job.tanks];
  const allowed = sealWays(hole!, tank!, contextOf(job, shippedCatalogue)).filter(
    ({ verdict }) => verdict === 'allowed',
  );
  expect(allowed.map(({ style }) => style.id)).toEqual(['link-seal']);
  expect(allowed[0]?.parts[0]?.regions).toContain('UK');
});

describe('a liner', () => {
  test('is clamped by a flange, with care by a bulkhead, and not by a gasket', () => {
    expect(way('bolted-flange', lined)).toEqual({ verdict: 'allowed', why: '' });
    expect(way('bulkhead', lined)).toMatchObject({ verdict: 'warned' });
    expect(way('gasket', lined).verdict).toBe('ruled-out');
  });
});

test('every way of the shipped catalogue has a part in every size it is made in, or is asked for by hand', () => {
  const styles = new Map<string, Set<string>>();
  for (const { ends } of shippedCatalogue.list)
    for (const { end } of ends)
      if (end.kind === 'wall-seal') styles.set(end.style, (styles.get(end.style) ?? new Set()).add(end.size));
  expect([...styles.keys()].sort()).toEqual([
    'blanking-plug',
    'bolted-flange',
    'bulkhead',
    'cable-gland',
    'cast-sleeve',
    'drop-grate',
    'gasket',
    'insect-screen',
    'lift-out',
    'link-seal',
    'nipple-and-rubbers',
    'screw-cover',
    'tap-shank',
    'wall-boot',
    'welded-boss',
  ]);
});
