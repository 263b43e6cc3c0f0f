import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { formatEnd } from '../../connections/format';
import type { NominalSize } from '../../quantity/size';
import { endSection } from '../body';
import { barb, gFemale, gMale, nhMale, nptFemale, nptMale } from '../ends';
import type { BodySection, PartEnd } from '../part';
import { TYPICAL_BODIES, defineFamily } from '../part-family';

const thread = (standard: string, size: NominalSize, sex: 'male' | 'female'): End => ({
  kind: 'thread',
  standard,
  size,
  sex,
});
const S60 = thread('s60x6', '60', 'female');
const S75 = thread('s75x6', '75', 'female');
const COUPLER: End = { kind: 'cam', size: '2', part: 'coupler' };
const ADAPTER: End = { kind: 'cam', size: '2', part: 'adapter' };

/** What goes on to the outlet, the neck and the bungs of containers: code, what it is, the size it goes by, both ends, price. */
const ROWS: readonly (readonly [string, string, NominalSize, End, End | undefined, Material, number])[] = [
  ['XC-NPT200', 'Container adapter', '2', S60, nptMale('2'), 'polypropylene', 9],
  ['XC-NPT075', 'Container adapter', '3/4', S60, nptFemale('3/4'), 'polypropylene', 6],
  ['XC-NH', 'Container adapter', '3/4', S60, nhMale, 'polypropylene', 6],
  ['XC-G075', 'Container adapter', '3/4', S60, gMale('3/4'), 'polypropylene', 6],
  ['XC-G200', 'Container adapter', '2', S60, gMale('2'), 'polypropylene', 9],
  ['XC-CAM', 'Container adapter', '2', S60, ADAPTER, 'polypropylene', 11],
  ['XC-BARB', 'Container adapter', '1', S60, barb('1'), 'polypropylene', 6],
  ['XC-CAP', 'Container cap', '2', S60, undefined, 'polypropylene', 5],
  ['XN-NPT200', 'Container neck adapter', '2', S75, nptMale('2'), 'polypropylene', 12],
  ['XN-CAP', 'Container neck cap', '2', S75, undefined, 'polypropylene', 7],
  ['CC-NPTM', 'Cam coupler', '2', COUPLER, nptMale('2'), 'polypropylene', 10],
  ['CC-NPTF', 'Cam coupler', '2', COUPLER, nptFemale('2'), 'polypropylene', 10],
  ['CC-BARB', 'Cam coupler', '2', COUPLER, barb('2'), 'polypropylene', 11],
  ['CC-CAP', 'Cam dust cap', '2', COUPLER, undefined, 'polypropylene', 6],
  ['BU-NPS', 'Drum bung', '2', thread('nps', '2', 'male'), undefined, 'polyethylene', 4],
  ['BU-COARSE', 'Drum bung', '2', thread('buttress', '2', 'male'), undefined, 'polyethylene', 4],
  ['BU-56', 'Drum bung', '2', thread('56x4', '56', 'male'), undefined, 'polyethylene', 4],
  ['BU-G', 'Container bung', '2', gMale('2'), undefined, 'polyethylene', 4],
  ['BR-NPS', 'Reducing drum bung', '3/4', thread('nps', '2', 'male'), nptFemale('3/4'), 'polyethylene', 6],
  ['BR-COARSE', 'Reducing drum bung', '3/4', thread('buttress', '2', 'male'), nptFemale('3/4'), 'polyethylene', 6],
  ['BR-56', 'Reducing drum bung', '3/4', thread('56x4', '56', 'male'), gFemale('3/4'), 'polyethylene', 6],
  ['BR-G', 'Reducing container bung', '3/4', gMale('2'), gFemale('3/4'), 'polyethylene', 6],
];

const HEX_MM = 14;
const HEAD_MM = 8;

function body(inlet: End, outlet: End | undefined): readonly BodySection[] {
  const bore = boreMm(inlet, outlet);
  const first = endSection(inlet, bore);
  if (!outlet) return [first, { lengthMm: HEAD_MM, outsideMm: first.outsideMm, boreMm: 0, surface: 'closed' }];
  const last = endSection(outlet, bore);
  const outsideMm = Math.max(first.outsideMm, last.outsideMm) * 1.04;
  return [first, { lengthMm: HEX_MM, outsideMm, boreMm: bore, surface: 'hex' }, last];
}

/** A wall is left in the narrower of the two ends. */
function boreMm(inlet: End, outlet: End | undefined): number {
  const narrowest = [inlet, ...(outlet ? [outlet] : [])].map((end) => {
    const section = endSection(end, 1);
    return section.boreMm === 1 ? section.outsideMm * 0.72 : section.boreMm * 0.94;
  });
  return Math.min(...narrowest);
}

/** Adapters, caps and bungs for the threads and grooves that containers and drums come with. */
export const containerFittings = defineFamily({
  id: 'container-fitting',
  name: 'Container fitting',
  source: TYPICAL_BODIES,
  parts: () =>
    ROWS.map(([code, name, size, inlet, outlet, material, priceUsd]) => {
      const ends: readonly PartEnd[] = [
        { end: inlet, position: 'inlet' },
        ...(outlet ? [{ end: outlet, position: 'outlet' as const }] : []),
      ];
      return {
        code,
        name,
        detail: [inlet, ...(outlet ? [outlet] : [])].map(formatEnd).join(' x '),
        size,
        material,
        ends,
        body: body(inlet, outlet),
        features: [],
        boreMm: boreMm(inlet, outlet),
        sale: { by: 'piece' },
        priceUsd,
      };
    }),
});
