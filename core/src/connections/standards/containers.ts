import { MM_PER_INCH } from '../../quantity/length';
import type { NominalSize } from '../../quantity/size';
import {
  BOTH_SEXES,
  type Range,
  type ThreadForm,
  type ThreadPart,
  type ThreadSeal,
  type ThreadStandard,
  middle,
} from './thread-standard';

interface Coarse {
  readonly id: string;
  readonly token: string;
  readonly sizeless?: true;
  readonly name: string;
  readonly size: NominalSize;
  readonly pitchMm: number;
  /** Over the crests of the male; makers differ within this. */
  readonly acrossMm: Range;
  readonly seals: Readonly<Record<'male' | 'female', ThreadSeal>>;
  readonly regions: ThreadStandard['regions'];
}

// Thread form of coarse moulded threads, as shares of the pitch (from memory; makers differ).
const HEIGHT_SHARE = 0.45;
const PLAY_SHARE = 0.1;
const FLANK_DEG = 30;
const TURNS = 2.5;

/** The female is the male's own, with play on the diameter for a moulded thread. */
function coarse({ id, token, sizeless, name, size, pitchMm, acrossMm, seals, regions }: Coarse): ThreadStandard {
  const form = (asked: NominalSize, part: ThreadPart): ThreadForm => {
    if (asked !== size) throw new RangeError(`${id}: no size ${asked}`);
    const male = part === 'male';
    const heightMm = HEIGHT_SHARE * pitchMm;
    const playMm = PLAY_SHARE * pitchMm;
    const majorMm = middle(acrossMm) + (male ? 0 : playMm);
    const minorMm = majorMm - 2 * heightMm;
    const inside: Range = [acrossMm[0] + playMm - 2 * heightMm, acrossMm[1] + playMm - 2 * heightMm];
    return {
      pitchMm,
      flankDeg: FLANK_DEG,
      taper: 0,
      seal: male ? seals.male : seals.female,
      crestMm: male ? majorMm : minorMm,
      pitchDiameterMm: (majorMm + minorMm) / 2,
      rootMm: male ? minorMm : majorMm,
      usableLengthMm: TURNS * pitchMm,
      madeUpMm: TURNS * pitchMm,
      acrossMm: male ? acrossMm : inside,
      firstCrestMm: male ? acrossMm : inside,
      gaugeToleranceTurns: 0,
      rounded: true,
    };
  };
  return {
    id,
    token,
    ...(sizeless ? { sizeless } : {}),
    name,
    source: { document: 'container and drum threads of the trade; makers differ, measure', provenance: 'from-memory' },
    sizes: [size],
    sexes: BOTH_SEXES,
    regions,
    special: true,
    threadsPerInch: () => MM_PER_INCH / pitchMm,
    form,
  };
}

const CONTAINER = { male: 'none', female: 'washer' } as const;
const BUNG = { male: 'shoulder', female: 'rim' } as const;
const EVERYWHERE = ['US', 'UK', 'EU', 'ANZ'] as const;

/** Coarse outlets of crate containers and the coarse bungs of drums. */
export const CONTAINER_THREADS: readonly ThreadStandard[] = [
  coarse({
    id: 's60x6',
    token: 'S60x6',
    sizeless: true,
    name: 'container outlet thread',
    size: '60',
    pitchMm: 6,
    acrossMm: [59, 60.5],
    seals: CONTAINER,
    regions: EVERYWHERE,
  }),
  coarse({
    id: 's70x6',
    token: 'S70x6',
    sizeless: true,
    name: 'container outlet thread',
    size: '70',
    pitchMm: 6,
    acrossMm: [69, 70.5],
    seals: CONTAINER,
    regions: EVERYWHERE,
  }),
  coarse({
    id: 's75x6',
    token: 'S75x6',
    sizeless: true,
    name: 'container outlet thread',
    size: '75',
    pitchMm: 6,
    acrossMm: [74, 75.5],
    seals: CONTAINER,
    regions: EVERYWHERE,
  }),
  coarse({
    id: 's100x8',
    token: 'S100x8',
    sizeless: true,
    name: 'container outlet thread',
    size: '100',
    pitchMm: 8,
    acrossMm: [98, 100.5],
    seals: CONTAINER,
    regions: EVERYWHERE,
  }),
  coarse({
    id: 'buttress',
    token: 'buttress',
    name: 'coarse drum bung thread, about 5 to the inch',
    size: '2',
    pitchMm: MM_PER_INCH / 5,
    acrossMm: [58.5, 60],
    seals: BUNG,
    regions: ['US'],
  }),
  coarse({
    id: '56x4',
    token: '56x4',
    sizeless: true,
    name: 'coarse drum bung thread of European drums',
    size: '56',
    pitchMm: 4,
    acrossMm: [55.5, 56.5],
    seals: BUNG,
    regions: ['EU', 'UK'],
  }),
];
