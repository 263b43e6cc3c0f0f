import fc from 'fast-check';
import { expect, it } from 'vitest';
import { type End } from '../connections/end';
import { formatEnd } from '../connections/format';
import { judge, mate } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import { isFlexible } from '../fittings/flexible';
import { contextOf } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import { serviceAt } from '../derived/service';
import { shippedCatalogue } from '../fittings/catalogue';
import { type Part, isByLength, overallMm } from '../fittings/part';
import type { EndRef, Job } from '../job/job';
import { belowGround, newMark, newTerminal } from '../job/places';
import type { SpacePoint } from '../quantity/space';
import { type Triple, leastBends } from '../test/exhaustive-bends';
import { runs } from '../test/runs';
import { tankWith } from '../test/sample-jobs';
import { waysFound } from '../test/ways-found';
import type { Looks } from '../walls/placing';
import { bendsFor } from './bridge';
import { placedEnd } from './space-ends';

/** Ends as they stand on tanks and at places, of several systems and sizes. */
const ENDS = [
  '3/4 NPT F',
  '1 NPT F',
  '1-1/2 NPT F',
  '2 NPT F',
  '3/4 NPT M',
  '1 NPT M',
  '1-1/2 IPS socket',
  '1 IPS spigot',
];
const MOST_FITTINGS = 6;
const MOST_ADAPTERS = 3;

const SOLD = shippedCatalogue.list.filter(({ regions }) => regions.includes('US'));
/** What goes straight through and does nothing else. */
const STRAIGHT = SOLD.filter(
  (part) => part.ends.length === 2 && !isByLength(part) && (part.bendDegrees ?? 0) === 0 && part.features.length === 0,
);
const PIPES = SOLD.filter((part) => part.family === 'pipe' && isByLength(part) && !isFlexible(part));

interface Open {
  readonly end: End;
  readonly material: Part['material'] | undefined;
}
/** What was gone through to an open end: how many parts, and how far it stands before the first [m]. */
interface Reached extends Open {
  readonly parts: number;
  readonly reachM: number;
}
type Service = ReturnType<typeof serviceAt>;

/** Kept for all pairs: the parts that go on an end, by what it is. */
const goesOn = new Map<string, readonly { readonly part: Part; readonly inEnd: number; readonly inM: number }[]>();
const keyOf = ({ end, material }: Open, service: Service): string => `${formatEnd(end)} ${material} ${service}`;

function partsOn(at: Open, service: Service) {
  const key = keyOf(at, service);
  const found =
    goesOn.get(key) ??
    STRAIGHT.flatMap((part) =>
      part.ends.flatMap(({ end }, inEnd) =>
        holdsAtAll(judge(at.end, end, { a: at.material, b: part.material, service }).verdict)
          ? [{ part, inEnd, inM: mate(at.end, end).engagementMm / 1000 }]
          : [],
      ),
    );
  goesOn.set(key, found);
  return found;
}

/** Every end that so many straight parts lead to, each by the fewest: breadth first, without weights and without the finder's index. */
function reachedFrom(start: Open, service: Service): readonly Reached[] {
  const seen = new Map<string, Reached>();
  let now: readonly Reached[] = [{ ...start, parts: 0, reachM: 0 }];
  seen.set(keyOf(start, service), now[0]!);
  for (let parts = 1; parts <= MOST_ADAPTERS; parts++) {
    const next: Reached[] = [];
    for (const at of now)
      for (const { part, inEnd, inM } of partsOn(at, service)) {
        const out = part.ends[1 - inEnd];
        if (!out) continue;
        const reached = {
          end: out.end,
          material: part.material,
          parts,
          reachM: at.reachM + overallMm(part) / 1000 - inM,
        };
        const key = keyOf(reached, service);
        if (seen.has(key)) continue;
        seen.set(key, reached);
        next.push(reached);
      }
    now = next;
  }
  return [...seen.values()];
}

/** The fewest parts from an end that a pipe stands in, and how far its foot lies before the end. */
function toPipe(
  reached: readonly Reached[],
  pipe: Part,
  service: Service,
): Omit<Reached, 'end' | 'material'> | undefined {
  const spigot = pipe.ends[0]?.end;
  if (!spigot) return undefined;
  const [first] = reached
    .filter(({ end, material }) => holdsAtAll(judge(end, spigot, { a: material, b: pipe.material, service }).verdict))
    .toSorted((a, b) => a.parts - b.parts);
  return first && { parts: first.parts, reachM: first.reachM - mate(first.end, spigot).engagementMm / 1000 };
}

const triple = ({ x, y, z }: SpacePoint): Triple => [x, y, z];
const along = ([a, b, c]: Triple, [x, y, z]: Triple, by: number): Triple => [a + x * by, b + y * by, c + z * by];

/** The fewest fittings by any pipe that is sold there; undefined where none closes with so many. */
function fewest(job: Job, at: EndRef, to: EndRef): number | undefined {
  const context = contextOf(job, shippedCatalogue);
  const [here, there] = [placedEnd(at, context), placedEnd(to, context)];
  // A port is of what its tank is made of.
  const ends = [at, to].flatMap((ref): Open[] => {
    const { end, material } = resolveEnd(ref, job, context.index);
    return end ? [{ end, material }] : [];
  });
  if (!here || !there || ends.length < 2) return undefined;
  const service = serviceAt(at, context.runs);
  const [near, far] = ends.map((end) => reachedFrom(end, service));
  let least: number | undefined;
  for (const pipe of PIPES) {
    const [a, b] = [toPipe(near!, pipe, service), toPipe(far!, pipe, service)];
    const bends = bendsFor(pipe, context, service);
    if (!a || !b || !bends.some(({ degrees }) => degrees === 90)) continue;
    if (a.parts + b.parts + 1 >= (least ?? MOST_FITTINGS + 1)) continue;
    const takes = new Map(bends.map(({ degrees, takeOffM }) => [degrees, takeOffM] as const));
    const [u, looks] = [triple(here.looks), triple(there.looks)];
    const start = along(triple(here.at), u, a.reachM);
    const end = along(triple(there.at), looks, b.reachM);
    const turns = leastBends({
      u,
      v: along([0, 0, 0], looks, -1),
      gap: along(end, start, -1),
      degrees: bends.map(({ degrees }) => degrees),
      takes: (degrees) => takes.get(degrees) ?? 0,
      least: 2 * Math.max(...bends.map(({ depthM }) => depthM)),
    });
    if (turns === undefined || a.parts + b.parts + turns > MOST_FITTINGS) continue;
    least = Math.min(least ?? Infinity, a.parts + b.parts + turns);
  }
  return least;
}

const figure = (most: number) => fc.noBias(fc.integer({ min: -most, max: most }).map((mm) => mm / 1000));
const degrees = fc.integer({ min: 0, max: 359 });
const looks: fc.Arbitrary<Looks> = fc.oneof(
  fc.constant({ way: 'up' } as const),
  fc.constant({ way: 'down' } as const),
  degrees.map((one) => ({ way: 'level', degrees: one }) as const),
);
it('of the ends that at most six fittings join nearly all are joined, whatever their systems and sizes', () => {
  const AT: EndRef = { of: 'hole', id: 'h' };
  const TO: EndRef = { of: 'terminal', id: 'end' };
  const [TANK, MARK] = [
    { of: 'tank', id: 't1' },
    { of: 'mark', id: 'b' },
  ] as const;
  const counts = { closes: 0, found: 0, over: 0 };
  const missed: string[] = [];
  fc.assert(
    fc.property(
      fc.constantFrom(...ENDS),
      fc.constantFrom(...ENDS),
      fc.tuple(figure(2500), figure(2500), figure(1500)),
      degrees,
      looks,
      (port, offers, [xM, yM, zM], turn, way) => {
        const job = tankWith({
          type: 'open-drum',
          tank: { plinthM: 2, placed: { by: 'origin' }, turned: { by: 'degrees', degrees: turn } },
          settings: { region: 'US' },
          holes: [{ id: 'h', port, portUse: 'use', roles: ['link'], heightM: 0.4, aroundM: 0.9 }],
          marks: [newMark({ id: 'b', name: 'B', placed: { by: 'line', alongM: 5 } })],
          terminals: [
            newTerminal({
              id: 'end',
              name: 'end',
              offers,
              placed: { by: 'wall', from: TANK, towards: MARK, alongM: xM, offM: yM },
              looks: way,
              readings: belowGround(-2.4 - zM),
            }),
          ],
        });
        const least = fewest(job, AT, TO);
        if (least === undefined) return;
        counts.closes += 1;
        const ways = waysFound(job, AT, TO, { home: 'US' }).filter(({ links }) =>
          links.every(({ part }) => !isFlexible(part)),
        );
        const fittings = ways.map(({ links }) => links.filter(({ part }) => !isByLength(part)).length);
        if (fittings.length === 0) {
          missed.push(`${port} to ${offers} at ${xM}, ${yM}, ${zM}, turned ${turn}, ${JSON.stringify(way)}: ${least}`);
          return;
        }
        counts.found += 1;
        counts.over += Number(Math.min(...fittings) > least + 1);
      },
    ),
    { numRuns: runs(2, 1000) },
  );
  expect(counts.closes).toBeGreaterThan(runs(2, 1000) / 3);
  expect(counts.found / counts.closes, missed.slice(0, 10).join('\n')).toBeGreaterThan(0.95);
  expect(counts.over / counts.found).toBeLessThan(0.05);
});
