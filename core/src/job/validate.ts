import type { FieldProblem } from '../result';
import { tankOf } from './lookup';
import type { Catalogue } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { faceOf } from '../walls/forms';
import { isTankType } from '../walls/tank-types';
import { COLLECTIONS } from './edits/change';
import { type EndRef, type Job, type Penetration, refKey } from './job';
import { LIMITS, between, endTextProblems, upTo } from './validate-limits';
import {
  inflowProblems,
  markProblems,
  readingProblems,
  settingProblems,
  sourceProblems,
  terminalProblems,
} from './validate-site';
import { tankProblems } from './validate-tank';

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
