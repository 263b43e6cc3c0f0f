/** So close, as a share of the interval that was searched, a root is found. */
const CLOSE = 1e-13;
const MOST_STEPS = 80;

/**
 * Where a function that falls (or rises) from one end of an interval to the other is nought: regula falsi in the Illinois
 * form, which closes in a few steps where halving takes dozens.
 *
 * @param of   continuous, of unlike signs at the two ends
 * @returns the end that is nearer nought where the signs are alike
 * @source Dowell and Jarratt (1971), A modified regula falsi method
 */
export function rootOf(of: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  let [fa, fb] = [of(a), of(b)];
  if (fa === 0 || fa * fb > 0) return Math.abs(fa) <= Math.abs(fb) ? a : b;
  const enough = CLOSE * Math.abs(high - low);
  for (let step = 0; step < MOST_STEPS && Math.abs(b - a) > enough && fb !== 0; step++) {
    // A step that falls on an end for want of digits is halved instead.
    const straight = b - (fb * (b - a)) / (fb - fa);
    const x = straight === a || straight === b ? (a + b) / 2 : straight;
    const fx = of(x);
    if (fx * fb < 0) [a, fa] = [b, fb];
    else fa /= 2;
    [b, fb] = [x, fx];
  }
  return b;
}
