/** What a profile needs of a thread form; lengths and diameters in mm. */
export interface Profile {
  readonly pitchMm: number;
  readonly flankDeg: number;
  readonly taper: number;
  readonly crestMm: number;
  readonly rootMm: number;
  readonly rounded: boolean;
}

/** Where the line is drawn: how much of the thread, at what scale, and the radius that lies on y = 0 (outward is up). */
export interface ProfileView {
  readonly lengthMm: number;
  readonly pxPerMm: number;
  readonly zeroMm: number;
  /** Along the axis to the middle of the first root. */
  readonly startMm?: number;
}

/**
 * The line of a thread along its axis as SVG path data without its first command: flats and flanks at their true angle,
 * crowns and roots rounded where the standard rounds them. A male is solid below its line, a female above.
 *
 * Crest and root share evenly what the flanks leave of a pitch, as in the basic profiles of ASME B1.20.1 and ISO 7-1.
 */
export function profileLine(form: Profile, { lengthMm, pxPerMm, zeroMm, startMm = 0 }: ProfileView): string {
  const { pitchMm, taper, rounded } = form;
  const { low, high, flankMm, flatMm } = shapeOf(form);
  const at = (alongMm: number, radiusMm: number): string => {
    const clamped = Math.min(lengthMm, Math.max(0, alongMm));
    const radius = radiusMm + (clamped * taper) / 2;
    return `${(clamped * pxPerMm).toFixed(1)} ${(-(radius - zeroMm) * pxPerMm).toFixed(1)}`;
  };
  const untapered = (alongMm: number): number => radiusAt({ ...form, taper: 0 }, alongMm, startMm);
  const parts: string[] = [at(0, untapered(0))];
  for (let root = startMm - pitchMm; root < lengthMm + pitchMm / 2; root += pitchMm) {
    const [leaves, rises] = [root + flatMm / 2, root + flatMm / 2 + flankMm];
    const [falls, lands] = [rises + flatMm, rises + flatMm + flankMm];
    if (lands < 0 || leaves > lengthMm) continue;
    // A rounded crown bulges over its flat by part of the flank, so that the flanks run into it.
    parts.push(
      rounded
        ? `${at(leaves, low)}L${at(rises - flankMm * ROUND, high - (high - low) * ROUND)}Q${at(rises, high)} ${at((rises + falls) / 2, high)}Q${at(falls, high)} ${at(falls + flankMm * ROUND, high - (high - low) * ROUND)}L${at(lands - flankMm * ROUND, low + (high - low) * ROUND)}Q${at(lands, low)} ${at(lands + flatMm / 2, low)}Q${at(lands + flatMm, low)} ${at(lands + flatMm + flankMm * ROUND, low + (high - low) * ROUND)}`
        : `${at(leaves, low)}L${at(rises, high)}L${at(falls, high)}L${at(lands, low)}`,
    );
  }
  return [...parts, at(lengthMm, untapered(lengthMm))].join('L');
}

/** Radii of root and crest, and what flank and flat take of the axis; all mm. */
function shapeOf({ pitchMm, flankDeg, crestMm, rootMm }: Profile) {
  const [low, high] = [Math.min(crestMm, rootMm) / 2, Math.max(crestMm, rootMm) / 2];
  const flankMm = Math.min((high - low) * Math.tan((flankDeg / 2) * (Math.PI / 180)), pitchMm / 2);
  return { low, high, flankMm, flatMm: (pitchMm - 2 * flankMm) / 2 };
}

/** The radius anywhere along the axis. */
const radiusAt = (form: Profile, alongMm: number, startMm: number): number => {
  const { low, high, flankMm, flatMm } = shapeOf(form);
  const place = (((alongMm - startMm) % form.pitchMm) + form.pitchMm) % form.pitchMm;
  // Measured from the middle of the root, either way.
  const fromRoot = Math.min(place, form.pitchMm - place);
  const rise = flankMm === 0 ? 1 : Math.min(1, Math.max(0, (fromRoot - flatMm / 2) / flankMm));
  return low + rise * (high - low) + (alongMm * form.taper) / 2;
};

/** A place between two profiles: along the axis, at which radius, and how far they stand apart there [mm]. */
export interface Place {
  readonly alongMm: number;
  readonly radiusMm: number;
  readonly gapMm: number;
}

/** Where two profiles touch, and where they stand furthest apart, over one pitch of the male. */
export interface Gap {
  readonly touches: readonly Place[];
  readonly widest: Place;
}

const SAMPLES = 96;
const TOUCHING_MM = 0.03;
/** Basic sizes and straight flanks let a touch look this much overlapped. */
const OVERLAP_MM = 0.2;

/**
 * The gap between a male and the female around it over one pitch, sampled, both standing on one axis. A stretch of touching
 * flank counts as one touch, at its middle.
 *
 * @param female  with its crests inward, as it stands around the male
 */
export function gapBetween(male: Profile, female: Profile, fromMm: number): Gap {
  const places = Array.from({ length: SAMPLES }, (_, index): Place => {
    const alongMm = fromMm + (index / SAMPLES) * male.pitchMm;
    const radiusMm = radiusAt(male, alongMm, 0);
    return { alongMm, radiusMm, gapMm: radiusAt(female, alongMm, 0) - radiusMm };
  });
  const least = Math.min(...places.map(({ gapMm }) => gapMm));
  const stretches: Place[][] = [];
  for (const [index, place] of places.entries()) {
    const before = places[index - 1];
    // Apart, or forced into one another because the pitches differ: nothing rests on a flank.
    if (least > TOUCHING_MM || least < -OVERLAP_MM || place.gapMm - least > TOUCHING_MM) continue;
    if (before && before.gapMm - least <= TOUCHING_MM) stretches.at(-1)?.push(place);
    else stretches.push([place]);
  }
  return {
    touches: stretches.flatMap((stretch) => stretch[Math.floor(stretch.length / 2)] ?? []),
    widest: places.reduce((best, one) => (one.gapMm > best.gapMm ? one : best)),
  };
}

/** Share of the height over which a crown or a root is rounded (drawn, not measured). */
const ROUND = 0.14;
