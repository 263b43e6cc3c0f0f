import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { CAM_SIZES, CAM_TYPES } from '../../connections/standards/couplings';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { barb, camAdapter, camCoupler, gFemale, nptFemale, nptMale, rMale } from '../ends';
import { fitting } from '../fitting';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

interface Make {
  readonly mark: string;
  readonly material: Material;
  readonly sizes: readonly NominalSize[];
  readonly threads: readonly ('npt' | 'iso')[];
  readonly ratedKpa: number;
  readonly priceUsd: number;
}

const from = (size: NominalSize): readonly NominalSize[] => CAM_SIZES.slice(CAM_SIZES.indexOf(size));

/** Cast aluminium and moulded polypropylene everywhere; stainless from 3/4, brass in the middle sizes (ranges from memory). */
const MAKES: readonly Make[] = [
  { mark: 'A', material: 'aluminium', sizes: CAM_SIZES, threads: ['npt', 'iso'], ratedKpa: 1000, priceUsd: 9 },
  { mark: 'P', material: 'polypropylene', sizes: CAM_SIZES, threads: ['npt', 'iso'], ratedKpa: 850, priceUsd: 5 },
  { mark: 'N', material: 'stainless', sizes: from('3/4'), threads: ['npt', 'iso'], ratedKpa: 1000, priceUsd: 16 },
  {
    mark: 'B',
    material: 'brass',
    sizes: ['3/4', '1', '1-1/4', '1-1/2', '2'],
    threads: ['npt'],
    ratedKpa: 1000,
    priceUsd: 20,
  },
];

/** Hose shanks go as far as there is hose. */
const SHANKS: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];

/** What stands behind a type of cam coupling: by its letter, in both thread systems. */
const BEHIND: Readonly<
  Record<string, { npt?: (size: NominalSize) => End; iso?: (size: NominalSize) => End; shank?: true }>
> = {
  A: { npt: nptFemale, iso: gFemale },
  B: { npt: nptMale, iso: rMale },
  C: { shank: true },
  D: { npt: nptFemale, iso: gFemale },
  E: { shank: true },
  F: { npt: nptMale, iso: rMale },
  DC: {},
  DP: {},
};

const NAMES: Readonly<Record<string, string>> = { DC: 'Cam dust cap', DP: 'Cam dust plug' };

/** Cam-and-groove couplings, all types: the letters are those of A-A-59326. */
export const camCouplings = defineFamily({
  id: 'cam-coupling',
  name: 'Cam coupling',
  source: TYPICAL_BODIES,
  parts: () =>
    MAKES.flatMap((make) =>
      Object.entries(CAM_TYPES).flatMap(([type, { part }]) =>
        make.sizes.flatMap((size) => {
          const own = part === 'adapter' ? camAdapter(size) : camCoupler(size);
          const behind = BEHIND[type] ?? {};
          const ways: readonly (readonly [string, End | undefined])[] = behind.shank
            ? SHANKS.includes(size)
              ? [['', barb(size)]]
              : []
            : behind.npt
              ? make.threads.map((system): readonly [string, End | undefined] => [
                  system === 'npt' ? '' : 'G',
                  behind[system]?.(size),
                ])
              : [['', undefined]];
          return ways.map(([system, end]) =>
            fitting({
              code: `CM${type}${make.mark}${system}-${sizeCode(size)}`,
              name: NAMES[type] ?? (part === 'adapter' ? 'Cam adapter' : 'Cam coupler'),
              size,
              material: make.material,
              ends: end ? [own, end] : [own],
              betweenMm: end ? 12 : 6,
              ratedKpa: make.ratedKpa,
              priceUsdAtOneInch: make.priceUsd * (part === 'adapter' ? 0.7 : 1) * (end ? 1 : 0.8),
            }),
          );
        }),
      ),
    ),
});
