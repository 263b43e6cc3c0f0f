'use client';

import {
  BY_LENGTH,
  EXTRA_KINDS,
  EXTRA_NAMES,
  type Extra,
  type ExtraKind,
  type Held,
  type Settable,
  isSoldIn,
  newExtra,
  partTitle,
  setField,
} from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { FigureField } from '@/ui/figure-field';
import { LengthField } from '@/ui/length-field';
import { TextField } from '@/ui/text-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

/** What goes in besides the parts of the runs, written down line by line: it is bought with them. */
export default function WithIt() {
  const extras = useJob((state) => state.job.extras);
  const make = useJob((state) => state.make);
  const [openId, setOpenId] = useState<string | null>(null);
  const [kind, setKind] = useState<ExtraKind>('kit');
  const add = (name: string | null): string | undefined => {
    if (name === null) return undefined;
    const extra = newExtra({ id: newId(), name, kind });
    const refused = make([{ type: 'add-extra', extra }])?.message;
    if (refused === undefined) setOpenId(extra.id);
    return refused;
  };
  return (
    <div className="py-2">
      <div className="grid grid-cols-[1fr_1.4fr] gap-x-3">
        <KindField label="What it is" kind={kind} onChange={setKind} />
        <TextField label="A line on the list" unsaid="its name" value={null} onChange={add} />
      </div>
      <LooseItems onAdded={setOpenId} />
      <ul aria-label="Lines of one’s own" className="pt-1">
        {extras.map((extra) => (
          <li key={extra.id} className="border-b border-hair py-1">
            <button
              type="button"
              aria-expanded={openId === extra.id}
              className="flex min-h-9 w-full items-baseline gap-3 text-left type-row hover:underline pointer-coarse:min-h-11"
              onClick={() => setOpenId(openId === extra.id ? null : extra.id)}
            >
              <b className="min-w-0 flex-1 font-[650]">{extra.name}</b>
              <span className="type-second">{EXTRA_NAMES[extra.kind]}</span>
            </button>
            {openId === extra.id && <ExtraFields extra={extra} />}
          </li>
        ))}
      </ul>
    </div>
  );
}

function KindField({
  label,
  kind,
  onChange,
}: {
  readonly label: string;
  readonly kind: ExtraKind;
  readonly onChange: (kind: ExtraKind) => void;
}) {
  return (
    <label className="block">
      <span className="block type-second">{label}</span>
      <select
        className="field w-full"
        value={kind}
        onChange={(event) => onChange(EXTRA_KINDS.find((one) => one === event.target.value) ?? 'other')}
      >
        {EXTRA_KINDS.map((one) => (
          <option key={one} value={one}>
            {EXTRA_NAMES[one]}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What the catalogue has that joins nothing: spare nuts and washers, ties, risers and lids, corners of gutters. */
const LOOSE: readonly string[] = ['loose-item', 'gutter'];

function LooseItems({ onAdded }: { readonly onAdded: (id: string) => void }) {
  const region = useJob((state) => state.job.region);
  const list = useJob((state) => state.plan.context.catalogue.list);
  const make = useJob((state) => state.make);
  const sold = list.filter((part) => LOOSE.includes(part.family) && isSoldIn(part, region));
  const add = (code: string): void => {
    const part = sold.find((one) => one.code === code);
    if (!part) return;
    const extra = newExtra({ id: newId(), name: part.name, code });
    if (make([{ type: 'add-extra', extra }]) === undefined) onAdded(extra.id);
  };
  return (
    <label className="block pt-2">
      <span className="block type-second">Or one of the catalogue</span>
      <select className="field w-full" value="" onChange={(event) => add(event.target.value)}>
        <option value="" disabled>
          nuts, washers, ties, risers, lids, corners
        </option>
        {sold.map((part) => (
          <option key={part.code} value={part.code}>
            {partTitle(part)}
          </option>
        ))}
      </select>
    </label>
  );
}

function ExtraFields({ extra }: { readonly extra: Extra }) {
  const { measures, currency, tanks, penetrations } = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const set = <Name extends Settable<'extras'>>(field: Name, to: Held<'extras', Name>): string | undefined =>
    make([setField('extras', extra, field, to)])?.message;
  const goesWith = extra.penetrationId ?? extra.tankId ?? '';
  const setGoesWith = (id: string): void => {
    const tank = tanks.some((one) => one.id === id);
    make([
      setField('extras', extra, 'tankId', tank ? id : null),
      setField('extras', extra, 'penetrationId', !tank && id !== '' ? id : null),
    ]);
  };
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2 pb-2 max-md:grid-cols-1">
      <TextField
        label="Name"
        value={extra.name}
        onChange={(to) => (to === null ? 'A line needs a name.' : set('name', to))}
      />
      <FigureField
        kind="number"
        measures={measures}
        label="How many"
        value={extra.count}
        onChange={(to) => set('count', to)}
      />
      {extra.code === null && <KindField label="It is" kind={extra.kind} onChange={(to) => set('kind', to)} />}
      {BY_LENGTH.includes(extra.kind) && (
        <LengthField
          label="How long each"
          valueM={extra.lengthM}
          measures={measures}
          onChange={(to) => set('lengthM', to)}
        />
      )}
      <FigureField
        kind="number"
        measures={measures}
        label={`Price of one, ${currency} as paid`}
        unsaid="not known"
        value={extra.price}
        onChange={(to) => set('price', to)}
      />
      <label className="block">
        <span className="block type-second">Goes with</span>
        <select className="field w-full" value={goesWith} onChange={(event) => setGoesWith(event.target.value)}>
          <option value="">the whole job</option>
          {[...tanks, ...penetrations].map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <YesNo label="It is there already" value={extra.stands} onChange={(to) => set('stands', to)} />
      <YesNo label="It is fitted" value={extra.fitted} onChange={(to) => set('fitted', to)} />
      <TextField label="Why" value={extra.because} onChange={(to) => set('because', to)} />
      <div className="col-span-full">
        <Action onClick={() => make([{ type: 'remove-extra', id: extra.id }])}>Strike {extra.name} out</Action>
      </div>
    </div>
  );
}
