'use client';

import {
  clearances,
  cutOf,
  type Edit,
  faceOf,
  facesOf,
  placeOnFace,
  flatRadiusM,
  formatLength,
  formatVolume,
  fromRimM,
  holeDiameterM,
  holeForShank,
  isUpright,
  levelsOf,
  noDrillZones,
  NOMINAL_SIZES,
  type NominalSize,
  type Penetration,
  reachInto,
  type Role,
  ROLE_NAMES,
  ROLES,
  sealOf,
  setField,
  type Settable,
  mustHoldWater,
  shutsAtM,
  sizeWords,
  type Tank,
  WALL_SEAL_SIZES,
  wallSealSizeOf,
  zoneAt,
  type Held,
} from '@herrero/core';
import dynamic from 'next/dynamic';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { Stepper } from '@/ui/stepper';
import { useJob } from '../../store/job-provider';
import { HandInside } from './hand-inside';
import { HoleSaid } from './hole-said';

const HoleAgain = dynamic(() => import('./hole-again'), { ssr: false });

interface HoleFieldsProps {
  readonly penetration: Penetration;
  readonly tank: Tank;
}

type NumberField = 'heightM' | 'aroundM' | 'depthM' | 'holeM' | 'shutsM';

/** Where a hole is, by the figures a tape needs; its size and roles; what it is drilled with and what is near. */
export function HoleFigures({ penetration, tank }: HoleFieldsProps) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const select = useJob((state) => state.select);
  const set = (field: NumberField, to: number): string | undefined =>
    make([setField('penetrations', penetration, field, to)])?.message;
  const shape = faceOf(tank, penetration.face);
  const drilled = penetration.port === null;
  const upright = isUpright(penetration.face);
  const remove = (): void => {
    if (make([{ type: 'remove-penetration', penetrationId: penetration.id }]) === undefined) select(null);
  };
  return (
    <div className="space-y-2.5 max-xl:col-span-full">
      {upright && (
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
      )}
      <Row name={shape?.seen === 'wall' ? 'Round from the seam' : 'From the left edge'}>
        <Stepper
          label={shape?.seen === 'wall' ? 'Round from the seam' : 'From the left edge'}
          valueM={penetration.aroundM}
          measures={measures}
          leastM={0}
          mostM={shape?.acrossM ?? 0}
          onChange={(to) => set('aroundM', to)}
        />
      </Row>
      {!upright && (
        <Row name="From the front edge">
          <Stepper
            label="From the front edge"
            valueM={penetration.depthM}
            measures={measures}
            leastM={0}
            mostM={shape?.alongM ?? 0}
            onChange={(to) => set('depthM', to)}
          />
        </Row>
      )}
      <HoleSaid penetration={penetration} />
      <FaceAndSize penetration={penetration} tank={tank} />
      <Roles penetration={penetration} />
      {drilled && <HoleAndSaw penetration={penetration} onHole={(to) => set('holeM', to)} />}
      {penetration.roles.includes('float-fill') && (
        <Row name="Shuts at">
          <LengthField
            hideLabel
            label="Shuts at"
            valueM={penetration.shutsM ?? shutsAtM(penetration, tank)}
            measures={measures}
            onChange={(to) => set('shutsM', to)}
          />
        </Row>
      )}
      <Facts penetration={penetration} tank={tank} />
      <div className="flex flex-wrap gap-x-6">
        <HoleAgain penetration={penetration} />
        <Action onClick={remove}>Take {penetration.label} away</Action>
      </div>
    </div>
  );
}

/** Face and size; a seal that is there follows to the new size where it is made in it. */
function FaceAndSize({ penetration, tank }: HoleFieldsProps) {
  const make = useJob((state) => state.make);
  const { index, catalogue, job } = useJob((state) => state.plan.context);
  const seal = sealOf(penetration.id, index);
  const sizes = NOMINAL_SIZES.filter((size) => WALL_SEAL_SIZES.includes(size));
  const change = <Name extends Settable<'penetrations'>>(field: Name, to: Held<'penetrations', Name>): Edit =>
    setField('penetrations', penetration, field, to);
  const setSize = (to: NominalSize): void => {
    const same =
      seal &&
      catalogue.list.find(
        ({ family, name, size, ends }) =>
          family === seal.part.family &&
          name === seal.part.name &&
          size === to &&
          ends[0]?.end.kind === 'wall-seal' &&
          ends[0].end.style === seal.end.style,
      );
    make([
      change('size', to),
      ...(seal && same
        ? [{ type: 'replace-part' as const, partId: seal.placed.id, from: seal.part.code, to: same.code }]
        : []),
    ]);
  };
  const setFace = (to: Penetration['face']): void => {
    const shape = faceOf(tank, to);
    if (!shape) return;
    const { heightM, aroundM, depthM } = placeOnFace(penetration, shape, tank, job);
    make([change('depthM', depthM), change('aroundM', aroundM), change('heightM', heightM), change('face', to)]);
  };
  const fixed = penetration.portId !== null;
  return (
    <Row name="Face, size">
      <div className="grid grid-cols-2 gap-2">
        <select
          aria-label="Face"
          className="field w-full"
          value={penetration.face}
          disabled={fixed}
          onChange={(event) => setFace(event.target.value as Penetration['face'])}
        >
          {facesOf(tank).map(({ face, name }) => (
            <option key={face} value={face}>
              {name}
            </option>
          ))}
        </select>
        <select
          aria-label="Size"
          className="field w-full"
          value={penetration.size}
          onChange={(event) => setSize(event.target.value as NominalSize)}
          disabled={fixed}
        >
          {[...new Set([...sizes, penetration.size])].map((size) => (
            <option key={size} value={size}>
              {sizeWords(size)}
            </option>
          ))}
        </select>
      </div>
    </Row>
  );
}

/** What it is for: one opening can have several roles; the last one cannot be taken away. */
function Roles({ penetration }: { readonly penetration: Penetration }) {
  const make = useJob((state) => state.make);
  const { roles } = penetration;
  const setRoles = (to: readonly Role[]): void => void make([setField('penetrations', penetration, 'roles', to)]);
  const others = ROLES.filter((role) => !roles.includes(role));
  return (
    <Row name="What it is for">
      <div>
        {roles.map((role) => (
          <span key={role} className="flex items-center justify-between border-b border-hair type-row">
            <b className="font-[650]">{ROLE_NAMES[role]}</b>
            {roles.length > 1 && (
              <button
                type="button"
                className="min-h-9 px-2 type-second underline pointer-coarse:min-h-11"
                onClick={() => setRoles(roles.filter((one) => one !== role))}
              >
                not this
              </button>
            )}
          </span>
        ))}
        <div className="mt-1 space-y-1">
          <select
            aria-label="What it is for"
            className="field w-full"
            value=""
            onChange={(event) => setRoles([event.target.value as Role])}
          >
            <option value="" disabled>
              make it a ...
            </option>
            {others.map((role) => (
              <option key={role} value={role}>
                {ROLE_NAMES[role]}
              </option>
            ))}
          </select>
          <select
            aria-label="Also for"
            className="field w-full"
            value=""
            onChange={(event) => setRoles([...roles, event.target.value as Role])}
          >
            <option value="" disabled>
              also a ...
            </option>
            {others.map((role) => (
              <option key={role} value={role}>
                {ROLE_NAMES[role]}
              </option>
            ))}
          </select>
        </div>
      </div>
    </Row>
  );
}

/** The hole as usual or as measured, the shank in hand, and the saw. */
function HoleAndSaw({
  penetration,
  onHole,
}: {
  readonly penetration: Penetration;
  readonly onHole: (to: number) => string | undefined;
}) {
  const measures = useJob((state) => state.job.measures);
  const context = useJob((state) => state.plan.context);
  const diameterM = holeDiameterM(penetration.id, context.job, context.index);
  const seal = sealOf(penetration.id, context.index);
  const row = seal && wallSealSizeOf(seal.end.style, seal.end.size);
  const saw = cutOf(penetration, context);
  const outside =
    row &&
    diameterM !== undefined &&
    (diameterM * 1000 < row.holeMm[0] - 0.5 || diameterM * 1000 > row.holeMm[1] + 0.5);
  const fromShank = (shankM: number): string | undefined => {
    const { leastM, sawM } = holeForShank(shankM, measures);
    return onHole(sawM ?? leastM);
  };
  return (
    <>
      <Row name="Shank, measured">
        <LengthField hideLabel label="Shank, measured" valueM={null} measures={measures} onChange={fromShank} />
      </Row>
      <Row name="Hole, if measured">
        <LengthField
          hideLabel
          label="Hole, if measured"
          valueM={penetration.holeM ?? diameterM ?? null}
          measures={measures}
          onChange={onHole}
        />
      </Row>
      {diameterM !== undefined && (
        <Fact name="Saw">
          {saw && 'sawM' in saw ? (
            <b>{formatLength(saw.sawM, measures)}</b>
          ) : saw?.fit === 'core' ? (
            'cored, with a wet diamond bit'
          ) : (
            'no saw near it: starter hole, then jigsaw on the template, inside the rim that covers it'
          )}
          {outside ? '; outside the range of the seal' : penetration.holeM === null ? ', usual; measure first' : ''}
        </Fact>
      )}
    </>
  );
}

/** What is worked out: room, hand, and the water it decides. */
function Facts({ penetration, tank }: HoleFieldsProps) {
  const { job, plan } = useJob((state) => state);
  const { measures } = job;
  const { index } = plan.context;
  const drilled = penetration.port === null;
  const radiusM = flatRadiusM(penetration, job, index);
  const zones = noDrillZones(tank);
  const zone = drilled ? zoneAt(zones, penetration, radiusM) : undefined;
  const rim = fromRimM(tank, penetration);
  const levels = levelsOf(tank, { job, runs: plan.runs });
  const draws = penetration.roles.some((role) => role === 'draw-off' || role === 'pump-line');
  const length = (metres: number): string => formatLength(Math.max(0, metres), measures);
  const clear = clearances(zones, penetration, radiusM);
  return (
    <>
      {zone && <p className="type-row font-semibold">Reaches into the {zone.reason}: not on the flat.</p>}
      {rim !== undefined && <Fact name="From the rim">{length(rim)} to its centre</Fact>}
      {drilled && !zone && clear.length > 0 && (
        <Fact name="Clear of">{clear.map(({ reason, gapM }) => `${reason} ${length(gapM)}`).join(', ')}</Fact>
      )}
      {drilled && <HandInside reach={reachInto(penetration, tank, job, index)} tank={tank} penetration={penetration} />}
      {draws && (
        <>
          <Fact name="Leaves behind">
            <span className="font-semibold text-water-ink">{formatVolume(levels.deadM3, measures, true)}</span>
            {levels.deadBecause === 'destination' ? ', by its destination' : ''}
          </Fact>
          <Fact name="Sediment">{formatVolume(levels.sedimentM3, measures, true)} of that, taken to settle</Fact>
        </>
      )}
      {penetration.roles.includes('float-fill') && (
        <Fact name="Its hole">
          {mustHoldWater(penetration, tank, plan.context)
            ? `must hold water: it stands to ${length(levels.fullM)}`
            : `stays dry: the water stands to ${length(levels.fullM)}`}
        </Fact>
      )}
      {penetration.roles.includes('float-fill') && levels.floatLosesM3 > 0 && (
        <Fact name="Loses">{formatVolume(levels.floatLosesM3, measures, true)} above it</Fact>
      )}
    </>
  );
}

const Row = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <div className="grid grid-cols-[84px_1fr] items-center gap-2 max-xl:grid-cols-[120px_1fr]">
    <span className="type-second">{name}</span>
    {children}
  </div>
);

export const Fact = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <div className="grid grid-cols-[84px_1fr] gap-2 border-t border-hair pt-1.5 max-xl:grid-cols-[120px_1fr]">
    <span className="type-second">{name}</span>
    <span className="type-row">{children}</span>
  </div>
);
