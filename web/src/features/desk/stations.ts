/** The stations that have a screen, as they stand in an address. */
export const OPEN_STATIONS = ['tanks', 'holes', 'runs', 'parts'] as const;
export type OpenStation = (typeof OPEN_STATIONS)[number];

export const stationPath = (jobId: string, station: string): string => `/jobs/${jobId}/${station}`;
