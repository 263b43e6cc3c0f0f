/** What is assumed of a site until somebody says better; shown as assumed wherever a figure rests on it. */
export const ASSUMED = {
  /** Shoulder to fingertips (common practice). */
  armM: 0.7,
  /** What settles between two cleanings (common practice). */
  sedimentM: 0.05,
  /** Depth of the ground water below the finished ground: the careful guess is that it stands at the surface. */
  groundWaterM: 0,
  /** Frost goes this deep in a temperate winter (value from memory; ask locally). */
  frostM: 0.45,
  /** Firm ground carries this [kPa] (presumed bearing of firm clay, value from memory). */
  groundKpa: 75,
  /** Rain of a short storm [mm/h] (common practice in temperate climates; ask locally). */
  stormMmPerH: 100,
  /** A stand higher than this wants an engineer (common practice; rules are local). */
  standM: 0.9,
  /** Least fall of a drain, as a share of its length: 1 in 100 (common practice; storm drains 1/8 in to the foot). */
  fallShare: 0.01,
  /** Ground over a buried line where nobody drives (common practice). */
  coverM: 0.3,
} as const;
export type SiteFigure = keyof typeof ASSUMED;
export const SITE_FIGURES = Object.keys(ASSUMED) as readonly SiteFigure[];
