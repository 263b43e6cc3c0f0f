import { isMetal } from '../connections/material';
import type { WallKind } from '../connections/standards/wall-seals/wall-seal';
import { bin } from './tank-types/bin';
import { buried } from './tank-types/buried';
import { concrete } from './tank-types/concrete';
import { corrugated } from './tank-types/corrugated';
import { crateEu, crateUs } from './tank-types/crate';
import { closedDrum, cutDrum, drumOnSide, drumUpsideDown, openDrum } from './tank-types/drum';
import { ownBox, ownCylinder, ownLying, ownTapered } from './tank-types/own-size';
import { slimline } from './tank-types/slimline';
import { trailer } from './tank-types/trailer';
import { verticalRound } from './tank-types/vertical-round';
import type { Region } from '../region';
import { soldFirst } from '../fittings/regions';
import type { Tank } from './tank';
import type { Port, PortWay, TankType } from './tank-type';

/** Every type of tank Herrero can draw and drill, smallest first. A new one: its file, and a line here. */
export const TANK_TYPES: readonly TankType[] = [
  openDrum,
  closedDrum,
  drumUpsideDown,
  drumOnSide,
  cutDrum,
  bin,
  crateUs,
  crateEu,
  verticalRound,
  slimline,
  trailer,
  buried,
  concrete,
  corrugated,
  ownCylinder,
  ownTapered,
  ownBox,
  ownLying,
];

/** As a builder of a region reaches for them: what is not usual there comes behind what is, before those of any size. */
export function tankTypesIn(region: Region | null): readonly TankType[] {
  const rank = ({ ownSize, usualIn }: TankType): number =>
    ownSize ? 2 : region !== null && usualIn !== undefined && !usualIn.includes(region) ? 1 : 0;
  return TANK_TYPES.toSorted((a, b) => rank(a) - rank(b));
}

const BY_ID = new Map(TANK_TYPES.map((type) => [type.id, type]));

export const isTankType = (id: string): boolean => BY_ID.has(id);

/**
 * A type by its id. One that is not registered (any more) is a tank of its own dimensions: what is stored still opens, and
 * validation names it.
 */
export const tankType = (id: string): TankType =>
  BY_ID.get(id) ?? { ...ownCylinder, id, name: `Of a type that is not known (${id})`, shortName: 'not known' };

/** The kind of a wall by what it is made of. */
export function wallKindOf({ type }: Pick<Tank, 'type'>): WallKind {
  const { material } = tankType(type);
  return material === 'concrete' ? 'concrete' : isMetal(material) ? 'metal' : 'plastic';
}

/** The ways on that a port may have, those that are sold in a region first; in the order of the type where none is said. */
export const waysOn = ({ ways }: Port, region: Region | null): readonly PortWay[] =>
  soldFirst(ways, ({ end }) => end, region);

/** The port of its type that an opening is; undefined where it is none of them. */
export const portOf = (tank: Tank, { portId }: { readonly portId: string | null }): Port | undefined =>
  portId === null
    ? undefined
    : tankType(tank.type)
        .ports(tank)
        .find(({ id }) => id === portId);
