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
  const [low, high] = [Math.min(form.crestMm, form.rootMm) / 2, Math.max(form.crestMm, form.rootMm) / 2];
  const flankMm = Math.min((high - low) * Math.tan((form.flankDeg / 2) * (Math.PI / 180)), pitchMm / 2);
  const flatMm = (pitchMm - 2 * flankMm) / 2;
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

/** A shape whose radius is known anywhere along its axis. */
const radiusAt = (form: Profile, alongMm: number, startMm: number): number => {
  const [low, high] = [Math.min(form.crestMm, form.rootMm) / 2, Math.max(form.crestMm, form.rootMm) / 2];
  const flankMm = Math.min((high - low) * Math.tan((form.flankDeg / 2) * (Math.PI / 180)), form.pitchMm / 2);
  const flatMm = (form.pitchMm - 2 * flankMm) / 2;
  const place = (((alongMm - startMm) % form.pitchMm) + form.pitchMm) % form.pitchMm;
  // Measured from the middle of the root, either way.
  const fromRoot = Math.min(place, form.pitchMm - place);
  const rise = flankMm === 0 ? 1 : Math.min(1, Math.max(0, (fromRoot - flatMm / 2) / flankMm));
  return low + rise * (high - low) + (alongMm * form.taper) / 2;
};

/** Where two profiles come nearest to touching, and where they stand furthest apart, over one pitch of the male [mm]. */
export interface Gap {
  readonly touchesMm: readonly number[];
  readonly widestMm: number;
  readonly widestAtMm: number;
}

const SAMPLES = 96;
const TOUCHING_MM = 0.03;

/**
 * The gap between a male and the female around it over one pitch, sampled, both standing on one axis.
 *
 * @param female  with its crests inward, as it stands around the male
 */
export function gapBetween(male: Profile, female: Profile, fromMm: number): Gap {
  const gaps = Array.from({ length: SAMPLES }, (_, index) => {
    const along = fromMm + (index / SAMPLES) * male.pitchMm;
    return { along, gap: radiusAt(female, along, 0) - radiusAt(male, along, 0) };
  });
  const least = Math.min(...gaps.map(({ gap }) => gap));
  const widest = gaps.reduce((best, one) => (one.gap > best.gap ? one : best));
  return {
    touchesMm: gaps.filter(({ gap }) => gap - least < TOUCHING_MM && least < TOUCHING_MM).map(({ along }) => along),
    widestMm: Math.max(0, widest.gap),
    widestAtMm: widest.along,
  };
}

/** Share of the height over which a crown or a root is rounded (drawn, not measured). */
const ROUND = 0.14;
