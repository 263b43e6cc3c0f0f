import type { FieldProblem } from '../result';
import type { Placed } from '../walls/placing';
import { type Job, titleOf } from './job';

const LISTS = ['marks', 'roofs', 'terminals', 'tanks'] as const;

/** In what the places of a job contradict themselves: two beginnings of one plan, a thing beside itself, a tape to no opening. */
export function placeProblems(job: Job): readonly FieldProblem[] {
  const placed = LISTS.flatMap((list) =>
    job[list].flatMap((record, index) =>
      record.placed ? [{ list, record, placed: record.placed, path: `${list}[${index}].placed` }] : [],
    ),
  );
  const begins = placed.filter(({ placed: { by } }) => by === 'origin');
  return [
    ...begins.slice(1).map(({ path, record }) => ({
      path,
      message: `The plan begins at ${begins[0] ? titleOf(begins[0].record) : ''} already, not at ${titleOf(record)}.`,
    })),
    ...placed.flatMap(({ list, record, placed: own, path }) => {
      const wrong = wrongIn(own, list, record.id);
      return wrong === undefined ? [] : [{ path, message: `${titleOf(record)} ${wrong}.` }];
    }),
  ];
}

function wrongIn(placed: Placed, list: (typeof LISTS)[number], id: string): string | undefined {
  switch (placed.by) {
    case 'line':
      return list === 'marks' ? undefined : 'is no reference that the plan could lie along';
    case 'beside':
      return list !== 'tanks'
        ? 'is no tank that could stand beside another'
        : placed.tankId === id
          ? 'cannot stand beside itself'
          : undefined;
    case 'tapes':
      return placed.readings.some(({ to, openingId }) => (to === 'opening') !== (openingId !== null))
        ? 'is taped to an opening that is not named'
        : placed.readings.some(({ to }) => to !== 'middle') && list !== 'tanks'
          ? 'is a point: a tape to it is read to its middle'
          : undefined;
    default:
      return undefined;
  }
}
