import type { JobBuilder } from '../edits/build-job';
import { setField } from '../edits/change-field';

/** Gives a roof, a place or an opening of a pattern the name that it has on its site. */
export function called(
  { edit, job }: Pick<JobBuilder, 'edit' | 'job'>,
  kind: 'roofs' | 'terminals' | 'penetrations',
  id: string,
  name: string,
): void {
  const things = job()[kind] as readonly { readonly id: string; readonly name: string }[];
  const thing = things.find((one) => one.id === id);
  if (!thing) throw new RangeError(`called: there is no ${id}`);
  edit(setField(kind, thing as never, 'name', name));
}
