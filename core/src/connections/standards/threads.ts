import type { NominalSize } from '../../quantity/size';
import type { ThreadEnd } from '../end';
import { CONTAINER_THREADS } from './containers';
import { g } from './iso-228';
import { r, rc, rp } from './iso-7';
import { nh } from './nh';
import { nps, npsh, npsm } from './nps';
import { npt } from './npt';
import type { ThreadForm, ThreadStandard } from './thread-standard';

/** Every thread standard Herrero knows. A new one: its file, and a line here. */
export const THREAD_STANDARDS: readonly ThreadStandard[] = [
  npt,
  nh,
  npsm,
  npsh,
  nps,
  r,
  rc,
  rp,
  g,
  ...CONTAINER_THREADS,
];

const BY_ID = new Map(THREAD_STANDARDS.map((standard) => [standard.id, standard]));

/** @throws RangeError no standard is registered under this id */
export function threadStandard(id: string): ThreadStandard {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`threadStandard: none called ${id}`);
  return found;
}

interface Forms {
  readonly male?: ThreadForm;
  readonly female?: ThreadForm;
  readonly nut?: ThreadForm;
}

/** The forms of every end there is, made once: judging a pair is then two look-ups and arithmetic. */
const FORMS: ReadonlyMap<string, ReadonlyMap<NominalSize, Forms>> = new Map(
  THREAD_STANDARDS.map((standard) => [
    standard.id,
    new Map(
      standard.sizes.map((size): [NominalSize, Forms] => [
        size,
        {
          ...(standard.sexes.includes('male') ? { male: standard.form(size, 'male') } : {}),
          ...(standard.sexes.includes('female')
            ? { female: standard.form(size, 'female'), nut: standard.form(size, 'nut') }
            : {}),
        },
      ]),
    ),
  ]),
);

/** The form of a threaded end. @throws RangeError it is not made in this size or sex */
export function threadForm(end: ThreadEnd): ThreadForm {
  const forms = FORMS.get(end.standard)?.get(end.size);
  const form = end.sex === 'male' ? forms?.male : end.swivel ? forms?.nut : forms?.female;
  if (!form) throw new RangeError(`threadForm: ${end.standard} is not made ${end.size} ${end.sex}`);
  return form;
}
