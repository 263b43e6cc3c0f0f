import type { CheckContext } from '../../derived/context';
import { EXTRA_NAMES, type Extra, type Job } from '../../job/job';
import { holeById } from '../../job/lookup';
import { formatLength } from '../../quantity/length';
import { unreckoned } from '../../quantity/money';
import { cents } from './cents';
import type { PartsLine } from './parts-list';
import { traced, useOfExtra } from './trace';

/** A code of its own for each, short enough for a label. */
export const extraCode = ({ id }: Pick<Extra, 'id'>): string => `EX-${id.toUpperCase()}`;

/** Where a line of one's own goes: its tank, its opening, or nowhere that is said. */
export const extraPlace = (extra: Extra, job: Job): string =>
  holeById(job, extra.penetrationId ?? undefined)?.label ??
  job.tanks.find(({ id }) => id === extra.tankId)?.label ??
  'with it';

/** What somebody wrote on the list himself: bought unless it is there. */
export const extraLines = ({ job }: CheckContext): readonly PartsLine[] =>
  job.extras
    .filter(({ stands }) => !stands)
    .map((extra): PartsLine => {
      const { name, kind, count, lengthM, price, fitted, because } = extra;
      const notes = [...(fitted ? [] : ['bought, not fitted']), ...(because === null ? [] : [because])];
      return {
        code: extraCode(extra),
        title: name,
        detail: [EXTRA_NAMES[kind], ...(lengthM === null ? [] : [formatLength(lengthM, job.measures)])].join(', '),
        need: count,
        unit: 'piece',
        buy: count,
        priceUsd: price === null ? null : cents(unreckoned(price, job) * count),
        ...traced([useOfExtra(extra.id, extraPlace(extra, job))]),
        ...(notes.length > 0 ? { note: notes.join(': ') } : {}),
      };
    });
