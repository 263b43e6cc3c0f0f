'use client';

import { type Edit } from '@herrero/core';
import { useJob } from '../desk/job-provider';

type SiteCollection = Extract<Edit, { type: 'remove-place' }>['in'];

/** Sets one field of a roof, an inflow, a place or a mark; answers with a sentence where it cannot be. */
export function useSiteField<Item extends { readonly id: string }>(collection: SiteCollection, record: Item) {
  const make = useJob((state) => state.make);
  return <Field extends keyof Item & string>(field: Field, to: Item[Field]): string | undefined =>
    make([{ type: 'change-field', in: collection, id: record.id, field, from: record[field], to }])?.message;
}
