/** What an opening is for. One opening may have several roles. */
export const ROLES = [
  'inlet',
  'overflow',
  'vent',
  'draw-off',
  'pump-line',
  'cord-entry',
  'drain',
  'link',
  'sight-tube',
  'float-fill',
  'tanker-fill',
  'access',
  'clearance',
  'spare',
] as const;
export type Role = (typeof ROLES)[number];

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  inlet: 'Inlet',
  overflow: 'Overflow',
  vent: 'Vent',
  'draw-off': 'Draw-off',
  'pump-line': 'Pump line',
  'cord-entry': 'Power cord entry',
  drain: 'Drain',
  link: 'Link',
  'sight-tube': 'Sight tube',
  'float-fill': 'Float-valve fill',
  'tanker-fill': 'Tanker fill',
  access: 'Access or riser',
  clearance: 'Clearance hole',
  spare: 'Spare, capped',
};

/** Roles in which water is meant to enter. */
export const FILLS: readonly Role[] = ['inlet', 'float-fill', 'tanker-fill'];
/** By which rain or a tanker pours in: an overflow is held against the largest of them. */
export const POURS_IN: readonly Role[] = ['inlet', 'tanker-fill'];
/** Openings in a side by which surplus water leaves, if it comes to them before the overflow. */
export const SPILLS_BY: readonly Role[] = ['inlet', 'vent', 'cord-entry', 'float-fill'];
/** Roles in which water is drawn. */
export const DRAWS: readonly Role[] = ['draw-off', 'pump-line'];
/** Roles in which water leaves the tank. */
export const LEAVES: readonly Role[] = [...DRAWS, 'overflow', 'drain'];

/** Openings whose far end stands in the open air: screened, and never shut. */
export const TO_THE_AIR: readonly Role[] = ['vent', 'overflow'];

/** A cord or a hand goes through: no run of water or air. */
const NO_RUN: readonly Role[] = ['cord-entry', 'access'];

/** Is an opening of these roles for a run at all? One of which nobody has said what it is for may be. */
export const passesWater = (roles: readonly Role[]): boolean =>
  roles.length === 0 || roles.some((role) => !NO_RUN.includes(role));

/** Does water only leave by an opening of these roles, or only come in? Undefined where it does both, or where only air goes. */
export function waterGoes(roles: readonly Role[]): 'out' | 'in' | undefined {
  const [leaves, fills] = [LEAVES, FILLS].map((some) => roles.some((role) => some.includes(role)));
  return leaves === fills ? undefined : leaves ? 'out' : 'in';
}
