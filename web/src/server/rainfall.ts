/** Kinds of climate that the stand-in knows a made-up design rain for. */
export const CLIMATES = ['dry', 'temperate', 'wet coast', 'subtropical', 'tropical'] as const;
export type Climate = (typeof CLIMATES)[number];

/** Made up, of the right order: the rain of one hour that comes back every ten years [mm/h]. */
const HOUR_MM_PER_H: Readonly<Record<Climate, number>> = {
  dry: 22,
  temperate: 35,
  'wet coast': 45,
  subtropical: 70,
  tropical: 95,
};

/** Short rains are harder: intensity grows as duration falls, by a power that such curves have (made up). */
const POWER = 0.5;
const HOUR_MIN = 60;

export const DURATIONS_MIN = [5, 10, 15, 30, 60] as const;

/** What a rainfall service answers. This one is a stand-in: every figure is made up and it says so. */
export interface DesignRain {
  readonly standIn: true;
  readonly climate: Climate;
  readonly minutes: number;
  readonly returnYears: number;
  readonly mmPerH: number;
}

/** A made-up design rain of so many minutes. @param minutes one of `DURATIONS_MIN` */
export const standInRain = (climate: Climate, minutes: number): DesignRain => ({
  standIn: true,
  climate,
  minutes,
  returnYears: 10,
  mmPerH: Math.round(HOUR_MM_PER_H[climate] * (HOUR_MIN / minutes) ** POWER),
});
