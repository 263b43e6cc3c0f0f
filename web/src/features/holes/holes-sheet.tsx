'use client';

import { type Face, type Tank, acrossM, faceOf, facesOf, formatVolume, levelsOf } from '@herrero/core';
import { useState } from 'react';
import { useJob } from '../../store/job-provider';
import { Elevation } from './elevation';
import { FacePlan } from './face-plan';
import { FaceWall } from './face-wall';
import { usableWords } from './usable-words';
import { type Live, POLE } from './sheet-view';

const SHEET_WIDTH = 800;
const TOP_ROOM = 44;
const FOOT_ROOM = 60;
const LEAST_HEIGHT = 126;
const MOST_HEIGHT = 250;

/** Elevation, story pole and one face of a tank: one scale, one base line, so that a level runs through all of them. */
export function HolesSheet({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const selected = useJob((state) =>
    state.job.penetrations.find(({ id, tankId }) => id === state.selectedId && tankId === tank.id),
  );
  const [live, setLive] = useState<Live>();
  /** The face that was asked for, until another hole is chosen. */
  const [asked, setAsked] = useState<{ readonly face: Face; readonly selectedId: string | undefined }>();
  const faces = facesOf(tank);
  const wanted = asked && asked.selectedId === selected?.id ? asked.face : selected?.face;
  const shape = faceOf(tank, wanted ?? faces[0]?.face ?? 'wall') ?? faces[0];
  const shownJob = live
    ? {
        ...job,
        penetrations: job.penetrations.map((hole) => (hole.id === live.id ? { ...hole, ...live.place } : hole)),
      }
    : job;
  if (!shape) return null;
  const holes = shownJob.penetrations.filter(({ tankId }) => tankId === tank.id);
  const levels = levelsOf(tank, { job: shownJob, runs: plan.runs });
  const footM = Math.max(tank.plinthM - tank.buriedM, 0);
  const overM = Math.max(tank.heightM, tank.buriedM);
  const wholeM = overM + footM;
  const across = acrossM(tank);
  // Wide enough for the widest upright face, so that the scale stays when another one is looked at.
  const widest = Math.max(...faces.filter(({ seen }) => seen !== 'plan').map(({ acrossM: wide }) => wide));
  const pxPerM = Math.min(MOST_HEIGHT / wholeM, (SHEET_WIDTH - POLE - 74) / (across * 1.08 + widest));
  const bodyPx = Math.max(LEAST_HEIGHT, wholeM * pxPerM);
  const baseY = TOP_ROOM + bodyPx - footM * pxPerM;
  const heightPx = baseY + Math.max(FOOT_ROOM, footM * pxPerM + 16);
  const shared = { tank, holes, levels, pxPerM, baseY, heightPx, onLive: setLive } as const;
  // A plan has no heights to share: it is drawn as large as there is room.
  const planPxPerM = Math.min(
    (heightPx - TOP_ROOM - 30) / shape.alongM,
    (SHEET_WIDTH - POLE - 240 - across * 1.08 * pxPerM) / shape.acrossM,
  );
  return (
    <div className="sheet">
      <ul className="no-print flex flex-wrap items-center border-b border-hair" aria-label={`Faces of ${tank.label}`}>
        {faces.map(({ face, name }) => {
          const count = holes.filter((hole) => hole.face === face).length;
          return (
            <li key={face}>
              <button
                type="button"
                aria-pressed={face === shape.face}
                className={`min-h-9 px-3 type-row pointer-coarse:min-h-11 ${face === shape.face ? 'row-selected font-semibold' : 'hover:bg-paper-deep'}`}
                onClick={() => setAsked({ face, selectedId: selected?.id })}
              >
                {name}
                <span className="type-second">{count === 0 ? '' : ` ${count}`}</span>
              </button>
            </li>
          );
        })}
        <li className="ml-auto px-3 text-right type-row">
          <b className="font-[650] text-water-ink">{usableWords(levels, job)}</b>
          <span className="type-second">
            {levels.deadM3 > 0 ? `, ${formatVolume(levels.deadM3, job.measures)} left behind` : ''}
          </span>
        </li>
      </ul>
      <figure
        className="flex gap-1 p-1.5 max-md:flex-col max-md:overflow-x-auto"
        aria-label={`${tank.label} to scale with its holes`}
      >
        <Elevation {...shared} />
        {shape.seen === 'plan' ? (
          <FacePlan {...shared} pxPerM={planPxPerM} shape={shape} />
        ) : (
          <FaceWall {...shared} shape={shape} />
        )}
      </figure>
    </div>
  );
}
