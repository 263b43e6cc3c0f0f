import type { Material } from '../../connections/material';
import { pipeOf, pipeSeries } from '../../connections/standards/pipes';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import { REGIONS, type Region } from '../../region';
import { middle } from '../body';
import { type FamilyPart, defineFamily, inventedPriceUsd } from '../part-family';
import { DOWNPIPE_LETTER, DOWNPIPE_MATERIALS } from './downpipe-fitting';

/** Clips by the outside of what they hold: series, code, materials they are made in (ranges of the trade, from memory). */
const CLIPS: readonly (readonly [series: string, mark: string, name: string, materials: readonly Material[]])[] = [
  ['ips-40', 'SC', 'Pipe strap', ['galvanised', 'stainless']],
  ['ips-40', 'SK', 'Pipe clip', ['pvc']],
  ['cts', 'SCT', 'Tube strap', ['copper', 'polypropylene']],
  ['pe', 'SCP', 'Pipe clip', ['polypropylene']],
  ['en', 'SCJ', 'Pipe clip', ['polypropylene', 'galvanised']],
  ['anz', 'SCZ', 'Pipe saddle clip', ['galvanised', 'pvc']],
  ['uk-waste', 'SCQ', 'Pipe clip', ['pvc']],
  ['copper-metric', 'SCU', 'Tube clip', ['polypropylene', 'brass']],
  ['soil', 'SCS', 'Soil pipe bracket', ['pvc', 'galvanised']],
  ['eu-drain', 'SCE', 'Pipe bracket', ['galvanised']],
  ['pe-ips', 'SCI', 'Pipe clip', ['polypropylene']],
  ['pe-cts', 'SCC', 'Tube clip', ['polypropylene']],
  ['rural-outside', 'SCR', 'Pipe clip', ['polypropylene']],
  ['d3034', 'SCW', 'Hanger strap', ['galvanised']],
];

const LETTER: Readonly<Partial<Record<Material, string>>> = {
  galvanised: 'G',
  stainless: 'N',
  pvc: 'V',
  polypropylene: 'P',
  copper: 'C',
  brass: 'B',
};

const THICK_MM = 3;
const WIDE_MM = 20;

const holder = (
  part: Pick<FamilyPart, 'code' | 'name' | 'detail' | 'size' | 'material'>,
  insideMm: number,
  usd: number,
  regions: readonly Region[],
): FamilyPart => ({
  ...part,
  regions,
  ends: [],
  body: [middle(WIDE_MM, insideMm + 2 * THICK_MM, insideMm)],
  features: [],
  boreMm: insideMm,
  lossK: 0,
  ratedKpa: null,
  sale: { by: 'piece' },
  priceUsd: inventedPriceUsd(usd, part.size),
});

const STRAP_SIZES: readonly (readonly [NominalSize, string])[] = [
  ['25', 'up to 3 m round'],
  ['38', 'up to 6 m round'],
  ['50', 'up to 9 m round'],
];

/** Clips, straps and brackets: no water passes them and nothing is joined to them, but nothing stays up without. */
export const supports = defineFamily({
  id: 'support',
  name: 'Bracket and strap',
  source: { document: 'ranges of the trade', provenance: 'from-memory' },
  parts: () => [
    ...CLIPS.flatMap(([series, mark, name, materials]) =>
      pipeSeries(series).sizes.flatMap(({ size }) =>
        materials.map((material) =>
          holder(
            {
              code: `${mark}${LETTER[material]}-${sizeCode(size)}`,
              name,
              detail: `for ${sizeWords(size)} ${pipeSeries(series).name}`,
              size,
              material,
            },
            pipeOf({ series, size }).outsideMm,
            0.9,
            pipeSeries(series).regions,
          ),
        ),
      ),
    ),
    ...DOWNPIPE_MATERIALS.flatMap(([size, materials]) =>
      materials.map((material) =>
        holder(
          {
            code: `DK${DOWNPIPE_LETTER[material]}-${sizeCode(size)}`,
            name: 'Downpipe bracket',
            detail: `for ${sizeWords(size)} downpipe`,
            size,
            material,
          },
          pipeOf({ series: 'downpipe', size }).outsideMm,
          1.4,
          pipeOf({ series: 'downpipe', size }).regions ?? REGIONS,
        ),
      ),
    ),
    ...STRAP_SIZES.map(([size, words]) =>
      holder(
        { code: `SX-${size}`, name: 'Tank strap with buckle', detail: `${size} mm, ${words}`, size, material: 'nylon' },
        Number(size),
        18,
        REGIONS,
      ),
    ),
  ],
});
