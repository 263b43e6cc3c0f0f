'use client';

import {
  OWN_ABILITIES,
  CAPABILITY_NAMES,
  type FieldProblem,
  MATERIALS,
  MATERIAL_NAMES,
  NOMINAL_SIZES,
  type OwnPart,
  makeOwnPart,
  sizeWords,
  listNumber,
} from '@herrero/core';
import { type ReactNode, useState } from 'react';
import { MiniPart } from '@/drawing/view/mini-part';
import { useOwn } from '../../../store/catalogue-provider';
import { sendOwn } from './send-own';

const EMPTY = {
  code: '',
  name: '',
  size: '3/4',
  material: 'brass',
  ends: ['', ''] as readonly string[],
  length: '',
  bore: '',
  price: '',
  stock: '',
  does: [] as readonly string[],
};
type Typed = typeof EMPTY;

/** A figure as it is typed; NaN where it is none, or can be read in two ways: the part is refused then. */
const figure = (text: string): number | null => {
  const read = listNumber(text, { kind: 'money' });
  return read.ok ? (read.value ?? null) : Number.NaN;
};

const ownOf = (typed: Typed): OwnPart => ({
  code: typed.code.trim(),
  name: typed.name.trim(),
  detail: '',
  size: typed.size,
  material: typed.material,
  ends: typed.ends.map((end) => end.trim()).filter((end) => end !== ''),
  lengthMm: figure(typed.length),
  boreMm: figure(typed.bore),
  priceUsd: figure(typed.price) ?? 0,
  stockLengthM: figure(typed.stock),
  does: typed.does,
});

/** A part that the catalogue does not have: its ends in end notation, and what can be read off it. Drawn as it is typed. */
export function OwnPartForm({ onDone }: { readonly onDone: (code: string) => void }) {
  const { lay } = useOwn();
  const [typed, setTyped] = useState(EMPTY);
  const [tried, setTried] = useState(false);
  const [refused, setRefused] = useState<string>();
  const own = ownOf(typed);
  const made = makeOwnPart(own);
  const problems: readonly FieldProblem[] = made.ok ? [] : made.error;
  // What is being typed is not wrong yet: it is said once somebody wants to keep it, or an end cannot be read.
  const problem = (path: string): string | undefined => {
    const found = problems.find((one) => one.path === path);
    return tried || (path.startsWith('ends[') && found) ? found?.message : undefined;
  };
  const put = (patch: Partial<Typed>): void => setTyped({ ...typed, ...patch });
  const keep = async (): Promise<void> => {
    setTried(true);
    if (!made.ok) return;
    const outcome = await sendOwn([own], []);
    if (!outcome.ok) return setRefused(outcome.message);
    lay({ own: [own], holdings: [] });
    onDone(own.code);
  };
  return (
    <form
      aria-label="Your own part"
      className="rule-selected space-y-2 pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h2 className="type-head">Your own part</h2>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Code" problem={problem('code')}>
          <input className="field w-full" value={typed.code} onChange={(event) => put({ code: event.target.value })} />
        </Field>
        <Field label="What is it called?" problem={problem('name')}>
          <input className="field w-full" value={typed.name} onChange={(event) => put({ name: event.target.value })} />
        </Field>
        <Field label="Size it goes by">
          <select className="field w-full" value={typed.size} onChange={(event) => put({ size: event.target.value })}>
            {NOMINAL_SIZES.map((size) => (
              <option key={size} value={size}>
                {sizeWords(size)}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Made of">
          <select
            className="field w-full"
            value={typed.material}
            onChange={(event) => put({ material: event.target.value })}
          >
            {MATERIALS.map((material) => (
              <option key={material} value={material}>
                {MATERIAL_NAMES[material]}
              </option>
            ))}
          </select>
        </Field>
        {typed.ends.map((end, index) => (
          <Field
            key={index}
            label={`End ${index + 1}`}
            problem={problem(`ends[${index}]`) ?? (index === 0 ? problem('ends') : undefined)}
          >
            <input
              className="field w-full"
              placeholder={index === 0 ? '3/4 NPT M' : 'none'}
              value={end}
              onChange={(event) =>
                put({ ends: typed.ends.map((one, place) => (place === index ? event.target.value : one)) })
              }
            />
          </Field>
        ))}
        <Field label="Overall, mm" problem={problem('lengthMm')}>
          <input
            className="field w-full"
            inputMode="decimal"
            value={typed.length}
            onChange={(event) => put({ length: event.target.value })}
          />
        </Field>
        <Field label="Least bore, mm" problem={problem('boreMm')}>
          <input
            className="field w-full"
            inputMode="decimal"
            value={typed.bore}
            onChange={(event) => put({ bore: event.target.value })}
          />
        </Field>
        <Field label="Price, $" problem={problem('priceUsd')}>
          <input
            className="field w-full"
            inputMode="decimal"
            value={typed.price}
            onChange={(event) => put({ price: event.target.value })}
          />
        </Field>
        <Field label="Sold by the length of, m" problem={problem('stockLengthM')}>
          <input
            className="field w-full"
            inputMode="decimal"
            placeholder="by the piece"
            value={typed.stock}
            onChange={(event) => put({ stock: event.target.value })}
          />
        </Field>
      </div>
      <fieldset>
        <legend className="type-second">It is, or has</legend>
        <div className="flex flex-wrap gap-x-4">
          {OWN_ABILITIES.map((one) => (
            <label key={one} className="flex min-h-9 items-center gap-2 type-row pointer-coarse:min-h-11">
              <input
                type="checkbox"
                checked={typed.does.includes(one)}
                onChange={() =>
                  put({
                    does: typed.does.includes(one) ? typed.does.filter((other) => other !== one) : [...typed.does, one],
                  })
                }
              />
              {CAPABILITY_NAMES[one]}
            </label>
          ))}
        </div>
      </fieldset>
      {typed.ends.length < 4 && (
        <button
          type="button"
          className="text-left type-second underline"
          onClick={() => put({ ends: [...typed.ends, ''] })}
        >
          One more end
        </button>
      )}
      {made.ok && (
        <div className="flex justify-center border border-hair bg-sheet">
          <MiniPart part={made.value} width={300} height={130} />
        </div>
      )}
      {refused && (
        <p role="alert" className="type-row">
          {refused}
        </p>
      )}
      <button type="submit" className="main-action w-full">
        Keep it in the catalogue
      </button>
    </form>
  );
}

function Field({
  label,
  problem,
  children,
}: {
  readonly label: string;
  readonly problem?: string | undefined;
  readonly children: ReactNode;
}) {
  return (
    <label className="block">
      <span className="block type-second">{label}</span>
      {children}
      {problem && (
        <span role="alert" className="block type-second !text-ink">
          {problem}
        </span>
      )}
    </label>
  );
}
