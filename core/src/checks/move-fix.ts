import { type ChangeField, setField } from '../edits/change-field';
import type { Penetration } from '../job/job';
import { PLACE_FIELDS, type WallPlace } from '../walls/tank';
import type { Fix } from './finding';

/** Moves an opening on its face; says how far up it stands then, and how far round where that changes. */
export function moveFix(hole: Penetration, to: WallPlace, text?: string, data: Fix['data'] = {}): Fix {
  const fields = PLACE_FIELDS.filter((field) => to[field] !== hole[field]);
  const round = fields.some((field) => field !== 'heightM');
  return {
    text: text ?? (round ? 'Move it: {up} up, {round} along' : 'Move it to {up}'),
    data: { up: { lengthM: to.heightM }, round: { lengthM: to.aroundM }, ...data },
    edits: fields.map((field) => setField('penetrations', hole, field, to[field])),
    partsAdded: 0,
    priceUsd: 0,
  };
}

/** A fix that sets one field and buys nothing. */
export const setFix = (edit: ChangeField, text: string, data: Fix['data'] = {}): Fix => ({
  text,
  data,
  edits: [edit],
  partsAdded: 0,
  priceUsd: 0,
});
