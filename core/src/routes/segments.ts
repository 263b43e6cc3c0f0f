import { type Flow, flowInto } from '../assembly/flow';
import type { Capability } from '../fittings/capability';
import { CAPABILITIES, can, sealsWall } from '../fittings/capability';
import type { Catalogue } from '../fittings/catalogue';
import { type Feature, type Part, isByLength } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import { applyEdits, type Edit } from '../edits/edits';
import type { Job } from '../job/job';
import { resolveEnd } from '../derived/resolve';
import { type StrandItem, indexJob, otherSide } from '../derived/run';
import { insertChain, turnedRound } from './chain-edits';
import type { RouteLink } from './find-routes';
import type { OpenEnd } from './way-index';

/** Fittings in a row that another row could stand for: what is before it and after it stays. */
export interface Segment {
  readonly items: readonly StrandItem[];
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  /** What its parts do, and what stands for them must do as well. */
  readonly does: readonly Capability[];
  readonly place: string;
  /** Which way the water goes, seen from `from`. */
  readonly flow: Flow;
}

/** What nothing but itself stands for. */
const ITSELF: readonly Feature[] = [
  'pump',
  'vessel',
  'timer',
  'float-arm',
  'diverter',
  'vacuum-breaker',
  'branch',
  'screen',
];

/** May another part stand here? Not for what is cut to length, seals a wall, branches, stands already, or ends the line. */
const replaceable = ({ part, placed, outEnd }: StrandItem): boolean =>
  !placed.existing &&
  !isByLength(part) &&
  outEnd !== undefined &&
  part.ends.length === 2 &&
  !part.features.some((feature) => ITSELF.includes(feature)) &&
  !sealsWall(part);

const doneBy = (items: readonly StrandItem[]): readonly Capability[] =>
  CAPABILITIES.filter((one) => one !== 'slip' && items.some(({ part }) => can(part, one)));

/** A segment from one joint to another, as long as both are there and known. */
export function segmentOf(items: readonly StrandItem[], place: string, context: CheckContext): Segment | undefined {
  const { job, index } = context;
  const [first, last] = [items[0], items.at(-1)];
  if (!first?.jointIn || last?.outEnd === undefined) return undefined;
  const outRef = { of: 'part', id: last.placed.id, end: last.outEnd } as const;
  const jointOut = index.jointAt(outRef);
  if (!jointOut) return undefined;
  const before = resolveEnd(
    otherSide(first.jointIn, { of: 'part', id: first.placed.id, end: first.inEnd }),
    job,
    index,
  );
  const after = resolveEnd(otherSide(jointOut, outRef), job, index);
  return before.end && after.end
    ? {
        items,
        place,
        from: { end: before.end, material: before.material, service: context.judgedOf(first.jointIn.id)?.service },
        to: { end: after.end, material: after.material, service: context.judgedOf(jointOut.id)?.service },
        does: doneBy(items),
        flow: flowInto({ of: 'part', id: first.placed.id, end: first.inEnd }, first.jointIn, context),
      }
    : undefined;
}

/** The longest segments of a job, in the order of its runs; each part is in one at most. */
export function segmentsOf(context: CheckContext): readonly Segment[] {
  const seen = new Set<string>();
  return context.runs.flatMap(({ penetration, strands }) =>
    strands.flatMap(({ items }) => {
      const rows: StrandItem[][] = [[]];
      for (const item of items) {
        const fresh = !seen.has(item.placed.id);
        seen.add(item.placed.id);
        if (fresh && replaceable(item)) rows.at(-1)?.push(item);
        else rows.push([]);
      }
      return rows.flatMap((row) => segmentOf(row, penetration.label, context) ?? []);
    }),
  );
}

/** May this chain stand for a segment? Not with what is cut to length, nor with a tap in the middle of a line. */
export const mayStandFor = ({ items }: Pick<Segment, 'items'>, links: readonly RouteLink[]): boolean =>
  links.every(
    ({ part }) =>
      !isByLength(part) &&
      (!part.features.includes('spout') || items.some((item) => item.part.features.includes('spout'))),
  );

/** What a row of parts costs that are bought one by one. */
export const priceOf = (parts: readonly Part[]): number => parts.reduce((sum, { priceUsd }) => sum + priceUsd, 0);

/** The edits that put a chain in the place of a segment, and the job after them. @throws RangeError the segment is of another job */
export function replaceSegment(
  job: Job,
  { items }: Pick<Segment, 'items'>,
  links: readonly RouteLink[],
  catalogue: Catalogue,
): { readonly edits: readonly Edit[]; readonly job: Job } {
  let now = job;
  const edits: Edit[] = [];
  const make = (some: readonly Edit[]): void => {
    const made = applyEdits(now, some, catalogue);
    if (!made.ok) throw new RangeError(`replaceSegment: ${made.error.message}`);
    now = made.value.job;
    edits.push(...some);
  };
  const [first] = items;
  const last = items.at(-1);
  if (!first || last?.outEnd === undefined) return { edits, job };
  const before = first.jointIn && otherSide(first.jointIn, { of: 'part', id: first.placed.id, end: first.inEnd });
  make(items.map(({ placed }) => ({ type: 'remove-part', partId: placed.id })));
  const met = before && indexJob(now, catalogue).jointAt(before);
  if (!met || !before) return { edits, job: now };
  // The chain is found from the tank outward; the joint may have been made from the far side.
  const turned = met.a.of !== before.of || met.a.id !== before.id;
  const chain = turned ? turnedRound(links) : links;
  make(insertChain(now, met.id, { links: chain, priceUsd: 0 }, '').edits);
  return { edits, job: now };
}
