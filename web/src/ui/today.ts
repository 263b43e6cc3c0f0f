import { format } from 'date-fns';

/** Today on the device of the person, as the record says it: 2026-11-25. */
export const today = (): string => format(new Date(), 'yyyy-MM-dd');
