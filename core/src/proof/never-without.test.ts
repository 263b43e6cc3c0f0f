import { describe, expect, test } from 'vitest';
import type { CheckContext } from '../derived/context';
import type { End } from '../connections/end';
import { isDownpipe } from '../fittings/capability';
import { isByLength } from '../fittings/part';
import type { Job } from '../job/job';
import { OVERFLOW, TOP_INLET, place, tankWith, upToGutter } from '../test/sample-jobs';
import { jobOfPattern } from '../patterns/pattern';
import { kindsInRegions } from '../test/kinds';
import { wholeList } from '../test/whole-list';
import { wallKindOf } from '../walls/tank-types';
import { newParts, ofTrenches } from './along-lengths';

/**
 * What a tradesman never leaves the shop without, by what there is to join, pierce, lead, store and fix (trade practice, no source):
 * things, not amounts, by the words that a list may call them by. Written from the other side, and by another hand than what makes
 * a list.
 */
interface Rule {
  readonly of: string;
  readonly applies: (job: CheckContext) => boolean;
  readonly things: readonly RegExp[];
}

const joint =
  (is: (a: End, b: End) => boolean) =>
  ({ joints }: CheckContext): boolean =>
    joints.some(
      ({ a, b, mating }) =>
        !(a.stands && b.stands) &&
        a.end !== undefined &&
        b.end !== undefined &&
        mating.verdict.startsWith('holds') &&
        (is(a.end, b.end) || is(b.end, a.end)),
    );
const pipeIn = (part: string) => joint((a, b) => a.kind === 'pipe' && a.part === part && b.kind === 'pipe');
const ofMaterial = (material: string) => (job: CheckContext) =>
  pipeIn('socket')(job) && newParts(job).some(({ part }) => part.material === material && isByLength(part));
const family = (id: string) => (job: CheckContext) => newParts(job).some(({ part }) => part.family === id);
const role = (wanted: string) => (job: CheckContext) =>
  job.job.penetrations.some(({ roles, stands }) => !stands && roles.some((one) => one === wanted));
const drilled = (kind: 'plastic' | 'metal' | 'concrete') => (context: CheckContext) =>
  context.job.tanks.some(
    (tank) =>
      wallKindOf(tank) === kind &&
      context.job.penetrations.some(
        ({ tankId, port, stands, id }) =>
          tankId === tank.id &&
          port === null &&
          !stands &&
          newParts(context).some(
            ({ part, placed }) =>
              part.ends.some(({ end }) => end.kind === 'wall-seal') &&
              context.joints.some(
                ({ joint: { a, b } }) =>
                  [a, b].some((ref) => ref.of === 'hole' && ref.id === id) &&
                  [a, b].some((ref) => ref.of === 'part' && ref.id === placed.id),
              ),
          ),
      ),
  );
const digs = (job: CheckContext): boolean => ofTrenches(job).length > 0;

const CUT = /Pipe cutter|saw/i;
const DEBURR = /Deburrer|file|knife/i;
const BAG = [/Tape measure and marker/, /Work gloves/, /Rags/, /Bucket/, /Spirit level/];

const RULES: readonly Rule[] = [
  { of: 'job any', applies: ({ job }) => job.parts.some(({ existing }) => !existing), things: BAG },
  {
    of: 'joint taper thread',
    applies: joint(
      (a, b) =>
        a.kind === 'thread' &&
        b.kind === 'thread' &&
        ['npt', 'r'].includes(a.standard) &&
        ['npt', 'rc', 'rp'].includes(b.standard),
    ),
    things: [/Thread tape/, /wrenches/],
  },
  {
    of: 'joint hose thread',
    applies: joint((a) => a.kind === 'thread' && a.standard === 'nh'),
    things: [/Washer.*hose washer/],
  },
  { of: 'joint in PVC', applies: ofMaterial('pvc'), things: [/PVC cement/, CUT, DEBURR, /Rags/] },
  {
    of: 'joint ring socket',
    applies: joint(
      (a, b) => a.kind === 'pipe' && a.part === 'push-fit' && b.kind === 'pipe' && a.series.includes('drain'),
    ),
    things: [/Gasket lubricant/, CUT, /file/],
  },
  { of: 'joint rubber coupling', applies: pipeIn('sleeve'), things: [/Hose clamp/, /nut driver/] },
  {
    of: 'joint hose on a tail',
    applies: joint((a, b) => a.kind === 'hose' && b.kind === 'hose' && a.system === 'hose' && b.system === 'hose'),
    things: [/Hose clamp/, /nut driver/, /knife|cutter/i],
  },
  {
    of: 'joint soldered',
    applies: (job) =>
      pipeIn('socket')(job) && newParts(job).some(({ part }) => part.material === 'copper' && isByLength(part)),
    things: [/Solder/, /Flux/, /Torch.*heat mat/, CUT],
  },
  { of: 'joint pressed', applies: pipeIn('press'), things: [/Press tool/, CUT] },
  { of: 'joint crimped', applies: pipeIn('crimp'), things: [/Ring.*crimp ring/, /Crimp tool with gauge/] },
  {
    of: 'joint of flanges',
    applies: joint((a, b) => a.kind === 'flange' && b.kind === 'flange'),
    things: [/gasket/, /bolt/i, /wrench/i],
  },
  { of: 'joint cam', applies: joint((a, b) => a.kind === 'cam' && b.kind === 'cam'), things: [/cam gasket/] },
  {
    of: 'hole in plastic',
    applies: drilled('plastic'),
    things: [/Drill driver|Core drill/, /Eye protection/, /Hole saw|Jigsaw/, DEBURR],
  },
  { of: 'hole in steel', applies: drilled('metal'), things: [/Zinc/, /Work gloves/, DEBURR] },
  { of: 'hole in concrete', applies: drilled('concrete'), things: [/Core drill|Hole saw/, /Eye protection/] },
  {
    of: 'hole no hand reaches',
    // Something with a head inside is put in now, and holds.
    applies: ({ joints }) =>
      joints.some(
        ({ a, b, mating, penetration }) =>
          penetration?.drawnIn === true &&
          mating.verdict === 'holds-with' &&
          [a, b].some(({ end, stands }) => end?.kind === 'wall-seal' && end.style === 'bulkhead' && !stands),
      ),
    things: [/Cord, weight and hook/],
  },
  {
    of: 'hole with a gasket',
    applies: joint((a, b) => a.kind === 'gasket' && b.kind === 'pipe'),
    things: [/Gasket lubricant/, /Bevel tool or file/],
  },
  { of: 'line buried', applies: digs, things: [/Bedding/, /Spade/, /locator/] },
  { of: 'line buried, warned', applies: (job) => digs(job) && job.job.region !== 'US', things: [/Warning tape/] },
  { of: 'line draws', applies: role('draw-off'), things: [/valve|tap/i] },
  {
    of: 'line links',
    applies: role('link'),
    things: [/Union|unions|Hose|Flexible|swivel|push-fit|compression|clamp/i],
  },
  { of: 'line overflows', applies: role('overflow'), things: [/screen|mesh|grate|gully|flap|Backwater|grid/i] },
  {
    of: 'line gutter',
    applies: ({ job }) => job.roofs.some(({ gutterM }) => gutterM > 0),
    things: [/Gutter bracket/, /screw/i, /String line/, /Spirit level/, /Ladder/, CUT],
  },
  {
    of: 'line downpipe',
    applies: (job) => newParts(job).some(({ part }) => isByLength(part) && isDownpipe(part)),
    things: [/bracket/i, CUT, /Ladder/],
  },
  {
    of: 'line through a wall',
    applies: ({ job }) => job.terminals.some(({ throughM }) => throughM !== null),
    things: [/Wall sleeve/, /Sealant/],
  },
  {
    of: 'line of a pump',
    applies: family('pump'),
    things: [/check valve|foot valve|non-return/i, /Union|unions|swivel|compression/i],
  },
  {
    of: 'tank used',
    applies: ({ job }) =>
      job.tanks.some(({ type, stands, cleaning }) => !stands && /drum|crate/.test(type) && cleaning === null),
    things: [/Brush/, /Work gloves/],
  },
  {
    of: 'tank buried',
    applies: ({ job }) => job.tanks.some(({ buriedM, stands }) => buriedM > 0 && !stands),
    things: [/Spade/, /locator/, /Spirit level/],
  },
  {
    of: 'surface masonry',
    applies: ({ job }) => job.roofs.some(({ fixedTo, gutterM }) => fixedTo === 'masonry' && gutterM > 0),
    things: [/Plug and screw/, /Masonry bit.*dust mask/],
  },
  {
    of: 'place where nobody drinks',
    applies: (job) =>
      role('draw-off')(job) &&
      job.job.terminals.length > 0 &&
      job.job.drinking !== true &&
      job.job.tanks.every(({ purposes }) => !purposes.includes('drinking')),
    things: [/Do not drink/],
  },
];

/** What no kind of system has. */
const MORE: readonly Job[] = [
  {
    ...tankWith({
      roof: { fixedTo: 'masonry', gutterM: 7 },
      terminals: [place({ id: 'wc', name: 'toilet', offers: null, throughM: 0.3 })],
      holes: [
        { ...TOP_INLET, parts: upToGutter(2.5) },
        {
          ...OVERFLOW,
          size: '1-1/2',
          parts: [{ code: 'PG-150' }, { code: 'PI-150', lengthM: 0.3 }, { code: 'SO-150' }],
        },
        {
          id: 'h',
          parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 4 }, { code: 'LV-100' }],
          end: { of: 'terminal', id: 'wc' },
        },
      ],
    }),
    name: 'a gutter on masonry, a line through a wall',
  },
  {
    ...tankWith({
      holes: [
        {
          size: '2',
          parts: [
            { code: 'BS-200' },
            { code: 'PI-200', lengthM: 0.3 },
            { code: 'FNS-200', inEnd: 1 },
            { code: 'FNS-200' },
            { code: 'PI-200', lengthM: 0.3 },
            { code: 'CF-IPS-40-200-IPS-40-200' },
            { code: 'PI-200', lengthM: 0.3 },
            { code: 'VS-200' },
          ],
        },
      ],
    }),
    name: 'flanges and a rubber coupling',
  },
];

describe('what a tradesman never leaves the shop without is on the list', () => {
  const met = new Set<string>();
  const JOBS = [
    ...kindsInRegions(1).map(({ id, pattern, region }) => [`${id}, ${region}`, jobOfPattern(pattern, region)] as const),
    ...MORE.map((job) => [job.name, job] as const),
  ];
  test.each(JOBS)('%s', (_, job) => {
    const { context, groups } = wholeList(job);
    const lines = groups.flatMap((group) =>
      group.lines.flatMap(({ title, detail, inside = [] }) => [
        `${title} ${detail}`,
        ...inside.map((one) => `${one.title} ${one.detail}`),
      ]),
    );
    const lacking = RULES.filter(({ applies }) => applies(context)).flatMap(({ of, things }) => {
      met.add(of);
      return things.filter((thing) => !lines.some((line) => thing.test(line))).map((thing) => `${of}: ${thing}`);
    });
    expect(lacking).toEqual([]);
  });

  test('all of it is met but what is soldered, pressed or crimped', () =>
    expect(RULES.map(({ of }) => of).filter((of) => !met.has(of))).toEqual([
      'joint soldered',
      'joint pressed',
      'joint crimped',
    ]));
});
