import 'server-only';
import { type DrillHole, type Face, type Tank, facesOf, formatLength } from '@herrero/core';
import type { Measures } from '@herrero/core';
import { type CadPoint, cadDrawing } from './drawing';

const GAP_MM = 300;
const TEXT_MM = 25;
const MM = 1000;

/**
 * The holes of a tank as they are cut: each face laid flat in real millimetres, its left edge or mark and its base at
 * nought, beside one another. One circle for each hole on `cut`; what lies flat round it and the pilot on layers of their own.
 */
export function drillingDxf(tank: Tank, holes: readonly DrillHole[], measures: Measures): string {
  const drawing = cadDrawing([
    { name: 'cut', colour: 'red' },
    { name: 'flange', line: 'dashed' },
    { name: 'pilot', line: 'centre' },
    { name: 'face', colour: 'grey' },
    { name: 'words' },
  ]);
  let left = 0;
  for (const face of facesOf(tank)) {
    const own = holes.filter(({ hole }) => hole.face === face.face);
    if (own.length === 0) continue;
    const point = (x: number, y: number): CadPoint => ({ x: left + x * MM, y: y * MM, z: 0 });
    if (face.round) drawing.circle('face', point(face.acrossM / 2, face.alongM / 2), (face.acrossM / 2) * MM);
    else
      drawing.outline('face', [
        point(0, 0),
        point(face.acrossM, 0),
        point(face.acrossM, face.alongM),
        point(0, face.alongM),
      ]);
    drawing.text('words', { x: left, y: -2 * TEXT_MM, z: 0 }, TEXT_MM, `${tank.label} ${FACE_WORDS[face.face]}`);
    for (const { hole, diameterM, flangeM, pilotM } of own) {
      const at = point(hole.aroundM, face.seen === 'plan' ? hole.depthM : hole.heightM);
      drawing.circle('pilot', at, (pilotM / 2) * MM);
      if (diameterM !== undefined) drawing.circle('cut', at, (diameterM / 2) * MM);
      if (flangeM > 0) drawing.circle('flange', at, (flangeM / 2) * MM);
      const words = diameterM === undefined ? 'hole not known yet' : `hole ${formatLength(diameterM, measures)}`;
      drawing.text(
        'words',
        { x: at.x + (Math.max(flangeM, diameterM ?? 0) / 2) * MM + 10, y: at.y, z: 0 },
        TEXT_MM,
        `${hole.label} ${words}`,
      );
    }
    left += face.acrossM * MM + GAP_MM;
  }
  return drawing.written();
}

/** Where nought is on each face. */
const FACE_WORDS: Readonly<Record<Face, string>> = {
  wall: 'wall, unrolled from its mark to the right',
  top: 'top, from its left and its front',
  bottom: 'bottom, from its left and its front',
  front: 'front',
  right: 'right side',
  back: 'back',
  left: 'left side',
};
