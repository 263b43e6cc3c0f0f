'use client';

import {
  type Assumed,
  type Course,
  type Measures,
  type Run,
  type Vector,
  coursesOf,
  endOfStrand,
  formatLength,
} from '@herrero/core';
import { type CourseView, courseViews } from '@/drawing/geometry/course-views';
import { outsideFill } from '@/drawing/view/hatches';
import { useJob } from '../../store/job-provider';

const WIDTH = 780;
const HEIGHT = 210;

/** The run as it really goes, from the side and from above, to one scale; and what of it nobody has said. */
export function CourseFigure({ run }: { readonly run: Run }) {
  const measures = useJob((state) => state.job.measures);
  const course = useJob((state) => coursesOf(state.plan.context).get(run.penetration.id));
  const views = course && courseViews(course, WIDTH, HEIGHT);
  if (!course || !views) return <p className="type-row">Nothing stands on this hole yet.</p>;
  return (
    <section aria-label="As it runs">
      <div
        className="sheet flex flex-wrap items-end gap-x-10 overflow-x-auto p-1"
        tabIndex={0}
        aria-label="As it runs, from the side and from above"
      >
        <View view={views.side} title="from the side" pxPerM={views.pxPerM} />
        <View view={views.top} title="from above" pxPerM={views.pxPerM} />
      </div>
      <p className="pt-1 type-row">{whereItEnds(course, measures)}</p>
      <Assumptions course={course} />
    </section>
  );
}

/** Where the scale begins beside the name of the view, and the room for its words [px]. */
const SCALE_AT = 110;
const SCALE_WORDS = 56;

function View({ view, title, pxPerM }: { readonly view: CourseView; readonly title: string; readonly pxPerM: number }) {
  const selectedId = useJob((state) => state.selectedPartId);
  const measures = useJob((state) => state.job.measures);
  const { widthPx, heightPx, wallX, groundY, lines } = view;
  const [unitM, unit] = measures === 'mm-l' ? [0.5, '500 mm'] : [0.3048, '1 ft'];
  const width = Math.max(widthPx, wallX + SCALE_AT + unitM * pxPerM + SCALE_WORDS);
  return (
    <svg width={width} height={heightPx + 20} role="img" aria-label={`The run ${title}, to scale`} className="block">
      {groundY !== undefined && (
        <>
          <rect x={0} y={groundY} width="100%" height={heightPx - groundY + 6} fill="var(--paper-deep)" />
          <path d={`M0 ${groundY}H${width}`} stroke="var(--ink)" strokeWidth={1} />
        </>
      )}
      <path d={`M${wallX} 0V${heightPx}`} stroke="var(--ink)" strokeWidth={3} />
      {lines.map((line) => (
        <g key={line.id} data-leg={line.code}>
          <polyline
            points={line.points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={line.widthPx + 2}
            strokeLinejoin="round"
            strokeDasharray={line.assumed ? '5 3' : undefined}
          />
          <polyline
            points={line.points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
            fill="none"
            stroke={line.id === selectedId ? 'var(--brass)' : line.length ? 'var(--sheet)' : outsideFill('brass')}
            strokeWidth={Math.max(1, line.widthPx - 0.6)}
            strokeLinejoin="round"
          />
        </g>
      ))}
      <text x={wallX + 6} y={heightPx + 14} className="type-scale" style={{ fill: 'var(--ink-2)' }}>
        {title}
      </text>
      <g transform={`translate(${wallX + SCALE_AT} ${heightPx + 10})`}>
        <path d={`M0 0H${unitM * pxPerM}M0 -3V3M${unitM * pxPerM} -3V3`} stroke="var(--ink)" strokeWidth={1} />
        <text x={unitM * pxPerM + 6} y={4} className="type-scale" style={{ fill: 'var(--ink)' }}>
          {unit}
        </text>
      </g>
    </svg>
  );
}

/** Closer than this it is the same place [m]. */
const SAME_M = 0.003;

function offsetWords({ out, right, up }: Vector, measures: Measures): string {
  const one = (metres: number, more: string, less: string): readonly string[] =>
    Math.abs(metres) < SAME_M ? [] : [`${formatLength(Math.abs(metres), measures)} ${metres > 0 ? more : less}`];
  const words = [
    ...one(out, 'out from the wall', 'inside the wall'),
    ...one(right, 'to the right', 'to the left'),
    ...one(up, 'above its hole', 'below its hole'),
  ];
  return words.length === 0 ? 'at its hole' : words.join(', ');
}

function whereItEnds(course: Course, measures: Measures): string {
  const ends = course.strands.flatMap((_, place) => {
    const end = endOfStrand(course, place);
    return end ? [offsetWords(end, measures)] : [];
  });
  const [first, ...others] = ends;
  return first === undefined
    ? ''
    : `Straight on it ends ${first}.${others.map((words, place) => ` Branch ${place + 1} ends ${words}.`).join('')}`;
}

const ASKS: Readonly<Record<Assumed, string>> = {
  length: 'how long it is',
  direction: 'where it points',
  rise: 'how far it falls or rises',
};

/** What is dotted, by part: the questions that would settle it. A press chooses the part. */
function Assumptions({ course }: { readonly course: Course }) {
  const selectPart = useJob((state) => state.selectPart);
  const open = course.strands.flat().filter(({ assumed, placed }) => assumed.length > 0 && !placed.existing);
  if (open.length === 0) return null;
  return (
    <p className="type-second">
      Dotted is assumed:{' '}
      {open.map(({ placed, part, assumed }, place) => (
        <span key={placed.id}>
          {place > 0 && '; '}
          <button type="button" className="underline" onClick={() => selectPart(placed.id)}>
            {part.name.toLowerCase()}
          </button>{' '}
          ({assumed.map((one) => ASKS[one]).join(', ')})
        </span>
      ))}
      .
    </p>
  );
}
