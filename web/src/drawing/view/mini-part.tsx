import { type Part, type StrandItem, partTitle, newPart } from '@herrero/core';
import { layOut } from '../geometry/string-layout';
import { roomAbovePx } from './part-features';
import { StringDrawing } from './string-drawing';

/** A part alone in half-section, as large as it fits or to a given scale; a drawing without a name says nothing aloud. */
export function MiniPart({
  part,
  width = 56,
  height = 46,
  pxPerMm: given,
  named = false,
}: {
  readonly part: Part;
  readonly width?: number;
  readonly height?: number;
  readonly pxPerMm?: number;
  readonly named?: boolean;
}) {
  const item: StrandItem = {
    placed: newPart(part.code, part.code),
    part,
    inEnd: 0,
    outEnd: part.ends.length > 1 ? 1 : undefined,
    jointIn: undefined,
  };
  const layout = layOut(
    { from: { of: 'part', id: '', end: 0 }, items: [item], end: { at: 'closed' } },
    { wallMm: undefined, port: false, jointOf: () => undefined },
  );
  const [laid] = layout.parts;
  if (!laid) return null;
  const lengthMm = laid.toMm - laid.fromMm;
  const above = roomAbovePx(part.features);
  const pxPerMm = given ?? Math.min((width - 6) / lengthMm, (height - 6 - above) / (laid.outsideMm * 1.15));
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      className="h-auto max-w-full shrink-0 overflow-visible"
      {...(named ? { role: 'img', 'aria-label': `${partTitle(part)} in half-section` } : { 'aria-hidden': true })}
    >
      <g transform={`translate(${(width - lengthMm * pxPerMm) / 2 - laid.fromMm * pxPerMm} ${(height + above) / 2})`}>
        <StringDrawing layout={{ ...layout, wall: undefined }} pxPerMm={pxPerMm} />
      </g>
    </svg>
  );
}
