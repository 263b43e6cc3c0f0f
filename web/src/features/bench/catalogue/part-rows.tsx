'use client';

import { MATERIAL_NAMES, type Part, counterpart, isByLength, mate, overallMm, partTitle } from '@herrero/core';
import { MiniPart } from '@/drawing/view/mini-part';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { useCatalogue } from '../../../store/catalogue-provider';

const DRAWN_WIDTH = 116;
const DRAWN_HEIGHT = 72;
/** Room for a lever or a wheel above the largest. */
const HANDLE_PX = 20;
/** A scale at which the largest of a list still has room; never larger than life [px/mm]. */
const scaleFor = (parts: readonly Part[]): number =>
  Math.min(
    1,
    ...parts.flatMap((part) => [
      (DRAWN_WIDTH - 8) / overallMm(part),
      (DRAWN_HEIGHT - 8 - HANDLE_PX) / Math.max(...part.body.map(({ outsideMm }) => outsideMm * 1.15)),
    ]),
  );
/** Below this nothing can be made out: then each is drawn as large as it fits. */
const LEAST_SCALE = 0.55;

/** Parts in half-section to one scale, with the seams of their usual joints and an invented price. */
export function PartRows({
  parts,
  openCode,
  onOpen,
}: {
  readonly parts: readonly Part[];
  readonly openCode: string | null;
  readonly onOpen: (part: Part) => void;
}) {
  const { onHand } = useCatalogue();
  const scale = scaleFor(parts);
  const common = scale >= LEAST_SCALE;
  return (
    <>
      <p className="flex justify-between border-b-2 border-ink pb-0.5 type-second">
        <span>half-section, {common ? 'one scale' : 'each as large as it fits'}</span>
        <span>joints, price $</span>
      </p>
      <ul>
        {parts.map((part) => (
          <li key={part.code} className="border-b border-hair">
            <button
              type="button"
              aria-pressed={part.code === openCode}
              aria-label={`${partTitle(part)}, ${MATERIAL_NAMES[part.material]}`}
              onClick={() => onOpen(part)}
              className={`flex min-h-[79px] w-full items-center gap-3 px-1 text-left ${part.code === openCode ? 'row-selected' : 'hover:bg-brass-wash'}`}
            >
              <MiniPart part={part} width={DRAWN_WIDTH} height={DRAWN_HEIGHT} {...(common ? { pxPerMm: scale } : {})} />
              <span className="min-w-0 flex-1">
                <span className="block text-[16px] leading-5 font-[650]">{partTitle(part)}</span>
                <span className="block type-second">
                  {MATERIAL_NAMES[part.material]} <span className="type-code">{part.code}</span>
                </span>
              </span>
              <span className="flex shrink-0 gap-1.5 max-md:hidden">
                {part.ends.slice(0, 2).map(({ end }, index) => {
                  const other = counterpart(end);
                  return (
                    other && <SeamGlyph key={index} seam={seamOf(mate(end, other, { a: part.material }))} width={24} />
                  );
                })}
              </span>
              <span className="w-20 shrink-0 text-right type-row">
                {part.priceUsd.toFixed(2)}
                {(onHand.get(part.code) ?? 0) > 0 && (
                  <span className="block type-second">{onHand.get(part.code)} on hand</span>
                )}
                {isByLength(part) && <span className="block type-second">a metre</span>}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
