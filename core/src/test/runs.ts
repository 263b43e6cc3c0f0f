/** Is this the long run, `npm run test:deep`? */
export const DEEP = (process.env['HERRERO_DEEP'] ?? '') !== '';

const TIMES = 20;

/** How many cases a property is tried with: a fixed sample as a rule, many more in the long run. */
export const runs = (usual: number, deep = usual * TIMES): number => (DEEP ? deep : usual);
