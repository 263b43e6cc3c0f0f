import {
  type CheckContext,
  type Course,
  type Leg,
  type Run,
  type Strand,
  type StrandEnd,
  endName,
  holeById,
  isByLength,
  toSpace,
} from '@herrero/core';

/** A piece of a run with its number, and the parts that it lies between. */
export interface NumberedLeg {
  readonly number: number;
  readonly leg: Leg;
  readonly before: string;
  readonly after: string;
}

/** The pieces of a run that are cut, numbered along the flow from the tank, branches after the line that they leave. */
export function numberedLegs({ strands }: Run, course: Course, { job, index }: CheckContext): readonly NumberedLeg[] {
  let number = 0;
  const cameFrom = ({ of, id }: Strand['from']): string =>
    of === 'part' ? (index.placed(id)?.part.name.toLowerCase() ?? '') : `hole ${holeById(job, id)?.label ?? ''}`;
  const goesTo = (end: StrandEnd): string => `${end.at === 'hole' ? 'hole ' : ''}${endName(job, end)}` || 'end open';
  return strands.flatMap((strand) => {
    const { from, end } = strand;
    return (course.along.get(strand) ?? []).flatMap((leg, place, legs): readonly NumberedLeg[] => {
      if (!isByLength(leg.part)) return [];
      const next = legs[place + 1];
      const before = legs[place - 1]?.part.name.toLowerCase() ?? cameFrom(from);
      const after = next?.part.name.toLowerCase() ?? goesTo(end);
      return [{ number: ++number, leg, before, after }];
    });
  });
}

const LEVEL = 0.02;

/** The way a piece goes, as somebody says who stands before the opening: 'out', 'down', 'right, falling'. */
export function goesWords({ from, to }: Leg): string {
  const step = { out: to.out - from.out, right: to.right - from.right, up: to.up - from.up };
  const long = Math.hypot(step.out, step.right, step.up) || 1;
  const ways = [
    [step.out, 'out', 'back'],
    [step.right, 'right', 'left'],
  ] as const;
  const level = ways
    .filter(([value]) => Math.abs(value) / long > LEVEL)
    .toSorted(([a], [b]) => Math.abs(b) - Math.abs(a))
    .map(([value, more, less]) => (value > 0 ? more : less));
  const share = step.up / long;
  const upright =
    Math.abs(share) < 0.002 ? '' : level.length === 0 ? (share > 0 ? 'up' : 'down') : share > 0 ? 'rising' : 'falling';
  return [level.join(' and '), upright].filter((word) => word !== '').join(', ');
}

/** How high the lowest point of a run lies over the finished ground [m]. */
export const lowestM = (course: Course): number =>
  Math.min(
    ...course.strands
      .flat()
      .flatMap(({ from, through, to }) => [from, through, to].map((at) => toSpace(at, course.frame).z)),
  );
