/** Figures that several kinds of system are sized by; each with what it usually is. */

export const roof = (usualM2: number, most: number) =>
  ({ kind: 'area', above: 0, most, default: usualM2, words: 'roof', asked: 'Roof that falls into it' }) as const;

export const hose = (usualM: number) =>
  ({ kind: 'length', least: 1, most: 60, default: usualM, words: 'hose', asked: 'Hose to the bed' }) as const;

export const houseLine = (usualM: number) =>
  ({ kind: 'length', least: 2, most: 100, default: usualM, words: 'line', asked: 'Line to the house' }) as const;

export const drain = (usualM: number) =>
  ({ kind: 'length', least: 1, most: 30, default: usualM, words: 'drain', asked: 'Drain from the downpipe' }) as const;

export const groundWater = (usualM: number) =>
  ({
    kind: 'length',
    least: 0,
    most: 30,
    default: usualM,
    words: 'ground water',
    asked: 'Ground water lies down',
  }) as const;

export const diameter = (usualM: number) =>
  ({
    kind: 'length',
    least: 0.9,
    most: 4,
    default: usualM,
    words: 'diameter',
    asked: 'Diameter of the tank',
  }) as const;

export const brim = (usualM: number) =>
  ({ kind: 'length', least: 0.7, most: 3, default: usualM, words: 'brim', asked: 'Brim of the tank' }) as const;

export const pallet = (usualM: number, least: number, most: number) =>
  ({ kind: 'length', least, most, default: usualM, words: 'stand', asked: 'Its pallet stands up' }) as const;

export const bears = (usualKg: number, asked: string) =>
  ({ kind: 'mass', above: 0, most: 10_000, default: usualKg, words: 'stand', asked }) as const;
