import { type Material, MATERIAL_NAMES, takesNoCement } from '../material';
import type { Mating } from '../mating';
import { pipeSize } from '../standards/pipe-series';
import { pipeSeries } from '../standards/pipes';
import { defineJointFamily } from './joint-family';

const noBond = (material: Material | undefined): material is Material =>
  material !== undefined && takesNoCement(material);

/** A pipe spigot in a socket: a joint when the pipe is larger than the foot of the socket and smaller than its mouth, and both dissolve. */
export const solventWeld = defineJointFamily(['pipe', 'pipe'], (a, b, materials): Mating => {
  const sources = [...new Set([...pipeSeries(a.series).sources, ...pipeSeries(b.series).sources])];
  const none = { needs: [], basis: [], sources, engagementMm: 0 } as const;
  if (a.part === b.part)
    return {
      ...none,
      verdict: 'will-not-go',
      why: a.part === 'spigot' ? 'Both ends are plain pipe.' : 'Both ends are sockets.',
      instead: a.part === 'spigot' ? 'Put a coupling between.' : 'Put a piece of pipe between.',
    };
  const [spigot, socket] = a.part === 'spigot' ? [a, b] : [b, a];
  const pipe = pipeSize(pipeSeries(spigot.series), spigot.size);
  const hub = pipeSize(pipeSeries(socket.series), socket.size);
  const basis = [
    { name: 'outside of the pipe', value: pipe.outsideMm, unit: 'mm' },
    { name: 'mouth of the socket', value: hub.socketMouthMm, unit: 'mm' },
    { name: 'foot of the socket', value: hub.socketBottomMm, unit: 'mm' },
  ] as const;
  if (pipe.outsideMm > hub.socketMouthMm)
    return {
      ...none,
      basis,
      verdict: 'will-not-go',
      why: `The pipe is ${(pipe.outsideMm - hub.socketMouthMm).toFixed(1)} mm larger outside than the mouth of the socket.`,
      instead: 'Use a reducing bushing or coupling.',
    };
  if (pipe.outsideMm < hub.socketBottomMm)
    return {
      ...none,
      basis,
      verdict: 'will-not-go',
      why: `The pipe is ${(hub.socketBottomMm - pipe.outsideMm).toFixed(1)} mm loose at the foot of the socket: cement cannot bridge that.`,
      instead: 'Use a reducing bushing or coupling.',
    };
  const stranger = [materials.a, materials.b].find(noBond);
  if (stranger !== undefined)
    return {
      ...none,
      basis,
      verdict: 'starts-then-leaks',
      why: `It slips in, but no cement bonds ${MATERIAL_NAMES[stranger]}: it looks made and pulls apart by hand.`,
      instead: 'Use a threaded or gasketed joint.',
    };
  return {
    ...none,
    basis,
    verdict: 'holds-with',
    needs: [{ kind: 'cement', size: socket.size }],
    why: `The pipe jams ${((1 - (pipe.outsideMm - hub.socketBottomMm) / (hub.socketMouthMm - hub.socketBottomMm)) * 100).toFixed(0)} % of the way down the tapering socket; primer and cement weld it there.`,
    engagementMm: hub.socketDepthMm,
  };
});
