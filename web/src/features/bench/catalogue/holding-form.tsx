'use client';

import { type Part, isByLength, listNumber } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useOwn } from '../../../store/catalogue-provider';
import { removeOwnPart, sendOwn } from './send-own';

/** How many there are and what it really costs; of one's own parts also the way out. */
export function HoldingForm({ part, onGone }: { readonly part: Part; readonly onGone: () => void }) {
  const { holdings, own, lay, lift } = useOwn();
  const held = holdings.find(({ code }) => code === part.code);
  const mine = own.find(({ code }) => code === part.code);
  const [onHand, setOnHand] = useState(`${held?.onHand ?? 0}`);
  const [price, setPrice] = useState(held?.priceUsd == null ? '' : `${held.priceUsd}`);
  const [said, setSaid] = useState<string>();
  const save = async (): Promise<void> => {
    const [count, paid] = [listNumber(onHand), listNumber(price, { kind: 'money', currency: 'USD' })];
    if (!count.ok) return setSaid(count.error);
    if (!paid.ok) return setSaid(paid.error);
    const [pieces = 0, usd = null] = [count.value, paid.value];
    if (!Number.isInteger(pieces) || pieces < 0) return setSaid(`“${onHand}” is no number of pieces.`);
    if (usd !== null && !(usd >= 0)) return setSaid(`“${price}” is no price.`);
    const holding = { code: part.code, onHand: pieces, priceUsd: usd };
    const outcome = await sendOwn([], [holding]);
    setSaid(outcome.ok ? 'Kept. It counts everywhere from now on.' : outcome.message);
    if (outcome.ok) lay({ own: [], holdings: [holding] });
  };
  const remove = async (): Promise<void> => {
    const outcome = await removeOwnPart(part.code);
    if (!outcome.ok) return setSaid(outcome.message);
    onGone();
    lift(part.code);
  };
  return (
    <form
      aria-label="Your price, stock"
      className="mt-3 border-t-2 border-ink pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        {!isByLength(part) && (
          <label>
            <span className="block type-second">On hand</span>
            <input
              className="field w-24"
              inputMode="numeric"
              value={onHand}
              onChange={(event) => setOnHand(event.target.value)}
            />
          </label>
        )}
        <label>
          <span className="block type-second">Your price, $</span>
          <input
            className="field w-28"
            inputMode="decimal"
            placeholder={part.priceUsd.toFixed(2)}
            value={price}
            onChange={(event) => setPrice(event.target.value)}
          />
        </label>
        <button type="submit" className="other-action">
          Keep it
        </button>
        {mine && <Action onClick={() => void remove()}>Take this part out</Action>}
      </div>
      {said && (
        <p role="status" className="pt-1 type-row">
          {said}
        </p>
      )}
    </form>
  );
}
