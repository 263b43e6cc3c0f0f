import { type End, goesInside } from '../connections/end';
import { SADDLE_REACH } from '../connections/families/pipe-joints/saddle';
import { camHeadMm } from '../connections/standards/couplings';
import { flangeOf } from '../connections/standards/flanges';
import { hoseOf } from '../connections/standards/hose';
import { pipeOf } from '../connections/standards/pipes';
import { threadForm } from '../connections/standards/threads';
import { MM_PER_INCH } from '../quantity/length';
import { type NominalSize, isMetricSize } from '../quantity/size';
import type { BodySection } from './part';

/** Wall of a moulded or cast fitting around what it takes, as a share of that diameter (typical, value from memory). */
const WALL_SHARE = 0.14;
const LEAST_WALL_MM = 3;
const wallMm = (insideMm: number): number => Math.max(LEAST_WALL_MM, insideMm * WALL_SHARE);

/** Bores of standard-wall steel pipe below the sizes that PVC pipe comes in, in inches (ASME B36.10). */
const SMALL_BORES_IN: Readonly<Partial<Record<NominalSize, number>>> = { '1/8': 0.269, '1/4': 0.364, '3/8': 0.493 };

/** Bore of Schedule 40 pipe of the size: what a full-bore fitting of that size passes. */
export function fullBoreMm(size: NominalSize): number {
  const small = SMALL_BORES_IN[size];
  if (small !== undefined) return small * MM_PER_INCH;
  return size === '5/8' ? hoseOf({ system: 'hose', size }).boreMm : pipeOf({ series: 'ips-40', size }).boreMm;
}

/** Behind a flange: Schedule 40 by the inch, else the figure itself (DN). */
const flangeBoreMm = (size: NominalSize): number => (isMetricSize(size) ? Number(size) : fullBoreMm(size));

/** What a tail, a coarse thread or a coupling leaves of its own diameter (typical, value from memory). */
const THROUGH_A_BARB = 0.78;
const THROUGH_A_COARSE_MALE = 0.72;
const THROUGH_A_COARSE_FEMALE = 0.94;
const CLICK_BORE_SHARE = 0.72;
/** Bores behind the sizes of hose thread; the small one is that of a garden hose coupling (value from memory). */
const HOSE_THREAD_BORES_MM: Readonly<Partial<Record<NominalSize, number>>> = { '3/4': 17, '1-1/2': 38, '2-1/2': 63 };
const COARSE = ['s60x6', 's70x6', 's75x6', 's100x8', 'buttress', '56x4'];

/** What an end lets through when the fitting behind it is no narrower [mm]. */
export function boreOfEnd(end: End): number {
  switch (end.kind) {
    case 'thread': {
      if (end.standard === 'nh') return HOSE_THREAD_BORES_MM[end.size] ?? fullBoreMm(end.size);
      if (!COARSE.includes(end.standard)) return fullBoreMm(end.size);
      const { crestMm } = threadForm(end);
      return crestMm * (end.sex === 'male' ? THROUGH_A_COARSE_MALE : THROUGH_A_COARSE_FEMALE);
    }
    case 'pipe':
      return pipeOf(end).boreMm * (goesInside(end.part) ? THROUGH_A_BARB : 1);
    case 'hose':
      return hoseOf(end).boreMm * (end.part === 'barb' ? THROUGH_A_BARB : 1);
    case 'cam':
      return fullBoreMm(end.size);
    case 'click':
      return Number(end.size) * CLICK_BORE_SHARE;
    case 'flange':
      return flangeBoreMm(end.size);
    case 'gasket':
      return pipeOf(end).outsideMm;
    case 'wall-seal':
    case 'hole':
    case 'own':
      return Number.POSITIVE_INFINITY;
  }
}

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
      if (goesInside(end.part))
        return {
          lengthMm: pipe.socketDepthMm,
          outsideMm: pipe.boreMm,
          boreMm: Math.min(boreMm, pipe.boreMm * THROUGH_A_BARB),
          surface: 'barbs',
        };
      return end.part === 'spigot'
        ? { lengthMm: pipe.socketDepthMm, outsideMm: pipe.outsideMm, boreMm, surface: 'plain' }
        : {
            lengthMm: end.part === 'saddle' ? pipe.outsideMm * SADDLE_REACH : pipe.socketDepthMm,
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
    case 'flange': {
      const { thickMm, outsideMm } = flangeOf(end);
      return { lengthMm: thickMm, outsideMm, boreMm, surface: 'flange' };
    }
    case 'gasket':
    case 'wall-seal':
    case 'hole':
    case 'own':
      throw new RangeError(`endSection: a ${end.kind} is no end section of a body`);
  }
}

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
