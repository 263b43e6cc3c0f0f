'use client';

import {
  END_CLASSES,
  type EndClass,
  type Found,
  MATERIALS,
  MATERIAL_NAMES,
  type Narrowing,
  REGIONS,
  REGION_NAMES,
  type Region,
} from '@herrero/core';
import { useCatalogue } from '../../../store/catalogue-provider';
import { EndIcon } from './end-icon';

const MOST_ENDS = 2;

/** What the hits are narrowed down by: up to two ends, what it is made of, where it is sold, what is on hand. Nought is shown thin. */
export function Facets({
  found,
  narrowing,
  onChange,
}: {
  readonly found: Found;
  readonly narrowing: Narrowing;
  readonly onChange: (narrowing: Narrowing) => void;
}) {
  const { onHand } = useCatalogue();
  const chosen = narrowing.ends ?? [];
  const toggle = (end: EndClass): void =>
    onChange({
      ...narrowing,
      ends: chosen.includes(end) ? chosen.filter((one) => one !== end) : [...chosen, end].slice(-MOST_ENDS),
    });
  return (
    <>
      <h2 className="flex items-baseline gap-2 px-4 pt-3 pb-1">
        <span className="type-head">Ends</span>
        <span className="type-second">one or two</span>
      </h2>
      <ul className="max-lg:grid max-lg:grid-cols-2">
        {END_CLASSES.map((end) => {
          const count = found.byEnd.get(end) ?? 0;
          return (
            <li key={end}>
              <button
                type="button"
                aria-pressed={chosen.includes(end)}
                onClick={() => toggle(end)}
                className={`flex min-h-9 w-full items-center gap-2 px-4 text-left type-row pointer-coarse:min-h-11 ${chosen.includes(end) ? 'row-selected font-semibold' : 'hover:bg-paper-deep'} ${count === 0 ? 'text-ink-2' : ''}`}
              >
                <EndIcon end={end} />
                <span className="min-w-0 flex-1 leading-4">{end}</span>
                <span className={count === 0 ? '' : 'font-[650]'}>{count}</span>
              </button>
            </li>
          );
        })}
      </ul>
      <div className="grid gap-3 px-4 pt-4 max-lg:grid-cols-2">
        <Choice
          label="Made of"
          any="anything"
          value={narrowing.material ?? ''}
          options={MATERIALS.filter((material) => (found.byMaterial.get(material) ?? 0) > 0).map((material) => ({
            value: material,
            name: `${MATERIAL_NAMES[material]} (${found.byMaterial.get(material) ?? 0})`,
          }))}
          onChange={(value) => onChange({ ...narrowing, material: MATERIALS.find((material) => material === value) })}
        />
        <Choice
          label="Sold in"
          any="anywhere"
          value={narrowing.region ?? ''}
          options={REGIONS.map((region) => ({ value: region, name: REGION_NAMES[region] }))}
          onChange={(value) => onChange({ ...narrowing, region: value === '' ? undefined : (value as Region) })}
        />
        <label className="flex min-h-11 items-center gap-2 type-row">
          <input
            type="checkbox"
            className="size-5 accent-(--brass-line)"
            checked={narrowing.onHand !== undefined}
            onChange={({ target }) => onChange({ ...narrowing, onHand: target.checked ? onHand : undefined })}
          />
          only what is on hand
        </label>
      </div>
    </>
  );
}

function Choice({
  label,
  any,
  value,
  options,
  onChange,
}: {
  readonly label: string;
  readonly any: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly name: string }[];
  readonly onChange: (value: string) => void;
}) {
  return (
    <label className="block">
      <span className="block type-second">{label}</span>
      <select className="field w-full" value={value} onChange={(event) => onChange(event.target.value)}>
        <option value="">{any}</option>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.name}
          </option>
        ))}
      </select>
    </label>
  );
}
