import { turnsOf } from '../../../assembly/wet-line';
import { runsOnce } from '../../../assembly/flow';
import { DRAWS } from '../../../walls/roles';
import { type Report, defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/wet-line',
    severity: 'costs',
    toDo: 'Take the hump or dip out; else an air release at the top, a drain at the bottom.',
    sources: [{ document: 'a turn of more than its bore', provenance: 'standard-formula' }],
    messages: {
      hump: {
        title: 'Air locks in it',
        text: '{part} of {hole} stands {by} over both of its sides: air stays there and the water may stop. Let it fall all the way, or put an air release on it.',
      },
      dip: {
        title: 'Water stands in it',
        text: '{part} of {hole} hangs {by} under both of its sides: water stays there, freezes and breeds insects. Let it fall all the way, or put a drain on it.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) =>
      run.strands.flatMap((strand): readonly Report<'hump' | 'dip'>[] => {
        const { roles } = run.penetration;
        const draws = roles.some((role) => DRAWS.includes(role));
        const drains = roles.includes('inlet') || roles.includes('overflow');
        if (strand.from.of !== 'hole') return [];
        return turnsOf(run, strand, context)
          .filter(({ kind }) => (kind === 'hump' ? draws : drains))
          .map(({ leg, kind, byM }) => ({
            messageId: kind,
            at: atPart(leg.placed.id, run.penetration),
            data: { part: leg.part.name, hole: run.penetration.label, by: { lengthM: byM } },
          }));
      }),
    ),
});
