import { METRES_PER_INCH } from './length';

/** Newton to the pound force: the pound (agreement of 1959) times standard gravity. */
const NEWTON_PER_POUND_FORCE = 0.45359237 * 9.80665;

/** Pounds to the square inch, in kPa: exact by definition of its units. */
export const KPA_PER_PSI = NEWTON_PER_POUND_FORCE / METRES_PER_INCH ** 2 / 1000;
