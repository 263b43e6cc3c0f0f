import { type PipeSeries, roundSizes } from './pipe-series';

/** Metric pressure pipe of Europe, PN 16 walls (PN 10 from 75 mm); sockets to ISO 727-1. */
export const enPressure: PipeSeries = {
  id: 'en',
  regions: ['UK', 'EU'],
  token: 'EN',
  name: 'metric pressure pipe',
  sources: [{ document: 'EN ISO 1452-2, ISO 727-1', provenance: 'standard-table' }],
  sizes: roundSizes([
    ['20', 20, 1.5, 16],
    ['25', 25, 1.9, 18.5],
    ['32', 32, 2.4, 22],
    ['40', 40, 3, 26],
    ['50', 50, 3.7, 31],
    ['63', 63, 4.7, 37.5],
    ['75', 75, 3.6, 43.5],
    ['90', 90, 4.3, 51],
    ['110', 110, 4.2, 61],
  ]),
  parts: ['spigot', 'socket', 'compression', 'saddle', 'loose-cap'],
  family: 'en',
  pressure: true,
  material: 'pvc',
};

/** Pressure pipe of Australia and New Zealand, series 1; walls and depths from memory. */
export const anzPressure: PipeSeries = {
  id: 'anz',
  regions: ['ANZ'],
  token: 'ANZ',
  name: 'AS/NZS 1477 pressure pipe',
  sources: [{ document: 'AS/NZS 1477', provenance: 'from-memory' }],
  sizes: roundSizes(
    [
      ['15', 21.35, 1.5, 18],
      ['20', 26.75, 1.6, 20],
      ['25', 33.55, 1.9, 24],
      ['32', 42.25, 2.2, 28],
      ['40', 48.25, 2.5, 32],
      ['50', 60.35, 3.1, 38],
      ['65', 75.35, 3.8, 46],
      ['80', 88.9, 4.5, 54],
      ['100', 114.3, 5.7, 66],
    ],
    0.15,
  ),
  parts: ['spigot', 'socket', 'saddle', 'loose-cap'],
  family: 'anz',
  pressure: true,
  material: 'pvc',
};

/** Drain, waste and vent pipe of Australia and New Zealand. */
export const anzDwv: PipeSeries = {
  id: 'anz-dwv',
  regions: ['ANZ'],
  token: 'ANZ-DWV',
  name: 'AS/NZS 1260 drain pipe',
  sources: [{ document: 'AS/NZS 1260', provenance: 'from-memory' }],
  sizes: roundSizes([
    ['32', 36.35, 1.8, 22],
    ['40', 42.95, 2, 26],
    ['50', 55.9, 2.1, 30],
    ['65', 68.9, 2.5, 36],
    ['80', 82.5, 2.8, 40],
    ['100', 110.2, 3.2, 50],
  ]),
  parts: ['spigot', 'socket', 'push-fit'],
  family: 'anz-dwv',
  pressure: false,
  material: 'pvc',
};

/** Stormwater pipe of Australia and New Zealand: 90 mm is 90 mm outside. */
export const anzStorm: PipeSeries = {
  id: 'anz-storm',
  regions: ['ANZ'],
  token: 'ANZ-STORM',
  name: 'AS/NZS 1254 stormwater pipe',
  sources: [{ document: 'AS/NZS 1254', provenance: 'from-memory' }],
  sizes: roundSizes([
    ['90', 90, 1.9, 40],
    ['100', 110.1, 2.2, 50],
  ]),
  parts: ['spigot', 'socket'],
  family: 'anz-storm',
  pressure: false,
  material: 'pvc',
};

/** Solvent-weld waste of the United Kingdom and Ireland: called by its bore. */
export const ukWaste: PipeSeries = {
  id: 'uk-waste',
  regions: ['UK', 'EU'],
  token: 'WASTE',
  name: 'solvent-weld waste pipe',
  sources: [{ document: 'EN 1329, EN 1455 family', provenance: 'from-memory' }],
  sizes: roundSizes(
    [
      ['32', 36.3, 1.9, 22],
      ['40', 42.9, 2, 24],
      ['50', 55.9, 2.1, 30],
    ],
    0.15,
  ),
  parts: ['spigot', 'socket'],
  family: 'uk-waste',
  pressure: false,
  material: 'pvc',
};

/** Push-fit waste: polypropylene, a little smaller than the solvent-weld pipe of the same name. */
export const ukPushFitWaste: PipeSeries = {
  id: 'uk-push-fit',
  regions: ['UK'],
  token: 'WASTE-PP',
  name: 'push-fit waste pipe',
  sources: [{ document: 'EN 1451 family', provenance: 'from-memory' }],
  sizes: roundSizes(
    [
      ['32', 34.6, 1.8, 24],
      ['40', 41, 1.8, 26],
      ['50', 54.1, 1.8, 30],
    ],
    0.3,
  ),
  parts: ['spigot', 'push-fit', 'compression'],
  family: 'uk-push-fit',
  pressure: false,
  material: 'polypropylene',
};

/** Overflow pipe of the United Kingdom and Ireland. */
export const ukOverflow: PipeSeries = {
  id: 'uk-overflow',
  regions: ['UK'],
  token: 'OVERFLOW',
  name: 'overflow pipe',
  sources: [{ document: 'EN 12200 family', provenance: 'from-memory' }],
  sizes: roundSizes([['21.5', 21.5, 1.2, 20]], 0.15),
  parts: ['spigot', 'socket', 'push-fit'],
  family: 'uk-overflow',
  pressure: false,
  material: 'pvc',
};

/** Soil and underground drain of 110 mm. */
export const soil: PipeSeries = {
  id: 'soil',
  regions: ['UK', 'EU'],
  token: 'SOIL',
  name: 'soil and drain pipe',
  sources: [{ document: 'EN 1329, EN 1401', provenance: 'from-memory' }],
  sizes: roundSizes([['110', 110.2, 3.2, 48]], 0.2),
  parts: ['spigot', 'socket', 'push-fit', 'sleeve'],
  family: 'soil',
  pressure: false,
  material: 'pvc',
};

/** Push-fit drain of the continent, in the house and in the ground: called by its outside. */
export const euDrain: PipeSeries = {
  id: 'eu-drain',
  regions: ['EU'],
  token: 'EU-DRAIN',
  name: 'push-fit drain pipe',
  sources: [{ document: 'EN 1451-1, EN 1401-1', provenance: 'from-memory' }],
  sizes: roundSizes(
    [
      ['50', 50, 1.8, 46],
      ['75', 75, 2.3, 51],
      ['110', 110.1, 2.7, 58],
      ['125', 125.1, 3.1, 64],
      ['160', 160.2, 3.9, 76],
    ],
    0.2,
  ),
  parts: ['spigot', 'push-fit', 'sleeve'],
  family: 'soil',
  pressure: false,
  material: 'polypropylene',
};
