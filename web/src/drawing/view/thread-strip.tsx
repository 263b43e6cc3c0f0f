import { type ThreadEnd, threadForm } from '@herrero/core';
import { profileLine } from '../geometry/thread-profile';

const WIDTH = 46;
const HEIGHT = 30;
const PX_PER_MM = 5.6;

/** A short piece of a thread at the one scale of the tray: solid below the line is male, hatched above it female, dotted not known. */
export function ThreadStrip({ end }: { readonly end: ThreadEnd | undefined }) {
  if (!end)
    return (
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} height={HEIGHT} aria-hidden="true" className="shrink-0">
        <path
          d="M0 18L7 10L14 18L21 10L28 18L35 10L42 18"
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeLinecap="round"
          strokeDasharray="0.1 4"
        />
      </svg>
    );
  const form = threadForm(end);
  const lengthMm = WIDTH / PX_PER_MM;
  const zeroMm = Math.min(form.crestMm, form.rootMm) / 2 - 1.6;
  const line = profileLine({ ...form, taper: 0 }, { lengthMm, pxPerMm: PX_PER_MM, zeroMm });
  const [top, bottom] = [-(HEIGHT - 4), 4];
  return (
    <svg viewBox={`0 ${top} ${WIDTH} ${HEIGHT}`} width={WIDTH} height={HEIGHT} aria-hidden="true" className="shrink-0">
      <path
        d={`M0 ${end.sex === 'male' ? bottom : top}L${line}L${WIDTH} ${end.sex === 'male' ? bottom : top}Z`}
        fill={end.sex === 'male' ? 'var(--mat-brass)' : 'url(#section-brass)'}
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
    </svg>
  );
}
