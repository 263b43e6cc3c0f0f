import type { Part } from './part';

/** What a part of the way from the gutter does with level and water, as rows of a name and a figure; none for other parts. */
export const rainWords = ({
  dropMm,
  diverts,
  mesh,
}: Pick<Part, 'dropMm' | 'diverts' | 'mesh'>): readonly (readonly [name: string, words: string])[] => [
  ...(dropMm === undefined ? [] : [['level it takes', `${dropMm} mm, from memory`] as const]),
  ...(diverts === undefined
    ? []
    : [['turns aside', `${Math.round(diverts * 100)} % of the water, from memory`] as const]),
  ...(mesh === undefined
    ? []
    : [
        [
          'mesh',
          `${mesh.openingMm} mm, ${Math.round(mesh.openAreaMm2 / 100)} cm2 open, ${mesh.bypass ? 'with a way round it' : 'no way round it'}`,
        ] as const,
      ]),
];
