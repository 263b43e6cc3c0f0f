import { parseEnd } from '../connections/parse';
import type { Catalogue } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { circumferenceM } from '../walls/level';
import { isTankType } from '../walls/tank-types';
import type { Tank } from '../walls/tank';
import { COLLECTIONS } from './edits/change';
import { type EndRef, type Job, type Penetration, refKey } from './job';

/** A field that cannot be as it is: where, and what it must be, for the person who typed it. */
export interface FieldProblem {
  readonly path: string;
  readonly message: string;
}

/** Outer limits of what a rainwater tank can be; beyond them a point has slipped. Our judgement. */
const LIMITS = { areaM2: 100_000, capacityM3: 500, lengthM: 30, wallM: 0.5, cutLengthM: 500 } as const;

/**
 * Everything in a job that contradicts itself: references to nothing, two joints on one end, a hole above its tank, a
 * wall thicker than the tank, zero, negative and absurd figures. An empty list means the document can be trusted.
 */
export function validateJob(job: Job, catalogue: Catalogue): readonly FieldProblem[] {
  return [
    ...(job.name.trim() === '' ? [{ path: 'name', message: 'A job needs a name.' }] : []),
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
    ...job.terminals.flatMap(terminalProblems),
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

const between = (value: number, least: number, most: number): boolean =>
  Number.isFinite(value) && value > least && value <= most;

function tankProblems(tank: Tank, index: number): FieldProblem[] {
  const at = (field: string): string => `tanks[${index}].${field}`;
  const problems: FieldProblem[] = [];
  const say = (wrong: boolean, field: string, message: string): void => {
    if (wrong) problems.push({ path: at(field), message });
  };
  say(!isTankType(tank.type), 'type', `${tank.type} is no type of tank Herrero knows.`);
  say(
    !between(tank.capacityM3, 0, LIMITS.capacityM3),
    'capacityM3',
    `A tank holds more than nothing and at most ${LIMITS.capacityM3} m3.`,
  );
  say(
    !between(tank.diameterM, 0, LIMITS.lengthM),
    'diameterM',
    `A diameter is more than nothing and at most ${LIMITS.lengthM} m.`,
  );
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
  say(tank.wallM * 2 >= tank.diameterM, 'wallM', 'The wall is thicker than the tank.');
  say(
    !(tank.plinthM >= 0 && tank.plinthM <= LIMITS.lengthM),
    'plinthM',
    `A plinth is from 0 to ${LIMITS.lengthM} m high.`,
  );
  return problems;
}

function penetrationProblems(penetration: Penetration, index: number, job: Job): FieldProblem[] {
  const at = (field: string): string => `penetrations[${index}].${field}`;
  const tank = job.tanks.find(({ id }) => id === penetration.tankId);
  if (!tank) return [{ path: at('tankId'), message: `${penetration.label} is in a tank that is not there.` }];
  const problems: FieldProblem[] = [];
  if (penetration.roles.length === 0)
    problems.push({ path: at('roles'), message: `${penetration.label} needs at least one role.` });
  if (!(penetration.heightM >= 0 && penetration.heightM <= tank.heightM))
    problems.push({
      path: at('heightM'),
      message: `${penetration.label} is outside ${tank.label}: its height is from the base to the lid.`,
    });
  if (!(penetration.aroundM >= 0 && penetration.aroundM <= circumferenceM(tank)))
    problems.push({ path: at('aroundM'), message: `${penetration.label} is further round than ${tank.label} is.` });
  if (penetration.holeM !== null && !between(penetration.holeM, 0, tank.diameterM))
    problems.push({ path: at('holeM'), message: `The hole of ${penetration.label} is larger than ${tank.label}.` });
  return [...problems, ...endTextProblems(penetration.port, at('port'))];
}

function terminalProblems({ name, offers, distanceM, dropM }: Job['terminals'][number], index: number): FieldProblem[] {
  const far = (value: number | null): boolean => value !== null && !(Math.abs(value) <= LIMITS.cutLengthM);
  return [
    ...endTextProblems(offers, `terminals[${index}].offers`),
    ...(distanceM !== null && !(distanceM >= 0 && distanceM <= LIMITS.cutLengthM)
      ? [{ path: `terminals[${index}].distanceM`, message: `${name} is from 0 to ${LIMITS.cutLengthM} m away.` }]
      : []),
    ...(far(dropM)
      ? [{ path: `terminals[${index}].dropM`, message: `${name} is at most ${LIMITS.cutLengthM} m up or down.` }]
      : []),
  ];
}

function endTextProblems(text: string | null, path: string): FieldProblem[] {
  if (text === null) return [];
  const parsed = parseEnd(text);
  return parsed.ok ? [] : [{ path, message: `${text} is no end: ${parsed.error.word || 'it stops too soon'}.` }];
}

function partProblems(part: Job['parts'][number], index: number, catalogue: Catalogue): FieldProblem[] {
  const found = catalogue.byCode.get(part.code);
  if (!found) return [{ path: `parts[${index}].code`, message: `${part.code} is not in the catalogue.` }];
  const path = `parts[${index}].lengthM`;
  if (part.lengthM === null) return [];
  if (!isByLength(found)) return [{ path, message: `${found.name} is a piece and has no length to give.` }];
  return between(part.lengthM, 0, LIMITS.cutLengthM)
    ? []
    : [{ path, message: `A length is more than nothing and at most ${LIMITS.cutLengthM} m.` }];
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
