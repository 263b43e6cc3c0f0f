'use client';

import { type Settable, type Tank, setField, type Held } from '@herrero/core';
import { useJob } from '../../store/job-provider';

/** Sets one field of a tank; answers with a sentence where it cannot be. */
export function useTankField(tank: Tank) {
  const make = useJob((state) => state.make);
  return <Name extends Settable<'tanks'>>(field: Name, to: Held<'tanks', Name>): string | undefined =>
    make([setField('tanks', tank, field, to)])?.message;
}
