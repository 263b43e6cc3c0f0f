import { sizeWords } from '../quantity/size';
import type { End, OwnEnd, PipePart, ThreadEnd } from './end';
import { flangeDrilling } from './standards/flanges';
import { hoseSystem } from './standards/hose';
import { pipeSeries } from './standards/pipes';
import { threadStandard } from './standards/threads';
import { wallSealStyle } from './standards/wall-seals';

/** Ends of no standard as they are written. */
export const OWN_WORDS: Readonly<Record<OwnEnd['what'], string>> = {
  'container-neck': 'container neck',
  'bulkhead-thread': 'bulkhead outer thread',
  'bulkhead-nut': 'bulkhead nut',
  'union-nut': 'union nut',
  'union-tail': 'union tail',
  'home-made': 'home-made end',
  thread: 'unknown thread',
  'open-mesh': 'open mesh',
};

const words = (...some: readonly string[]): string => some.filter((word) => word !== '').join(' ');

/** A thread without its sex: '3/4 NPT', 'S60x6'. */
export const threadName = ({ standard, size }: Pick<ThreadEnd, 'standard' | 'size'>): string => {
  const { token, sizeless } = threadStandard(standard);
  return sizeless ? token : `${size} ${token}`;
};

/**
 * An end as text. `parseEnd` reads it back.
 *
 * Threads `3/4 NPT M`, `3/4 NH F swivel`, `S60x6 F`; pipe `1-1/2 IPS spigot`, `32 PE compression`, `110 SOIL push-fit`;
 * hose `5/8 barb`, `5/8 hose bore`, `1 PE-ID bore`, `3/4 rural barb`; couplings `2 cam adapter`, `12.5 click plug`, `2 CL150 flange`;
 * in a wall `3 IPS gasket`, `3/4 bulkhead shank`, `3 gasket rim`, `41.3 hole 6.4 wall` (with ` 584 radius` on a curved
 * wall; mm); of no standard `container neck`, `union nut`, `unknown thread`.
 */
export function formatEnd(end: End): string {
  switch (end.kind) {
    case 'thread':
      return words(threadName(end), end.sex === 'male' ? 'M' : 'F', end.swivel ? 'swivel' : '');
    case 'pipe':
      return `${end.size} ${pipeSeries(end.series).token} ${end.part}`;
    case 'hose': {
      const { boreWord, barbWord } = hoseSystem(end.system);
      return words(end.size, end.part === 'barb' ? barbWord : boreWord, end.part);
    }
    case 'cam':
    case 'click':
      return `${end.size} ${end.kind} ${end.part}`;
    case 'flange':
      return `${end.size} ${flangeDrilling(end.drilling).token} flange`;
    case 'gasket':
      return `${end.size} ${pipeSeries(end.series).token} gasket`;
    case 'wall-seal':
      return words(end.size, ...wallSealStyle(end.style).words);
    case 'hole':
      return `${tenth(end.diameterMm)} hole ${tenth(end.wallMm)} wall${end.wallRadiusMm === undefined ? '' : ` ${tenth(end.wallRadiusMm)} radius`}`;
    case 'own':
      return OWN_WORDS[end.what];
  }
}

const tenth = (mm: number): string => `${Math.round(mm * 10) / 10}`;

const PIPE_PART_WORDS: Readonly<Record<PipePart, string>> = {
  spigot: '',
  socket: 'socket for',
  'push-fit': 'push-fit socket for',
  compression: 'compression fitting for',
  'dry-hub': 'plain hub for',
  sleeve: 'rubber sleeve for',
  press: 'press fitting for',
  crimp: 'crimp insert for',
  expansion: 'expansion insert for',
  saddle: 'saddle round',
  'loose-cap': 'loose cap over',
};

/** An end in full words for an installer: '3/4 NPT male', 'socket for 1-1/2 in Schedule 40 pipe'. */
export function describeEnd(end: End): string {
  switch (end.kind) {
    case 'thread':
      return words(threadName(end), end.sex, end.swivel ? 'swivel' : '');
    case 'pipe':
      return words(PIPE_PART_WORDS[end.part], `${sizeWords(end.size)} ${pipeSeries(end.series).name}`);
    case 'hose': {
      const { name, tailName } = hoseSystem(end.system);
      return `${sizeWords(end.size)} ${end.part === 'barb' ? tailName : name}`;
    }
    case 'cam':
      return end.part === 'adapter'
        ? `${sizeWords(end.size)} cam adapter, grooved`
        : `${sizeWords(end.size)} cam coupler, with arms`;
    case 'click':
      return `${sizeWords(end.size)} click ${end.part}`;
    case 'flange':
      return `${sizeWords(end.size)} ${flangeDrilling(end.drilling).name}`;
    case 'gasket':
      return `gasket for ${sizeWords(end.size)} ${pipeSeries(end.series).name}`;
    case 'wall-seal':
      return words(sizeWords(end.size), ...wallSealStyle(end.style).words);
    case 'hole':
      return `hole ${tenth(end.diameterMm)} mm`;
    case 'own':
      return OWN_WORDS[end.what];
  }
}
