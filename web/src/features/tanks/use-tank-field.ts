'use client';

import { type Tank } from '@herrero/core';
import { useJob } from '../desk/job-provider';

/** Sets one field of a tank; answers with a sentence where it cannot be. */
export function useTankField(tank: Tank) {
  const make = useJob((state) => state.make);
  return <Field extends keyof Tank>(field: Field, to: Tank[Field]): string | undefined =>
    make([{ type: 'change-field', in: 'tanks', id: tank.id, field, from: tank[field], to }])?.message;
}
