import type { TankDimensions } from '../tank';
import type { FormId, TankType } from '../tank-type';
import { block, defineTankType, dimensions } from './define';

const shared = { material: 'polyethylene', openTop: true, breathes: true, ownSize: true } as const;

const own = (
  id: string,
  name: string,
  form: FormId,
  defaults: Partial<TankDimensions>,
  outline?: TankType['outline'],
): TankType =>
  defineTankType({
    ...shared,
    id,
    name,
    shortName: 'own size',
    form,
    defaults: dimensions({ capacityM3: null, brimM: 0.95, heightM: 1, wallM: 0.005, ...defaults }),
    ...(outline === undefined ? {} : { outline }),
  });

/** Any tank that is none of the others, by its form alone: no ribs, no ports, nothing assumed but that its top opens. */
export const ownCylinder = own('own-cylinder', 'Own size: cylinder', 'round', { diameterM: 1.2, accessM: 1.1 });
export const ownTapered = own(
  'own-tapered',
  'Own size: tapered',
  'round',
  { diameterM: 1.3, baseDiameterM: 1.1, accessM: 1.2 },
  (tank) => [
    { radiusM: tank.baseDiameterM / 2, heightM: 0 },
    { radiusM: tank.diameterM / 2, heightM: tank.brimM },
    { radiusM: tank.diameterM / 2, heightM: tank.heightM },
    { radiusM: 0, heightM: tank.heightM },
  ],
);
export const ownBox = own('own-box', 'Own size: box', 'box', { lengthM: 1.2, widthM: 0.95, accessM: 0.9 });
export const ownLying = own(
  'own-lying',
  'Own size: lying cylinder',
  'lying',
  { lengthM: 1.5, widthM: 1, accessM: 0.4 },
  (tank) => block(tank.lengthM / 2, tank.heightM, 0.02),
);
