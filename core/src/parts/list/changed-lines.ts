import type { Catalogue } from '../../fittings/catalogue';
import { isByLength } from '../../fittings/part';
import type { ChangedLine, Job } from '../../job/job';
import { cents } from '../take-off/cents';
import type { PartsGroup, PartsLine } from './parts-list';

/** A job and what can be bought for it, as far as lines are changed by it. */
interface Given {
  readonly job: Pick<Job, 'changedLines' | 'extras'>;
  readonly catalogue: Catalogue;
}

/** Is this the line that was changed? By its code; by its detail too where several of the group have the code. */
const isOf = ({ group: { id, lines }, line }: Standing, { group, code, detail }: ChangedLine): boolean =>
  id === group &&
  line.code === code &&
  (line.detail === detail || lines.filter((one) => one.code === code).length === 1);

/** A line as it is reckoned, in its group. */
interface Standing {
  readonly group: PartsGroup;
  readonly line: PartsLine;
}

/** The groups of a list with what somebody has changed of their lines by hand; each such line keeps what it was reckoned as. */
export function withChangedLines(groups: readonly PartsGroup[], given: Given): readonly PartsGroup[] {
  const { changedLines } = given.job;
  if (changedLines.length === 0) return groups;
  return groups.map((group) => {
    const lines = group.lines.map((line) => {
      const change = changedLines.find((one) => isOf({ group, line }, one));
      return change ? changed(line, change, given) : line;
    });
    return lines.every((line, at) => line === group.lines[at]) ? group : { ...group, lines };
  });
}

/** Changed by hand, and now on no line: the job asks for it no longer. @param groups of the whole list */
export const changesOfNoLine = (
  groups: readonly PartsGroup[],
  { changedLines }: Given['job'],
): readonly ChangedLine[] => {
  const met = new Set(groups.flatMap(({ lines }) => lines.map(({ byHand }) => byHand?.id)));
  return changedLines.filter(({ id }) => !met.has(id));
};

/** Every line as it is reckoned, whatever was changed by hand. */
export const asReckoned = (lines: readonly PartsLine[]): readonly PartsLine[] =>
  lines.map((line) => line.byHand?.reckoned ?? line);

function changed(line: PartsLine, change: ChangedLine, { job, catalogue }: Given): PartsLine {
  const kit = job.extras.find(({ id }) => id === change.kitId);
  const isItself = change.instead === null;
  // Another article is not on hand: all that is needed of it is bought.
  const reckoned = isItself ? line.buy : line.buy + (line.fromHand ?? 0);
  const buy = kit ? 0 : (change.buy ?? reckoned);
  const part = change.instead === null ? undefined : catalogue.byCode.get(change.instead);
  const eachUsd = part
    ? isByLength(part)
      ? null
      : part.priceUsd
    : change.instead === null && line.priceUsd !== null && line.buy > 0
      ? line.priceUsd / line.buy
      : null;
  // What is not bought as it is reckoned is not taken from what is on hand, and another article has another bag.
  const { leftOver: _left, fromHand, inside, ...rest } = line;
  return {
    ...rest,
    ...(isItself && inside ? { inside } : {}),
    ...(isItself && buy > 0 && fromHand !== undefined ? { fromHand } : {}),
    ...(change.instead === null
      ? {}
      : {
          code: part?.code ?? `EX-${change.id.toUpperCase()}`,
          title: part?.name ?? change.instead,
          detail: part?.detail ?? '',
        }),
    buy,
    priceUsd: eachUsd === null || buy === 0 ? null : cents(buy * eachUsd),
    note: [
      ...(change.instead === null ? [] : [`instead of ${line.title} ${line.detail}`]),
      ...(kit ? [`in the box of ${kit.name}`] : buy === 0 ? ['left out by hand'] : []),
      ...(buy > 0 && buy !== reckoned ? [`${buy} by hand, ${reckoned} reckoned`] : []),
      ...(change.because === null ? [] : [change.because]),
      ...(line.note === undefined ? [] : [line.note]),
    ].join('; '),
    byHand: { id: change.id, reckoned: line },
  };
}
