import type { End } from '../../connections/end';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { barb, clickPlug, clickSocket, gFemale, gMale, nhMale, nhSwivel, nptFemale, nptMale } from '../ends';
import { fitting } from '../fitting';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

/** Click couplings, both sizes, as they are sold for garden hose: what is behind the plug or the socket. */
const ROWS: readonly (readonly [code: string, name: string, size: NominalSize, own: End, behind: End])[] = [
  ...(['1/2', '5/8', '3/4'] as const).map(
    (size) => ['QS', 'Click hose connector', size, clickSocket('12.5'), barb(size)] as const,
  ),
  ...(['13', '15', '16', '19'] as const).map(
    (size) => ['QS', 'Click hose connector', size, clickSocket('12.5'), barb(size)] as const,
  ),
  ...(['3/4', '1'] as const).map(
    (size) => ['QL', 'Large click hose connector', size, clickSocket('19'), barb(size)] as const,
  ),
  ...(['19', '25'] as const).map(
    (size) => ['QL', 'Large click hose connector', size, clickSocket('19'), barb(size)] as const,
  ),
  ...(['1/2', '3/4', '1'] as const).map(
    (size) => ['QT', 'Click tap connector', size, clickPlug('12.5'), gFemale(size)] as const,
  ),
  ...(['3/4', '1'] as const).map(
    (size) => ['QX', 'Large click tap connector', size, clickPlug('19'), gFemale(size)] as const,
  ),
  ...(['1/2', '3/4', '1'] as const).map((size) => ['QM', 'Click plug', size, clickPlug('12.5'), gMale(size)] as const),
  ['QH', 'Click tap connector, hose thread', '3/4', clickPlug('12.5'), nhSwivel],
  ['QI', 'Click plug, hose thread', '3/4', clickPlug('12.5'), nhMale],
  ['QJ', 'Click socket, hose thread', '3/4', clickSocket('12.5'), nhMale],
  ...(['1/2', '3/4'] as const).map((size) => ['QN', 'Click plug', size, clickPlug('12.5'), nptMale(size)] as const),
  ...(['1/2', '3/4'] as const).map((size) => ['QF', 'Click plug', size, clickPlug('12.5'), nptFemale(size)] as const),
  ['QD', 'Double click plug', '12.5', clickPlug('12.5'), clickPlug('12.5')],
  ['QDL', 'Large double click plug', '19', clickPlug('19'), clickPlug('19')],
  ['QR', 'Reducing click plug', '19', clickPlug('19'), clickPlug('12.5')],
];

/** Click couplings for hose: plastic everywhere, brass in all but the plain plugs; a socket may carry a water stop. */
export const clickCouplings = defineFamily({
  id: 'click-coupling',
  name: 'Click coupling',
  source: TYPICAL_BODIES,
  parts: () => [
    ...ROWS.flatMap(([code, name, size, own, behind]) =>
      (['nylon', 'brass'] as const).map((material) =>
        fitting({
          code: `${code}${material === 'brass' ? 'B' : ''}-${sizeCode(size)}`,
          name,
          size,
          material,
          ends: [own, behind],
          betweenMm: 10,
          girth: 1.1,
          loss: 'click-pair',
          ratedKpa: 600,
          priceUsdAtOneInch: material === 'brass' ? 9 : 3.4,
        }),
      ),
    ),
    fitting({
      code: 'QY-12.5M',
      name: 'Click splitter',
      size: '12.5',
      material: 'nylon',
      ends: [clickPlug('12.5'), clickPlug('12.5'), clickPlug('12.5')],
      betweenMm: 20,
      features: ['branch'],
      branchDegrees: 45,
      loss: 'click-pair',
      ratedKpa: 600,
      priceUsdAtOneInch: 5,
    }),
  ],
});
