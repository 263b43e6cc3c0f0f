'use client';

import { type Course, type Run, formatLength } from '@herrero/core';
import { type PointerEvent as ReactPointerEvent, useRef, useState } from 'react';
import { type IsoDot, type IsoLeg, type Isometric, isometric, middleOf, wordSpots } from '@/drawing/geometry/isometric';
import { outsideFill } from '@/drawing/view/hatches';
import { useJob } from '../../store/job-provider';
import { numberedLegs } from './numbered-legs';

/** On a desk and on a phone: what can be read in either. */
const DESK = { width: 816, height: 430, edge: 74 } as const;
const PHONE = { width: 366, height: 330, edge: 44 } as const;
type Size = typeof DESK | typeof PHONE;
/** How far it turns for what a finger goes [degrees/px]. */
const TURNS = 0.8;
const QUARTER = 90;

/** The run in space, as large as the screen allows. */
export const SpaceFigure = (props: { readonly run: Run; readonly course: Course }) => (
  <>
    <div className="max-md:hidden">
      <Drawing {...props} size={DESK} />
    </div>
    <div className="md:hidden">
      <Drawing {...props} size={PHONE} />
    </div>
  </>
);

/** Isometric, all three directions to one scale, turned by dragging, and by quarters by its buttons. */
function Drawing({ run, course, size }: { readonly run: Run; readonly course: Course; readonly size: Size }) {
  const context = useJob((state) => state.plan.context);
  const measures = useJob((state) => state.job.measures);
  const selectedId = useJob((state) => state.selectedPartId);
  const select = useJob((state) => state.selectPart);
  const [degrees, setDegrees] = useState(0);
  const grabbed = useRef<{ readonly x: number; readonly degrees: number }>(undefined);
  const drawn = isometric(course, { ...size, degrees });
  if (!drawn) return null;
  const legs = numberedLegs(run, course, context);
  const wordsOf = (id: string): { readonly number: number; readonly words: string } => {
    const found = legs.find(({ leg }) => leg.placed.id === id);
    const lengthM = found?.leg.placed.lengthM;
    const words = legs.length > MOST_WORDS ? '' : lengthM == null ? 'measure' : formatLength(lengthM, measures);
    return { number: found?.number ?? 0, words };
  };
  const spots = wordSpots(
    drawn,
    legs.map(({ leg: { placed } }) => ({
      id: placed.id,
      width: NUMBER_PX + wordsOf(placed.id).words.length * LETTER_PX,
    })),
  );
  // On to the next of the four views in which what is square to the wall lies at 30 degrees.
  const turn = (by: 1 | -1): void =>
    setDegrees((now) => QUARTER * (by > 0 ? Math.floor(now / QUARTER) + 1 : Math.ceil(now / QUARTER) - 1));
  const onMove = (event: ReactPointerEvent): void => {
    if (!grabbed.current) return;
    setDegrees(grabbed.current.degrees + (event.clientX - grabbed.current.x) * TURNS);
  };
  return (
    <figure className="sheet relative" aria-label="The run in space">
      <svg
        viewBox={`0 0 ${size.width} ${size.height}`}
        className="block w-full touch-pan-y select-none"
        role="group"
        aria-label="Isometric drawing"
        onPointerDown={(event) => {
          grabbed.current = { x: event.clientX, degrees };
        }}
        onPointerMove={onMove}
        onPointerUp={() => {
          grabbed.current = undefined;
        }}
        onPointerLeave={() => {
          grabbed.current = undefined;
        }}
      >
        <Opening wall={drawn.wall} label={run.penetration.label} />
        {drawn.legs.map(({ id, drop }) => drop && <Drop key={id} drop={drop} />)}
        {drawn.legs.map((leg) => (
          <LegLine key={leg.id} leg={leg} selected={leg.id === selectedId} onSelect={() => select(leg.id)} />
        ))}
        {drawn.legs.map((leg) => leg.pours && <Pours key={leg.id} pours={leg.pours} />)}
        {spots.map(({ id, x, y }) => {
          const { number, words } = wordsOf(id);
          return (
            <text key={id} x={x} y={y} className="halo [font-stretch:84%]" style={{ fill: 'var(--ink)' }}>
              <tspan fontSize={13} fontWeight={650}>
                {number}
              </tspan>
              {words !== '' && (
                <tspan dx={6} fontWeight={680} fontSize={17}>
                  {words}
                </tspan>
              )}
            </text>
          );
        })}
        <Tripod axes={drawn.axes} at={drawn.tripod} />
      </svg>
      <div className="no-print absolute top-2 right-2 flex">
        {(
          [
            [-1, 'turn left'],
            [1, 'turn right'],
          ] as const
        ).map(([by, name]) => (
          <button
            key={name}
            type="button"
            onClick={() => turn(by)}
            className="min-h-9 border border-hair-2 bg-sheet px-3 type-row hover:bg-brass-wash pointer-coarse:min-h-11"
          >
            {name}
          </button>
        ))}
      </div>
      <figcaption className="border-t border-hair px-3 py-1.5 type-second">
        directions true to one scale; long pieces broken; bold is the cut; dotted is not known yet
      </figcaption>
    </figure>
  );
}

/** What a number and a letter of the words take [px]. */
const NUMBER_PX = 18;
const LETTER_PX = 9;
/** More pieces than this carry their number alone: the figures stand in the table. */
const MOST_WORDS = 12;

const pathOf = (points: readonly IsoDot[]): string =>
  points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** A piece of the wall of the tank round the opening. */
function Opening({ wall, label }: { readonly wall: readonly IsoDot[]; readonly label: string }) {
  const top = wall.toSorted((a, b) => a.y - b.y)[0];
  return (
    <g aria-hidden="true">
      <path d={`${pathOf(wall)}Z`} fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth={1.2} />
      {top && (
        <text
          x={top.x}
          y={top.y - 6}
          textAnchor="middle"
          className="halo type-row"
          style={{ fill: 'var(--ink)', fontWeight: 650 }}
        >
          {label}
        </text>
      )}
    </g>
  );
}

const Drop = ({ drop: [top, foot] }: { readonly drop: readonly [IsoDot, IsoDot] }) => (
  <path
    d={`${pathOf([top, foot])}M${foot.x - 5} ${foot.y}h10`}
    stroke="var(--ink-2)"
    strokeWidth={0.8}
    aria-hidden="true"
  />
);

function LegLine({
  leg: { id, leg, points, kind, broken, assumed },
  selected,
  onSelect,
}: {
  readonly leg: IsoLeg;
  readonly selected: boolean;
  readonly onSelect: () => void;
}) {
  const middle = middleOf(points);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={`${leg.part.name} ${leg.part.detail}`}
      data-piece={id}
      onClick={onSelect}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onSelect();
      }}
      className="cursor-pointer"
      fill="none"
      strokeLinecap={assumed ? 'round' : 'butt'}
      strokeLinejoin="round"
    >
      {/* A line is hard to hit: a band round it takes the press. */}
      <path d={pathOf(points)} stroke={selected ? 'var(--brass-wash)' : 'transparent'} strokeWidth={18} />
      {selected && <path d={pathOf(points)} stroke="var(--brass-line)" strokeWidth={18} strokeOpacity={0.25} />}
      <path
        d={pathOf(points)}
        stroke="var(--ink)"
        strokeWidth={kind === 'pipe' ? 3.2 : 8}
        strokeDasharray={assumed ? '0.1 7' : undefined}
      />
      {kind === 'valve' && middle && (
        <path
          d={`M${middle.x - 8} ${middle.y}l8 -8l8 8l-8 8Z`}
          fill={outsideFill('brass')}
          stroke="var(--ink)"
          strokeWidth={1.6}
        />
      )}
      {broken && middle && (
        <path
          d={`M${middle.x - 7} ${middle.y + 8}l5 -16M${middle.x + 2} ${middle.y + 8}l5 -16`}
          stroke="var(--sheet)"
          strokeWidth={7}
        />
      )}
      {broken && middle && (
        <path
          d={`M${middle.x - 8} ${middle.y + 8}l5 -16M${middle.x + 3} ${middle.y + 8}l5 -16`}
          stroke="var(--ink)"
          strokeWidth={1.4}
        />
      )}
    </g>
  );
}

function Pours({ pours: [from, to] }: { readonly pours: readonly [IsoDot, IsoDot] }) {
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return (
    <g aria-hidden="true">
      <path d={pathOf([from, to])} stroke="var(--ink)" strokeWidth={1.6} />
      <path d="M0 0L-10 -5V5Z" fill="var(--ink)" transform={`translate(${to.x} ${to.y}) rotate(${angle})`} />
    </g>
  );
}

function Tripod({ axes, at: { x, y } }: { readonly axes: Isometric['axes']; readonly at: IsoDot }) {
  return (
    <g aria-hidden="true">
      {(
        [
          ['out', axes.along],
          ['right', axes.across],
          ['up', axes.up],
        ] as const
      ).map(([name, axis]) => {
        const to = { x: x + axis.x * 26, y: y + axis.y * 26 };
        return (
          <g key={name}>
            <path d={pathOf([{ x, y }, to])} stroke="var(--ink)" strokeWidth={1.2} />
            <text
              x={x + axis.x * 48}
              y={y + axis.y * 48 + 4}
              textAnchor="middle"
              className="type-scale"
              style={{ fill: 'var(--ink)' }}
            >
              {name}
            </text>
          </g>
        );
      })}
    </g>
  );
}
