import { setField } from '../../../edits/change-field';
import { heightBudgets } from '../../../falls/height-budget';
import { type Report, defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import type { Fix } from '../../finding';
import type { HeightBudget } from '../../../falls/height-budget';

/** Laps and brackets take up so much either way [m] (our judgement). */
const PLAY_M = 0.02;

export default defineCheck({
  meta: {
    id: 'run/kit-misfits',
    severity: 'fails',
    station: 'site',
    toDo: 'Cut or lengthen the pipe, take a lower piece, or stand the tank lower.',
    sources: [
      {
        document: 'the pieces as they are laid, against the height between gutter and opening',
        provenance: 'standard-formula',
      },
    ],
    messages: {
      tall: {
        title: 'Too tall for the gutter',
        text: 'From {hole} to the gutter of {roof} there are {has}; the pieces take {takes}. {gives} of that can be cut.',
      },
      short: {
        title: 'Short of the gutter',
        text: 'The run of {hole} ends {left} below the gutter of {roof}.',
      },
    },
  },
  check: (context) =>
    heightBudgets(context).flatMap((budget): readonly Report<'tall' | 'short'>[] => {
      const { hole, roof, gutterM, fromM, leftM, reaches, sure, givesM } = budget;
      if (leftM === undefined || gutterM === undefined || !reaches || !sure || gutterM <= fromM) return [];
      if (Math.abs(leftM) <= PLAY_M) return [];
      return [
        {
          messageId: leftM < 0 ? 'tall' : 'short',
          at: atPenetration(hole),
          data: {
            hole: hole.label,
            roof: roof.name,
            has: { lengthM: gutterM - fromM },
            takes: { lengthM: gutterM - fromM - leftM },
            left: { lengthM: Math.abs(leftM) },
            gives: { lengthM: givesM },
          },
          fixes: fixesFor(budget, leftM),
        },
      ];
    }),
});

/** The longest upright pipe is cut, or taken longer; where none can give so much, the tank comes down. */
function fixesFor({ pieces, tank }: HeightBudget, leftM: number): readonly Fix[] {
  const pipe = pieces.filter(({ givesM }) => givesM > 0).toSorted((a, b) => b.givesM - a.givesM)[0];
  const length = pipe?.item.placed.lengthM ?? null;
  const cut =
    pipe && length !== null && pipe.givesM + leftM >= 0
      ? [
          setFix(setField('parts', pipe.item.placed, 'lengthM', length + leftM), 'Make the {part} {length} long', {
            part: pipe.item.part.name.toLowerCase(),
            length: { lengthM: length + leftM },
          }),
        ]
      : [];
  const lower =
    leftM < 0 && tank.plinthM + leftM >= 0
      ? [
          setFix(setField('tanks', tank, 'plinthM', tank.plinthM + leftM), 'Stand {tank} {height} up', {
            tank: tank.label,
            height: { lengthM: tank.plinthM + leftM },
          }),
        ]
      : [];
  return [...cut, ...lower];
}
