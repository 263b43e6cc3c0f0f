import type { End } from '../../connections/end';
import { MM_PER_INCH } from '../../quantity/length';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { fullBoreMm, middle } from '../body';
import { nptFemale, nptMale, socket } from '../ends';
import { TYPICAL_BODIES, defineFamily } from '../part-family';
import { type PieceSpec, piece } from '../piece';
import { TAKE_OFF_IN, THREAD_ADDS_IN } from '../take-off-lengths';

/** Street elbows are carried in brass in the small sizes. */
const STREET_SIZES: readonly NominalSize[] = ['1/2', '3/4', '1'];

type Named = Pick<PieceSpec, 'code' | 'name' | 'detail' | 'material' | 'priceUsdAtOneInch'>;

/** Laid out straight the bend is twice as long as from its centre to an end. */
const elbow = (size: NominalSize, takeOffIn: number, ends: readonly [End, End], named: Named) =>
  piece({
    ...named,
    code: `${named.code}-${sizeCode(size)}`,
    size,
    ends,
    boreMm: fullBoreMm(size),
    between: (inlet, outlet) =>
      middle(2 * takeOffIn * MM_PER_INCH, Math.min(inlet.outsideMm, outlet.outsideMm * 1.2), fullBoreMm(size)),
    features: ['bend'],
  });

/** Quarter bends: PVC with sockets or threads, street elbows in brass. The string draws them laid out straight. */
export const elbows = defineFamily({
  id: 'elbow',
  name: 'Elbow',
  source: TYPICAL_BODIES,
  parts: () =>
    TAKE_OFF_IN.flatMap(([size, takeOff]) => [
      elbow(size, takeOff, [socket(size), socket(size)], {
        code: 'ES',
        name: 'Elbow',
        detail: `${size} socket`,
        material: 'pvc',
        priceUsdAtOneInch: 1.6,
      }),
      ...(size === '3'
        ? []
        : [
            elbow(size, takeOff + THREAD_ADDS_IN, [nptFemale(size), nptFemale(size)], {
              code: 'ET',
              name: 'Elbow',
              detail: `${size} NPT female`,
              material: 'pvc',
              priceUsdAtOneInch: 2.4,
            }),
          ]),
      ...(STREET_SIZES.includes(size)
        ? [
            elbow(size, takeOff + THREAD_ADDS_IN, [nptMale(size), nptFemale(size)], {
              code: 'EM',
              name: 'Street elbow',
              detail: `${size} NPT male x female`,
              material: 'brass',
              priceUsdAtOneInch: 9,
            }),
          ]
        : []),
    ]),
});
