import { dequal } from 'dequal';
import type { Collection, RecordIn } from '../job/job';
import { type ChangeField, type Held, type Settable, setField } from './change-field';

/** Edits by which a field of several records becomes the same; those of which it is so already are left alone. */
export const setAll = <In extends Collection, Name extends Settable<In>>(
  collection: In,
  records: readonly RecordIn<In>[],
  field: Name,
  to: Held<In, Name>,
): readonly ChangeField[] =>
  records
    .filter((record) => !dequal((record as unknown as Readonly<Record<string, unknown>>)[field], to))
    .map((record) => setField(collection, record, field, to));

/** Edits by which others become in these fields as one record is. */
export const makeAlike = <In extends Collection, Name extends Settable<In>>(
  collection: In,
  model: RecordIn<In>,
  others: readonly RecordIn<In>[],
  fields: readonly Name[],
): readonly ChangeField[] =>
  fields.flatMap((field) =>
    setAll(
      collection,
      others,
      field,
      (model as unknown as Readonly<Record<string, unknown>>)[field] as Held<In, typeof field>,
    ),
  );
