import { holesOf } from '../../../job/lookup';
import type { Tank } from '../../../walls/tank';
import type { Job } from '../../../job/job';
import { sizeInInches, sizeWords } from '../../../quantity/size';
import { holeKind, setOutHole } from '../../../job/hole-kinds';
import { linkedTanks } from '../../../derived/linked-tanks';
import { defineCheck } from '../../define-check';
import type { Fix } from '../../finding';
import { freshId } from '../../../edits/fresh-id';
import { atTank } from '../../places';

export default defineCheck({
  meta: {
    id: 'tank/no-overflow',
    severity: 'fails',
    station: 'holes',
    summary: 'A tank, or a group of linked tanks, from which surplus water has no way out.',
    sources: [{ document: 'overflow at least as large as the inlet', provenance: 'common-practice' }],
    messages: {
      none: { title: 'No overflow', text: '{tanks} has no overflow: when it is full, water finds its own way out.' },
    },
  },
  check: (context) =>
    linkedTanks(context)
      .filter(
        (tanks) =>
          // One that stands and works has its own, drawn or not.
          tanks.every(({ stands }) => !stands) &&
          !context.job.penetrations.some(
            ({ tankId, roles }) => roles.includes('overflow') && tanks.some(({ id }) => id === tankId),
          ),
      )
      .map((tanks) => {
        const [first] = tanks;
        if (!first) throw new RangeError('no-overflow: an empty group');
        return {
          messageId: 'none' as const,
          at: atTank(first),
          data: { tanks: tanks.map(({ label }) => label).join(' with ') },
          fixes: () => overflowFix(context.job, first),
        };
      }),
});

/** An overflow as large as the largest inlet, as high as the flat of the wall allows. */
function overflowFix(job: Job, tank: Tank): Fix[] {
  const [largest] = holesOf(job, tank.id, 'inlet')
    .map(({ size }) => size)
    .toSorted((a, b) => sizeInInches(b) - sizeInInches(a));
  const id = freshId(`${tank.id}-overflow`, job.penetrations);
  const penetration = setOutHole(id, holeKind('overflow'), tank, job, largest);
  return [
    {
      text: 'Add an overflow of {size} at {height}',
      data: { size: sizeWords(penetration.size), height: { lengthM: penetration.heightM } },
      edits: [{ type: 'add-penetration', penetration }],
      partsAdded: 0,
      priceUsd: 0,
    },
  ];
}
