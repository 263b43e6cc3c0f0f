import type { FieldProblem } from '../result';
import { MOST_TAX_PERCENT } from '../quantity/money';
import { tankOf } from './lookup';
import { parseEnd } from '../connections/parse';
import type { Catalogue } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { SITE_FIGURES, type SiteFigure } from '../walls/assumed';
import { roofMaterial } from '../site/roof-materials';
import { faceOf, formOf } from '../walls/forms';
import { isTankType } from '../walls/tank-types';
import type { Tank } from '../walls/tank';
import { COLLECTIONS } from './edits/change';
import { type EndRef, type Job, type Penetration, refKey } from './job';

/** Outer limits of what a rainwater tank can be; beyond them a point has slipped. Our judgement. */
const LIMITS = {
  areaM2: 100_000,
  capacityM3: 500,
  lengthM: 30,
  wallM: 0.5,
  cutLengthM: 500,
  massKg: 1_000_000,
  planks: 50,
  plankM: 10,
  /** Up or down, on any site that water falls across. */
  upM: 200,
  wallThroughM: 5,
  flowM3s: 1,
  kPa: 2000,
} as const;

/**
 * Everything in a job that contradicts itself: references to nothing, two joints on one end, a hole above its tank, a
 * wall thicker than the tank, zero, negative and absurd figures. An empty list means the document can be trusted.
 */
export function validateJob(job: Job, catalogue: Catalogue): readonly FieldProblem[] {
  return [
    ...(job.name.trim() === '' ? [{ path: 'name', message: 'A job needs a name.' }] : []),
    ...settingProblems(job),
    ...uniqueIds(job),
    ...job.roofs.flatMap((roof, index) =>
      between(roof.planAreaM2, 0, LIMITS.areaM2)
        ? []
        : [
            {
              path: `roofs[${index}].planAreaM2`,
              message: `A roof is more than nothing and at most ${LIMITS.areaM2} m2.`,
            },
          ],
    ),
    ...job.tanks.flatMap(tankProblems),
    ...job.penetrations.flatMap((penetration, index) => penetrationProblems(penetration, index, job)),
    ...job.parts.flatMap((part, index) => partProblems(part, index, catalogue)),
    ...job.roofs.flatMap((roof, index) => sourceProblems(roof, `roofs[${index}]`, job)),
    ...job.inflows.flatMap((inflow, index) => inflowProblems(inflow, index, job)),
    ...job.terminals.flatMap(terminalProblems),
    ...job.marks.flatMap((mark, index) => markProblems(mark, index, job)),
    ...readingProblems(job),
    ...jointProblems(job, catalogue),
  ];
}

const uniqueIds = (job: Job): FieldProblem[] =>
  COLLECTIONS.flatMap((name) => {
    const seen = new Set<string>();
    return job[name].flatMap(({ id }, index) => {
      const twice = seen.has(id);
      seen.add(id);
      return twice ? [{ path: `${name}[${index}].id`, message: `${id} is there twice.` }] : [];
    });
  });

/** From 0 to `most`. */
const upTo = (value: number, most: number): boolean => value >= 0 && value <= most;

const between = (value: number, least: number, most: number): boolean =>
  Number.isFinite(value) && value > least && value <= most;

function tankProblems(tank: Tank, index: number): FieldProblem[] {
  const at = (field: string): string => `tanks[${index}].${field}`;
  const problems: FieldProblem[] = [];
  const say = (wrong: boolean, field: string, message: string): void => {
    if (wrong) problems.push({ path: at(field), message });
  };
  if (!isTankType(tank.type)) return [{ path: at('type'), message: `${tank.type} is no type of tank Herrero knows.` }];
  say(
    !between(tank.capacityM3, 0, LIMITS.capacityM3),
    'capacityM3',
    `A tank holds more than nothing and at most ${LIMITS.capacityM3} m3.`,
  );
  const form = formOf(tank);
  for (const { field, name } of form.dimensions)
    say(!between(tank[field], 0, LIMITS.lengthM), field, `${name}: more than nothing and at most ${LIMITS.lengthM} m.`);
  say(
    !between(tank.heightM, 0, LIMITS.lengthM),
    'heightM',
    `A height is more than nothing and at most ${LIMITS.lengthM} m.`,
  );
  say(!between(tank.brimM, 0, tank.heightM), 'brimM', 'The brim is above the base and not above the lid.');
  say(
    !between(tank.wallM, 0, LIMITS.wallM),
    'wallM',
    `A wall is more than nothing and at most ${LIMITS.wallM * 1000} mm.`,
  );
  const narrowest = Math.min(tank.heightM, ...form.dimensions.map(({ field }) => tank[field]));
  say(
    tank.wallM * 2 >= narrowest || tank.wallM >= tank.brimM,
    'wallM',
    `The wall of ${tank.label} is thicker than the tank.`,
  );
  say(!upTo(tank.plinthM, LIMITS.lengthM), 'plinthM', `A plinth is from 0 to ${LIMITS.lengthM} m high.`);
  say(!upTo(tank.buriedM, LIMITS.lengthM), 'buriedM', `A base is from 0 to ${LIMITS.lengthM} m below the ground.`);
  say(
    !upTo(tank.accessM, Math.max(form.throughM(tank), form.acrossM(tank))),
    'accessM',
    `The way in of ${tank.label} is from 0 to the width of the tank.`,
  );
  say(!upTo(tank.anchorKg, LIMITS.massKg), 'anchorKg', `Anchors hold from 0 to ${LIMITS.massKg} kg.`);
  say(
    tank.ratedKg !== null && !between(tank.ratedKg, 0, LIMITS.massKg),
    'ratedKg',
    `A stand is rated for more than nothing and at most ${LIMITS.massKg} kg.`,
  );
  return [...problems, ...meteredProblems(tank, at('metered')), ...plankProblems(tank, at), ...pumpProblems(tank, at)];
}

/** A metered fill rises from reading to reading, inside the tank. */
function meteredProblems({ metered, label, wallM, brimM }: Tank, path: string): FieldProblem[] {
  const problem = metered.flatMap(({ levelM, volumeM3 }, index) => {
    const before = metered[index - 1];
    if (!(levelM > wallM && levelM <= brimM))
      return [`The metered level ${index + 1} of ${label} is above its floor and not above its brim.`];
    if (!between(volumeM3, 0, LIMITS.capacityM3))
      return [`The metered volume ${index + 1} of ${label} is more than nothing.`];
    if (before && !(levelM > before.levelM && volumeM3 > before.volumeM3))
      return [`The metered fill of ${label} rises: reading ${index + 1} is not above the one before it.`];
    return [];
  });
  return problem.slice(0, 1).map((message) => ({ path, message }));
}

const plankProblems = ({ planks, label }: Tank, at: (field: string) => string): FieldProblem[] =>
  planks === null ||
  (Number.isInteger(planks.count) &&
    planks.count >= 1 &&
    planks.count <= LIMITS.planks &&
    [planks.widthM, planks.thickM, planks.spanM].every((length) => between(length, 0, LIMITS.plankM)))
    ? []
    : [
        {
          path: at('planks'),
          message: `The planks under ${label}: at least one, each width, thickness and span more than nothing and at most ${LIMITS.plankM} m.`,
        },
      ];

function pumpProblems(tank: Tank, at: (field: string) => string): FieldProblem[] {
  const { pump, label } = tank;
  if (pump === null) return [];
  const form = formOf(tank);
  const inside =
    between(pump.diameterM, 0, form.throughM(tank)) &&
    between(pump.lengthM, 0, tank.heightM) &&
    upTo(pump.intakeM, tank.brimM) &&
    upTo(pump.fromLeftM, form.acrossM(tank)) &&
    upTo(pump.fromFrontM, form.throughM(tank));
  return inside
    ? []
    : [{ path: at('pump'), message: `The pump of ${label} stands inside the tank and is smaller than it.` }];
}

function penetrationProblems(penetration: Penetration, index: number, job: Job): FieldProblem[] {
  const at = (field: string): string => `penetrations[${index}].${field}`;
  const { label } = penetration;
  const tank = tankOf(job, penetration);
  if (!tank) return [{ path: at('tankId'), message: `${label} is in a tank that is not there.` }];
  if (!isTankType(tank.type)) return [];
  const problems: FieldProblem[] = [];
  const say = (wrong: boolean, field: string, message: string): void => {
    if (wrong) problems.push({ path: at(field), message });
  };
  say(penetration.roles.length === 0, 'roles', `${label} needs at least one role.`);
  const shape = faceOf(tank, penetration.face);
  if (!shape)
    return [
      ...problems,
      { path: at('face'), message: `${tank.label} has no ${penetration.face} for ${label} to be in.` },
    ];
  say(
    !upTo(penetration.heightM, tank.heightM),
    'heightM',
    `${label} is outside ${tank.label}: its height is from the base to the lid.`,
  );
  say(
    !upTo(penetration.aroundM, shape.acrossM),
    'aroundM',
    shape.seen === 'wall'
      ? `${label} is further round than ${tank.label} is.`
      : `${label} is outside the ${shape.name.toLowerCase()} of ${tank.label}.`,
  );
  say(
    shape.seen === 'plan' ? !upTo(penetration.depthM, shape.alongM) : penetration.depthM !== 0,
    'depthM',
    `${label} is outside the ${shape.name.toLowerCase()} of ${tank.label}.`,
  );
  say(
    penetration.holeM !== null && !between(penetration.holeM, 0, Math.min(shape.acrossM, shape.alongM)),
    'holeM',
    `The hole of ${label} is larger than ${tank.label}.`,
  );
  say(
    penetration.shutsM !== null && !between(penetration.shutsM, 0, tank.brimM),
    'shutsM',
    `The float valve of ${label} shuts above the base and not above the brim.`,
  );
  say(
    penetration.port === null && penetration.portUse !== null,
    'portUse',
    `${label} is a drilled hole: there is no port to use or plug.`,
  );
  return [...problems, ...endTextProblems(penetration.port, at('port'))];
}

const FIGURE_LIMITS: Readonly<Record<SiteFigure, readonly [number, number, string]>> = {
  armM: [0.2, 1.2, 'An arm is from 0.2 to 1.2 m long.'],
  sedimentM: [0, 1, 'Sediment is from 0 to 1 m deep.'],
  groundWaterM: [0, 30, 'Ground water is from 0 to 30 m below the ground.'],
  frostM: [0, 3, 'Frost is from 0 to 3 m deep.'],
  groundKpa: [5, 5000, 'Ground bears from 5 to 5000 kPa.'],
  stormMmPerH: [1, 1000, 'A storm is from 1 to 1000 mm in an hour.'],
  standM: [0, 10, 'A stand is from 0 to 10 m high.'],
  fallShare: [0, 0.5, 'A drain falls from 0 to half of its length.'],
  coverM: [0, 5, 'The cover of a line is from 0 to 5 m.'],
};

const settingProblems = (job: Job): FieldProblem[] => [
  ...SITE_FIGURES.flatMap((figure) => {
    const [least, most, message] = FIGURE_LIMITS[figure];
    const value = job[figure];
    return value === null || (value >= least && value <= most) ? [] : [{ path: figure, message }];
  }),
  ...saidProblem(job.taxPercent, MOST_TAX_PERCENT, 'taxPercent', `Tax is from 0 to ${MOST_TAX_PERCENT} percent.`),
];

/** What a source falls into is there, and what it is covered with is known. */
function sourceProblems(
  { into, name, ...source }: { readonly into: string | null; readonly name: string; readonly material?: string | null },
  path: string,
  { penetrations }: Job,
): FieldProblem[] {
  return [
    ...(into !== null && !penetrations.some(({ id }) => id === into)
      ? [{ path: `${path}.into`, message: `${name} falls into an opening that is not there.` }]
      : []),
    ...(source.material != null && roofMaterial(source.material) === undefined
      ? [{ path: `${path}.material`, message: `${source.material} is no material Herrero knows.` }]
      : []),
  ];
}

/** A figure that may be left unsaid, from nothing to so much. */
const saidProblem = (value: number | null, most: number, path: string, message: string): FieldProblem[] =>
  value === null || upTo(value, most) ? [] : [{ path, message }];

function inflowProblems(inflow: Job['inflows'][number], index: number, job: Job): FieldProblem[] {
  const path = `inflows[${index}]`;
  const { name, rateM3s, airGapM } = inflow;
  return [
    ...sourceProblems(inflow, path, job),
    ...saidProblem(rateM3s, LIMITS.flowM3s, `${path}.rateM3s`, `${name} brings from 0 to ${LIMITS.flowM3s} m3/s.`),
    ...saidProblem(
      airGapM,
      LIMITS.lengthM,
      `${path}.airGapM`,
      `The air gap of ${name} is from 0 to ${LIMITS.lengthM} m.`,
    ),
  ];
}

function terminalProblems(terminal: Job['terminals'][number], index: number): FieldProblem[] {
  const path = `terminals[${index}]`;
  const { name, offers, distanceM, throughM, wantsKpa, wantsM3s, vesselM, reserveM3 } = terminal;
  return [
    ...endTextProblems(offers, `${path}.offers`),
    ...saidProblem(
      distanceM,
      LIMITS.cutLengthM,
      `${path}.distanceM`,
      `${name} is from 0 to ${LIMITS.cutLengthM} m away.`,
    ),
    ...saidProblem(
      throughM,
      LIMITS.wallThroughM,
      `${path}.throughM`,
      `A wall on the way to ${name} is from 0 to ${LIMITS.wallThroughM} m thick.`,
    ),
    ...saidProblem(wantsKpa, LIMITS.kPa, `${path}.wantsKpa`, `${name} wants from 0 to ${LIMITS.kPa} kPa.`),
    ...saidProblem(wantsM3s, LIMITS.flowM3s, `${path}.wantsM3s`, `${name} wants from 0 to ${LIMITS.flowM3s} m3/s.`),
    ...saidProblem(
      vesselM,
      LIMITS.lengthM,
      `${path}.vesselM`,
      `What goes under ${name} is from 0 to ${LIMITS.lengthM} m high.`,
    ),
    ...saidProblem(
      reserveM3,
      LIMITS.capacityM3,
      `${path}.reserveM3`,
      `The reserve for ${name} is from 0 to ${LIMITS.capacityM3} m3.`,
    ),
  ];
}

function markProblems({ at, name, finishedM }: Job['marks'][number], index: number, job: Job): FieldProblem[] {
  const path = `marks[${index}]`;
  return [
    ...(at !== null && !job.terminals.some(({ id }) => id === at)
      ? [{ path: `${path}.at`, message: `${name} is at a place that is not there.` }]
      : []),
    ...(finishedM !== null && !(Math.abs(finishedM) <= LIMITS.upM)
      ? [{ path: `${path}.finishedM`, message: `${name} is at most ${LIMITS.upM} m up or down.` }]
      : []),
  ];
}

/** Every reading was taken from something that is there, by a length that a tape or a staff has. */
function readingProblems(job: Job): FieldProblem[] {
  const collections = { roof: job.roofs, terminal: job.terminals, mark: job.marks } as const;
  return (['roofs', 'terminals', 'marks'] as const).flatMap((collection) =>
    job[collection].flatMap(({ name, readings }, index) =>
      readings.flatMap(({ from, downM }, place): FieldProblem[] => {
        const path = `${collection}[${index}].readings[${place}]`;
        const stands = from.of === 'ground' || collections[from.of].some(({ id }) => id === from.id);
        if (!stands)
          return [
            { path: `${path}.from`, message: `The height of ${name} was read from something that is not there.` },
          ];
        return Math.abs(downM) <= LIMITS.upM
          ? []
          : [{ path: `${path}.downM`, message: `${name} is at most ${LIMITS.upM} m up or down.` }];
      }),
    ),
  );
}

function endTextProblems(text: string | null, path: string): FieldProblem[] {
  if (text === null) return [];
  const parsed = parseEnd(text);
  return parsed.ok ? [] : [{ path, message: `${text} is no end: ${parsed.error.word || 'it stops too soon'}.` }];
}

function partProblems(part: Job['parts'][number], index: number, catalogue: Catalogue): FieldProblem[] {
  const found = catalogue.byCode.get(part.code);
  if (!found) return [{ path: `parts[${index}].code`, message: `${part.code} is not in the catalogue.` }];
  const say = (wrong: boolean, field: string, message: string): FieldProblem[] =>
    wrong ? [{ path: `parts[${index}].${field}`, message }] : [];
  const { lengthM, riseM } = part;
  if (!isByLength(found))
    return [
      ...say(lengthM !== null, 'lengthM', `${found.name} is a piece and has no length to give.`),
      ...say(riseM !== null, 'riseM', `${found.name} is a piece and goes where it points.`),
      ...say(part.lengthKind !== 'computed', 'lengthKind', `${found.name} is a piece and is not cut.`),
    ];
  return [
    ...say(
      part.trimAt !== null && part.lengthKind !== 'left-long',
      'trimAt',
      `${found.name} is trimmed later only where it is left long.`,
    ),
    ...say(
      lengthM !== null && !between(lengthM, 0, LIMITS.cutLengthM),
      'lengthM',
      `A length is more than nothing and at most ${LIMITS.cutLengthM} m.`,
    ),
    ...say(
      riseM !== null && !(Math.abs(riseM) <= (lengthM === null || lengthM <= 0 ? LIMITS.cutLengthM : lengthM)),
      'riseM',
      `${found.name} cannot rise or fall by more than its own length.`,
    ),
  ];
}

function jointProblems(job: Job, catalogue: Catalogue): FieldProblem[] {
  const used = new Set<string>();
  const partsById = new Map(job.parts.map((part) => [part.id, part]));
  const exists = (ref: EndRef): boolean => {
    if (ref.of === 'hole') return job.penetrations.some(({ id }) => id === ref.id);
    if (ref.of === 'terminal') return job.terminals.some(({ id }) => id === ref.id);
    const part = catalogue.byCode.get(partsById.get(ref.id)?.code ?? '');
    return part !== undefined && Number.isInteger(ref.end) && ref.end >= 0 && ref.end < part.ends.length;
  };
  return job.joints.flatMap((joint, index) =>
    (['a', 'b'] as const).flatMap((side) => {
      const ref = joint[side];
      const path = `joints[${index}].${side}`;
      if (!exists(ref)) return [{ path, message: `J${joint.number} ends on something that is not there.` }];
      // Daylight takes any number of ends; every other end takes one.
      if (ref.of === 'terminal') return [];
      const key = refKey(ref);
      const twice = used.has(key);
      used.add(key);
      return twice ? [{ path, message: `J${joint.number} ends where another joint already is.` }] : [];
    }),
  );
}
