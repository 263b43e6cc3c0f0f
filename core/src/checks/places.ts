import type { Inflow, Job, Mark, Penetration, Roof, Terminal } from '../job/job';
import type { JudgedJoint } from '../derived/context';
import type { Place } from './finding';

export const atPenetration = (penetration: Penetration): Place => ({
  kind: 'penetration',
  id: penetration.id,
  penetrationId: penetration.id,
  label: penetration.label,
});

export const atJoint = ({ joint, name, penetration }: JudgedJoint): Place => ({
  kind: 'joint',
  id: joint.id,
  penetrationId: penetration?.id,
  label: name,
});

export const atTank = (tank: Job['tanks'][number]): Place => ({ kind: 'tank', id: tank.id, label: tank.label });

/** At a part of a run. */
export const atPart = (partId: string, { id, label }: Penetration): Place => ({
  kind: 'part',
  id: partId,
  penetrationId: id,
  label,
});

const PLACES = { roofs: 'roof', inflows: 'inflow', terminals: 'terminal', marks: 'mark' } as const;

/** At something of the site: a roof, an inflow, a place where a run ends, a mark. */
export const atSite = (
  collection: keyof typeof PLACES,
  { id, name }: Pick<Roof | Inflow | Terminal | Mark, 'id' | 'name'>,
): Place => ({ kind: PLACES[collection], id, label: name });
