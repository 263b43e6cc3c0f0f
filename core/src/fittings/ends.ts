import type {
  CamEnd,
  ClickEnd,
  FlangeEnd,
  GasketEnd,
  HoseEnd,
  PipeEnd,
  PipePart,
  ThreadEnd,
  WallSealEnd,
} from '../connections/end';
import type { NominalSize } from '../quantity/size';

export const nptMale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'npt', size, sex: 'male' });
export const nptFemale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'npt', size, sex: 'female' });
export const nhMale: ThreadEnd = { kind: 'thread', standard: 'nh', size: '3/4', sex: 'male' };
export const nhSwivel: ThreadEnd = { kind: 'thread', standard: 'nh', size: '3/4', sex: 'female', swivel: true };
export const spigot = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'ips-40', size, part: 'spigot' });
export const socket = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'ips-40', size, part: 'socket' });
export const barb = (size: NominalSize): HoseEnd => ({ kind: 'hose', system: 'hose', size, part: 'barb' });
export const gasketLip = (series: string, size: NominalSize): GasketEnd => ({ kind: 'gasket', series, size });
export const wallSealEnd = (style: string, size: NominalSize): WallSealEnd => ({ kind: 'wall-seal', style, size });
export const gMale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'g', size, sex: 'male' });
export const gFemale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'g', size, sex: 'female' });
export const soilPushFit = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'soil', size, part: 'push-fit' });
export const gSwivel = (size: NominalSize): ThreadEnd => ({ ...gFemale(size), swivel: true });
export const rMale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'r', size, sex: 'male' });
export const rpFemale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'rp', size, sex: 'female' });
export const camAdapter = (size: NominalSize): CamEnd => ({ kind: 'cam', size, part: 'adapter' });
export const camCoupler = (size: NominalSize): CamEnd => ({ kind: 'cam', size, part: 'coupler' });
export const clickPlug = (size: NominalSize): ClickEnd => ({ kind: 'click', size, part: 'plug' });
export const clickSocket = (size: NominalSize): ClickEnd => ({ kind: 'click', size, part: 'socket' });
export const flangeEnd = (drilling: string, size: NominalSize): FlangeEnd => ({ kind: 'flange', drilling, size });
/** An end of a pipe series, as a function of its size. */
export const pipeEnd =
  (series: string, part: PipePart) =>
  (size: NominalSize): PipeEnd => ({ kind: 'pipe', series, size, part });
