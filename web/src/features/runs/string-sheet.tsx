'use client';

import { type Strand, tankOf } from '@herrero/core';
import { type DOMAttributes, useMemo } from 'react';
import { spread } from '@/drawing/geometry/spread';
import { type LaidPart, type LaidSeam, type StringLayout, layOut } from '@/drawing/geometry/string-layout';
import { StringDrawing, wallReach } from '@/drawing/view/string-drawing';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { useJob } from '../../store/job-provider';
import { detailWords, endWords, judgedOf } from './string-rows';
import { type SlotPlace, usePartDrag } from './use-part-drag';
import { useStretch } from './use-stretch';
import { STRING_ID, useStringKeys } from './use-string-keys';

const WIDTH = 790;
const LABEL = 102;
const END_ROOM = 118;
const NAMES = 66;
const MIDDLE = 176;
const REACH = 82;
const JOINTS = 284;
const HEIGHT = 352;

/** Lays out the strand on the sheet; undefined tank wall for a branch. */
export function useLayout(strand: Strand): StringLayout {
  const plan = useJob((state) => state.plan);
  return useMemo(() => {
    const { job } = plan.context;
    const hole = strand.from.of === 'hole' ? job.penetrations.find(({ id }) => id === strand.from.id) : undefined;
    const tank = tankOf(job, hole);
    return layOut(strand, {
      wallMm: tank ? tank.wallM * 1000 : undefined,
      port: hole?.port !== null && hole !== undefined,
      jointOf: plan.context.judgedOf,
    });
  }, [strand, plan]);
}

/** The string from left to right: names above, half-section between, a seam with its word below each joint. */
export function StringSheet({
  strand,
  tankLabel,
}: {
  readonly strand: Strand;
  readonly tankLabel: string | undefined;
}) {
  const layout = useLayout(strand);
  const plan = useJob((state) => state.plan);
  const selectedIds = useStretch(strand).map(({ placed }) => placed.id);
  const onKeyDown = useStringKeys(strand);
  const selectPart = useJob((state) => state.selectPart);
  const width = Math.max(WIDTH, (Math.max(layout.parts.length, layout.seams.length) + 0.4) * LABEL + END_ROOM);
  const pxPerMm = Math.min((width - END_ROOM - 30) / layout.lengthMm, (2 * REACH) / layout.outsideMm, 2.6);
  const px = (mm: number): number => 10 + mm * pxPerMm;
  const names = spread(
    layout.parts.map(({ fromMm, toMm }) => px((fromMm + toMm) / 2)),
    LABEL,
    LABEL / 2,
    width - LABEL / 2,
  );
  const joints = spread(
    layout.seams.map(({ atMm }) => px(atMm)),
    LABEL - 4,
    LABEL / 2 - 6,
    width - END_ROOM - 6,
  );
  const end = endWords(strand, plan);
  const endX = px(layout.lengthMm);
  const slots: readonly SlotPlace[] = [
    ...layout.seams.map(({ atMm }, slot) => ({ slot, x: px(atMm) })),
    ...(end.open ? [{ slot: strand.items.length, x: endX }] : []),
  ].filter(({ slot }) => slot > 0 || strand.from.of === 'part');
  const { dragged, bind } = usePartDrag(
    strand,
    slots,
    (partId) => names[layout.parts.findIndex(({ id }) => id === partId)] ?? 0,
  );
  return (
    <figure
      className="sheet overflow-x-auto max-md:hidden"
      id={STRING_ID}
      aria-label="The string in half-section"
      aria-keyshortcuts="ArrowLeft ArrowRight Delete Control+X Control+C Control+V"
      tabIndex={0}
      onKeyDown={onKeyDown}
    >
      <div className="relative" style={{ width, height: HEIGHT }}>
        <svg
          width={width}
          height={HEIGHT}
          className="absolute inset-0"
          role="img"
          aria-label="Parts in half-section, to one scale"
        >
          <g transform={`translate(10 ${MIDDLE})`}>
            <StringDrawing layout={layout} pxPerMm={pxPerMm} selectedIds={selectedIds} onSelect={selectPart} />
          </g>
          {tankLabel !== undefined && (
            <text
              x={14}
              y={MIDDLE - wallReach(layout.outsideMm, (mm) => mm * pxPerMm) - 7}
              className="type-scale"
              style={{ fill: 'var(--water-ink)', fontWeight: 650 }}
            >
              inside {tankLabel}
            </text>
          )}
          {layout.parts.map((part, index) => (
            <Leader
              key={part.id}
              fromX={names[index] ?? 0}
              fromY={NAMES}
              toX={px((part.fromMm + part.toMm) / 2)}
              toY={MIDDLE - Math.min(REACH, (part.outsideMm / 2) * pxPerMm) + 4}
            />
          ))}
          {layout.seams.map((seam, index) => (
            <SeamLeader
              key={seam.jointId}
              seam={seam}
              fromX={joints[index] ?? 0}
              toX={px(seam.atMm)}
              toY={MIDDLE + Math.min(REACH, (seam.outsideMm / 2) * pxPerMm) * 0.72}
            />
          ))}
          {dragged?.over && (
            <path d={`M${dragged.over.x} ${NAMES}V${JOINTS - 10}`} stroke="var(--brass-line)" strokeWidth={4} />
          )}
          <path
            d={`M${endX} ${MIDDLE - 46}V${MIDDLE + 46}`}
            stroke="var(--ink)"
            strokeWidth={3}
            strokeLinecap="round"
            strokeDasharray={end.open ? '0.1 6' : undefined}
          />
          <ScaleBar right={width - 16} pxPerMm={pxPerMm} />
        </svg>
        {layout.parts.map((part, index) => (
          <PartLabel
            key={part.id}
            part={part}
            x={names[index] ?? 0}
            selected={selectedIds.includes(part.id)}
            selectedAlone={selectedIds.length === 1 && selectedIds[0] === part.id}
            byPx={dragged?.partId === part.id ? dragged.byPx : 0}
            drag={bind(part.id)}
          />
        ))}
        {layout.seams.map((seam, index) => (
          <SeamButton key={seam.jointId} seam={seam} x={joints[index] ?? 0} />
        ))}
        <div className="absolute text-center" style={{ left: width - END_ROOM, width: END_ROOM, top: JOINTS }}>
          <span className="flex justify-center">{end.open && <SeamGlyph seam="open" width={36} />}</span>
          <span className="type-row font-semibold">{end.words}</span>
        </div>
        {end.open && (
          <div
            className="absolute flex flex-col gap-2.5"
            style={{ left: Math.min(endX + 22, width - END_ROOM - 4), top: MIDDLE - 52, width: END_ROOM - 4 }}
          >
            <a href="#finish" className="main-action text-center text-[15px]">
              Finish to…
            </a>
            <a href="#next" className="other-action text-center text-[15px]">
              Next part
            </a>
          </div>
        )}
      </div>
    </figure>
  );
}

function PartLabel({
  part,
  x,
  selected,
  selectedAlone,
  byPx,
  drag,
}: {
  readonly part: LaidPart;
  readonly x: number;
  readonly selected: boolean;
  /** Pressed again it is let go; a part of a stretch is then selected by itself. */
  readonly selectedAlone: boolean;
  /** How far it has been dragged. */
  readonly byPx: number;
  readonly drag: Partial<DOMAttributes<HTMLButtonElement>>;
}) {
  const stretchTo = useJob((state) => state.stretchTo);
  const measures = useJob((state) => state.job.measures);
  const selectPart = useJob((state) => state.selectPart);
  return (
    <button
      type="button"
      aria-pressed={selected}
      {...drag}
      onClick={({ shiftKey }) => (shiftKey ? stretchTo(part.id) : selectPart(selectedAlone ? null : part.id))}
      className={`absolute top-0 touch-none px-0.5 pt-1 text-center hover:bg-brass-wash ${selected ? 'bg-brass-wash' : ''} ${byPx === 0 ? '' : 'z-10 cursor-grabbing border border-brass-line bg-sheet'}`}
      style={{ left: x - LABEL / 2 + byPx, width: LABEL - 2, height: NAMES }}
    >
      <span className="block truncate text-[14.5px] leading-[17px] font-[650] [font-stretch:82%]">{part.name}</span>
      <span className="line-clamp-2 block type-second !text-[13.5px] !leading-[15px]">
        {detailWords(part, measures)}
      </span>
      <span className="sr-only">{part.code}</span>
    </button>
  );
}

function SeamButton({ seam, x }: { readonly seam: LaidSeam; readonly x: number }) {
  const plan = useJob((state) => state.plan);
  const selected = useJob((state) => state.selectedJointId === seam.jointId);
  const pointed = useJob((state) => state.pointedId === seam.jointId);
  const penetrationId = useJob((state) => state.selectedId);
  const select = useJob((state) => state.select);
  const judged = judgedOf(plan, seam);
  if (!judged) return null;
  const fails = judged.mating.verdict === 'starts-then-leaks' || judged.mating.verdict === 'will-not-go';
  return (
    <button
      type="button"
      aria-pressed={selected}
      onClick={() => select(penetrationId, selected ? null : seam.jointId)}
      className={`absolute flex flex-col items-center px-0.5 py-1 ${selected || pointed ? 'row-selected' : 'hover:bg-brass-wash'}`}
      style={{ left: x - LABEL / 2 + 2, width: LABEL - 6, top: JOINTS - 6, minHeight: 70 }}
    >
      <span className="flex items-center gap-1.5">
        <SeamGlyph seam={seamOf(judged.mating)} width={36} />
        <span className={`text-[14.5px] [font-stretch:80%] ${fails ? 'font-[700]' : ''}`}>{judged.name}</span>
      </span>
      <span
        className={`text-center text-[14px] leading-[16px] font-[650] [font-stretch:80%] ${fails ? 'text-oxide' : ''}`}
      >
        {judged.words}
      </span>
    </button>
  );
}

const Leader = ({
  fromX,
  fromY,
  toX,
  toY,
}: {
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
}) => (
  <g pointerEvents="none">
    <path
      d={`M${fromX} ${fromY}V${fromY + 8}L${toX} ${Math.max(fromY + 16, toY - 10)}V${toY}`}
      fill="none"
      stroke="var(--hair-2)"
      strokeWidth={0.9}
    />
    <circle cx={toX} cy={toY} r={2.2} fill="var(--ink)" />
  </g>
);

function SeamLeader({
  seam,
  fromX,
  toX,
  toY,
}: {
  readonly seam: LaidSeam;
  readonly fromX: number;
  readonly toX: number;
  readonly toY: number;
}) {
  const plan = useJob((state) => state.plan);
  const verdict = judgedOf(plan, seam)?.mating.verdict;
  const fails = verdict === 'starts-then-leaks' || verdict === 'will-not-go';
  return (
    <g pointerEvents="none">
      <path
        d={`M${toX} ${toY}V${JOINTS - 26}L${fromX} ${JOINTS - 16}V${JOINTS - 8}`}
        fill="none"
        stroke={fails ? 'var(--oxide)' : 'var(--hair-2)'}
        strokeWidth={fails ? 2 : 0.9}
      />
      <circle cx={toX} cy={toY} r={fails ? 3.6 : 2.2} fill={fails ? 'var(--oxide)' : 'var(--ink)'} />
    </g>
  );
}

/** Two inches or fifty millimetres at the scale of the string. */
function ScaleBar({ right, pxPerMm }: { readonly right: number; readonly pxPerMm: number }) {
  const measures = useJob((state) => state.job.measures);
  const unitMm = measures === 'mm-l' ? 25 : 25.4;
  const unit = unitMm * pxPerMm;
  return (
    <g transform={`translate(${right - 2 * unit} ${NAMES + 22})`}>
      <path d={`M0 0H${2 * unit}M0 -4V4M${2 * unit} -4V4M${unit} -4V4`} stroke="var(--ink)" strokeWidth={1} />
      <path d={`M0 0H${unit}`} stroke="var(--ink)" strokeWidth={4} />
      <text x={2 * unit} y={17} textAnchor="end" className="type-scale" style={{ fill: 'var(--ink)' }}>
        {measures === 'mm-l' ? '50 mm' : '2 in'}
      </text>
    </g>
  );
}
