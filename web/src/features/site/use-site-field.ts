'use client';

import { type Edit, type RecordIn, type Settable, setField, type Held } from '@herrero/core';
import { useJob } from '../../store/job-provider';

type SiteCollection = Extract<Edit, { type: 'remove-place' }>['in'];

/** Sets one field of a roof, an inflow, a place or a mark; answers with a sentence where it cannot be. */
export function useSiteField<In extends SiteCollection>(collection: In, record: RecordIn<In>) {
  const make = useJob((state) => state.make);
  return <Name extends Settable<In>>(field: Name, to: Held<In, Name>): string | undefined =>
    make([setField(collection, record, field, to)])?.message;
}
