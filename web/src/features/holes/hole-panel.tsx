'use client';

import {
  NOMINAL_SIZES,
  ROLES,
  ROLE_NAMES,
  type NominalSize,
  type Penetration,
  type Tank,
  WALL_SEAL_SIZES,
  circumferenceM,
  flangeRadiusM,
  formatLength,
  formatVolume,
  holeDiameterM,
  sawFor,
  shippedCatalogue,
  tankType,
  volumeAtM3,
  zoneAt,
} from '@herrero/core';
import Link from 'next/link';
import { layOut } from '@/drawing/geometry/string-layout';
import { StringDrawing } from '@/drawing/view/string-drawing';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { Stepper } from '@/ui/stepper';
import { useJob } from '../desk/job-provider';
import { stationPath } from '../desk/stations';
import { clearances } from './hole-levels';
import { SealChoice } from './seal-choice';

/** All about the selected hole: what it looks like in the wall, what seals it, and where exactly it is. */
export function HolePanel({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const jobId = useJob((state) => state.jobId);
  return (
    <section
      aria-label={`${penetration.label} ${penetration.name}`}
      className="rule-selected mt-3 grid grid-cols-[226px_1fr_300px] gap-4 pt-2 max-xl:grid-cols-2 max-md:grid-cols-1"
    >
      <div>
        <h2 className="type-head">
          {penetration.label} {penetration.name}, {penetration.size} in
        </h2>
        <WallSection penetration={penetration} tank={tank} />
        <Link href={stationPath(jobId, 'runs')} className="main-action mt-2 flex items-center justify-center">
          Build the run of {penetration.label}
        </Link>
      </div>
      <div>
        <h2 className="border-b border-hair pb-1 type-head">What seals it</h2>
        <SealChoice penetration={penetration} />
      </div>
      <Figures penetration={penetration} tank={tank} />
    </section>
  );
}

/** The seal in its wall, in half-section, with the hole to drill. */
function WallSection({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const plan = useJob((state) => state.plan);
  const measures = useJob((state) => state.job.measures);
  const strand = plan.runs.find((run) => run.penetration.id === penetration.id)?.strands[0];
  const [first] = strand?.items ?? [];
  const wallMm = tank.wallM * 1000;
  const diameterM = holeDiameterM(penetration.id, plan.context.job, plan.context.index);
  const layout = layOut(
    { from: { of: 'hole', id: penetration.id }, items: first ? [{ ...first }] : [], end: { at: 'closed' } },
    { wallMm, port: penetration.port !== null, jointOf: (id) => plan.joints.find(({ joint }) => joint.id === id) },
  );
  const pxPerMm = Math.min(230 / layout.lengthMm, 170 / layout.outsideMm);
  return (
    <figure>
      <figcaption className="flex justify-between type-second">
        <span className="text-water-ink">inside, wet</span>
        <span>outside</span>
      </figcaption>
      <svg
        viewBox="0 0 250 208"
        className="sheet mt-1 w-full"
        role="img"
        aria-label={`${penetration.label} in the wall${diameterM === undefined ? '' : `, hole ${formatLength(diameterM, measures)}`}`}
      >
        <g transform="translate(8 104)">
          <StringDrawing layout={layout} pxPerMm={pxPerMm} />
        </g>
        <text x={240} y={198} textAnchor="end" className="halo type-scale" style={{ fill: 'var(--ink)' }}>
          {`${diameterM === undefined ? (penetration.port === null ? 'no seal yet' : 'moulded port') : `hole ${formatLength(diameterM, measures)}`}, wall ${formatLength(tank.wallM, measures)}`}
        </text>
      </svg>
    </figure>
  );
}

function Figures({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const diameterM = useJob((state) => holeDiameterM(penetration.id, state.job, state.plan.context.index));
  const set = (field: 'heightM' | 'aroundM' | 'holeM' | 'name', to: number | string): string | undefined =>
    make([{ type: 'change-field', in: 'penetrations', id: penetration.id, field, from: penetration[field], to }])
      ?.message;
  const radiusM = flangeRadiusM(penetration.size, diameterM);
  const zone =
    penetration.face === 'wall' && penetration.port === null
      ? zoneAt(tankType(tank.type).noDrill(tank), penetration.heightM, radiusM)
      : undefined;
  const onWall = penetration.face === 'wall';
  const saw = diameterM === undefined ? undefined : sawFor(diameterM, measures);
  const remove = (): void => {
    if (make([{ type: 'remove-penetration', penetrationId: penetration.id }]) === undefined) select(null);
  };
  return (
    <div className="space-y-2.5 max-xl:col-span-full">
      {onWall && (
        <>
          <Row name="Centre above base">
            <Stepper
              label="Centre above base"
              valueM={penetration.heightM}
              measures={measures}
              leastM={0}
              mostM={tank.heightM}
              onChange={(to) => set('heightM', to)}
            />
          </Row>
          {zone && <p className="type-row font-semibold">Reaches into the {zone.reason}: not on the flat.</p>}
        </>
      )}
      <Row name={onWall ? 'Round from the seam' : 'From the left edge'}>
        <Stepper
          label={onWall ? 'Round from the seam' : 'From the left edge'}
          valueM={penetration.aroundM}
          measures={measures}
          leastM={0}
          mostM={onWall ? circumferenceM(tank) : tank.diameterM}
          onChange={(to) => set('aroundM', to)}
        />
      </Row>
      <SizeAndRole penetration={penetration} />
      {penetration.port === null && (
        <Row name="Hole, if measured">
          <LengthField
            hideLabel
            label="Hole, if measured"
            valueM={penetration.holeM ?? diameterM ?? null}
            measures={measures}
            onChange={(to) => set('holeM', to)}
          />
        </Row>
      )}
      {diameterM !== undefined && (
        <Fact name="Saw">
          {saw === undefined ? 'no saw near it: cut to a template' : <b>{formatLength(saw, measures)}</b>}
        </Fact>
      )}
      {onWall && !zone && (
        <Fact name="Clear of">
          {clearances(tank, penetration.heightM, radiusM)
            .map(({ reason, gapM }) => `${reason} ${formatLength(Math.max(0, gapM), measures)}`)
            .join(', ')}
        </Fact>
      )}
      {onWall && penetration.roles.includes('draw-off') && (
        <Fact name="Leaves behind">
          <span className="font-semibold text-water-ink">
            {formatVolume(volumeAtM3(tank, penetration.heightM - (diameterM ?? 0) / 2), measures, true)}
          </span>
        </Fact>
      )}
      <Action onClick={remove}>Take {penetration.label} away</Action>
    </div>
  );
}

function SizeAndRole({ penetration }: { readonly penetration: Penetration }) {
  const make = useJob((state) => state.make);
  const seal = useJob(
    (state) => state.plan.runs.find((run) => run.penetration.id === penetration.id)?.strands[0]?.items[0],
  );
  const sizes = NOMINAL_SIZES.filter((size) => WALL_SEAL_SIZES.includes(size));
  const setSize = (to: NominalSize): void => {
    const sealing = seal?.part.ends.some(({ end }) => end.kind === 'wall-seal') ? seal : undefined;
    const same =
      sealing &&
      shippedCatalogue.list.find(
        ({ family, name, size }) => family === sealing.part.family && name === sealing.part.name && size === to,
      );
    make([
      { type: 'change-field', in: 'penetrations', id: penetration.id, field: 'size', from: penetration.size, to },
      ...(sealing && same
        ? [{ type: 'replace-part' as const, partId: sealing.placed.id, from: sealing.part.code, to: same.code }]
        : []),
    ]);
  };
  const setRole = (to: string): void =>
    void make([
      {
        type: 'change-field',
        in: 'penetrations',
        id: penetration.id,
        field: 'roles',
        from: penetration.roles,
        to: [to],
      },
    ]);
  return (
    <>
      <Row name="Size">
        <select
          aria-label="Size"
          className="field w-full"
          value={penetration.size}
          onChange={(event) => setSize(event.target.value as NominalSize)}
          disabled={penetration.port !== null}
        >
          {[...new Set([...sizes, penetration.size])].map((size) => (
            <option key={size} value={size}>
              {size} in
            </option>
          ))}
        </select>
      </Row>
      <Row name="What it is for">
        <select
          aria-label="What it is for"
          className="field w-full"
          value={penetration.roles[0]}
          onChange={(event) => setRole(event.target.value)}
        >
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {ROLE_NAMES[role]}
            </option>
          ))}
        </select>
      </Row>
    </>
  );
}

const Row = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <div className="grid grid-cols-[84px_1fr] items-center gap-2 max-xl:grid-cols-[120px_1fr]">
    <span className="type-second">{name}</span>
    {children}
  </div>
);

const Fact = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <div className="grid grid-cols-[84px_1fr] gap-2 border-t border-hair pt-1.5 max-xl:grid-cols-[120px_1fr]">
    <span className="type-second">{name}</span>
    <span className="type-row">{children}</span>
  </div>
);
