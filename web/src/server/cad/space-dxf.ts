import 'server-only';
import {
  type CheckContext,
  type Frame,
  type Plan,
  type SpacePoint,
  type Vector,
  coursesOf,
  formOf,
  isByLength,
  outsideMmOf,
  planKey,
  setOutOf,
  standingOf,
  toSpace,
  turnedBy,
} from '@herrero/core';
import { type CadDrawing, type CadPoint, cadDrawing } from './drawing';

const TEXT_MM = 40;
const MM = 1000;
/** Runs of tanks that nobody has placed stand beside one another, so far apart [m]. */
const APART_M = 4;
const LEAST_FITTING_MM = 15;

/**
 * The runs of a job, its tanks and its places in space: middle lines in real millimetres, one scale for all, a layer for
 * each kind of thing, a block for each kind of fitting. Seen from any side in what reads it. Undefined where nothing stands
 * on any opening.
 */
export function spaceDxf({ context }: Plan): string | undefined {
  const { job } = context;
  const courses = [...coursesOf(context)].filter(([, { strands }]) => strands.some((legs) => legs.length > 0));
  if (courses.length === 0) return undefined;
  const drawing = cadDrawing([
    { name: 'pipe' },
    { name: 'buried', colour: 'grey', line: 'dashed' },
    { name: 'not-known', colour: 'grey', line: 'dotted' },
    { name: 'fitting', colour: 'blue' },
    { name: 'tank', colour: 'green' },
    { name: 'reference', line: 'centre' },
    { name: 'words' },
  ]);
  drawTanks(context, drawing);
  drawReferences(context, drawing);
  const drawn = new Set<string>();
  let aside = 0;
  for (const [holeId, course] of courses) {
    const hole = job.penetrations.find(({ id }) => id === holeId);
    const tank = job.tanks.find(({ id }) => id === hole?.tankId);
    const placed = tank !== undefined && standingOf(tank, job) !== undefined;
    // What has no place on the plan stands for itself, one beside the other.
    const frame: Frame = placed ? course.frame : { at: { x: aside, y: -APART_M }, out: { x: 0, y: -1 } };
    if (!placed) aside += APART_M;
    const point = (at: Vector): CadPoint => inMm(toSpace(at, frame));
    for (const { placed: own, part, from, through, to, sure, assumed } of course.strands.flat()) {
      if (drawn.has(own.id)) continue;
      drawn.add(own.id);
      const layer = !sure || assumed.length > 0 ? 'not-known' : Math.max(from.up, to.up) < 0 ? 'buried' : 'pipe';
      if (isByLength(part)) drawing.line(layer, point(from), point(to));
      else {
        drawing.line('fitting', point(from), point(through));
        drawing.line('fitting', point(through), point(to));
        drawing.symbol('fitting', part.code, point(through), Math.max(LEAST_FITTING_MM, outsideMmOf(part)));
      }
    }
    const start = point(course.start);
    drawing.text('words', { ...start, z: start.z + TEXT_MM }, TEXT_MM, `${hole?.label ?? ''} ${hole?.name ?? ''}`);
  }
  return drawing.written();
}

const inMm = ({ x, y, z }: SpacePoint): CadPoint => ({ x: x * MM, y: y * MM, z: z * MM });

/** A tank by its outline at its base and at its brim. */
function drawTanks({ job }: CheckContext, drawing: CadDrawing): void {
  for (const tank of job.tanks) {
    const standing = standingOf(tank, job);
    if (!standing) continue;
    const form = formOf(tank);
    const [half, deep] = [form.acrossM(tank) / 2, form.throughM(tank) / 2];
    const corner = (x: number, y: number, upM: number): CadPoint => {
      const off = turnedBy({ x: x * half, y: y * deep }, standing.turnDegrees);
      return inMm({ x: standing.at.x + off.x, y: standing.at.y + off.y, z: standing.baseM + upM });
    };
    for (const upM of [0, tank.heightM]) {
      if (form.id === 'round') drawing.circle('tank', corner(0, 0, upM), half * MM);
      else drawing.outline('tank', [corner(-1, -1, upM), corner(1, -1, upM), corner(1, 1, upM), corner(-1, 1, upM)]);
    }
    drawing.text('words', corner(0, 0, tank.heightM), TEXT_MM, tank.label);
  }
}

/** What tapes are held at, and the places where runs end. */
function drawReferences({ job }: CheckContext, drawing: CadDrawing): void {
  const { places } = setOutOf(job);
  const named = [
    ...job.marks.map(({ id, name }) => ({ key: planKey({ of: 'mark', id }), name })),
    ...job.terminals.map(({ id, name }) => ({ key: planKey({ of: 'terminal', id }), name })),
    ...job.roofs.map(({ id, name }) => ({ key: planKey({ of: 'roof', id }), name: `downpipe of ${name}` })),
  ];
  for (const { key, name } of named) {
    const at = places.get(key)?.at;
    if (!at) continue;
    const { x, y } = inMm({ ...at, z: 0 });
    drawing.line('reference', { x: x - TEXT_MM, y, z: 0 }, { x: x + TEXT_MM, y, z: 0 });
    drawing.line('reference', { x, y: y - TEXT_MM, z: 0 }, { x, y: y + TEXT_MM, z: 0 });
    drawing.text('words', { x: x + TEXT_MM, y: y + TEXT_MM, z: 0 }, TEXT_MM, name);
  }
}
