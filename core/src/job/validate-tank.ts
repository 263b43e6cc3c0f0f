import type { FieldProblem } from '../result';
import { formOf } from '../walls/forms';
import type { Tank } from '../walls/tank';
import { isTankType } from '../walls/tank-types';
import { LIMITS, between, upTo } from './validate-limits';

/** What contradicts itself in a tank, its planks, its pump and its metered fill. */
export function tankProblems(tank: Tank, index: number): FieldProblem[] {
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
