import { type NominalSize, sizeCode, sizeInInches } from '../../quantity/size';
import { endWords } from '../end-words';
import { fitting } from '../fitting';
import type { Line } from '../line';
import * as socketed from '../lines/socketed';
import * as threaded from '../lines/threaded';
import { defineFamily } from '../part-family';

/** Bars by their own line and size, the threads of their outlets, and how many there are (ranges of the trade, from memory). */
const BARS: readonly (readonly [
  bar: Line,
  bars: readonly NominalSize[],
  outlet: Line,
  outlets: readonly NominalSize[],
])[] = [
  [threaded.NPT_BRASS, ['3/4', '1'], threaded.NPT_BRASS, ['1/2', '3/4']],
  [threaded.NPT_STAINLESS, ['1', '1-1/4'], threaded.NPT_STAINLESS, ['1/2', '3/4']],
  [socketed.SCHEDULE_40, ['1', '1-1/4', '1-1/2', '2'], threaded.NPT_PVC, ['1/2', '3/4']],
  [threaded.ISO_BRASS, ['3/4', '1'], threaded.ISO_BRASS, ['1/2', '3/4']],
  [threaded.ISO_POLYPROPYLENE, ['1', '1-1/4'], threaded.ISO_POLYPROPYLENE, ['3/4', '1']],
];
const COUNTS = [2, 3, 4, 6] as const;

/** Centre to centre of two outlets, and from the last to the end [mm] (typical, value from memory). */
const pitchMm = (outlet: NominalSize): number => 38 + 25 * sizeInInches(outlet);

/** A bar with outlets along one side: what four tees and three nipples would be. */
export const manifolds = defineFamily({
  id: 'manifold',
  name: 'Manifold bar',
  source: { document: 'ranges of manifold bars', provenance: 'from-memory' },
  parts: () =>
    BARS.flatMap(([bar, sizes, outlet, outlets]) =>
      sizes.flatMap((size) =>
        outlets.flatMap((branch) =>
          COUNTS.map((count) =>
            fitting({
              code: `MB${count}${bar.mark}${outlet === bar ? '' : `-${outlet.mark}`}-${sizeCode(size)}${sizeCode(branch)}`,
              name: `Manifold bar, ${count} outlets`,
              detail: `${endWords(bar.takes(size))} x ${count} of ${endWords(outlet.takes(branch))}`,
              size,
              material: bar.material,
              ends: [bar.takes(size), bar.takes(size), ...Array.from({ length: count }, () => outlet.takes(branch))],
              betweenMm: count * pitchMm(branch),
              girth: 1,
              features: ['branch'],
              loss: 'tee-run',
              ratedKpa: bar.ratedKpa(size),
              priceUsdAtOneInch: (3 + 2 * count) * bar.priceFactor,
            }),
          ),
        ),
      ),
    ),
});
