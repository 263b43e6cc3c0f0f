/** What a profile needs of a thread form; lengths and diameters in mm. */
export interface Profile {
  readonly pitchMm: number;
  readonly taper: number;
  readonly crestMm: number;
  readonly pitchDiameterMm: number;
  readonly rootMm: number;
}

/**
 * The flanks of a thread along its axis, as SVG path data: from x = 0 to `lengthMm`, radii measured from `zeroMm` upward.
 * A male is solid below its line, a female above.
 */
export function profileLine(form: Profile, lengthMm: number, pxPerMm: number, zeroMm: number): string {
  const count = Math.ceil((lengthMm / form.pitchMm) * 2);
  const points = Array.from({ length: count + 1 }, (_, index) => {
    const along = Math.min(lengthMm, (index * form.pitchMm) / 2);
    const grown = (along * form.taper) / 2;
    const radius = (index % 2 === 0 ? form.rootMm : form.crestMm) / 2 + grown;
    return `${(along * pxPerMm).toFixed(1)} ${(-(radius - zeroMm) * pxPerMm).toFixed(1)}`;
  });
  return points.join('L');
}
