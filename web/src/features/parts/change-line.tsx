'use client';

import { type ChangedLine, type Held, type PartsLine, type Settable, setField } from '@herrero/core';
import { Action } from '@/ui/action';
import { FigureField } from '@/ui/figure-field';
import { TextField } from '@/ui/text-field';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

/** A line as somebody wants it: how many, another article, in the box of a kit, or not at all. It stays so until it is taken back. */
export default function ChangeLine({ groupId, line }: { readonly groupId: string; readonly line: PartsLine }) {
  const { changedLines, extras, measures } = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const change = changedLines.find(({ id }) => id === line.byHand?.id);
  const { code, detail, buy } = line.byHand?.reckoned ?? line;
  const kits = extras.filter(({ kind, stands }) => kind === 'kit' && !stands);
  const set = <Name extends Settable<'changedLines'>>(
    field: Name,
    to: Held<'changedLines', Name>,
  ): string | undefined => {
    if (change) {
      const after: ChangedLine = { ...change, [field]: to };
      const isAsReckoned = after.buy === null && after.instead === null && after.kitId === null;
      return make([
        isAsReckoned ? { type: 'restore-line', id: change.id } : setField('changedLines', change, field, to),
      ])?.message;
    }
    if (to === null) return undefined;
    const nothing = { buy: null, instead: null, kitId: null, because: null };
    const line = { ...nothing, id: newId(), group: groupId, code, detail, [field]: to };
    return make([{ type: 'change-line', line }])?.message;
  };
  return (
    <div className="no-print col-[2/-1] grid grid-cols-[1fr_2fr] gap-x-4 gap-y-1 border-l-4 border-brass py-1 pl-3 max-md:col-span-full">
      <FigureField
        kind="number"
        measures={measures}
        label={`Buy (${buy} reckoned)`}
        value={change?.buy ?? buy}
        onChange={(to) =>
          Number.isInteger(to) && to >= 0 ? set('buy', to === buy ? null : to) : 'A whole number, or 0.'
        }
      />
      <TextField
        label="Another article, code or name"
        unsaid="as reckoned"
        value={change?.instead ?? null}
        onChange={(to) => set('instead', to)}
      />
      {kits.length > 0 && (
        <label className="block">
          <span className="block type-second">It comes in the box of</span>
          <select
            className="field w-full"
            value={change?.kitId ?? ''}
            onChange={(event) => set('kitId', event.target.value === '' ? null : event.target.value)}
          >
            <option value="">none: it is bought by itself</option>
            {kits.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {change && <TextField label="Why" value={change.because} onChange={(to) => set('because', to)} />}
      <div className="col-span-full flex flex-wrap gap-x-4">
        {change?.buy !== 0 && <Action onClick={() => set('buy', 0)}>Leave it out</Action>}
        {change && <Action onClick={() => make([{ type: 'restore-line', id: change.id }])}>As reckoned again</Action>}
      </div>
    </div>
  );
}
