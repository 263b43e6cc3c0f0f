import { isFlexible } from '../fittings/flexible';
import type { CheckContext } from '../derived/context';
import { isToDrill } from '../derived/resolve';
import { isGuest } from '../derived/shared-stand';
import { pipeOf, pipeSeries } from '../connections/standards/pipes';
import { tankOf } from '../job/lookup';
import { type Part, isByLength, outsideMmOf } from '../fittings/part';
import { isDownpipe } from '../fittings/capability';
import type { Tank } from '../walls/tank';
import { type Use, useOfHole, useOfPart, useOfRoof, useOfTank } from '../parts/list/trace';
import { sizeCode } from '../quantity/size';
import { portOf, tankType, wallKindOf } from '../walls/tank-types';
import { newParts, ofTrenches } from './along-lengths';
import { type Claim, thereIs } from './claim';

/** Up to this a cutter goes round a pipe; above it a saw in a box [mm]. */
const CUTTER_MM = 63.5;
/** From here on the dauber in the lid of the tin is too small for the socket [mm]. */
const SWAB_MM = 60;
const isPipe = ({ family }: Part): boolean => family === 'pipe';
const has =
  (feature: Part['features'][number]) =>
  ({ features }: Part): boolean =>
    features.includes(feature);

/** What a way to seal a wall is set with, beside what every job has in its bag. */
const SEAL_TOOLS: Readonly<Record<string, readonly string[]>> = {
  bulkhead: ['GP', 'SR', 'HL'],
  'tap-shank': ['WR', 'HL'],
  'nipple-and-rubbers': ['WR', 'HL'],
  'bolted-flange': ['TQ', 'BD', 'KN', 'HL'],
  'cast-sleeve': ['LE'],
  'link-seal': ['HX', 'TQ'],
  'wall-boot': ['TQ'],
  'welded-boss': ['EW', 'GLV'],
  'cable-gland': ['WR'],
  'blanking-plug': ['WR'],
  'screw-cover': ['SD', 'DR'],
};
const ON_A_CORD = ['bulkhead', 'tap-shank', 'nipple-and-rubbers', 'blanking-plug'];

/** What nobody leaves the shop without, whatever he builds. */
const BAG = ['TM', 'LE', 'GLV', 'RAG', 'BUC', 'HL', 'FA', 'WR', 'SD', 'KN', 'FH'];

/** What hands need for what is put in and for what closes it: tools, each once for the whole job. @param things all that is claimed beside tools */
export function byHand(context: CheckContext, things: readonly Claim[]): readonly Claim[] {
  const news = newParts(context);
  const { job, index } = context;
  const at = (code: RegExp): readonly Use[] => things.filter((one) => code.test(one.code)).map(({ use }) => use);
  const of = (is: (part: Part) => boolean): readonly Use[] => news.filter(({ part }) => is(part)).map(({ use }) => use);
  const tools = (uses: readonly Use[], ...codes: readonly string[]): readonly Claim[] =>
    uses.slice(0, 1).flatMap((use) => codes.map((code) => thereIs(code, use)));
  const drilled = job.penetrations.filter((hole) => isToDrill(hole, index)).map(({ id }) => id);
  const cut = at(/^(SW-|JS$|KD$)/).filter(({ id }) => drilled.includes(id));
  const inSteel = cut.filter(({ id }) => {
    const hole = job.penetrations.find((one) => one.id === id);
    const tank = hole && tankOf(job, hole);
    return tank !== undefined && wallKindOf(tank) === 'metal';
  });
  return [
    ...tools(cut, 'TM', 'DR', 'DB', 'EY'),
    ...tools(at(/^SW-/), 'SW-ARB'),
    ...tools(at(/^KD$/), 'DT', 'WV', 'GLV'),
    ...tools(
      inSteel.filter(({ id }) => at(/^SW-/).some((use) => use.id === id)),
      'GLV',
    ),
    ...tools(at(/^ZP-100$/), 'RAG'),
    ...tools(at(/^SI-300$/), 'SG', 'RAG'),
    ...tools(at(/^(OC|OP|OH|OL|OW)-/), 'SD'),
    ...joining(context, things, tools),
    ...(news.length === 0
      ? []
      : [
          ...tools(job.tanks.map(useOfTank), ...BAG),
          ...cutting(of, tools),
          ...onTheGround(context, at, tools),
          ...tools(of(has('pump')), 'WR'),
          ...tools(
            of((part) => part.features.includes('pump') && part.ends.length !== 1),
            'LE',
          ),
          ...tools(of(has('vessel')), 'AP', 'WR'),
          ...tools(of(has('diverter')), 'TM', 'HH', 'LE', 'DR'),
          ...tools(of(has('first-flush')), 'LE', 'DR'),
          ...shutForTest(context),
        ]),
  ];
}

type Tools = (uses: readonly Use[], ...codes: readonly string[]) => readonly Claim[];
type PartsThat = (is: (part: Part) => boolean) => readonly Use[];

/** What joints are made with, by what closes them and by what they are. */
function joining(context: CheckContext, made: readonly Claim[], tools: Tools): readonly Claim[] {
  const at = (code: RegExp): readonly Use[] => made.filter((one) => code.test(one.code)).map(({ use }) => use);
  const met = context.joints.filter(
    ({ a, b, mating }) =>
      a.end !== undefined &&
      b.end !== undefined &&
      !(a.stands && b.stands) &&
      ['holds', 'holds-with', 'fits-unrated'].includes(mating.verdict),
  );
  const wide = made.filter(({ code, use }) => {
    const judged = /^(CE|CC|CA|CT)-118$/.test(code) ? context.judgedOf(use.id) : undefined;
    return [judged?.a.end, judged?.b.end].some(
      (end) => end?.kind === 'pipe' && end.part === 'spigot' && pipeOf(end).outsideMm >= SWAB_MM,
    );
  });
  return [
    ...tools(at(/^TA-/), 'WR'),
    ...tools(
      at(/^TA-/).filter(({ id }) => context.judgedOf(id)?.mating.verdict !== 'fits-unrated'),
      'VI',
    ),
    ...tools(at(/^(CE|CC|CA|CT)-118$/), 'RAG'),
    ...tools(
      wide.map(({ use }) => use),
      'DA',
    ),
    ...tools(at(/^HC-/), 'SD'),
    ...tools(at(/^BO$/), 'TQ'),
    ...tools(at(/^SOL-250$/), 'TO'),
    ...met.flatMap(({ a, b, joint, penetration }) => {
      const use: Use = { place: penetration?.label ?? '', of: 'joint', id: joint.id, penetrationId: penetration?.id };
      return [a.end, b.end].flatMap((end): readonly Claim[] => {
        switch (end?.kind) {
          case 'thread': {
            const other = end === a.end ? b.end : a.end;
            if (other?.kind !== 'thread' || end.sex !== 'female') return [];
            const washer = made.some((one) => one.code === 'WA' && one.use.id === joint.id);
            const coarse = [end, other].some(({ standard }) => /^(s\d+x\d+|buttress|56x4)$/.test(standard));
            return tools([use], washer && coarse ? 'SR' : washer && end.swivel === true ? 'GP' : 'WR');
          }
          case 'pipe':
            // Tube with teeth goes in by hand.
            return end.part === 'spigot' || (end.part === 'push-fit' && pipeSeries(end.series).pressure)
              ? []
              : tools([use], ...(FITTING_TOOLS[end.part] ?? []));
          case 'gasket':
            return tools([use], 'MA');
          case 'hose':
            return end.part === 'barb' && end.system === 'pe-id'
              ? tools([use], 'HW', 'MA')
              : end.part === 'barb' && end.system === 'rural'
                ? tools([use], 'GP')
                : [];
          case 'wall-seal': {
            const corded = penetration?.drawnIn === true && ON_A_CORD.includes(end.style);
            return tools([use], ...(corded ? ['CD', 'GP', 'HL'] : (SEAL_TOOLS[end.style] ?? [])));
          }
          case undefined:
          case 'cam':
          case 'click':
          case 'flange':
          case 'hole':
          case 'own':
            return [];
        }
      });
    }),
  ];
}

/** By what takes the pipe. */
const FITTING_TOOLS: Readonly<Record<string, readonly string[]>> = {
  'push-fit': ['MA'],
  compression: ['SR', 'WR'],
  sleeve: ['SD'],
  press: ['PT'],
  crimp: ['CR'],
  expansion: ['EX'],
  saddle: ['DR', 'HX', 'DB', 'EY'],
};

/** What lengths are cut with, by what they are and how wide. */
function cutting(of: PartsThat, tools: Tools): readonly Claim[] {
  const length = (is: (part: Part) => boolean): readonly Use[] => of((part) => isByLength(part) && is(part));
  const isStiff = (part: Part): boolean => part.family !== 'hose' && !isDownpipe(part) && !isFlexible(part);
  const isCut = (part: Part): boolean => part.family !== 'hose' && !isDownpipe(part);
  const round = (part: Part): boolean => outsideMmOf(part) < CUTTER_MM && part.material !== 'clear-pvc';
  return [
    ...tools(length(isDownpipe), 'HH', 'GLV', 'TM', 'LE', 'STR', 'LAD', 'DR'),
    ...tools(
      length(({ family }) => family === 'hose'),
      'KN',
    ),
    ...tools(length(isCut), 'TM', 'BV'),
    ...tools(length(isStiff), 'DB', 'VI'),
    ...tools(
      length((part) => isCut(part) && round(part)),
      'PC',
    ),
    ...tools(
      length((part) => isCut(part) && !round(part)),
      'FS',
    ),
    ...tools(
      length(
        ({ family, ends }) => family === 'hose' && ends.some(({ end }) => end.kind === 'hose' && end.system === 'drip'),
      ),
      'DP',
    ),
  ];
}

/** What is done with things that are there to be put up, laid and fixed, by the code of the thing. */
const WITH_THINGS: readonly (readonly [code: RegExp, ...tools: readonly string[]])[] = [
  [/^WT-100$/, 'LOC', 'SPD', 'BA', 'STR', 'LE', 'GLV'],
  [/^ST-/, 'DR', 'LE', 'TM'],
  [/^AM$/, 'DR', 'MBT', 'EY'],
  [/^SLV$/, 'DT', 'DR', 'EY'],
  [/^S[EI]-300$/, 'SG'],
  [/^OM$/, 'SPD'],
  [/^LB$/, 'RAG'],
  [/^FOM?-/, 'KN'],
  [/^PA-500$/, 'PB', 'RAG'],
  [/^FM-20$/, 'BUC', 'BA'],
  [/^BK$/, 'MA', 'LE', 'GLV'],
  [/^PK$/, 'WS', 'DR'],
  [/^TS-50$/, 'WR'],
  [/^RI$/, 'WS', 'SD'],
];

/** What is dug, carried, hung and held. */
function onTheGround(context: CheckContext, at: (code: RegExp) => readonly Use[], tools: Tools): readonly Claim[] {
  const { job } = context;
  const { tanks } = job;
  const tanksThat = (is: (tank: Tank) => boolean): readonly Use[] => tanks.filter(is).map(useOfTank);
  const pits = tanksThat(({ buriedM, stands }) => buriedM > 0 && !stands);
  const onBareGround = tanksThat(
    (tank) =>
      !tank.stands &&
      !tank.baseStands &&
      !isGuest(tank, tanks) &&
      tank.buriedM <= 0 &&
      (tank.base === 'ground' || tank.base === 'slab' || tank.base === 'stand'),
  );
  return [
    ...WITH_THINGS.flatMap(([code, ...codes]) => tools(at(code), ...codes)),
    ...tools([...ofTrenches(context).map(({ use }) => use), ...pits], 'LOC', 'SPD', 'BA', 'STR', 'LE', 'GLV'),
    ...tools(onBareGround, 'SPD', 'BA', 'LE', 'TM'),
    ...tools(
      job.roofs.filter(({ gutterM }) => gutterM > 0).map(useOfRoof),
      'TM',
      'HH',
      'STR',
      'LE',
      'LAD',
      'DR',
      'GLV',
    ),
    ...tools(
      tanksThat(({ stands }) => !stands),
      'RP',
      'LE',
    ),
    ...tools(
      tanksThat(
        ({ type, stands, cleaning }) =>
          tankType(type).secondHand && !stands && (cleaning === null || cleaning === 'not' || cleaning === 'rinsed'),
      ),
      'BRU',
      'GLV',
    ),
    ...tools(
      tanksThat(({ type, accessM }) => (tankType(type).openTop ? !tankType(type).breathes : accessM > 0)),
      'LK',
    ),
    ...tools(
      job.penetrations
        .filter((hole) => {
          const tank = tankOf(job, hole);
          return tank !== undefined && hole.portUse !== 'leave' && portOf(tank, hole)?.closedBy === 'bung';
        })
        .map(useOfHole),
      'BW',
    ),
  ];
}

/** A line of pipe that leads out of doors is shut while it is tested: a plug of its size. */
const shutForTest = ({ runs }: CheckContext): readonly Claim[] =>
  runs.flatMap(({ penetration, strands }) =>
    penetration.roles.some((role) => role === 'inlet' || role === 'overflow' || role === 'drain')
      ? strands.flatMap(({ end, items }) => {
          const last = items.findLast(({ part }) => isPipe(part) && !isDownpipe(part));
          return last && !last.placed.existing && end.at !== 'hole'
            ? [thereIs(`TP-${sizeCode(last.part.size)}`, useOfPart(last.placed.id, penetration))]
            : [];
        })
      : [],
  );
