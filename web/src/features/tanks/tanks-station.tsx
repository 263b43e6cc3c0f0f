'use client';

import {
  TANK_TYPES,
  type Tank,
  type TankType,
  circumferenceM,
  formatLength,
  formatVolume,
  newTank,
  tankType,
} from '@herrero/core';
import Link from 'next/link';
import { tankShape } from '@/drawing/geometry/tank-shape';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { useJob } from '../desk/job-provider';
import { newId } from '../desk/new-id';
import { stationPath } from '../desk/stations';
import { CapacityField } from './capacity-field';

const SHEET_HEIGHT = 250;
const COLUMN = 200;
const KILOGRAMS_PER_M3 = 1000;

/** The station Tanks: choose what stands on the site, then put its dimensions right. */
export function TanksStation() {
  const tanks = useJob((state) => state.job.tanks);
  const jobId = useJob((state) => state.jobId);
  return (
    <>
      <h1 className="flex items-baseline gap-3 pb-1.5">
        <span className="type-title">Tanks</span>
        <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
          one scale, one ground line; press what stands on the site
        </span>
      </h1>
      <TypeSheet />
      {tanks.map((tank) => (
        <TankRow key={tank.id} tank={tank} />
      ))}
      {tanks.length > 0 && (
        <Link href={stationPath(jobId, 'holes')} className="main-action mt-4 inline-flex items-center">
          Set out the holes
        </Link>
      )}
    </>
  );
}

/** All types on one sheet at one scale; a press adds one. */
function TypeSheet() {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const showTank = useJob((state) => state.showTank);
  const tallest = Math.max(...TANK_TYPES.map(({ defaults }) => defaults.heightM));
  const pxPerM = (SHEET_HEIGHT - 36) / tallest;
  const add = (type: TankType): void => {
    const id = newId();
    if (make([{ type: 'add-tank', tank: newTank(id, type.id) }]) === undefined) showTank(id);
  };
  return (
    <div className="sheet flex overflow-x-auto">
      {TANK_TYPES.map((type) => {
        const tank = { ...newTank(type.id, type.id), label: '' };
        const shape = tankShape(tank, pxPerM);
        const ground = SHEET_HEIGHT - 12;
        return (
          <button
            key={type.id}
            type="button"
            onClick={() => add(type)}
            className="min-w-[120px] flex-1 pb-3 text-center hover:bg-brass-wash"
            aria-label={`Add: ${type.name}`}
          >
            <svg viewBox={`0 0 ${COLUMN} ${SHEET_HEIGHT}`} className="w-full" aria-hidden="true">
              <rect x={0} y={ground} width={COLUMN} height={10} fill="url(#ground)" />
              <path d={`M0 ${ground}H${COLUMN}`} stroke="var(--ink)" strokeWidth={2.25} />
              <g transform={`translate(${COLUMN / 2} ${ground})`}>
                <path d={shape.outline} fill="var(--sheet)" />
                <clipPath id={`type-${type.id}`}>
                  <path d={shape.outline} />
                </clipPath>
                <rect
                  clipPath={`url(#type-${type.id})`}
                  x={-COLUMN / 2}
                  y={-tank.brimM * 0.86 * pxPerM}
                  width={COLUMN}
                  height={tank.brimM * pxPerM}
                  fill="var(--water-fill)"
                />
                <path
                  d={`M${-shape.radiusPx + 2} ${-tank.brimM * 0.86 * pxPerM}H${shape.radiusPx - 2}`}
                  stroke="var(--water)"
                  strokeWidth={1.6}
                />
                {shape.ribs.map((rib) => (
                  <path key={rib} d={rib} fill="none" stroke="var(--ink)" strokeWidth={0.9} />
                ))}
                <path d={shape.outline} fill="none" stroke="var(--ink)" strokeWidth={2.25} strokeLinejoin="round" />
              </g>
            </svg>
            <span className="block text-[16px] leading-5 font-[650]">{type.name}</span>
            <span className="block type-second">{formatVolume(type.defaults.capacityM3, measures, true)}</span>
            <span className="action justify-center">
              <span>Add it</span>
            </span>
          </button>
        );
      })}
    </div>
  );
}

type DimensionField = 'diameterM' | 'brimM' | 'heightM' | 'wallM' | 'plinthM';

const DIMENSIONS: readonly (readonly [DimensionField, string])[] = [
  ['diameterM', 'Diameter, outside'],
  ['brimM', 'Base to brim'],
  ['heightM', 'Base to top of lid'],
  ['wallM', 'Wall thickness'],
  ['plinthM', 'Plinth under it'],
];

function TankRow({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const holes = useJob((state) => state.job.penetrations.filter(({ tankId }) => tankId === tank.id).length);
  const set = (field: keyof Tank, to: number): string | undefined =>
    make([{ type: 'change-field', in: 'tanks', id: tank.id, field, from: tank[field], to }])?.message;
  return (
    <section aria-label={`Tank ${tank.label}`} className="rule-subject mt-4 pt-2">
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span>
          <span className="type-station">{tank.label}</span>{' '}
          <span className="type-second">{tankType(tank.type).name}</span>
        </span>
        <span className="type-second">
          full it weighs {Math.round(tank.capacityM3 * KILOGRAMS_PER_M3)} kg and{' '}
          {formatLength(circumferenceM(tank), measures)} go round it; {holes === 0 ? 'no holes yet' : `${holes} holes`}
        </span>
      </h2>
      <div className="mt-2 grid grid-cols-6 gap-3 max-xl:grid-cols-3 max-md:grid-cols-2">
        <CapacityField tank={tank} />
        {DIMENSIONS.map(([field, name]) => (
          <LengthField
            key={field}
            label={name}
            valueM={tank[field]}
            measures={measures}
            onChange={(to) => set(field, to)}
          />
        ))}
      </div>
      <p className="pt-2 type-second">
        Usual dimensions from memory: measure yours. Level, rated ground; a full tank must not stand on soft soil.
      </p>
      <Action onClick={() => make([{ type: 'remove-tank', tankId: tank.id }])}>
        Take {tank.label} away{holes > 0 ? ` with its ${holes} holes` : ''}
      </Action>
    </section>
  );
}
