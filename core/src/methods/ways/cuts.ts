import { MM_PER_INCH } from '../../quantity/length';
import { type Method, type Work, twoFrom } from '../method';

/** Up to this a tube cutter goes round; above it a fine saw in a mitre box cuts square (common practice). */
const CUTTER_UP_TO_MM = 2.5 * MM_PER_INCH;
const isSmall = ({ acrossMm = 0 }: Work): boolean => acrossMm < CUTTER_UP_TO_MM;

/** What is sawn, bored, cut and smoothed. */
export const CUT_WAYS = {
  'saw-hole': {
    name: 'Saw a round hole',
    per: 'hole',
    minutes: [3, 10],
    people: twoFrom(100),
    tools: ['tape', 'drill', 'arbor', 'deburrer', 'eyes'],
    caution: 'drill',
  },
  'saw-steel': {
    name: 'Saw a round hole in steel',
    per: 'hole',
    minutes: [5, 15],
    people: twoFrom(100),
    tools: ['tape', 'drill', 'arbor', 'deburrer', 'eyes', 'gloves'],
    caution: 'drill',
  },
  'cut-to-template': {
    name: 'Cut a hole to a template',
    per: 'hole',
    minutes: [10, 30],
    people: twoFrom(300),
    tools: ['tape', 'drill', 'jigsaw', 'deburrer', 'eyes'],
    caution: 'drill',
  },
  'core-hole': {
    name: 'Core a hole in concrete',
    per: 'hole',
    minutes: [15, 60],
    people: twoFrom(80),
    tools: ['tape', 'detector', 'coreDrill', 'wetVacuum', 'drill', 'deburrer', 'eyes', 'gloves'],
    caution: 'drill',
  },
  'zinc-edge': {
    name: 'Paint the bare edge of a hole in steel',
    per: 'hole',
    minutes: [2, 5],
    tools: ['rags'],
  },
  'cut-rigid': {
    name: 'Cut rigid pipe, deburr and bevel it',
    per: 'cut',
    minutes: [1, 5],
    people: twoFrom(110),
    tools: [
      'tape',
      { tool: 'pipeCutter', when: isSmall },
      { tool: 'fineSaw', when: (work) => !isSmall(work) },
      'bevel',
      'deburrer',
      'vice',
    ],
  },
  'cut-clear': {
    name: 'Cut clear pipe with a fine saw',
    per: 'cut',
    minutes: [3, 6],
    tools: ['tape', 'fineSaw', 'bevel', 'deburrer', 'vice'],
  },
  'cut-coil': {
    name: 'Cut polyethylene pipe and bevel it',
    per: 'cut',
    minutes: [1, 3],
    people: twoFrom(50),
    tools: [
      'tape',
      { tool: 'pipeCutter', when: isSmall },
      { tool: 'fineSaw', when: (work) => !isSmall(work) },
      'bevel',
    ],
    caution: 'drill',
  },
  'cut-soft': {
    name: 'Cut hose or soft tube',
    per: 'cut',
    minutes: [0.5, 2],
    tools: ['tape', 'knife'],
  },
  'cut-downpipe': {
    name: 'Cut downpipe',
    per: 'cut',
    minutes: [3, 10],
    tools: ['tape', 'snips', 'gloves'],
    caution: 'height',
  },
} as const satisfies Readonly<Record<string, Method>>;
