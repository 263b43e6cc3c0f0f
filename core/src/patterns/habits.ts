import { shippedCatalogue } from '../fittings/catalogue';
import type { Part } from '../fittings/part';
import { setField } from '../edits/change-field';
import { heightBudgets } from '../falls/height-budget';
import { newInflow, newRoof } from '../job/places';
import type { EndRef } from '../job/job';
import type { NominalSize } from '../quantity/size';
import type { Tank } from '../walls/tank';
import { contextInSpace } from '../plan/context-in-space';
import type { Step } from './find-part';
import type { Kit, Mouth, Placed } from './kit';

/** Drain pipe that a crate or a drum takes through its side. */
export const smallDrainSize = (kit: Kit): NominalSize => kit.by({ US: '2', else: '50' });

/** Has it a thread of this size and sex? */
export const threaded =
  (size: NominalSize, sex?: 'male' | 'female') =>
  ({ ends }: Part): boolean =>
    ends.some(({ end }) => end.kind === 'thread' && end.size === size && (sex === undefined || end.sex === sex));

/** From one thread to another? */
export const both =
  (one: NominalSize, other: NominalSize) =>
  (part: Part): boolean =>
    threaded(one)(part) && threaded(other)(part);

/** Is it of downpipe of this size? */
export const ofDownpipe =
  (size: NominalSize) =>
  ({ ends }: Part): boolean =>
    ends.some(({ end }) => end.kind === 'pipe' && end.series === 'downpipe' && end.size === size);

/** What water under pressure is led in from place to place. */
export const supplyPipe = (kit: Kit): string => kit.by({ US: 'Pipe', else: 'Polyethylene pipe' });

interface Rain {
  readonly areaM2: number;
  /** Underside of the gutter over the ground [m]. */
  readonly gutterM: number;
}

/** The roof whose rain falls into an opening. */
export function roofInto(kit: Kit, { hole }: Mouth, { areaM2, gutterM }: Rain): void {
  kit.edit({
    type: 'add-roof',
    roof: newRoof({
      id: 'roof',
      name: 'roof',
      planAreaM2: areaM2,
      material: kit.by({ US: 'metal', UK: 'tile', EU: 'tile', ANZ: 'metal' }),
      fixedTo: kit.by({ US: 'wood', UK: 'masonry', EU: 'masonry', ANZ: 'wood' }),
      into: hole,
      readings: [{ from: { of: 'ground' }, by: 'tape', downM: -gutterM }],
    }),
  });
}

const STUB_M = 0.3;

/** Cuts the downpipe of a line so that it ends at its gutter; how long it is then [m]. */
export function cutToGutter(kit: Kit, { hole }: Mouth, downpipe: Placed | undefined): number {
  const job = kit.job();
  const budget = heightBudgets(contextInSpace(job, shippedCatalogue)).find((one) => one.hole.id === hole);
  const pipe = job.parts.find(({ id }) => id === downpipe?.id);
  if (!pipe || budget?.leftM === undefined) throw new RangeError(`${hole} leads to no gutter`);
  const lengthM = (pipe.lengthM ?? 0) + budget.leftM;
  kit.edit(setField('parts', pipe, 'lengthM', lengthM));
  return lengthM;
}

/** A downpipe straight down into the top of a tank, under a leaf head. */
export function rainThroughTop(kit: Kit, tank: Tank, rain: Rain, size: NominalSize): void {
  const inlet = kit.opening({ tank: tank.id, name: 'Inlet', roles: ['inlet'], size, face: 'top', seals: ['gasket'] });
  const [, , downpipe] = kit.line(inlet.out, [
    { part: 'Pipe', lengthM: STUB_M },
    { part: 'Downpipe adapter' },
    { part: 'Downpipe', lengthM: STUB_M, held: true },
    { part: 'Leaf head with mesh' },
  ]);
  roofInto(kit, inlet, rain);
  cutToGutter(kit, inlet, downpipe);
}

/** How much higher than its opening a diverter lets the water stand [m]. */
const SPILL_OVER_M = 0.03;

/**
 * Out of a downpipe that stands beside the tank, by a diverter that lets the rest fall on once the water stands as high as it:
 * in through a side, under the overflow.
 */
function rainByDiverter(kit: Kit, tank: Tank, overflow: Mouth, rain: Rain, hoseM: number): void {
  const inlet = kit.opening({
    tank: tank.id,
    name: 'Fill from the diverter',
    roles: ['inlet'],
    size: kit.by({ US: '1', else: '1-1/4' }),
    face: 'side',
    heightM: overflow.upM - 0.1,
    seals: ['bulkhead'],
  });
  const [, diverter, downpipe] = kit.line(inlet.out, [
    { part: 'Hose', lengthM: hoseM, slope: { by: 'rise', riseM: SPILL_OVER_M } },
    { part: 'Rainwater diverter', enter: 'branch', leave: 'inlet', points: 'up' },
    { part: 'Downpipe', lengthM: STUB_M, held: true },
    { part: 'Gutter outlet' },
  ]);
  roofInto(kit, inlet, rain);
  cutToGutter(kit, inlet, downpipe);
  if (diverter)
    kit.line(diverter.end('outlet'), [
      {
        part: 'Downpipe',
        enter: 'inlet',
        lengthM: Math.max(0.2, tank.plinthM + inlet.upM - 0.3),
        held: true,
      },
      { part: 'Downpipe shoe', enter: 'inlet' },
    ]);
}

/** Surplus out through a side, as high as it goes, round an elbow and down to a screen over the splash stones. */
export function overflowThroughSide(kit: Kit, tank: Tank, size: NominalSize): Mouth {
  const overflow = kit.opening({
    tank: tank.id,
    name: 'Overflow',
    roles: ['overflow'],
    size,
    seals: ['gasket'],
    supported: true,
  });
  kit.line(overflow.out, [
    { part: 'Pipe', lengthM: 0.25, held: true },
    { part: 'Elbow', points: 'down' },
    { part: 'Pipe', lengthM: Math.max(0.2, tank.plinthM + overflow.upM - 0.35), held: true },
    { part: 'Overflow screen' },
  ]);
  return overflow;
}

/** Air through the top, screened against insects. */
export function airThroughTop(kit: Kit, { id }: Tank): void {
  kit.opening({ tank: id, name: 'Vent', roles: ['vent'], size: '1', face: 'top', seals: ['insect-screen'] });
}

/** From a valve on: a hose tap, its swivel, and hose to where it is used. */
export function hoseTo(kit: Kit, from: EndRef, to: EndRef, lengthM: number, downM: number): void {
  kit.line(
    from,
    [
      { part: 'Hose tap', which: threaded('3/4') },
      { part: 'Hose swivel' },
      { part: 'Hose', lengthM, slope: { by: 'rise', riseM: -downM } },
    ],
    to,
  );
}

/** A place where water is used, so far away and so much below the ground at the tanks. */
export const placeAway = (
  kit: Kit,
  given: Pick<Parameters<Kit['place']>[0], 'id' | 'name' | 'kind' | 'offers'>,
  awayM: number,
  downM: number,
): EndRef =>
  kit.place({
    ...given,
    placed: { by: 'away', distanceM: awayM },
    readings: [{ from: { of: 'ground' }, by: 'tape', downM }],
  });

/** How drain pipe goes through a concrete wall. */
const drainSeal = (kit: Kit): { readonly size: NominalSize; readonly seals: readonly string[] } => ({
  size: kit.by({ US: '4', else: '110' }),
  seals: ['wall-boot'],
});

/** Water from the mains or a bore. */
export function supplyInto(
  kit: Kit,
  { hole }: Mouth,
  given: Omit<Parameters<typeof newInflow>[0], 'id' | 'name' | 'into'>,
): void {
  kit.edit({ type: 'add-inflow', inflow: newInflow({ ...given, id: given.kind, name: given.kind, into: hole }) });
}

/** A caged crate on its pallet, so far up. */
export const crateUp = (kit: Kit, standM: number, given: Partial<Tank>): Tank =>
  kit.tank(kit.by({ US: 'crate-us', else: 'crate-eu' }), {
    plinthM: PALLET_M + standM,
    dark: true,
    purposes: ['garden'],
    ...given,
  });
const PALLET_M = 0.135;

/** From the outlet valve of a crate, as its region has it, down to a lever valve of 3/4 in: what a line goes on from. */
export function crateOutletValve(kit: Kit, crate: Tank): EndRef {
  const outlet = kit.port(crate.id, 'outlet', {
    end: kit.by({ US: '2 NPT M', UK: 'S60x6 M', EU: 'S60x6 M', ANZ: '2 G M' }),
    name: 'Outlet valve',
  });
  const valve = kit
    .line(outlet.out, [
      ...kit.by<readonly Step[]>({
        US: [
          { part: 'Coupling', which: threaded('2') },
          { part: 'Hex bushing', which: both('2', '3/4') },
        ],
        UK: [{ part: 'Container adapter', which: threaded('3/4', 'male') }],
        EU: [{ part: 'Container adapter', which: threaded('3/4', 'male') }],
        ANZ: [
          { part: 'Swivel adapter', which: threaded('2') },
          { part: 'Reducing coupling', which: both('2', '1') },
        ],
      }),
      { part: 'Lever valve', which: threaded('3/4') },
    ])
    .at(-1);
  return valve?.on ?? outlet.out;
}

/** A crate is filled by a diverter, runs over by a drain through its side, and breathes through its lid. */
export function crateFilled(kit: Kit, crate: Tank, roofM2: number): void {
  const overflow = overflowThroughSide(kit, crate, smallDrainSize(kit));
  airThroughTop(kit, crate);
  rainByDiverter(kit, crate, overflow, { areaM2: roofM2, gutterM: crate.plinthM + crate.heightM + 1 }, 2);
}

/** An upright moulded tank of such a size, on a slab. */
export const uprightTank = (
  kit: Kit,
  { diameterM, brimM }: { readonly diameterM: number; readonly brimM: number },
  given: Partial<Tank> = {},
): Tank =>
  kit.tank('vertical-round', {
    capacityM3: null,
    diameterM,
    baseDiameterM: diameterM,
    brimM,
    heightM: 1.2 * brimM,
    wallM: 0.008,
    base: 'slab',
    plinthM: 0.1,
    purposes: ['garden', 'toilets'],
    ...given,
  });

/** Drain pipe of the ground. */
export const DRAIN = { part: 'Pipe', boreMm: 103.5 } as const;
/** Seen from the tank: what comes in rises away from it, what leaves falls. */
export const COMING_IN = { by: 'fall', fallShare: -0.02 } as const;
const GOING_OUT = { by: 'fall', fallShare: 0.02 } as const;

/** From a drain up to the gutter: bend, pipe, downpipe, leaf head. The downpipe is the fourth. */
export const upToGutter = (lengthM: number, downpipe: Partial<Step> = {}): readonly Step[] => [
  { part: 'Long sweep elbow', points: 'up' },
  { ...DRAIN, lengthM },
  { part: 'Downpipe adapter' },
  { part: 'Downpipe', lengthM: 2, held: true, ...downpipe },
  { part: 'Leaf head with mesh' },
];

/** Rain by a buried drain through a settling box, so far from its downpipe. */
export function rainByDrain(kit: Kit, inlet: Mouth, rain: Rain, drainM: number, uprightM: number): void {
  const line = kit.line(inlet.out, [
    { ...DRAIN, lengthM: 0.6, slope: COMING_IN },
    { part: 'Settling box with basket' },
    { ...DRAIN, lengthM: drainM, slope: COMING_IN },
    ...upToGutter(uprightM),
  ]);
  roofInto(kit, inlet, rain);
  cutToGutter(kit, inlet, line.at(-2));
}

/** Surplus by a buried drain to daylight: nothing comes back, nothing crawls in. */
export function overflowToDaylight(kit: Kit, overflow: Mouth): void {
  kit.line(overflow.out, [
    { ...DRAIN, lengthM: 1, slope: GOING_OUT },
    { part: 'Backwater valve' },
    { ...DRAIN, lengthM: 8, slope: GOING_OUT },
    { part: 'Outfall flap' },
  ]);
}

/** A precast tank in the ground under its riser, with the openings of its drains. */
export const buriedConcrete = (kit: Kit, purposes: Tank['purposes']): Tank =>
  kit.tank('concrete', { buriedM: 2.95, riser: { heightM: 0.4, widthM: 0.6 }, purposes });
export const concreteInlet = (kit: Kit, { id }: Tank): Mouth =>
  kit.opening({ tank: id, name: 'Inlet', roles: ['inlet'], face: 'side', heightM: 2.25, ...drainSeal(kit) });
export const concreteOverflow = (kit: Kit, { id }: Tank): Mouth =>
  kit.opening({ tank: id, name: 'Overflow', roles: ['overflow'], heightM: 2.08, ...drainSeal(kit) });
