'use client';

import { type Strand } from '@herrero/core';
import { StringDrawing } from '@/drawing/view/string-drawing';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { useJob } from '../../store/job-provider';
import { detailWords, endWords, judgedOf } from './string-rows';
import { useLayout } from './string-sheet';
import { useStretch } from './use-stretch';

const DRAWING = 124;
const JOINT_ROW = 48;
const PART_ROW = 44;

/** The string on a phone: the tank at the top, water running down, the cut half towards the words. */
export function StringDown({ strand }: { readonly strand: Strand }) {
  const layout = useLayout(strand);
  const plan = useJob((state) => state.plan);
  const measures = useJob((state) => state.job.measures);
  const selectedPartId = useJob((state) => state.selectedPartId);
  const selectedJointId = useJob((state) => state.selectedJointId);
  const penetrationId = useJob((state) => state.selectedId);
  const select = useJob((state) => state.select);
  const selectPart = useJob((state) => state.selectPart);
  const selectedIds = useStretch(strand).map(({ placed }) => placed.id);
  const rows = rowsOf(layout);
  const height = rows.reduce((sum, row) => sum + row.height, 0) + 40;
  const pxPerMm = Math.min((height - 20) / layout.lengthMm, DRAWING / layout.outsideMm / 1.1);
  const end = endWords(strand, plan);
  const placed = rows.map((row, index) => ({
    ...row,
    y: 8 + rows.slice(0, index).reduce((sum, before) => sum + before.height, 0),
  }));
  return (
    <figure className="sheet relative md:hidden" style={{ height: height + 8 }} aria-label="The string, running down">
      <svg width={DRAWING + 44} height={height} className="absolute top-0 left-0" aria-hidden="true">
        <g transform={`translate(${DRAWING / 2 + 4} 6) rotate(90)`}>
          <StringDrawing layout={layout} pxPerMm={pxPerMm} selectedIds={selectedIds} />
        </g>
        {placed.map((row) => {
          const toY = 6 + row.atMm * pxPerMm;
          return (
            <path
              key={row.key}
              d={`M${DRAWING / 2 + 4 + Math.min(54, row.outsideMm * 0.5 * pxPerMm * 0.7)} ${toY}L${DRAWING + 12} ${row.y + row.height / 2}H${DRAWING + 22}`}
              fill="none"
              stroke="var(--hair-2)"
              strokeWidth={0.9}
            />
          );
        })}
      </svg>
      <ol className="absolute top-2 right-1" style={{ left: DRAWING + 24 }}>
        {placed.map((row) => {
          if (row.kind === 'part')
            return (
              <li key={row.key} style={{ height: row.height }}>
                <button
                  type="button"
                  aria-pressed={selectedIds.includes(row.part.id)}
                  onClick={() => selectPart(selectedPartId === row.part.id ? null : row.part.id)}
                  className={`flex h-full w-full items-center text-left type-row ${selectedIds.includes(row.part.id) ? 'row-selected' : ''}`}
                >
                  <span>
                    <b className="font-[650]">{row.part.name}</b>{' '}
                    <span className="text-ink-2">{detailWords(row.part, measures)}</span>
                  </span>
                </button>
              </li>
            );
          const judged = judgedOf(plan, row.seam);
          if (!judged) return null;
          const fails = judged.mating.verdict === 'starts-then-leaks' || judged.mating.verdict === 'will-not-go';
          const chosen = selectedJointId === row.seam.jointId;
          return (
            <li key={row.key} style={{ height: row.height }}>
              <button
                type="button"
                aria-pressed={chosen}
                onClick={() => select(penetrationId, chosen ? null : row.seam.jointId)}
                className={`flex h-full w-full items-center gap-2 text-left ${chosen || fails ? 'row-selected' : ''}`}
              >
                <SeamGlyph seam={seamOf(judged.mating)} width={36} />
                <span
                  className={`flex-1 text-[16px] leading-[18px] font-[650] [font-stretch:86%] ${fails ? 'text-oxide' : ''}`}
                >
                  {judged.words}
                </span>
                <span className="pr-1 type-second">{judged.name}</span>
              </button>
            </li>
          );
        })}
        <li className="flex items-center gap-2 py-1">
          {end.open && <SeamGlyph seam="open" width={36} />}
          <span className="text-[16px] font-[650]">{end.words}</span>
        </li>
      </ol>
    </figure>
  );
}

/** Joints and parts in the order of the water. */
function rowsOf({ parts, seams }: ReturnType<typeof useLayout>) {
  return [
    ...seams.map((seam) => ({
      kind: 'seam' as const,
      key: seam.jointId,
      seam,
      atMm: seam.atMm,
      outsideMm: seam.outsideMm,
      height: JOINT_ROW,
    })),
    ...parts.map((part) => ({
      kind: 'part' as const,
      key: part.id,
      part,
      atMm: (part.fromMm + part.toMm) / 2,
      outsideMm: part.outsideMm,
      height: PART_ROW,
    })),
  ].sort((a, b) => a.atMm - b.atMm);
}
