import type { PipeEnd } from '../end';
import type { Need } from '../mating';
import { pipeSeries } from '../standards/pipes';

/** What keeps soft pipe round where it is gripped, by the pipe. */
export const insertFor = ({ size, series }: PipeEnd): Need => ({
  kind: 'insert',
  name: `${size} ${pipeSeries(series).token} insert`,
});
