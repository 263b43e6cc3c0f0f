import { isGuest } from '../../../derived/shared-stand';
import { askField, setField } from '../../../edits/change-field';
import { BLOCK, coursesHigh, fullKg, onBlocksM, standM } from '../../../walls/stand';
import { BASE_NAMES, type Base, type Tank } from '../../../walls/tank';
import { setFix } from '../../move-fix';
import { atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';

/** Blocks are laid no truer than this, and levelled with as much [m] (common practice). */
const LAID_M = 0.03;
/** Loose blocks are stacked no higher; a stand of planks or steel beyond this is worked out by somebody who may (our judgement) [m]. */
const LOOSE_M = 0.6;
const RATED_M = 2.5;
/** Ground is levelled, and a slab is cast, up to so much [m]; beyond that something carries the tank. Our judgement. */
const LEVELLED_M: Readonly<Partial<Record<Base, number>>> = { ground: 0.5, slab: 1.2 };
/** Less than this is no stand [m]. */
const NOTHING_M = 0.02;

type Said = 'courses' | 'none' | 'loose' | 'high' | 'plinth';

export default defineCheck({
  meta: {
    id: 'tank/stand-height',
    severity: 'costs',
    toDo: 'Say how high it stands, and on what; let somebody who may rate what is high.',
    sources: [
      { document: 'ASTM C90 nominal sizes of blocks', provenance: 'standard-table' },
      { document: 'loose blocks are stacked three courses at most', provenance: 'common-practice' },
    ],
    messages: {
      courses: {
        title: 'Blocks make another height',
        text: '{tank} is said to stand {said} up; {courses} of blocks make {made}. Its water and its lines are reckoned from what is said.',
      },
      none: {
        title: 'How high does it stand?',
        text: '{tank} stands on: {base}, and nobody has said how high that is. Its water and its lines are reckoned from the ground.',
        severity: 'unknown',
      },
      loose: {
        title: 'Blocks stacked too high',
        text: '{weight} on loose blocks stacked {said} high: they tip and crack. Take a frame that is rated for it, or have them laid in mortar.',
      },
      high: {
        title: 'A high stand',
        text: '{tank} stands {said} up and weighs {weight} full: what carries it is worked out and tied back by somebody who may.',
      },
      plinth: {
        title: 'What carries it?',
        text: '{tank} is said to stand on: {base}, {said} over the finished ground. Say what carries it, or give it the ground it stands on at Site, from above.',
        severity: 'unknown',
      },
    },
  },
  check: ({ job }) =>
    job.tanks
      .filter((tank) => !tank.stands && !isGuest(tank, job.tanks))
      .flatMap((tank): Report<Said>[] => {
        const { base } = tank;
        const upM = standM(tank);
        const found = saidOf(tank, upM);
        if (!found) return [];
        const courses = coursesHigh(tank);
        return [
          {
            messageId: found,
            at: atTank(tank),
            data: {
              tank: tank.label,
              base: BASE_NAMES[base].toLowerCase(),
              weight: { massKg: fullKg(tank) },
              said: { lengthM: found === 'courses' ? tank.plinthM : upM },
              courses: courses === 1 ? 'one course' : `${courses} courses`,
              made: { lengthM: onBlocksM(tank) },
            },
            ...(found === 'courses' && {
              fixes: [
                setFix(setField('tanks', tank, 'plinthM', onBlocksM(tank)), 'It stands {made} up', {
                  made: { lengthM: onBlocksM(tank) },
                }),
              ],
            }),
            ...(found === 'none' && {
              question: { text: `How high ${tank.label} stands`, edit: askField('tanks', tank, 'plinthM') },
            }),
          },
        ];
      }),
});

function saidOf(tank: Tank, upM: number): Said | undefined {
  const { base, planks } = tank;
  const levelled = LEVELLED_M[base];
  if (levelled !== undefined) return upM > levelled + 0.0005 ? 'plinth' : undefined;
  if (base === 'trailer') return undefined;
  if (base === 'stand' && upM < NOTHING_M) return 'none';
  const onBlocks = base === 'blocks' || (base === 'planks' && planks !== null);
  if (onBlocks && Math.abs(onBlocksM(tank) - tank.plinthM) > LAID_M) return 'courses';
  if (onBlocks && coursesHigh(tank) * BLOCK.highM > LOOSE_M + 0.0005) return 'loose';
  return upM > RATED_M ? 'high' : undefined;
}
