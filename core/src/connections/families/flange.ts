import { MM_PER_INCH, inchFigure } from '../../quantity/length';
import { sizeWords } from '../../quantity/size';
import type { FlangeEnd } from '../end';
import type { Need } from '../mating';
import { type FlangeSize, flangeDrilling, flangeOf } from '../standards/flanges';
import { bare, defineJointFamily, judgements, sourcesOf } from './joint-family';

const JUDGEMENTS = judgements({
  'bolts-up': ['holds-with', 'bolts', 'washer'],
  'near-circle': ['fits-unrated'],
  'other-circle': ['will-not-go'],
  'other-count': ['will-not-go'],
});

const SHEET_GASKET_MM = 3;
/** Two washers, a nut of seven eighths of the bolt and two threads beyond it (common practice). */
const beyondMm = (boltMm: number): number => 0.25 * boltMm + 0.875 * boltMm + 4;
const INCH_STEP_MM = 6.35;
const METRIC_STEP_MM = 5;

/** The bolt that goes through both, by the length that shops keep. */
function boltName(a: FlangeSize, b: FlangeSize): string {
  const least = a.thickMm + b.thickMm + SHEET_GASKET_MM + beyondMm(a.boltMm);
  const inch = !a.bolt.startsWith('M');
  const stepMm = inch ? INCH_STEP_MM : METRIC_STEP_MM;
  const lengthMm = Math.ceil(least / stepMm) * stepMm;
  const length = inch ? `${inchFigure(lengthMm / MM_PER_INCH)} in` : `${lengthMm} mm`;
  return `${a.bolt} x ${length} bolt with nut and two washers`;
}

/** So far the bolts of the thicker may stand off the centre of their holes in both [mm]. */
const slackMm = (a: FlangeSize, b: FlangeSize): number => {
  const boltMm = Math.max(a.boltMm, b.boltMm);
  return (a.holeMm - boltMm) / 2 + (b.holeMm - boltMm) / 2;
};

const same = (a: FlangeEnd, b: FlangeEnd): boolean => a.drilling === b.drilling && a.size === b.size;

/** Two flanges with a gasket between: the same drilling bolts up, another one only where the bolts happen to pass. */
export const flange = defineJointFamily({
  kinds: ['flange', 'flange'],
  judge: (endA, endB) => {
    if (same(endA, endB)) return JUDGEMENTS['bolts-up'];
    const [a, b] = [flangeOf(endA), flangeOf(endB)];
    if (a.bolts !== b.bolts) return JUDGEMENTS['other-count'];
    return Math.abs(a.circleMm - b.circleMm) / 2 <= slackMm(a, b)
      ? JUDGEMENTS['near-circle']
      : JUDGEMENTS['other-circle'];
  },
  explain: (endA, endB, _conditions, { reason }) => {
    const [a, b] = [flangeOf(endA), flangeOf(endB)];
    const [one, other] = [flangeDrilling(endA.drilling), flangeDrilling(endB.drilling)];
    const sources = sourcesOf(...one.sources, ...other.sources);
    const [near, far] = a.circleMm <= b.circleMm ? [a, b] : [b, a];
    const bolted: readonly Need[] = [
      { kind: 'bolts', name: boltName(a, b), count: a.bolts },
      {
        kind: 'washer',
        name: `${sizeWords(endA.size)} ${one.name} gasket, full face, 3 mm rubber`,
        comesWith: null,
      },
    ];
    const tenth = (mm: number): number => Math.round(mm * 10) / 10;
    const basis = [
      { name: 'narrower bolt circle', value: tenth(near.circleMm), unit: 'mm' },
      { name: 'wider bolt circle', value: tenth(far.circleMm), unit: 'mm' },
    ] as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'other-count':
        return {
          ...bare(`One has ${near.bolts} bolts, the other ${far.bolts}.`, sources, 'Take both of one drilling.'),
          basis,
        };
      case 'other-circle':
        return {
          ...bare(
            `The bolt circles are ${basis[0].value} and ${basis[1].value} mm: the bolts do not pass.`,
            sources,
            'Take both of one drilling and size.',
          ),
          basis,
        };
      case 'near-circle':
        return {
          ...bare(
            'The bolts pass both, with no room to spare, but the faces are of two patterns and no standard rates them.',
            sources,
            'Take both of one drilling.',
          ),
          needs: bolted,
          basis,
        };
      case 'bolts-up':
        return {
          needs: bolted,
          basis: [{ name: 'bolt circle of both', value: basis[0].value, unit: 'mm' }],
          why: 'The gasket between the faces seals. Plastic takes flat faces and a full-face gasket only: a raised steel face bends the flange until it cracks.',
          sources,
          engagementMm: 0,
          tighten:
            'Bolts crosswise in three rounds with a torque wrench, by the figure of the maker; again after a day.',
        };
    }
  },
});
