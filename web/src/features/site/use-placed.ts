'use client';

import { type Edit, type Placed, type PlanRef, type Tank, setField } from '@herrero/core';
import { useJob } from '../../store/job-provider';

/** The thing of a key, with its place and how it is set. */
export interface PlacedThing {
  readonly ref: PlanRef;
  readonly placed: Placed | null;
  readonly tank: Tank | undefined;
  /** The edit that places it. */
  readonly place: (to: Placed | null) => Edit;
}

/** What a key of the site names, where it can have a place on the plan. */
export function usePlaced(key: string | null): PlacedThing | undefined {
  const { marks, roofs, terminals, tanks } = useJob((state) => state.job);
  const [of, id] = [key?.slice(0, key.indexOf(' ')), key?.slice(key.indexOf(' ') + 1)];
  const mark = of === 'mark' ? marks.find((one) => one.id === id && one.kind === 'reference') : undefined;
  if (mark) return thing({ of: 'mark', id: mark.id }, mark.placed, (to) => setField('marks', mark, 'placed', to));
  const roof = of === 'roof' ? roofs.find((one) => one.id === id) : undefined;
  if (roof) return thing({ of: 'roof', id: roof.id }, roof.placed, (to) => setField('roofs', roof, 'placed', to));
  const terminal = of === 'terminal' ? terminals.find((one) => one.id === id) : undefined;
  if (terminal)
    return thing({ of: 'terminal', id: terminal.id }, terminal.placed, (to) =>
      setField('terminals', terminal, 'placed', to),
    );
  const tank = of === 'tank' ? tanks.find((one) => one.id === id) : undefined;
  return (
    tank && { ...thing({ of: 'tank', id: tank.id }, tank.placed, (to) => setField('tanks', tank, 'placed', to)), tank }
  );
}

const thing = (ref: PlanRef, placed: Placed | null, place: PlacedThing['place']): PlacedThing => ({
  ref,
  placed,
  tank: undefined,
  place,
});
