'use client';

import { MATERIAL_NAMES, type Offer, type OpenEnd, matingOf, partTitle, verdictWords } from '@herrero/core';
import { MiniPart } from '@/drawing/view/mini-part';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { soldWords } from '@/ui/sold-words';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';

/** A catalogue part that can be put on: drawn, named, with the seam it would make and its invented price. */
export function PartRow({
  at,
  offer,
  onTake,
}: {
  readonly at: OpenEnd;
  readonly offer: Offer;
  readonly onTake: () => void;
}) {
  const { part } = offer;
  const mating = matingOf(at, offer);
  const money = useMoney();
  const region = useJob((state) => state.job.region);
  const elsewhere = soldWords(part, region);
  return (
    <li className="border-b border-hair">
      <button
        type="button"
        onClick={onTake}
        aria-label={`${partTitle(part)}, ${MATERIAL_NAMES[part.material]}: ${verdictWords(mating)}${elsewhere}`}
        className="flex min-h-14 w-full items-center gap-3 px-1 py-1 text-left hover:bg-brass-wash focus-visible:bg-brass-wash"
      >
        <MiniPart part={part} width={64} />
        <span className="min-w-0 flex-1">
          <span className="block text-[16px] leading-5 font-[650]">{part.name}</span>
          <span className="block type-second">
            {part.detail}, {MATERIAL_NAMES[part.material]}
            {elsewhere}
          </span>
        </span>
        <span className="flex shrink-0 flex-col items-end">
          <SeamGlyph seam={seamOf(mating)} width={30} />
          <span className="type-second">
            {money(part.priceUsd)}
            {part.sale.by === 'length' ? '/m' : ''}
          </span>
        </span>
      </button>
    </li>
  );
}

/** A part that does not go on, with the reason why not. It cannot be taken. */
export function RefusedRow({ at, offer }: { readonly at: OpenEnd; readonly offer: Offer }) {
  const { part } = offer;
  const mating = matingOf(at, offer);
  return (
    <li className="flex items-start gap-3 border-b border-hair py-1.5 text-ink-2">
      <SeamGlyph seam={seamOf(mating)} width={30} />
      <span className="min-w-0 type-row">
        {partTitle(part)}
        <span className="block type-second">
          <b className="text-ink">{verdictWords(mating)}.</b> {mating.why}
        </span>
      </span>
    </li>
  );
}
