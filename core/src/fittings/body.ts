import type { End } from '../connections/end';
import { camHeadMm } from '../connections/standards/couplings';
import { hoseOf } from '../connections/standards/hose';
import { pipeOf } from '../connections/standards/pipes';
import { threadForm } from '../connections/standards/threads';
import type { NominalSize } from '../quantity/size';
import type { BodySection } from './part';

/** Wall of a moulded or cast fitting around what it takes, as a share of that diameter (typical, value from memory). */
const WALL_SHARE = 0.14;
const LEAST_WALL_MM = 3;
const wallMm = (insideMm: number): number => Math.max(LEAST_WALL_MM, insideMm * WALL_SHARE);

/** Bore of Schedule 40 pipe of the size: what a full-bore fitting of that size passes. */
export const fullBoreMm = (size: NominalSize): number =>
  size === '5/8' ? hoseOf({ system: 'hose', size }).boreMm : pipeOf({ series: 'ips-40', size }).boreMm;

// Lengths of coupling ends, for drawing them (typical, value from memory).
const CAM_LENGTH_SHARE = 0.6;
const CLICK_LENGTH_MM = 22;
const CLICK_OVER_MM = 5;

/** The stretch of body that an end is made of, so that every family draws and measures its ends alike. */
export function endSection(end: End, boreMm: number): BodySection {
  switch (end.kind) {
    case 'thread': {
      const form = threadForm(end);
      return end.sex === 'male'
        ? { lengthMm: form.usableLengthMm, outsideMm: form.crestMm, boreMm, surface: 'male-thread' }
        : {
            lengthMm: form.usableLengthMm,
            outsideMm: form.rootMm + 2 * wallMm(form.rootMm),
            boreMm: form.crestMm,
            surface: 'female-thread',
          };
    }
    case 'pipe': {
      const pipe = pipeOf(end);
      return end.part === 'spigot'
        ? { lengthMm: pipe.socketDepthMm, outsideMm: pipe.outsideMm, boreMm, surface: 'plain' }
        : {
            lengthMm: pipe.socketDepthMm,
            outsideMm: pipe.outsideMm + 2 * wallMm(pipe.outsideMm),
            boreMm: pipe.outsideMm,
            surface: 'plain',
          };
    }
    case 'hose': {
      const hose = hoseOf(end);
      return end.part === 'barb'
        ? {
            lengthMm: hose.barbLengthMm,
            outsideMm: (hose.barbCrestMm[0] + hose.barbCrestMm[1]) / 2,
            boreMm,
            surface: 'barbs',
          }
        : { lengthMm: hose.barbLengthMm, outsideMm: hose.outsideOnBarbMm, boreMm: hose.boreMm, surface: 'plain' };
    }
    case 'cam': {
      const headMm = camHeadMm(end.size);
      return end.part === 'adapter'
        ? { lengthMm: headMm * CAM_LENGTH_SHARE, outsideMm: headMm, boreMm, surface: 'plain' }
        : {
            lengthMm: headMm * CAM_LENGTH_SHARE,
            outsideMm: headMm + 2 * wallMm(headMm),
            boreMm: headMm,
            surface: 'plain',
          };
    }
    case 'click':
      return { lengthMm: CLICK_LENGTH_MM, outsideMm: Number(end.size) + CLICK_OVER_MM, boreMm, surface: 'plain' };
    case 'gasket':
    case 'wall-seal':
    case 'hole':
    case 'own':
      throw new RangeError(`endSection: a ${end.kind} is no end section of a body`);
  }
}

/** Bore of a barb of this size: what is left inside a tail that fits the hose (typical, value from memory). */
export const barbBoreMm = (size: NominalSize): number => hoseOf({ system: 'hose', size }).boreMm * 0.78;

/** A hexagon or round stretch between two ends. */
export const middle = (
  lengthMm: number,
  outsideMm: number,
  boreMm: number,
  surface: BodySection['surface'] = 'plain',
): BodySection => ({
  lengthMm,
  outsideMm,
  boreMm,
  surface,
});
