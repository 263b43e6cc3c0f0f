import type { GasketEnd, HoseEnd, PipeEnd, ThreadEnd, WallSealEnd } from '../connections/end';
import type { NominalSize } from '../quantity/size';

export const nptMale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'npt', size, sex: 'male' });
export const nptFemale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'npt', size, sex: 'female' });
export const nhMale: ThreadEnd = { kind: 'thread', standard: 'nh', size: '3/4', sex: 'male' };
export const nhSwivel: ThreadEnd = { kind: 'thread', standard: 'nh', size: '3/4', sex: 'female', swivel: true };
export const spigot = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'ips-40', size, part: 'spigot' });
export const socket = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'ips-40', size, part: 'socket' });
export const barb = (size: NominalSize): HoseEnd => ({ kind: 'hose', system: 'hose', size, part: 'barb' });
export const hoseBore = (size: NominalSize): HoseEnd => ({ kind: 'hose', system: 'hose', size, part: 'bore' });
export const gasketLip = (series: string, size: NominalSize): GasketEnd => ({ kind: 'gasket', series, size });
export const wallSealEnd = (style: string, size: NominalSize): WallSealEnd => ({ kind: 'wall-seal', style, size });
export const gMale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'g', size, sex: 'male' });
export const gFemale = (size: NominalSize): ThreadEnd => ({ kind: 'thread', standard: 'g', size, sex: 'female' });
export const soilPushFit = (size: NominalSize): PipeEnd => ({ kind: 'pipe', series: 'soil', size, part: 'push-fit' });
