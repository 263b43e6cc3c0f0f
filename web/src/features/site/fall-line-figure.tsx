'use client';

import { type CheckContext } from '@herrero/core';
import { type ReactNode } from 'react';
import { FALL_LINE, type FallLine, fallLine } from '@/drawing/geometry/fall-line';
import { useJob } from '../../store/job-provider';
import { Ground, Pole, Reach } from './fall-line-ground';
import { Label, Selectable } from './fall-line-marks';
import { Lines, PlaceFigure, RoofFigure, TankInPlace } from './fall-line-things';
import { heightWords } from './site-words';
import { type LiveStand } from './use-tank-drag';

interface FigureProps {
  readonly context: CheckContext;
  readonly onLive: (live: LiveStand | undefined) => void;
}

/** The whole site in one section: heights true, distances where they are known; what gravity reaches and what it does not. */
export function FallLineFigure({ context, onLive }: FigureProps) {
  const line = fallLine(context);
  const selected = useJob((state) => state.siteKey);
  const measures = useJob((state) => state.job.measures);
  const { width, pole } = FALL_LINE;
  return (
    <figure className="sheet overflow-x-auto" tabIndex={0} aria-label="Section of the site at true heights">
      <svg
        viewBox={`0 0 ${width} ${line.height}`}
        className="block w-full min-w-[700px]"
        role="group"
        aria-label="The fall line"
      >
        <Reach line={line} />
        <Ground line={line} />
        <Pole line={line} selectedM={heightOf(line, selected)} />
        <path d={`M${pole + 6} ${line.y(line.datumM)}H${line.slopeX}`} stroke="var(--hair-2)" strokeWidth={0.9} />
        <text
          x={pole + 12}
          y={line.y(line.datumM) - 5}
          className="halo type-scale"
          style={{ fill: 'var(--ink)', fontWeight: 650 }}
        >
          0 {context.job.tanks[0] ? `the base of ${context.job.tanks[0].label}` : 'the ground'}
        </text>
        {line.marks.map(({ mark, upM }) => (
          <Selectable
            key={mark.id}
            of={`mark ${mark.id}`}
            name={`${mark.name}, ${heightWords(upM, line.datumM, measures)}`}
          >
            {/* A line is hard to hit: a band round it takes the press. */}
            <path d={`M${pole + 6} ${line.y(upM)}H${width - 8}`} stroke="transparent" strokeWidth={16} />
            <path
              d={`M${pole + 6} ${line.y(upM)}H${width - 8}`}
              stroke={selected === `mark ${mark.id}` ? 'var(--brass-line)' : 'var(--ink)'}
              strokeWidth={selected === `mark ${mark.id}` ? 2.4 : 1}
              strokeDasharray="14 3 3 3"
            />
            <Label x={width - 10} y={line.y(upM) - 5} anchor="end">
              {mark.name} {heightWords(upM, line.datumM, measures)}
            </Label>
          </Selectable>
        ))}
        {line.roofs.map((spot) => (
          <RoofFigure key={spot.roof.id} spot={spot} line={line} context={context} />
        ))}
        <Lines line={line} context={context} />
        {line.tanks.map((spot) => (
          <TankInPlace key={spot.tank.id} spot={spot} line={line} context={context} onLive={onLive} />
        ))}
        {line.places.map((spot, index) => (
          <PlaceFigure key={spot.place.id} spot={spot} line={line} low={index % 2 === 1} />
        ))}
      </svg>
      <figcaption className="flex flex-wrap gap-x-5 border-t border-hair px-3 py-1.5 type-second">
        <Key of="var(--water)" dash="7 4">
          full, and the lowest that can be drawn
        </Key>
        <Key of="var(--ink)" dash="0.1 5" round>
          not measured
        </Key>
        <span>
          {line.distancesTrue
            ? 'heights true, distances from the tanks to a scale of their own'
            : line.places.length > 0 && line.places.every(({ awayM }) => awayM !== undefined)
              ? 'heights true, distances as written'
              : 'heights true, distances not'}
          ; a tank is dragged up and down
        </span>
      </figcaption>
    </figure>
  );
}

function Key({
  of,
  dash,
  round = false,
  children,
}: {
  readonly of: string;
  readonly dash: string;
  readonly round?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <span className="inline-flex items-center gap-2">
      <svg width={34} height={6} aria-hidden="true">
        <path d="M1 3H33" stroke={of} strokeWidth={2} strokeDasharray={dash} strokeLinecap={round ? 'round' : 'butt'} />
      </svg>
      {children}
    </span>
  );
}

const heightOf = (line: FallLine, key: string | null): number | undefined =>
  line.places.find(({ place }) => key === `terminal ${place.id}`)?.upM ??
  line.roofs.find(({ roof }) => key === `roof ${roof.id}`)?.gutterM ??
  line.marks.find(({ mark }) => key === `mark ${mark.id}`)?.upM;
