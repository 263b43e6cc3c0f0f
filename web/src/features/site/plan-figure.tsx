'use client';

import { type CheckContext, type Placed, formatLength } from '@herrero/core';
import { type KeyboardEvent, type PointerEvent as ReactPointerEvent, useRef, useState } from 'react';
import { Action } from '@/ui/action';
import { type PlanDot, type PlanThing, type SitePlan, letterOf, sitePlan } from '@/drawing/geometry/site-plan';
import { useJob } from '../../store/job-provider';
import { Label } from './fall-line-marks';
import { referencesOf } from './plan-words';
import { Downpipe, North, Place, Reference, ScaleBar, TankFromAbove, Wall, pathOf } from './plan-things';
import { type PlacedThing, usePlaced } from './use-placed';

const STEP_M = 0.01;
const LARGE_STEP_M = 0.1;
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
const rounded = (metres: number): number => Math.round(metres / STEP_M) * STEP_M;

/** The site from above. What is only drawn roughly is moved by drag and by arrow keys; what was taped moves by its tapes. */
export function PlanFigure({ context }: { readonly context: CheckContext }) {
  const plan = sitePlan(context);
  const { job } = context;
  const chosen = useJob((state) => state.siteKey);
  // While nothing is chosen the panel shows the first tank, and so does the sheet.
  const selected = chosen ?? (job.tanks[0] ? `tank ${job.tanks[0].id}` : null);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.selectSite);
  const own = usePlaced(selected);
  const sheet = useRef<SVGSVGElement>(null);
  const [live, setLive] = useState<PlanDot>();
  const rough = own?.placed?.by === 'rough' ? own.placed : undefined;
  const moveTo = (to: Placed): void => void (own && make([own.place(to)]));
  const dotOf = (event: ReactPointerEvent): PlanDot | undefined => {
    const box = sheet.current?.getBoundingClientRect();
    return (
      box && {
        x: ((event.clientX - box.left) / box.width) * plan.width,
        y: ((event.clientY - box.top) / box.height) * plan.height,
      }
    );
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const arrow = ARROWS[event.key];
    if (!arrow || !rough) return;
    event.preventDefault();
    const step = event.shiftKey ? LARGE_STEP_M : STEP_M;
    moveTo({ by: 'rough', xM: rounded(rough.xM + arrow[0] * step), yM: rounded(rough.yM + arrow[1] * step) });
  };
  const thing = [...plan.marks, ...plan.roofs, ...plan.places, ...plan.tanks].find(({ key }) => key === selected);
  return (
    <figure className="sheet overflow-x-auto" aria-label="Plan of the site at true distances">
      <svg
        ref={sheet}
        viewBox={`0 0 ${plan.width} ${plan.height}`}
        className="block w-full min-w-[560px] touch-pan-y"
        role="group"
        aria-label="From above"
        onKeyDown={onKeyDown}
        onPointerMove={(event) => live && setLive(dotOf(event))}
        onPointerUp={(event) => {
          const at = live && dotOf(event);
          setLive(undefined);
          if (!at || !rough) return;
          const { x, y } = plan.point(at);
          moveTo({ by: 'rough', xM: rounded(x), yM: rounded(y) });
        }}
      >
        <FirstLine plan={plan} context={context} />
        {plan.walls.map((wall) => (
          <Wall key={wall.id} {...wall} />
        ))}
        <Lines plan={plan} />
        {plan.tanks.map((tank) => (
          <TankFromAbove key={tank.key} tank={tank} />
        ))}
        {thing && <Tapes thing={thing} plan={plan} context={context} />}
        {plan.places.map((place) => (
          <Place key={place.key} thing={place} plan={plan} />
        ))}
        {plan.roofs.map((roof) => (
          <Downpipe key={roof.key} thing={roof} plan={plan} />
        ))}
        {plan.marks.map((mark) => (
          <Reference
            key={mark.key}
            thing={mark}
            letter={letterOf(referencesOf(job).findIndex(({ id }) => id === mark.id))}
          />
        ))}
        {thing && rough && <Handle at={live ?? thing.at} name={thing.name} onGrab={(event) => setLive(dotOf(event))} />}
        <ScaleBar plan={plan} context={context} />
        <North plan={plan} degrees={job.northDegrees} />
      </svg>
      <figcaption className="flex flex-wrap items-center gap-x-5 border-t border-hair px-3 py-1.5 type-second">
        <span>solid: measured; dotted: not measured</span>
        {plan.unplaced.length > 0 && (
          <span className="flex flex-wrap items-center gap-x-3">
            Not on the plan yet:
            {plan.unplaced.map(({ key, name }) => (
              <Action key={key} onClick={() => select(key)}>
                {name}
              </Action>
            ))}
          </span>
        )}
        <PutRoughly
          own={own}
          thing={thing}
          middle={plan.point({ x: plan.width / 2, y: plan.height / 2 })}
          moveTo={moveTo}
        />
      </figcaption>
    </figure>
  );
}

/** What has no place is put in the middle of the sheet, to be dragged to where it seems to be. */
function PutRoughly({
  own,
  thing,
  middle,
  moveTo,
}: {
  readonly own: PlacedThing | undefined;
  readonly thing: PlanThing | undefined;
  readonly middle: { readonly x: number; readonly y: number };
  readonly moveTo: (to: Placed) => void;
}) {
  if (!own || thing) return null;
  return (
    <Action onClick={() => moveTo({ by: 'rough', xM: rounded(middle.x), yM: rounded(middle.y) })}>
      Draw it roughly, then drag it
    </Action>
  );
}

function FirstLine({ plan, context: { job } }: { readonly plan: SitePlan; readonly context: CheckContext }) {
  const line = job.marks.find(({ placed }) => placed?.by === 'line');
  const [a, b] = [
    plan.marks.find(({ id }) => job.marks.find((mark) => mark.id === id)?.placed?.by === 'origin'),
    plan.marks.find(({ id }) => id === line?.id),
  ];
  if (!a || !b || line?.placed?.by !== 'line' || line.placed.alongM === null) return null;
  return (
    <>
      <path d={`M${a.at.x} ${a.at.y}L${b.at.x} ${b.at.y}`} stroke="var(--ink-2)" strokeDasharray="14 3 3 3" />
      <Label x={(a.at.x + b.at.x) / 2} y={a.at.y - 8} anchor="middle" strong>
        {formatLength(line.placed.alongM, job.measures)}
      </Label>
    </>
  );
}

function Lines({ plan }: { readonly plan: SitePlan }) {
  const shown = useJob((state) => state.siteKey);
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round" aria-hidden="true" opacity={shown === null ? 1 : 0.9}>
      {plan.lines.map(({ id, points, buried, assumed }) => (
        <g key={id}>
          {buried && <path d={pathOf(points)} stroke="var(--paper-deep)" strokeWidth={11} strokeLinecap="butt" />}
          <path
            d={pathOf(points)}
            stroke="var(--ink)"
            strokeWidth={buried ? 2.2 : 3.2}
            strokeDasharray={assumed ? '0.1 6' : undefined}
          />
        </g>
      ))}
      {plan.guesses.map(({ penetrationId, label, from, to }) => (
        <g key={penetrationId}>
          <path d={pathOf([from, to])} stroke="var(--ink)" strokeWidth={2.4} strokeDasharray="0.1 7" />
          <Label x={(from.x + to.x) / 2 + 8} y={(from.y + to.y) / 2}>
            {label}: not laid yet
          </Label>
        </g>
      ))}
    </g>
  );
}

/** The tapes to what is selected: as read solid, the arc of each thin; where two do not meet their arcs stay. */
function Tapes({
  thing,
  plan,
  context: { job },
}: {
  readonly thing: PlanThing;
  readonly plan: SitePlan;
  readonly context: CheckContext;
}) {
  const readings = usePlaced(thing.key)?.placed;
  const taped = readings?.by === 'tapes' ? readings.readings : [];
  return (
    <g aria-hidden="true">
      {thing.place.tapes.map(({ index, reach, offM }) => {
        const from = plan.dot(reach.at);
        const radius = reach.radiusM * plan.pxPerM;
        const angle = Math.atan2(thing.at.y - from.y, thing.at.x - from.x);
        const read = (taped[index]?.tapeM ?? reach.radiusM) * plan.pxPerM;
        const to = { x: from.x + read * Math.cos(angle), y: from.y + read * Math.sin(angle) };
        const arc = [-0.12, 0.12].map((turn) => ({
          x: from.x + radius * Math.cos(angle + turn),
          y: from.y + radius * Math.sin(angle + turn),
        }));
        const [start, end] = arc;
        const wrong = index === thing.place.blunder || (offM !== undefined && Math.abs(offM) > 0.02);
        return (
          <g key={index} fill="none" stroke="var(--brass-line)">
            <path d={pathOf([from, to])} strokeWidth={2} strokeDasharray={wrong ? '6 4' : undefined} />
            {/* What the program adds to the reading: half of the tank. */}
            <path d={pathOf([to, thing.at])} strokeWidth={1.2} strokeDasharray="3 3" />
            {start && end && (
              <path d={`M${start.x} ${start.y}A${radius} ${radius} 0 0 1 ${end.x} ${end.y}`} strokeWidth={1.2} />
            )}
            <Label x={(from.x * 2 + thing.at.x) / 3 + 6} y={(from.y * 2 + thing.at.y) / 3 - 6} strong>
              {formatLength(taped[index]?.tapeM ?? reach.radiusM, job.measures)}
            </Label>
          </g>
        );
      })}
      {thing.place.other && (
        <circle
          {...circleAt(plan.dot(thing.place.other))}
          r={5}
          fill="none"
          stroke="var(--brass-line)"
          strokeDasharray="1 4"
        />
      )}
    </g>
  );
}
const circleAt = ({ x, y }: PlanDot) => ({ cx: x, cy: y });

function Handle({
  at,
  name,
  onGrab,
}: {
  readonly at: PlanDot;
  readonly name: string;
  readonly onGrab: (event: ReactPointerEvent) => void;
}) {
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={22}
      fill="var(--brass-wash)"
      fillOpacity={0.5}
      stroke="var(--brass-line)"
      strokeWidth={1.6}
      strokeDasharray="4 3"
      className="cursor-move touch-none"
      role="button"
      tabIndex={0}
      aria-label={`Move ${name}: drag it, or arrow keys by 10 mm, with shift by 100`}
      onPointerDown={(event) => {
        (event.target as Element).releasePointerCapture?.(event.pointerId);
        onGrab(event);
      }}
    />
  );
}
