import type { NominalSize } from '../../quantity/size';

type Pairs = readonly (readonly [NominalSize, NominalSize])[];

const METRIC: Pairs = [
  ['20', '1/2'],
  ['25', '3/4'],
  ['32', '1'],
  ['40', '1-1/4'],
  ['50', '1-1/2'],
  ['63', '2'],
  ['75', '2-1/2'],
  ['90', '3'],
  ['110', '4'],
];
const NOMINAL: Pairs = [
  ['15', '1/2'],
  ['20', '3/4'],
  ['25', '1'],
  ['32', '1-1/4'],
  ['40', '1-1/2'],
  ['50', '2'],
  ['65', '2-1/2'],
  ['80', '3'],
  ['100', '4'],
];
const COPPER: Pairs = [
  ['15', '1/2'],
  ['22', '3/4'],
  ['28', '1'],
  ['35', '1-1/4'],
  ['42', '1-1/2'],
  ['54', '2'],
];

const lookUp =
  (pairs: Pairs) =>
  (size: NominalSize): NominalSize => {
    const found = pairs.find(([own]) => own === size);
    if (!found) throw new RangeError(`nothing goes with ${size}`);
    return found[1];
  };

/** The pipe thread that goes with metric pipe of an outside diameter (common practice). @throws RangeError none does */
export const metricThread = lookUp(METRIC);
/** The same for the nominal sizes of AS/NZS pipe, which are those of the thread in millimetres. */
export const nominalThread = lookUp(NOMINAL);
/** The nominal size (DN) that goes with a pipe thread. @throws RangeError none does */
export const nominalOfThread = lookUp(NOMINAL.map(([nominal, thread]) => [thread, nominal] as const));
/** The same for metric copper tube. */
export const copperThread = lookUp(COPPER);
