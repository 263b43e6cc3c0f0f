/** A point or a direction: three coordinates, right-handed. */
export type Triple = readonly [number, number, number];

const dot = ([a, b, c]: Triple, [x, y, z]: Triple): number => a * x + b * y + c * z;
const add = ([a, b, c]: Triple, [x, y, z]: Triple, by: number): Triple => [a + by * x, b + by * y, c + by * z];
const cross = ([a, b, c]: Triple, [x, y, z]: Triple): Triple => [b * z - c * y, c * x - a * z, a * y - b * x];
const length = (a: Triple): number => Math.sqrt(dot(a, a));
const scaled = (a: Triple, by: number): Triple => [a[0] * by, a[1] * by, a[2] * by];
const RADIANS = Math.PI / 180;

/** What is asked: from the origin along `u`, to `gap` along `v`, with bends of these degrees, no leg under its least. */
export interface Asked {
  readonly u: Triple;
  readonly v: Triple;
  readonly gap: Triple;
  readonly degrees: readonly number[];
  /** How much of a leg a bend of these degrees takes, and the least that is left of it for pipe. */
  readonly takes: (degrees: number) => number;
  readonly least: number;
}

const perpendicular = (axis: Triple): Triple => {
  const other: Triple = Math.abs(axis[2]) < 0.8 ? [0, 0, 1] : [1, 0, 0];
  const side = add(other, axis, -dot(other, axis));
  return scaled(side, 1 / length(side));
};

/** Directions at so many degrees from an axis, by their angle round it. */
function coneAt(axis: Triple, degrees: number, round: number): Triple {
  const side = perpendicular(axis);
  const up = cross(axis, side);
  const off = Math.sin(degrees * RADIANS);
  const flat = add(scaled(side, Math.cos(round * RADIANS) * off), up, Math.sin(round * RADIANS) * off);
  return add(flat, axis, Math.cos(degrees * RADIANS));
}

/** Directions at two given angles from two axes, by the spherical law of cosines. */
function meeting(a: Triple, aDegrees: number, v: Triple, vDegrees: number): readonly Triple[] {
  const side = add(v, a, -dot(v, a));
  const wide = length(side);
  if (wide < 1e-9) return [];
  const psi = Math.atan2(wide, dot(v, a));
  const [p, q] = [aDegrees * RADIANS, vDegrees * RADIANS];
  const cosine = (Math.cos(q) - Math.cos(p) * Math.cos(psi)) / (Math.sin(p) * Math.sin(psi));
  if (Math.abs(cosine) > 1) return [];
  const towards = scaled(side, 1 / wide);
  const across = cross(a, towards);
  return [1, -1].map((sign) => {
    const round = sign * Math.acos(cosine);
    const flat = add(scaled(towards, Math.cos(round) * Math.sin(p)), across, Math.sin(round) * Math.sin(p));
    return add(flat, a, Math.cos(p));
  });
}

const determinant = (a: Triple, b: Triple, c: Triple): number => dot(a, cross(b, c));

/** Have three legs their least, along these ways? */
function threeClose([a, b, c]: readonly [Triple, Triple, Triple], gap: Triple, leasts: readonly number[]): boolean {
  const whole = determinant(a, b, c);
  if (Math.abs(whole) < 1e-9) return false;
  const legs = [determinant(gap, b, c), determinant(a, gap, c), determinant(a, b, gap)].map((one) => one / whole);
  return legs.every((leg, place) => leg >= (leasts[place] ?? 0));
}

/** Four legs have a line of answers: is there a piece of it on which all have their least? */
function fourClose(
  [a, b, c, d]: readonly [Triple, Triple, Triple, Triple],
  gap: Triple,
  leasts: readonly number[],
): boolean {
  const whole = determinant(a, b, c);
  if (Math.abs(whole) < 1e-9) return false;
  const solve = (to: Triple): readonly number[] => [
    determinant(to, b, c) / whole,
    determinant(a, to, c) / whole,
    determinant(a, b, to) / whole,
  ];
  const [base, less] = [solve(gap), solve(d)];
  let [from, to] = [leasts[3] ?? 0, Infinity];
  for (const [place, start] of base.entries()) {
    const room = start - (leasts[place] ?? 0);
    const slope = less[place] ?? 0;
    if (Math.abs(slope) < 1e-12) {
      if (room < 0) return false;
    } else if (slope > 0) to = Math.min(to, room / slope);
    else from = Math.max(from, room / slope);
  }
  return from <= to;
}

const STEP_DEGREES = 1;

/**
 * The least number of bends that close, of two and three: all pairs exactly, all threes with the first turned by steps of one
 * degree; undefined where neither does. Written apart from what it judges: other coordinates, spherical trigonometry and
 * determinants.
 */
export function leastBends({ u, v, gap, degrees, takes, least }: Asked): 2 | 3 | undefined {
  const leasts = (...bends: readonly number[]): readonly number[] =>
    Array.from(
      { length: bends.length + 1 },
      (_, place) => least + takes(bends[place - 1] ?? 0) + takes(bends[place] ?? 0),
    );
  for (const first of degrees)
    for (const second of degrees)
      for (const middle of meeting(u, first, v, second))
        if (threeClose([u, middle, v], gap, leasts(first, second))) return 2;
  for (const first of degrees)
    for (let round = 0; round < 360; round += STEP_DEGREES) {
      const a = coneAt(u, first, round);
      for (const second of degrees)
        for (const third of degrees)
          for (const b of meeting(a, second, v, third))
            if (fourClose([u, a, b, v], gap, leasts(first, second, third))) return 3;
    }
  return undefined;
}
