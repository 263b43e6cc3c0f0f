import type { CheckContext } from '../../derived/context';
import { type Catalogue, titleOfCode } from '../../fittings/catalogue';
import { EXTRA_NAMES, type Extra, type Job } from '../../job/job';
import { holeById } from '../../job/lookup';
import { formatLength } from '../../quantity/length';
import { unreckoned } from '../../quantity/money';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { useOfExtra } from '../list/trace';

/** Its code in the catalogue; what is only named has one of its own, short enough for a label. */
export const extraCode = ({ id, code }: Pick<Extra, 'id' | 'code'>, { byCode }: Catalogue): string =>
  code !== null && byCode.has(code) ? code : `EX-${id.toUpperCase()}`;

/** Where a line of one's own goes: its tank, its opening, or nowhere that is said. */
export const extraPlace = (extra: Extra, job: Job): string =>
  holeById(job, extra.penetrationId ?? undefined)?.label ??
  job.tanks.find(({ id }) => id === extra.tankId)?.label ??
  'with it';

/** What somebody wrote on the list himself: bought unless it is there. */
export const extraLines = ({ job, catalogue }: CheckContext): readonly PartsLine[] =>
  job.extras
    .filter(({ stands }) => !stands)
    .map((extra): PartsLine => {
      const { name, kind, count, lengthM, price, fitted, because } = extra;
      const part = extra.code === null ? undefined : catalogue.byCode.get(extra.code);
      const inside = job.changedLines.filter(({ kitId }) => kitId === extra.id);
      const notes = [
        ...(fitted ? [] : ['bought, not fitted']),
        ...(because === null ? [] : [because]),
        ...(inside.length === 0
          ? []
          : [`inside: ${inside.map(({ code, detail }) => titleOfCode(catalogue, code, detail)).join(', ')}`]),
      ];
      return packed({
        code: extraCode(extra, catalogue),
        title: name,
        detail: [
          part?.detail ?? EXTRA_NAMES[kind],
          ...(lengthM === null ? [] : [formatLength(lengthM, job.measures)]),
        ].join(', '),
        need: count,
        packUsd: price === null ? (part?.priceUsd ?? null) : unreckoned(price, job),
        uses: [useOfExtra(extra.id, extraPlace(extra, job))],
        note: notes.length > 0 ? notes.join(': ') : undefined,
      });
    });
