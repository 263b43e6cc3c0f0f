import { MATERIAL_NAMES } from '../../connections/material';
import type { Catalogue } from '../../fittings/catalogue';
import { isByLength } from '../../fittings/part';
import type { ChangedLine, Job } from '../../job/job';
import { cents } from '../../quantity/money';
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

function changed(line: PartsLine, change: ChangedLine, given: Given): PartsLine {
  const kit = given.job.extras.find(({ id }) => id === change.kitId);
  const bought = change.instead === null ? line : another(line, change.id, change.instead, given.catalogue);
  const buy = kit ? 0 : (change.buy ?? bought.buy);
  const eachUsd = bought.priceUsd === null || bought.buy === 0 ? null : bought.priceUsd / bought.buy;
  // What is left over of the packs, and what is taken from what is on hand, was reckoned of another number.
  const { leftOver: _, fromHand, ...rest } = bought;
  return {
    ...rest,
    ...(buy > 0 && fromHand !== undefined ? { fromHand } : {}),
    buy,
    priceUsd: eachUsd === null || buy === 0 ? null : cents(buy * eachUsd),
    note: [
      ...(bought === line ? [] : [`instead of ${line.title} ${line.detail}`]),
      ...(kit ? [`in the box of ${kit.name}`] : buy === 0 ? ['left out by hand'] : []),
      ...(buy > 0 && buy !== bought.buy ? [`${buy} by hand, ${bought.buy} reckoned`] : []),
      ...(change.because === null ? [] : [change.because]),
      ...(line.note === undefined ? [] : [line.note]),
    ].join('; '),
    byHand: { id: change.id, reckoned: line },
  };
}

/** Another article in the place of a line: none of it is on hand, so that all that is needed is bought, and its bag is its own. */
function another(line: PartsLine, id: string, instead: string, { byCode }: Catalogue): PartsLine {
  const { fromHand = 0, inside: _, ...rest } = line;
  const part = byCode.get(instead);
  const buy = line.buy + fromHand;
  return {
    ...rest,
    code: part?.code ?? `EX-${id.toUpperCase()}`,
    title: part?.name ?? instead,
    detail: part ? `${part.detail}, ${MATERIAL_NAMES[part.material]}` : '',
    buy,
    priceUsd: part && !isByLength(part) ? buy * part.priceUsd : null,
  };
}
