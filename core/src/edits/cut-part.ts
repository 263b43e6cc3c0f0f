import { type Slope, rising } from '../job/placed-part';
import { isByLength } from '../fittings/part';
import { formatLength } from '../quantity/length';
import { err, ok } from '../result';
import { type EndRef, MOST_CUT_M, PART_END } from '../job/job';
import { put, replace } from './change';
import { type EditBy, defineEdit } from './edit-kind';

/** A saw is not set finer than this [m]. */
const SAW_M = 0.001;

export const cutPart = defineEdit({
  type: 'cut-part',
  says: 'Cuts a length in two. The near piece keeps its name and what is on its near end; the far piece takes what was on the far end',
  data: {
    partId: { kind: 'id' },
    farEnd: { ...PART_END, says: 'The end of the part that the far piece shall have: 0 or 1' },
    nearM: { kind: 'length', least: 0, most: MOST_CUT_M, orUnknown: true },
    farM: { kind: 'length', least: 0, most: MOST_CUT_M, orUnknown: true },
    newPartId: { kind: 'id' },
  },
  changes: (job, { partId, farEnd, nearM, farM, newPartId }, catalogue) => {
    const part = job.parts.find(({ id }) => id === partId);
    if (!part) return err({ code: 'gone', message: 'This part has been taken out since.' });
    if (job.parts.some(({ id }) => id === newPartId))
      return err({ code: 'taken', message: 'This part is there already.' });
    const found = catalogue.byCode.get(part.code);
    if (!found || !isByLength(found) || farEnd < 0 || farEnd > 1)
      return err({ code: 'not-possible', message: 'Only pipe and hose are cut.' });
    if (part.lengthM !== null && (nearM ?? 0) + (farM ?? 0) > part.lengthM + SAW_M)
      return err({
        code: 'not-possible',
        message: `The two pieces are longer than what is cut: it is ${formatLength(part.lengthM, job.measures)}.`,
      });
    const isFar = (ref: EndRef): boolean => ref.of === 'part' && ref.id === partId && ref.end === farEnd;
    const moved = (ref: EndRef): EndRef => (isFar(ref) ? { of: 'part', id: newPartId, end: farEnd } : ref);
    // What rises by so much does so by its share; what falls so much for its length goes on to.
    const { slope, lengthM: wholeM } = part;
    const shareOf = (lengthM: number | null): Slope | null =>
      slope?.by !== 'rise'
        ? slope
        : wholeM === null || lengthM === null
          ? null
          : rising((slope.riseM * lengthM) / wholeM);
    return ok([
      put(job, 'parts', { ...part, id: newPartId, lengthM: farM, slope: shareOf(farM) }),
      replace(job, 'parts', part, { ...part, lengthM: nearM, slope: shareOf(nearM) }),
      ...job.joints
        .filter(({ a, b }) => isFar(a) || isFar(b))
        .map((joint) => replace(job, 'joints', joint, { ...joint, a: moved(joint.a), b: moved(joint.b) })),
    ]);
  },
  label: ({ partId }, job) => `Cut ${job.parts.find(({ id }) => id === partId)?.code ?? 'a pipe'}`,
});
export type CutPart = EditBy<typeof cutPart>;
