import { isGuest, standingWith } from '../../../derived/shared-stand';
import { siteFigure } from '../../../job/job';
import { formOf } from '../../../walls/forms';
import { checkPlanks, footKpa, fullKg } from '../../../walls/stand';
import { atTank } from '../../places';
import { type Report, defineCheck } from '../../define-check';

/** Slabs and blocks spread the load to about this much more ground than they cover (common practice). */
const SPREADS = 1.2;

export default defineCheck({
  meta: {
    id: 'tank/base-load',
    severity: 'fails',
    safety: true,
    toDo: 'Lower it, or have somebody who may say so rate the stand.',
    sources: [
      { document: 'EN 338 C16 and EN 1995-1-1 for planks, values from memory', provenance: 'from-memory' },
      { document: 'presumed bearing of firm ground', provenance: 'from-memory' },
    ],
    messages: {
      ground: {
        title: 'Ground too soft',
        text: 'Full, {tank} presses {kpa} on the ground; {bears} is taken to be borne.',
        toDo: 'Stand it on a wider slab or a bed of compacted gravel, or have the ground looked at.',
      },
      stand: { title: 'Stand too weak', text: 'Full, {tank} weighs {weight}; its stand is rated for {rated}.' },
      planks: {
        title: 'Planks too weak',
        text: 'Under {weight} the planks bend to {bending} MPa and {sag}; {bears} MPa and {most} are borne.',
      },
      unrated: {
        title: 'Stand not rated',
        text: 'Full, {tank} weighs {weight}. A stand or trailer that bears it says so on its plate.',
        toDo: 'Read the plate and enter what it says; else have it rated by somebody who may say so.',
      },
    },
  },
  check: ({ job }) =>
    job.tanks.flatMap((tank): Report<'ground' | 'stand' | 'planks' | 'unrated'>[] => {
      const at = atTank(tank);
      // What stands on the stand of another is carried with it.
      if (isGuest(tank, job.tanks) && tank.base !== 'ground') return [];
      const row = standingWith(tank, job.tanks);
      const weight = { massKg: row.reduce((sum, one) => sum + fullKg(one), 0) };
      if (tank.base === 'stand' || tank.base === 'trailer') {
        if (tank.ratedKg === null) return [{ messageId: 'unrated' as const, at, data: { tank: tank.label, weight } }];
        return tank.ratedKg < weight.massKg
          ? [{ messageId: 'stand' as const, at, data: { tank: tank.label, weight, rated: { massKg: tank.ratedKg } } }]
          : [];
      }
      const planks =
        tank.base === 'planks' && tank.planks
          ? checkPlanks(
              tank.planks,
              weight.massKg,
              row.reduce((sum, one) => sum + formOf(one).acrossM(one), 0),
            )
          : undefined;
      if (planks && !planks.holds)
        return [
          {
            messageId: 'planks' as const,
            at,
            data: {
              weight,
              bending: planks.bendingMpa.toFixed(1),
              sag: { lengthM: planks.sagM },
              bears: planks.bearsMpa.toFixed(1),
              most: { lengthM: planks.mostSagM },
            },
          },
        ];
      const kpa = footKpa(tank) / (tank.base === 'ground' ? 1 : SPREADS);
      const bears = siteFigure(job, 'groundKpa');
      return kpa > bears
        ? [
            {
              messageId: 'ground' as const,
              at,
              data: { tank: tank.label, kpa: { pressureKpa: kpa }, bears: { pressureKpa: bears } },
            },
          ]
        : [];
    }),
});
