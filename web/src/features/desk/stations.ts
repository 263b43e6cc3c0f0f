/** The address of a station of a job. */
export const stationPath = (jobId: string, station: string): string => `/jobs/${jobId}/${station}`;
