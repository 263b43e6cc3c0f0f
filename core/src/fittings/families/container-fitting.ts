import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { formatEnd } from '../../connections/format';
import type { NominalSize } from '../../quantity/size';
import { barb, camAdapter, camCoupler, clickPlug, gFemale, gMale, nhMale, nptFemale, nptMale, pipeEnd } from '../ends';
import { fitting } from '../fitting';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

const thread = (standard: string, size: NominalSize, sex: 'male' | 'female'): End => ({
  kind: 'thread',
  standard,
  size,
  sex,
});
const female = (standard: string, size: NominalSize): End => thread(standard, size, 'female');
const male = (standard: string, size: NominalSize): End => thread(standard, size, 'male');
const S60 = female('s60x6', '60');
const S75 = female('s75x6', '75');
const S70 = female('s70x6', '70');
const S100 = female('s100x8', '100');
const PP = 'polypropylene';

/** What goes on to the outlet, the neck and the bungs of containers: code, what it is, the size it goes by, both ends, price. */
const ROWS: readonly (readonly [string, string, NominalSize, End, End | undefined, Material, number])[] = [
  ['XC-NPT200', 'Container adapter', '2', S60, nptMale('2'), PP, 9],
  ['XC-NPT150', 'Container adapter', '1-1/2', S60, nptMale('1-1/2'), PP, 9],
  ['XC-NPT100', 'Container adapter', '1', S60, nptMale('1'), PP, 8],
  ['XC-NPT200F', 'Container adapter', '2', S60, nptFemale('2'), PP, 9],
  ['XC-NPT100F', 'Container adapter', '1', S60, nptFemale('1'), PP, 7],
  ['XC-NPT075', 'Container adapter', '3/4', S60, nptFemale('3/4'), PP, 6],
  ['XC-NPT050', 'Container adapter', '1/2', S60, nptFemale('1/2'), PP, 6],
  ['XC-NH', 'Container adapter', '3/4', S60, nhMale, PP, 6],
  ['XC-G050', 'Container adapter', '1/2', S60, gFemale('1/2'), PP, 6],
  ['XC-G075', 'Container adapter', '3/4', S60, gMale('3/4'), PP, 6],
  ['XC-G075F', 'Container adapter', '3/4', S60, gFemale('3/4'), PP, 6],
  ['XC-G100', 'Container adapter', '1', S60, gMale('1'), PP, 6],
  ['XC-G100F', 'Container adapter', '1', S60, gFemale('1'), PP, 7],
  ['XC-G150', 'Container adapter', '1-1/2', S60, gMale('1-1/2'), PP, 8],
  ['XC-G200', 'Container adapter', '2', S60, gMale('2'), PP, 9],
  ['XC-G200F', 'Container adapter', '2', S60, gFemale('2'), PP, 9],
  ['XC-CAM', 'Container adapter', '2', S60, camAdapter('2'), PP, 11],
  ['XC-CAMC', 'Container adapter', '2', S60, camCoupler('2'), PP, 14],
  ['XC-BARB', 'Container adapter', '1', S60, barb('1'), PP, 6],
  ['XC-BARB075', 'Container adapter', '3/4', S60, barb('3/4'), PP, 6],
  ['XC-BARB125', 'Container adapter', '1-1/4', S60, barb('1-1/4'), PP, 7],
  ['XC-BARB150', 'Container adapter', '1-1/2', S60, barb('1-1/2'), PP, 7],
  ['XC-BARB200', 'Container adapter', '2', S60, barb('2'), PP, 8],
  ['XC-BARB13M', 'Container adapter', '13', S60, barb('13'), PP, 5],
  ['XC-BARB19M', 'Container adapter', '19', S60, barb('19'), PP, 5],
  ['XC-BARB25M', 'Container adapter', '25', S60, barb('25'), PP, 6],
  ['XC-BARB32M', 'Container adapter', '32', S60, barb('32'), PP, 7],
  ['XC-BARB50M', 'Container adapter', '50', S60, barb('50'), PP, 8],
  ['XC-CLICK', 'Container adapter', '12.5', S60, clickPlug('12.5'), PP, 7],
  ['XC-CLICKL', 'Container adapter', '19', S60, clickPlug('19'), PP, 8],
  ['XC-PE32', 'Container adapter', '32', S60, pipeEnd('pe', 'compression')('32'), PP, 12],
  ['XC-PE50', 'Container adapter', '50', S60, pipeEnd('pe', 'compression')('50'), PP, 15],
  ['XC-CAP', 'Container cap', '2', S60, undefined, PP, 5],
  ['XC-JOIN', 'Container joiner', '60', S60, S60, PP, 8],
  ['XC-MALE', 'Container thread adapter', '2', nptFemale('2'), male('s60x6', '60'), PP, 9],
  ['XC-MALEG', 'Container thread adapter', '2', gFemale('2'), male('s60x6', '60'), PP, 9],
  ['XN-NPT200', 'Container neck adapter', '2', S75, nptMale('2'), PP, 12],
  ['XN-G200', 'Container neck adapter', '2', S75, gMale('2'), PP, 12],
  ['XN-S60', 'Container neck adapter', '60', S75, male('s60x6', '60'), PP, 12],
  ['XN-CAM', 'Container neck adapter', '2', S75, camAdapter('2'), PP, 14],
  ['XN-CAP', 'Container neck cap', '2', S75, undefined, PP, 7],
  ['XM-S60', 'Middle container adapter', '60', S70, male('s60x6', '60'), PP, 11],
  ['XM-NPT200', 'Middle container adapter', '2', S70, nptMale('2'), PP, 12],
  ['XM-G200', 'Middle container adapter', '2', S70, gMale('2'), PP, 12],
  ['XM-CAM', 'Middle container adapter', '2', S70, camAdapter('2'), PP, 13],
  ['XM-BARB200', 'Middle container adapter', '2', S70, barb('2'), PP, 12],
  ['XM-BARB50M', 'Middle container adapter', '50', S70, barb('50'), PP, 12],
  ['XM-CAP', 'Middle container cap', '2', S70, undefined, PP, 7],
  ['XL-S60', 'Large container adapter', '60', S100, male('s60x6', '60'), PP, 14],
  ['XL-NPT300', 'Large container adapter', '3', S100, nptMale('3'), PP, 18],
  ['XL-G300', 'Large container adapter', '3', S100, gMale('3'), PP, 18],
  ['XL-CAM', 'Large container adapter', '3', S100, camAdapter('3'), PP, 20],
  ['XL-CAP', 'Large container cap', '3', S100, undefined, PP, 9],
  ['BU-NPS', 'Drum bung', '2', male('nps', '2'), undefined, 'polyethylene', 4],
  ['BU-NPS075', 'Drum bung', '3/4', male('nps', '3/4'), undefined, 'polyethylene', 3],
  ['BU-COARSE', 'Drum bung', '2', male('buttress', '2'), undefined, 'polyethylene', 4],
  ['BU-56', 'Drum bung', '2', male('56x4', '56'), undefined, 'polyethylene', 4],
  ['BU-G', 'Container bung', '2', gMale('2'), undefined, 'polyethylene', 4],
  ['BU-G075', 'Container bung', '3/4', gMale('3/4'), undefined, 'polyethylene', 3],
  ['BU-G100', 'Container bung', '1', gMale('1'), undefined, 'polyethylene', 3],
  ['BK-COARSE', 'Drum bung, knock-out opened', '3/4', male('buttress', '2'), nptFemale('3/4'), 'polyethylene', 5],
  ['BK-56', 'Drum bung, knock-out opened', '3/4', male('56x4', '56'), gFemale('3/4'), 'polyethylene', 5],
  ['BR-NPS', 'Reducing drum bung', '3/4', male('nps', '2'), nptFemale('3/4'), 'polyethylene', 6],
  ['BR-NPS050', 'Reducing drum bung', '1/2', male('nps', '2'), nptFemale('1/2'), 'polyethylene', 6],
  ['BR-NPS100', 'Reducing drum bung', '1', male('nps', '2'), nptFemale('1'), 'polyethylene', 6],
  ['BR-COARSE', 'Reducing drum bung', '3/4', male('buttress', '2'), nptFemale('3/4'), 'polyethylene', 6],
  ['BR-COARSEG', 'Reducing drum bung', '3/4', male('buttress', '2'), gFemale('3/4'), 'polyethylene', 6],
  ['BR-56', 'Reducing drum bung', '3/4', male('56x4', '56'), gFemale('3/4'), 'polyethylene', 6],
  ['BR-G', 'Reducing container bung', '3/4', gMale('2'), gFemale('3/4'), 'polyethylene', 6],
  ['BA-NPS', 'Drum adapter', '2', male('nps', '2'), nptMale('2'), PP, 8],
  ['BA-COARSE', 'Drum adapter', '2', male('buttress', '2'), nptMale('2'), PP, 8],
  ['BA-COARSEG', 'Drum adapter', '2', male('buttress', '2'), gMale('2'), PP, 8],
  ['BA-56', 'Drum adapter', '2', male('56x4', '56'), gMale('2'), PP, 8],
];

/** Taps and valves that screw straight on to a container's outlet. */
const VALVES: readonly (readonly [string, End, NominalSize])[] = [
  ['XV-S60', male('s60x6', '60'), '60'],
  ['XV-CAM', camAdapter('2'), '2'],
  ['XV-NPT', nptMale('2'), '2'],
  ['XV-G', gMale('2'), '2'],
];

const HEX_MM = 14;
const HEAD_MM = 8;

/** Adapters, caps and bungs for the threads and grooves that containers and drums come with. */
export const containerFittings = defineFamily({
  id: 'container-fitting',
  name: 'Container fitting',
  source: TYPICAL_BODIES,
  parts: () => [
    ...ROWS.map(([code, name, size, inlet, outlet, material, priceUsd]) => ({
      ...fitting({
        code,
        name,
        detail: [inlet, ...(outlet ? [outlet] : [])].map(formatEnd).join(' x '),
        size,
        material,
        ends: outlet ? [inlet, outlet] : [inlet],
        betweenMm: outlet ? HEX_MM : HEAD_MM,
        surface: 'hex',
        ratedKpa: 300,
        priceUsdAtOneInch: 1,
      }),
      priceUsd,
    })),
    ...VALVES.map(([code, outlet, size]) => ({
      ...fitting({
        code,
        name: 'Container ball valve',
        size,
        material: PP,
        ends: [S60, outlet],
        betweenMm: 70,
        features: ['ball-and-lever'],
        loss: 'ball-full-bore',
        ratedKpa: 300,
        priceUsdAtOneInch: 1,
      }),
      priceUsd: 26,
    })),
  ],
});
