import type { Source } from '../../provenance';
import type { End, EndKind } from '../end';
import type { Cement, Material } from '../material';
import type { Judgement, Mating, Medium, Service, Verdict } from '../mating';

type EndOf<Kind extends EndKind> = Extract<End, { kind: Kind }>;

/** The materials of the two parts, where known, and what the installer makes the joint with, where that is said. */
export interface JointConditions {
  /** Unknown materials are not held against a joint. */
  readonly a?: Material | undefined;
  readonly b?: Material | undefined;
  /** What it is really made with. Absent: with what it needs. Empty: with nothing. */
  readonly madeWith?: readonly Medium[] | undefined;
  /** The cement that is used, if it is not simply the right one. */
  readonly cement?: Cement | undefined;
  /** What the water does there; where it is not said, nothing is promised that only a drain would bear. */
  readonly service?: Service | undefined;
}

/** The words and figures of a judgement. */
export type Explanation = Omit<Mating, 'verdict' | 'reason' | 'cautions'>;

/** One way in which two kinds of end meet. Adding one is one such file and one line in `mate.ts`. */
export interface JointFamily {
  readonly kinds: readonly [EndKind, EndKind];
  readonly judge: (a: End, b: End, conditions: JointConditions) => Judgement;
  readonly explain: (a: End, b: End, conditions: JointConditions, judgement: Judgement) => Explanation;
}

interface Definition<A extends EndKind, B extends EndKind> {
  readonly kinds: readonly [A, B];
  /** From numbers and codes alone, without making any text. */
  readonly judge: (a: EndOf<A>, b: EndOf<B>, conditions: JointConditions) => Judgement;
  readonly explain: (a: EndOf<A>, b: EndOf<B>, conditions: JointConditions, judgement: Judgement) => Explanation;
}

/**
 * Declares a family. It is called with `a` of the first kind and `b` of the second, whatever the caller's order;
 * where both kinds are the same it must itself give the same answer in either order.
 */
export function defineJointFamily<A extends EndKind, B extends EndKind>({
  kinds,
  judge,
  explain,
}: Definition<A, B>): JointFamily {
  return {
    kinds,
    judge: (a, b, conditions) => judge(a as EndOf<A>, b as EndOf<B>, conditions),
    explain: (a, b, conditions, judgement) => explain(a as EndOf<A>, b as EndOf<B>, conditions, judgement),
  };
}

/** The judgements of a family by reason, each made once: judging allocates nothing. */
export function judgements<Reason extends string>(
  rows: Readonly<Record<Reason, readonly [Verdict, ...Medium[]]>>,
): Readonly<Record<Reason, Judgement>> {
  return Object.fromEntries(
    (Object.entries(rows) as [Reason, readonly [Verdict, ...Medium[]]][]).map(([reason, [verdict, ...media]]) => [
      reason,
      { verdict, reason, media },
    ]),
  ) as unknown as Readonly<Record<Reason, Judgement>>;
}

/** The sources of both ends, each document once, in an order of their own. */
export function sourcesOf(...all: readonly Source[]): readonly Source[] {
  const byName = new Map(all.map((one) => [`${one.document} ${one.provenance}`, one]));
  return [...byName.keys()].sort().flatMap((name) => byName.get(name) ?? []);
}

/** An explanation with nothing in it but the reason and where it comes from. */
export const bare = (why: string, sources: Explanation['sources'], instead?: string): Explanation => ({
  needs: [],
  basis: [],
  why,
  sources,
  engagementMm: 0,
  ...(instead === undefined ? {} : { instead }),
});
