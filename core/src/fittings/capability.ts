import type { Feature, Part } from './part';

/** What a part does in a line, as somebody asks for it. */
export const CAPABILITIES = ['shut-off', 'union', 'non-return', 'filter', 'elbow', 'branch', 'slip'] as const;
export type Capability = (typeof CAPABILITIES)[number];

export const CAPABILITY_NAMES: Readonly<Record<Capability, string>> = {
  'shut-off': 'a shut-off',
  union: 'a union or quick release',
  'non-return': 'a non-return valve',
  filter: 'a filter',
  elbow: 'an elbow',
  branch: 'a branch',
  slip: 'a slip coupling',
};

const BY_FEATURE: Readonly<Record<Capability, readonly Feature[]>> = {
  'shut-off': ['ball-and-lever', 'gate-and-wheel', 'spout'],
  union: ['union-nut'],
  'non-return': ['flap', 'spring-check'],
  filter: ['filter', 'strainer'],
  elbow: ['bend'],
  branch: ['branch'],
  slip: ['slip'],
};

/** By which features of a part it is told that it does this. */
export const featuresOf = (capability: Capability): readonly Feature[] => BY_FEATURE[capability];

/** Does a part do this? A cam or click half and a flange count as one: their joint comes apart where it stands. */
export const can = (part: Pick<Part, 'features' | 'ends'>, capability: Capability): boolean =>
  part.features.some((feature) => BY_FEATURE[capability].includes(feature)) ||
  (capability === 'union' &&
    part.ends.some(({ end }) => end.kind === 'cam' || end.kind === 'click' || end.kind === 'flange'));

/** Does it stand in the wall of a tank and seal its hole? */
export const sealsWall = ({ ends }: Pick<Part, 'ends'>): boolean => ends.some(({ end }) => end.kind === 'wall-seal');

/** Is it put round a pipe that goes on through it? Then it joins nothing that is cut. */
export const goesRound = (part: Pick<Part, 'features'>): boolean => part.features.includes('saddle');

/** Is it a length of downpipe, or a fitting of one? */
export const isDownpipe = ({ ends }: Pick<Part, 'ends'>): boolean =>
  ends.some(({ end }) => end.kind === 'pipe' && end.series === 'downpipe');

/** Does it close the line by hand: a valve with a lever or a wheel, or a tap? */
export const isShutOff = (part: Pick<Part, 'features' | 'ends'>): boolean => can(part, 'shut-off');

/** Does it close what it goes on: a plug, a cap, a cover? A grate or a breather has one end too, and lets air through. */
export const closesEnd = ({ ends, features }: Pick<Part, 'features' | 'ends'>): boolean =>
  ends.length === 1 && features.length === 0;

/** What else can be kept out of a line. */
export const AVOIDABLE = [...CAPABILITIES, 'glue', 'metal', 'plastic'] as const;
export type Avoidable = (typeof AVOIDABLE)[number];
