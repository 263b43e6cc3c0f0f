'use client';

import { type Tank, type TankType, acrossM, formatVolume, newTank, setOutTank, tankTypesIn } from '@herrero/core';
import { useState } from 'react';
import { TankBase, TankFigure } from '@/drawing/view/tank-figure';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

const PX_PER_M = 46;
const COLUMN_PX = 64;
const SIDE_PX = 9;
const GROUND_ROOM = 10;
/** The types that do not fit beside the others at one scale stand in a second row. */
const LARGE_M = 2;

const sample = (type: TankType): Tank => ({ ...newTank(type.id, type.id), label: '' });

/** All types at one scale on ground lines; a press adds one, with the openings it comes with. */
export function TypeSheet() {
  const [own, setOwn] = useState(false);
  const region = useJob((state) => state.job.region);
  const shown = tankTypesIn(region).filter(({ ownSize }) => own || !ownSize);
  const wide = (type: TankType): boolean => acrossM(sample(type)) >= LARGE_M;
  return (
    <div className="sheet overflow-x-auto">
      <TypeRow types={shown.filter((type) => !wide(type))} />
      <TypeRow types={shown.filter(wide)}>
        {!own && (
          <div className="self-end px-4 pb-2">
            <Action onClick={() => setOwn(true)}>None of these: own size</Action>
          </div>
        )}
      </TypeRow>
    </div>
  );
}

/** A sample stands on the ground that it is drawn on. */
const overGroundM = ({ plinthM, buriedM }: Tank): number => plinthM - buriedM;

function TypeRow({ types, children }: { readonly types: readonly TankType[]; readonly children?: React.ReactNode }) {
  const tanks = types.map((type) => ({ type, tank: sample(type) }));
  const above = Math.max(...tanks.map(({ tank }) => tank.heightM + Math.max(0, overGroundM(tank)))) * PX_PER_M + 24;
  const below = Math.max(...tanks.map(({ tank }) => tank.buriedM), 0) * PX_PER_M + GROUND_ROOM;
  return (
    <div className="flex">
      {tanks.map(({ type, tank }) => (
        <TypeButton key={type.id} type={type} tank={tank} above={above} below={below} />
      ))}
      {children}
    </div>
  );
}

function TypeButton({
  type,
  tank,
  above,
  below,
}: {
  readonly type: TankType;
  readonly tank: Tank;
  readonly above: number;
  readonly below: number;
}) {
  const measures = useJob((state) => state.job.measures);
  const region = useJob((state) => state.job.region);
  const make = useJob((state) => state.make);
  const showTank = useJob((state) => state.showTank);
  const halfPx = (acrossM(tank) / 2) * PX_PER_M;
  const width = Math.max(COLUMN_PX, 2 * (halfPx + SIDE_PX));
  const foot = above - overGroundM(tank) * PX_PER_M;
  const add = (): void => {
    const id = newId();
    if (make(setOutTank(id, type.id, region)) === undefined) showTank(id);
  };
  return (
    <button
      type="button"
      onClick={add}
      className="flex shrink-0 flex-col items-center pb-2 text-center hover:bg-brass-wash"
      style={{ width }}
      aria-label={`Add: ${type.name}`}
    >
      <svg width={width} height={above + below} aria-hidden="true" className="block">
        <rect x={0} y={above} width={width} height={tank.buriedM > 0 ? below : GROUND_ROOM} fill="url(#ground)" />
        <path d={`M0 ${above}H${width}`} stroke="var(--ink)" strokeWidth={2.25} />
        <g transform={`translate(${width / 2} ${foot})`}>
          <TankBase tank={tank} pxPerM={PX_PER_M} halfPx={halfPx} />
          <TankFigure tank={tank} pxPerM={PX_PER_M} id={`type-${type.id}`} fullM={tank.brimM * 0.8} weight={2} />
        </g>
      </svg>
      <span className="block px-1 text-[14.5px] leading-[17px] font-[650] [font-stretch:84%]">{type.name}</span>
      <span className="block type-scale" style={{ color: 'var(--ink-2)' }}>
        {type.ownSize ? 'any size' : formatVolume(type.defaults.capacityM3 ?? 0, measures)}
      </span>
    </button>
  );
}
