import type { End, EndKind } from '../end';
import type { Material } from '../material';
import type { Mating } from '../mating';

type EndOf<Kind extends EndKind> = Extract<End, { kind: Kind }>;

/** One way in which two kinds of end meet. Adding one is one such file and one line in `mate.ts`. */
export interface JointFamily {
  readonly kinds: readonly [EndKind, EndKind];
  readonly mate: (a: End, b: End, materials: JointMaterials) => Mating;
}

/** The materials of the two parts, where they are known. Unknown ones are not held against a joint. */
export interface JointMaterials {
  readonly a?: Material | undefined;
  readonly b?: Material | undefined;
}

/**
 * Declares a family. `mate` is called with `a` of the first kind and `b` of the second, whatever the caller's order;
 * where both kinds are the same it must itself give the same answer in either order.
 */
export function defineJointFamily<A extends EndKind, B extends EndKind>(
  kinds: readonly [A, B],
  mate: (a: EndOf<A>, b: EndOf<B>, materials: JointMaterials) => Mating,
): JointFamily {
  return { kinds, mate: (a, b, materials) => mate(a as EndOf<A>, b as EndOf<B>, materials) };
}
