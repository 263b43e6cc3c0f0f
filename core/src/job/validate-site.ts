import { MOST_TAX_PERCENT } from '../quantity/money';
import type { FieldProblem } from '../result';
import { roofMaterial } from '../site/roof-materials';
import { SITE_FIGURES, type SiteFigure } from '../walls/assumed';
import type { Job } from './job';
import { LIMITS, endTextProblems, saidProblem } from './validate-limits';

const FIGURE_LIMITS: Readonly<Record<SiteFigure, readonly [number, number, string]>> = {
  armM: [0.2, 1.2, 'An arm is from 0.2 to 1.2 m long.'],
  sedimentM: [0, 1, 'Sediment is from 0 to 1 m deep.'],
  groundWaterM: [0, 30, 'Ground water is from 0 to 30 m below the ground.'],
  frostM: [0, 3, 'Frost is from 0 to 3 m deep.'],
  groundKpa: [5, 5000, 'Ground bears from 5 to 5000 kPa.'],
  stormMmPerH: [1, 1000, 'A storm is from 1 to 1000 mm in an hour.'],
  standM: [0, 10, 'A stand is from 0 to 10 m high.'],
  fallShare: [0, 0.5, 'A drain falls from 0 to half of its length.'],
  coverM: [0, 5, 'The cover of a line is from 0 to 5 m.'],
};

/** Figures of the site and the money that nobody can mean. */
export const settingProblems = (job: Job): FieldProblem[] => [
  ...SITE_FIGURES.flatMap((figure) => {
    const [least, most, message] = FIGURE_LIMITS[figure];
    const value = job[figure];
    return value === null || (value >= least && value <= most) ? [] : [{ path: figure, message }];
  }),
  ...saidProblem(job.taxPercent, MOST_TAX_PERCENT, 'taxPercent', `Tax is from 0 to ${MOST_TAX_PERCENT} percent.`),
];

/** What a source falls into is there, and what it is covered with is known. */
export function sourceProblems(
  { into, name, ...source }: { readonly into: string | null; readonly name: string; readonly material?: string | null },
  path: string,
  { penetrations }: Job,
): FieldProblem[] {
  return [
    ...(into !== null && !penetrations.some(({ id }) => id === into)
      ? [{ path: `${path}.into`, message: `${name} falls into an opening that is not there.` }]
      : []),
    ...(source.material != null && roofMaterial(source.material) === undefined
      ? [{ path: `${path}.material`, message: `${source.material} is no material Herrero knows.` }]
      : []),
  ];
}

export function inflowProblems(inflow: Job['inflows'][number], index: number, job: Job): FieldProblem[] {
  const path = `inflows[${index}]`;
  const { name, rateM3s, airGapM } = inflow;
  return [
    ...sourceProblems(inflow, path, job),
    ...saidProblem(rateM3s, LIMITS.flowM3s, `${path}.rateM3s`, `${name} brings from 0 to ${LIMITS.flowM3s} m3/s.`),
    ...saidProblem(
      airGapM,
      LIMITS.lengthM,
      `${path}.airGapM`,
      `The air gap of ${name} is from 0 to ${LIMITS.lengthM} m.`,
    ),
  ];
}

export function terminalProblems(terminal: Job['terminals'][number], index: number): FieldProblem[] {
  const path = `terminals[${index}]`;
  const { name, offers, distanceM, throughM, wantsKpa, wantsM3s, vesselM, reserveM3 } = terminal;
  return [
    ...endTextProblems(offers, `${path}.offers`),
    ...saidProblem(
      distanceM,
      LIMITS.cutLengthM,
      `${path}.distanceM`,
      `${name} is from 0 to ${LIMITS.cutLengthM} m away.`,
    ),
    ...saidProblem(
      throughM,
      LIMITS.wallThroughM,
      `${path}.throughM`,
      `A wall on the way to ${name} is from 0 to ${LIMITS.wallThroughM} m thick.`,
    ),
    ...saidProblem(wantsKpa, LIMITS.kPa, `${path}.wantsKpa`, `${name} wants from 0 to ${LIMITS.kPa} kPa.`),
    ...saidProblem(wantsM3s, LIMITS.flowM3s, `${path}.wantsM3s`, `${name} wants from 0 to ${LIMITS.flowM3s} m3/s.`),
    ...saidProblem(
      vesselM,
      LIMITS.lengthM,
      `${path}.vesselM`,
      `What goes under ${name} is from 0 to ${LIMITS.lengthM} m high.`,
    ),
    ...saidProblem(
      reserveM3,
      LIMITS.capacityM3,
      `${path}.reserveM3`,
      `The reserve for ${name} is from 0 to ${LIMITS.capacityM3} m3.`,
    ),
  ];
}

export function markProblems({ at, name, finishedM }: Job['marks'][number], index: number, job: Job): FieldProblem[] {
  const path = `marks[${index}]`;
  return [
    ...(at !== null && !job.terminals.some(({ id }) => id === at)
      ? [{ path: `${path}.at`, message: `${name} is at a place that is not there.` }]
      : []),
    ...(finishedM !== null && !(Math.abs(finishedM) <= LIMITS.upM)
      ? [{ path: `${path}.finishedM`, message: `${name} is at most ${LIMITS.upM} m up or down.` }]
      : []),
  ];
}

/** Every reading was taken from something that is there, by a length that a tape or a staff has. */
export function readingProblems(job: Job): FieldProblem[] {
  const collections = { roof: job.roofs, terminal: job.terminals, mark: job.marks } as const;
  return (['roofs', 'terminals', 'marks'] as const).flatMap((collection) =>
    job[collection].flatMap(({ name, readings }, index) =>
      readings.flatMap(({ from, downM }, place): FieldProblem[] => {
        const path = `${collection}[${index}].readings[${place}]`;
        const stands = from.of === 'ground' || collections[from.of].some(({ id }) => id === from.id);
        if (!stands)
          return [
            { path: `${path}.from`, message: `The height of ${name} was read from something that is not there.` },
          ];
        return Math.abs(downM) <= LIMITS.upM
          ? []
          : [{ path: `${path}.downM`, message: `${name} is at most ${LIMITS.upM} m up or down.` }];
      }),
    ),
  );
}
