import type { FieldProblem } from '../result';
import { formOf } from '../walls/forms';
import type { Tank } from '../walls/tank';
import { isTankType } from '../walls/tank-types';

/** What contradicts itself in a tank, its metered fill and its pump. */
export function tankProblems(tank: Tank, index: number): FieldProblem[] {
  const at = (field: string): string => `tanks[${index}].${field}`;
  const problems: FieldProblem[] = [];
  const say = (wrong: boolean, field: string, message: string): void => {
    if (wrong) problems.push({ path: at(field), message });
  };
  if (!isTankType(tank.type)) return [{ path: at('type'), message: `${tank.type} is no type of tank Herrero knows.` }];
  const form = formOf(tank);
  for (const { field, name } of form.dimensions)
    say(tank[field] <= 0, field, `${name} of ${tank.label}: more than nothing.`);
  say(tank.brimM > tank.heightM, 'brimM', `The brim of ${tank.label} is not above its lid.`);
  const narrowest = Math.min(tank.heightM, ...form.dimensions.map(({ field }) => tank[field]));
  say(
    tank.wallM * 2 >= narrowest || tank.wallM >= tank.brimM,
    'wallM',
    `The wall of ${tank.label} is thicker than the tank.`,
  );
  say(
    tank.accessM > Math.max(form.throughM(tank), form.acrossM(tank)),
    'accessM',
    `The way in of ${tank.label} is from 0 to the width of the tank.`,
  );
  return [...problems, ...meteredProblems(tank, at('metered')), ...pumpProblems(tank, at)];
}

/** A metered fill rises from reading to reading, inside the tank. */
function meteredProblems({ metered, label, wallM, brimM }: Tank, path: string): FieldProblem[] {
  const problem = metered.flatMap(({ levelM, volumeM3 }, index) => {
    const before = metered[index - 1];
    if (!(levelM > wallM && levelM <= brimM))
      return [`The metered level ${index + 1} of ${label} is above its floor and not above its brim.`];
    if (before && !(levelM > before.levelM && volumeM3 > before.volumeM3))
      return [`The metered fill of ${label} rises: reading ${index + 1} is not above the one before it.`];
    return [];
  });
  return problem.slice(0, 1).map((message) => ({ path, message }));
}

function pumpProblems(tank: Tank, at: (field: string) => string): FieldProblem[] {
  const { pump, label } = tank;
  if (pump === null) return [];
  const form = formOf(tank);
  const inside =
    pump.diameterM <= form.throughM(tank) &&
    pump.lengthM <= tank.heightM &&
    pump.intakeM <= tank.brimM &&
    pump.fromLeftM <= form.acrossM(tank) &&
    pump.fromFrontM <= form.throughM(tank);
  return inside
    ? []
    : [{ path: at('pump'), message: `The pump of ${label} stands inside the tank and is smaller than it.` }];
}
