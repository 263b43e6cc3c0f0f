import { err, ok } from '../../result';
import type { Job, Settings } from '../job';
import { type Change, type Collection, type JobRecord, SETTINGS, replace, sameData } from './change';
import { defineEdit } from './edit-kind';

/** The fields that may be set one by one; everything else is changed by an edit of its own. */
const FIELDS = {
  settings: SETTINGS,
  roofs: ['name', 'planAreaM2', 'material', 'fixedTo', 'into', 'readings'],
  inflows: ['name', 'kind', 'rateM3s', 'into', 'airGapM'],
  marks: ['name', 'readings', 'finishedM'],
  tanks: [
    'type',
    'capacityM3',
    'diameterM',
    'baseDiameterM',
    'lengthM',
    'widthM',
    'brimM',
    'heightM',
    'wallM',
    'plinthM',
    'buriedM',
    'accessM',
    'metered',
    'base',
    'ratedKg',
    'planks',
    'contents',
    'foodGrade',
    'cleaning',
    'dark',
    'filledAsBuried',
    'braced',
    'anchorKg',
    'pump',
  ],
  penetrations: [
    'name',
    'roles',
    'size',
    'face',
    'heightM',
    'aroundM',
    'depthM',
    'holeM',
    'port',
    'portUse',
    'drawnIn',
    'supported',
    'shutsM',
    'comesApart',
  ],
  parts: ['lengthM', 'existing', 'points', 'riseM', 'held', 'lengthKind', 'trimAt'],
  joints: ['accepted', 'madeWith'],
  terminals: [
    'name',
    'kind',
    'offers',
    'distanceM',
    'readings',
    'throughM',
    'mains',
    'wantsKpa',
    'wantsM3s',
    'vesselM',
    'reserveM3',
  ],
} as const satisfies Record<Collection | 'settings', readonly string[]>;

/** Sets one field from what the person saw to what they want; refused when somebody else has changed it since. */
export interface ChangeField {
  readonly type: 'change-field';
  readonly in: Collection | 'settings';
  /** Absent for the settings of the job. */
  readonly id?: string | undefined;
  readonly field: string;
  readonly from: unknown;
  readonly to: unknown;
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  heightM: 'height',
  aroundM: 'place',
  lengthM: 'length',
  holeM: 'hole',
  capacityM3: 'capacity',
  diameterM: 'diameter',
  brimM: 'brim',
  wallM: 'wall',
  plinthM: 'plinth',
  planAreaM2: 'area',
  distanceM: 'distance',
  readings: 'height',
  material: 'material',
  fixedTo: 'wall',
  into: 'opening',
  rateM3s: 'rate',
  airGapM: 'air gap',
  finishedM: 'finished ground',
  throughM: 'wall',
  wantsKpa: 'pressure',
  wantsM3s: 'flow',
  vesselM: 'vessel',
  reserveM3: 'reserve',
  depthM: 'place',
  baseDiameterM: 'diameter at the base',
  widthM: 'width',
  buriedM: 'depth in the ground',
  accessM: 'way in',
  metered: 'metered fill',
  ratedKg: 'rating',
  foodGrade: 'food grade',
  dark: 'cover against light',
  filledAsBuried: 'way of burying',
  anchorKg: 'anchors',
  portUse: 'use',
  drawnIn: 'way in from inside',
  shutsM: 'level at which it shuts',
  armM: 'length of the arm',
  sedimentM: 'depth of sediment',
  groundWaterM: 'ground water',
  frostM: 'depth of frost',
  groundKpa: 'bearing of the ground',
  stormMmPerH: 'storm',
  standM: 'safe stand',
  fallShare: 'least fall',
  coverM: 'cover',
  sunPlan: 'care against sun',
  frostPlan: 'care against frost',
  drinking: 'use for drinking',
  comesApart: 'way it is made',
  points: 'direction',
  riseM: 'rise',
  existing: 'state',
  held: 'support',
  madeWith: 'sealant',
  mains: 'supply',
  lengthKind: 'way its length is taken',
  trimAt: 'step at which it is trimmed',
  spares: 'spares',
  currency: 'currency',
  taxPercent: 'tax',
};

const titleOf = (record: JobRecord | undefined): string =>
  record === undefined
    ? ''
    : 'label' in record
      ? record.label
      : 'number' in record
        ? `J${record.number}`
        : 'code' in record
          ? record.code
          : record.name;

export const changeField = defineEdit<ChangeField>({
  type: 'change-field',
  changes: (job, edit) => {
    const allowed: readonly string[] = FIELDS[edit.in];
    if (!allowed.includes(edit.field))
      return err({ code: 'not-possible', message: `${edit.field} cannot be set by itself.` });
    if (edit.in === 'settings') return settingChange(job, edit);
    const list: readonly JobRecord[] = job[edit.in];
    const record = list.find(({ id }) => id === edit.id);
    if (!record) return err({ code: 'gone', message: 'What you changed has been taken away since.' });
    const now = record[edit.field as keyof JobRecord] as unknown;
    if (!sameData(now, edit.from))
      return err({
        code: 'changed-since',
        message: `The ${wordOf(edit.field)} of ${titleOf(record)} was changed since.`,
        now,
      });
    return ok([replace(job, edit.in, record, { ...record, [edit.field]: edit.to })]);
  },
  label: (edit, job) => {
    const list: readonly JobRecord[] = edit.in === 'settings' ? [] : job[edit.in];
    const title = titleOf(list.find(({ id }) => id === edit.id));
    return `Set the ${wordOf(edit.field)}${title === '' ? '' : ` of ${title}`}`;
  },
});

const wordOf = (field: string): string => FIELD_WORDS[field] ?? field;

function settingChange(job: Job, { field, from, to }: ChangeField) {
  const now = job[field as keyof Settings];
  if (!sameData(now, from))
    return err({
      code: 'changed-since' as const,
      message: `The ${wordOf(field)} of the job was changed since.`,
      now,
    });
  const change: Change = { in: 'settings', from: { [field]: from }, to: { [field]: to } };
  return ok([change]);
}
