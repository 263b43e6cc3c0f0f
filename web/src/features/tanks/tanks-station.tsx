'use client';

import { type Tank, facesOf, formatLength, tankType } from '@herrero/core';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { TankRow } from '../holes/tank-row';
import { OnTheGround } from './on-the-ground';
import { TankDimensions } from './tank-dimensions';
import { TankPorts } from './tank-ports';
import { TypeSheet } from './type-sheet';

const TankAgain = dynamic(() => import('./tank-again'), { ssr: false });

/** The station Tanks: choose what stands on the site, then say what it is like. */
export function TanksStation() {
  const tanks = useJob((state) => state.job.tanks);
  const tankId = useJob((state) => state.tankId);
  const chosen = tanks.find(({ id }) => id === tankId) ?? tanks[0];
  return (
    <>
      <h1 className="flex items-baseline gap-3 pb-1.5">
        <span className="type-title">Tanks</span>
        <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
          one scale, one ground line; press what stands on the site
        </span>
      </h1>
      <TypeSheet />
      {chosen && (
        <>
          <div className="mt-3">
            <TankRow tankId={chosen.id} />
          </div>
          <TankPanel key={chosen.id} tank={chosen} />
        </>
      )}
    </>
  );
}

function TankPanel({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const jobId = useJob((state) => state.jobId);
  const pointed = useJob((state) => state.pointedId === tank.id);
  const holes = useJob((state) => state.job.penetrations.filter(({ tankId }) => tankId === tank.id).length);
  const wall = facesOf(tank).find(({ seen }) => seen === 'wall');
  return (
    <section aria-label={`Tank ${tank.label}`} className={`rule-selected mt-2 pt-2 ${pointed ? 'bg-brass-wash' : ''}`}>
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-4 pb-1">
        <span>
          <span className="type-station">{tank.label}</span>{' '}
          <span className="type-second">{tankType(tank.type).name}</span>
        </span>
        <span className="type-second">
          {wall ? `${formatLength(wall.acrossM, measures)} go round it; ` : ''}
          {holes === 0 ? 'no holes yet' : `${holes} ${holes === 1 ? 'opening' : 'openings'}`}
        </span>
      </h2>
      <div className="grid grid-cols-[1fr_1fr_236px] gap-5 max-xl:grid-cols-2 max-md:grid-cols-1">
        <TankDimensions tank={tank} />
        <TankPorts tank={tank} />
        <OnTheGround tank={tank} />
      </div>
      <div className="flex flex-wrap items-center gap-x-6 pt-2">
        <Link href={stationPath(jobId, 'holes')} className="main-action inline-flex items-center">
          Set out the holes
        </Link>
        <TankAgain tank={tank} />
        <Action onClick={() => make([{ type: 'remove-tank', tankId: tank.id }])}>
          Take {tank.label} away{holes > 0 ? ` with its ${holes} ${holes === 1 ? 'opening' : 'openings'}` : ''}
        </Action>
      </div>
    </section>
  );
}
