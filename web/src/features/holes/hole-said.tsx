'use client';

import { type Penetration, setField } from '@herrero/core';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';

/** What of an opening no figure tells: is it there already, is it drawn in on a cord, what holds what hangs on it. */
export function HoleSaid({ penetration }: { readonly penetration: Penetration }) {
  const make = useJob((state) => state.make);
  const set = (field: 'stands' | 'drawnIn' | 'supported', to: boolean): void =>
    void make([setField('penetrations', penetration, field, to)]);
  return (
    <>
      <YesNo label="It is there already and works" value={penetration.stands} onChange={(to) => set('stands', to)} />
      {penetration.port === null && (
        <YesNo label="Drawn in on a cord" value={penetration.drawnIn} onChange={(to) => set('drawnIn', to)} />
      )}
      <YesNo label="Held by a strap or a stand" value={penetration.supported} onChange={(to) => set('supported', to)} />
    </>
  );
}
