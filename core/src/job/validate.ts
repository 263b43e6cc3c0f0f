import { isCoiled } from '../fittings/flexible';
import { parseEnd } from '../connections/parse';
import type { Catalogue } from '../fittings/catalogue';
import { isByLength, ownLengthM } from '../fittings/part';
import { listsAlike, memoize, memoizeBoth, reuseEqual } from '../quantity/memoize';
import { faultWords, faultsOf } from '../record/faults';
import type { FieldProblem } from '../result';
import { faceOf } from '../walls/forms';
import { isTankType } from '../walls/tank-types';
import { COLLECTIONS, type EndRef, JOB, type Job, type Penetration, SETTINGS, refKey, titleOf } from './job';
import { tankOf } from './lookup';
import { referenceProblems } from './references';
import { placeProblems } from './validate-places';
import { tankProblems } from './validate-tank';

/**
 * Everything in a job that is not as it is described, or that contradicts itself: kinds, ranges and choices of every
 * field, references to nothing, two joints on one end, a hole above its tank, a wall thicker than the tank. An empty list
 * means the document can be trusted.
 */
export const validateJob = memoizeBoth((job: Job, catalogue: Catalogue): readonly FieldProblem[] => {
  const described = descriptionProblems(job);
  // What is not as described cannot be asked whether it contradicts itself.
  if (described.length > 0) return described;
  return [
    ...(job.name.trim() === '' ? [{ path: 'name', message: 'A job needs a name.' }] : []),
    ...referenceProblems(job),
    ...job.tanks.flatMap(tankProblems),
    ...placeProblems(job),
    ...job.penetrations.flatMap((penetration, index) => penetrationProblems(penetration, index, job)),
    ...gatherAt(job.parts, 'parts', (part) => partProblems(part, catalogue)),
    ...job.terminals.flatMap(({ offers }, index) => endTextProblems(offers, `terminals[${index}].offers`)),
    ...jointProblems(job, catalogue),
  ];
});

/** In what a document is not as its records are described; of something that is no job at all too. */
export function descriptionProblems(job: Job): readonly FieldProblem[] {
  if (typeof job !== 'object' || job === null) return [{ path: '', message: 'A job is an object.' }];
  const measures = job.measures === 'in-gal' ? 'in-gal' : 'mm-l';
  return faultsOf(JOB_FIELD, job).map((fault) => ({
    path: fault.path,
    message: faultWords(fault, ownerOf(job, fault.path), measures),
  }));
}
const JOB_FIELD = { kind: 'group', of: JOB } as const;

/** The name of the record that a path leads into; empty: the job itself. */
function ownerOf(job: Job, path: string): string {
  const [, collection = '', index = ''] = /^(\w+)\[(\d+)\]/.exec(path) ?? [];
  const name = COLLECTIONS.find((one) => one === collection);
  const record = name === undefined ? undefined : job[name][Number(index)];
  if (typeof record === 'object' && record !== null) {
    const title: unknown = titleOf(record);
    if (typeof title === 'string' && title !== '') return title;
  }
  return Object.hasOwn(SETTINGS, path) ? 'the job' : '';
}

/** What a text says that is no end. */
function endTextProblems(text: string | null, path: string): FieldProblem[] {
  if (text === null) return [];
  const parsed = parseEnd(text);
  return parsed.ok ? [] : [{ path, message: `${text} is no end: ${parsed.error.word || 'it stops too soon'}.` }];
}

function penetrationProblems(penetration: Penetration, index: number, job: Job): FieldProblem[] {
  const at = (field: string): string => `penetrations[${index}].${field}`;
  const { label } = penetration;
  const tank = tankOf(job, penetration);
  if (!tank || !isTankType(tank.type)) return [];
  const problems: FieldProblem[] = [];
  const say = (wrong: boolean, field: string, message: string): void => {
    if (wrong) problems.push({ path: at(field), message });
  };
  const shape = faceOf(tank, penetration.face);
  if (!shape) return [{ path: at('face'), message: `${tank.label} has no ${penetration.face} for ${label} to be in.` }];
  say(
    penetration.heightM > tank.heightM,
    'heightM',
    `${label} is outside ${tank.label}: its height is from the base to the lid.`,
  );
  say(
    penetration.aroundM > shape.acrossM,
    'aroundM',
    shape.seen === 'wall'
      ? `${label} is further round than ${tank.label} is.`
      : `${label} is outside the ${shape.name.toLowerCase()} of ${tank.label}.`,
  );
  say(
    penetration.depthM > (shape.seen === 'plan' ? shape.alongM : 0),
    'depthM',
    `${label} is outside the ${shape.name.toLowerCase()} of ${tank.label}.`,
  );
  say(
    penetration.holeM !== null && penetration.holeM > Math.min(shape.acrossM, shape.alongM),
    'holeM',
    `The hole of ${label} is larger than ${tank.label}.`,
  );
  say(
    penetration.shutsM !== null && penetration.shutsM > tank.brimM,
    'shutsM',
    `The float valve of ${label} shuts above the base and not above the brim.`,
  );
  say(
    penetration.port === null && penetration.portUse !== null,
    'portUse',
    `${label} is a drilled hole: there is no port to use or plug.`,
  );
  return [...problems, ...endTextProblems(penetration.port, at('port'))];
}

/** What is wrong with the records of a list, each with its place before its field. */
function gatherAt<Item>(
  list: readonly Item[],
  name: string,
  of: (item: Item) => readonly FieldProblem[],
): FieldProblem[] {
  const problems: FieldProblem[] = [];
  for (const [index, item] of list.entries())
    for (const { path, message } of of(item)) problems.push({ path: `${name}[${index}].${path}`, message });
  return problems;
}

/** A part that does not change is looked at once, however often its document is. */
const partProblems = memoizeBoth((part: Job['parts'][number], catalogue: Catalogue): readonly FieldProblem[] => {
  const found = catalogue.byCode.get(part.code);
  if (!found) return [{ path: 'code', message: `${part.code} is not in the catalogue.` }];
  const say = (wrong: boolean, field: string, message: string): FieldProblem[] =>
    wrong ? [{ path: field, message }] : [];
  const { lengthM, slope } = part;
  const longM = ownLengthM(found, part);
  const steep = say(
    slope?.by === 'rise' && longM != null && Math.abs(slope.riseM) > longM,
    'slope.riseM',
    `${found.name} cannot rise or fall by more than its own length.`,
  );
  if (!isByLength(found))
    return [
      ...say(slope?.by === 'fall', 'slope', `${found.name} is a piece and goes where it points.`),
      ...say(lengthM !== null, 'lengthM', `${found.name} is a piece and has no length to give.`),
      ...say(
        slope?.by === 'rise' && found.readyM === undefined,
        'slope',
        `${found.name} is a piece and goes where it points.`,
      ),
      ...steep,
      ...say(part.lengthKind !== 'computed', 'lengthKind', `${found.name} is a piece and is not cut.`),
      ...say(part.cutAtCounter, 'cutAtCounter', `${found.name} is a piece and is not cut.`),
    ];
  return [
    ...say(
      part.trimAt !== null && part.lengthKind !== 'left-long',
      'trimAt',
      `${found.name} is trimmed later only where it is left long.`,
    ),
    ...say(part.cutAtCounter && !isCoiled(found), 'cutAtCounter', `${found.name} comes in lengths: no coil is cut.`),
    ...steep,
  ];
});

/** Joints of which a side is where another is already; daylight takes any number of ends, every other end takes one. */
const metTwice = memoize((joints: Job['joints']): readonly FieldProblem[] => {
  const used = new Set<string>();
  return gatherAt(joints, 'joints', (joint) =>
    SIDES_OF_JOINT.flatMap((side) => {
      const ref = joint[side];
      if (ref.of === 'terminal') return [];
      const key = refKey(ref);
      if (used.has(key)) return [{ path: side, message: 'This joint ends where another already is.' }];
      used.add(key);
      return [];
    }),
  );
});
const SIDES_OF_JOINT = ['a', 'b'] as const;

type Parts = Job['parts'];
/** The list of parts as it was, as long as the same parts stand in it: what is said of them has no part in their ends. */
const sameParts = reuseEqual<Catalogue, Parts>(listsAlike((a, b) => a.id === b.id && a.code === b.code));
const endsOf = memoizeBoth(
  (parts: Parts, catalogue: Catalogue) =>
    new Map(parts.map(({ id, code }) => [id, catalogue.byCode.get(code)?.ends.length ?? Infinity])),
);

/** Joints on an end that a part, which is there, does not have. */
const onNoEnd = memoizeBoth((joints: Job['joints'], ends: ReadonlyMap<string, number>): readonly FieldProblem[] => {
  const hasEnd = (ref: EndRef): boolean => ref.of !== 'part' || ref.end < (ends.get(ref.id) ?? Infinity);
  return gatherAt(joints, 'joints', (joint) =>
    SIDES_OF_JOINT.flatMap((side) =>
      hasEnd(joint[side]) ? [] : [{ path: side, message: 'This joint ends on something that is not there.' }],
    ),
  );
});

const jointProblems = ({ joints, parts }: Job, catalogue: Catalogue): readonly FieldProblem[] => [
  ...onNoEnd(joints, endsOf(sameParts(catalogue, parts), catalogue)),
  ...metTwice(joints),
];
