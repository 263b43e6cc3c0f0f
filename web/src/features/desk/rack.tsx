'use client';

import {
  type Penetration,
  type Tank,
  formatLength,
  formatVolume,
  holdsM3,
  isUpright,
  sizeInInches,
  sizeWords,
} from '@herrero/core';
import { usePathname, useRouter } from 'next/navigation';
import { type Seam, SeamGlyph } from '@/ui/seam-glyph';
import { useJob } from '../../store/job-provider';
import { seamOfRun } from './seam-of-run';
import { SeamKey } from './seam-key';
import { stationPath } from './stations';

const BORE_PX_PER_INCH = 7;
const MOST_BORE_IN = 4;

/** Tanks from top to base; every row is a piece of the tank wall in section with its hole, and the water behind it. */
export function Rack() {
  const tanks = useJob((state) => state.job.tanks);
  const jobId = useJob((state) => state.jobId);
  const router = useRouter();
  return (
    <aside
      aria-label="Tanks and their holes"
      className="no-print border-r border-hair max-desk:row-span-2 max-lg:hidden"
    >
      {tanks.map((tank) => (
        <TankRows key={tank.id} tank={tank} />
      ))}
      <div className="px-4 pb-2">
        <button
          type="button"
          className="action"
          onClick={() =>
            router.push(stationPath(jobId, tanks.length === 0 ? 'tanks' : 'holes') + (tanks.length === 0 ? '' : '#add'))
          }
        >
          <span>{tanks.length === 0 ? 'Choose a tank' : 'Add a hole'}</span>
        </button>
      </div>
      <SeamKey />
    </aside>
  );
}

function TankRows({ tank }: { readonly tank: Tank }) {
  const penetrations = useJob((state) => state.job.penetrations);
  const measures = useJob((state) => state.job.measures);
  const showTank = useJob((state) => state.showTank);
  const own = penetrations.filter(({ tankId }) => tankId === tank.id).toSorted(fromTopDown);
  return (
    <section aria-label={tank.label} className="pb-2">
      <h2>
        <button
          type="button"
          className="w-full px-4 pt-3 pb-1 text-left hover:underline"
          onClick={() => showTank(tank.id)}
        >
          <span className="type-head">{tank.label}</span>{' '}
          <span className="type-second">{formatVolume(holdsM3(tank), measures)}</span>
        </button>
      </h2>
      {own.length === 0 && <p className="px-4 pb-2 type-second">no holes yet</p>}
      <ul>
        {own.map((penetration) => (
          <HoleRow key={penetration.id} penetration={penetration} tank={tank} />
        ))}
      </ul>
    </section>
  );
}

/** The top of a tank first, then down the wall. */
const fromTopDown = (a: Penetration, b: Penetration): number => rankOf(a) - rankOf(b) || b.heightM - a.heightM;
const rankOf = ({ face }: Penetration): number => (face === 'top' ? 0 : face === 'bottom' ? 2 : 1);

function HoleRow({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const selected = useJob((state) => state.selectedId === penetration.id);
  const pointed = useJob((state) => state.pointedId === penetration.id);
  const seam: Seam = useJob((state) => seamOfRun(state.plan, penetration.id));
  const measures = useJob((state) => state.job.measures);
  const jobId = useJob((state) => state.jobId);
  const select = useJob((state) => state.select);
  const pathname = usePathname();
  const router = useRouter();
  const where = isUpright(penetration.face)
    ? `${formatLength(penetration.heightM, measures).replace(/ (in|mm)$/, '')} up`
    : `in the ${penetration.face}`;
  const choose = (): void => {
    select(penetration.id);
    if (!/(holes|runs|runs\/space)$/.test(pathname)) router.push(stationPath(jobId, 'runs'));
  };
  return (
    <li>
      <button
        type="button"
        aria-pressed={selected}
        onClick={choose}
        className={`relative flex w-full items-center gap-1 pr-2 text-left ${selected ? 'row-selected' : pointed ? 'bg-brass-wash' : 'hover:bg-paper-deep'}`}
      >
        <WallPiece penetration={penetration} tank={tank} />
        <span className="min-w-0 flex-1 py-1.5">
          <span className="block truncate type-row">
            <b className="font-[650]">{penetration.label}</b> {penetration.name}
          </span>
          <span className="block truncate type-second">
            {sizeWords(penetration.size)}, {where}
          </span>
        </span>
        <SeamGlyph seam={seam} width={30} />
      </button>
    </li>
  );
}

/** A piece of the wall with the hole's bore to one scale, and water behind it where there is any. */
function WallPiece({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const bore = Math.max(4, Math.min(MOST_BORE_IN, sizeInInches(penetration.size)) * BORE_PX_PER_INCH);
  const wet = penetration.face !== 'top' && penetration.heightM < tank.brimM;
  return (
    <svg width={46} height={50} className="shrink-0 self-stretch" aria-hidden="true" preserveAspectRatio="none">
      {wet && <rect x={0} y={0} width={24} height={50} fill="var(--water-fill)" />}
      <rect x={24} y={0} width={4} height={50} fill="var(--ink)" />
      <rect x={22} y={25 - bore / 2} width={22} height={bore} fill={wet ? 'var(--water-fill)' : 'var(--sheet)'} />
      <path d={`M22 ${25 - bore / 2}H44M22 ${25 + bore / 2}H44`} stroke="var(--ink)" strokeWidth={1.5} />
    </svg>
  );
}
