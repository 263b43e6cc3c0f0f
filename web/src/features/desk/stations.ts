/** The address of a station of a job. */
export const stationPath = (jobId: string, station: string): string => `/jobs/${jobId}/${station}`;

type Views = readonly (readonly [href: string, name: string])[];

/** The two sheets of the site. */
export const siteViews = (jobId: string): Views => [
  [stationPath(jobId, 'site'), 'Fall line'],
  [`${stationPath(jobId, 'site')}/plan`, 'From above'],
];

/** The two ways to look at a run. */
export const runViewsOf = (jobId: string): Views => [
  [stationPath(jobId, 'runs'), 'In line'],
  [`${stationPath(jobId, 'runs')}/space`, 'In space'],
];
