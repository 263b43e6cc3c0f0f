import type { CheckContext } from '../derived/context';
import { type Applied, makingOf } from '../methods/applied';
import { LOOKED_AT } from '../methods/looked-at';
import { WHOLE_JOB } from '../methods/method';
import type { WayLine } from './list/parts-list';
import { traced } from './list/trace';

/** How everything on a list is made, in the order of the work. Pure. */
export const wayLines = (context: CheckContext): readonly WayLine[] => makingOf(context).applied.map(wayLine);

function wayLine({ id, method, works }: Applied): WayLine {
  const { name, per, takes = [] } = method;
  const { waits = [], before, after } = LOOKED_AT[id];
  const amount = works.reduce((sum, work) => sum + work.amount, 0);
  const [least, most] = method.minutes;
  return {
    id,
    name,
    per,
    amount,
    minutes: [amount * least, amount * most],
    takes: takes.filter((medium) => works.some(({ taken }) => taken?.includes(medium) ?? false)),
    people: Math.max(...works.map((work) => method.people?.(work) ?? 1)),
    waits,
    before,
    after,
    places: traced(works.map(({ use }) => use)).places.filter((place) => place !== WHOLE_JOB),
  };
}
