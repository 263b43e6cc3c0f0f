import { type Job, type TankLevels, formatVolume } from '@herrero/core';

/** What can be drawn between full and dead, as it stands on the sheet. */
export const usableWords = ({ usableM3 }: TankLevels, job: Job): string =>
  `${formatVolume(usableM3, job.measures)} to draw on`;
