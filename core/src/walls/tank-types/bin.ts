import { block, defineTankType, dimensions, mark, upBand } from './define';

/** A tapered bin or butt with a lid that lies loose: one flat at most, catching from above through a screen. */
export const bin = defineTankType({
  id: 'bin',
  name: 'Bin or butt',
  shortName: 'bin',
  form: 'round',
  material: 'polyethylene',
  openTop: true,
  breathes: true,
  defaults: dimensions({
    capacityM3: 0.21,
    diameterM: 0.62,
    baseDiameterM: 0.5,
    brimM: 0.93,
    heightM: 0.96,
    wallM: 0.003,
    accessM: 0.56,
  }),
  noDrill: (tank) => [
    ...upBand(['wall'], 0, 0.03, 'foot'),
    ...upBand(['wall'], tank.brimM - 0.03, tank.heightM, 'rim'),
  ],
  outline: (tank) => {
    const [low, high] = [tank.baseDiameterM / 2, tank.diameterM / 2];
    const rimM = tank.heightM - 0.05;
    return [
      ...block(low, 0).slice(0, 1),
      { radiusM: high, heightM: rimM },
      { radiusM: high * 1.05, heightM: rimM },
      { radiusM: high * 1.05, heightM: rimM + 0.025 },
      { radiusM: high * 0.9, heightM: tank.heightM - 0.02 },
      { radiusM: 0, heightM: tank.heightM - 0.03 },
    ];
  },
  // The lid lies with its dish downwards, so that it catches.
  marks: (tank) => [
    mark('object', [
      [-tank.diameterM * 0.52, tank.heightM],
      [-tank.diameterM * 0.2, tank.heightM - 0.045],
      [tank.diameterM * 0.2, tank.heightM - 0.045],
      [tank.diameterM * 0.52, tank.heightM],
    ]),
  ],
});
