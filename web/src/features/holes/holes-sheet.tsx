'use client';

import { type Tank, circumferenceM } from '@herrero/core';
import { useState } from 'react';
import { useJob } from '../desk/job-provider';
import { Elevation } from './elevation';
import { tankLevels, usableWords } from './hole-levels';
import { POLE } from './sheet-view';
import { UnrolledWall } from './unrolled-wall';
import { type HolePlace } from './use-hole-drag';

const SHEET_WIDTH = 800;
const TOP_ROOM = 44;
const FOOT_ROOM = 60;
const LEAST_HEIGHT = 126;
const MOST_HEIGHT = 250;

/** Elevation, story pole and unrolled wall of one tank: one scale, one base line, so that a level runs through all three. */
export function HolesSheet({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const [live, setLive] = useState<{ id: string; place: HolePlace }>();
  const shownJob = live
    ? {
        ...job,
        penetrations: job.penetrations.map((hole) => (hole.id === live.id ? { ...hole, ...live.place } : hole)),
      }
    : job;
  const holes = shownJob.penetrations.filter(({ tankId }) => tankId === tank.id);
  const levels = tankLevels(tank, shownJob, plan);
  const around = circumferenceM(tank);
  const wholeM = tank.heightM + tank.plinthM;
  const pxPerM = Math.min(MOST_HEIGHT / wholeM, (SHEET_WIDTH - POLE - 74) / (tank.diameterM * 1.08 + around));
  const bodyPx = Math.max(LEAST_HEIGHT, wholeM * pxPerM);
  const baseY = TOP_ROOM + bodyPx - tank.plinthM * pxPerM;
  const heightPx = baseY + Math.max(FOOT_ROOM, tank.plinthM * pxPerM + 16);
  const shared = { tank, holes, levels, pxPerM, baseY, heightPx, onLive: setLive } as const;
  return (
    <figure
      className="sheet flex gap-1 p-1.5 max-md:flex-col max-md:overflow-x-auto"
      aria-label={`${tank.label} to scale with its holes`}
    >
      <Elevation {...shared} words={usableWords(levels, job)} />
      <UnrolledWall {...shared} />
    </figure>
  );
}
