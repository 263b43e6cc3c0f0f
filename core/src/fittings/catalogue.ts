import type { Part } from './part.js';
import type { PartFamily } from './part-family.js';
import { pipeAdapters } from './families/adapter.js';
import { ballValves } from './families/ball-valve.js';
import { bulkheads } from './families/bulkhead.js';
import { closures } from './families/closure.js';
import { couplings } from './families/coupling.js';
import { elbows } from './families/elbow.js';
import { hoses } from './families/hose.js';
import { hoseFittings } from './families/hose-fitting.js';
import { nipples } from './families/nipple.js';
import { pipes } from './families/pipe.js';
import { pushThroughGaskets } from './families/push-through-gasket.js';
import { reducers } from './families/reducer.js';
import { screens } from './families/screen.js';
import { tees } from './families/tee.js';

/** Every family of the shipped catalogue, in the order in which a counter would show them. A new one: its file, and a line here. */
export const PART_FAMILIES: readonly PartFamily[] = [
  bulkheads,
  pushThroughGaskets,
  nipples,
  ballValves,
  elbows,
  tees,
  couplings,
  pipeAdapters,
  reducers,
  hoseFittings,
  pipes,
  hoses,
  closures,
  screens,
];

/** Parts by code. `list` keeps the order of the families. */
export interface Catalogue {
  readonly list: readonly Part[];
  readonly byCode: ReadonlyMap<string, Part>;
}

/** @throws RangeError two parts share a code */
export function catalogueOf(parts: readonly Part[]): Catalogue {
  const byCode = new Map<string, Part>();
  for (const part of parts) {
    if (byCode.has(part.code)) throw new RangeError(`catalogueOf: ${part.code} is there twice`);
    byCode.set(part.code, part);
  }
  return { list: parts, byCode };
}

/** The catalogue that ships with Herrero: generic names, invented prices. */
export const shippedCatalogue: Catalogue = catalogueOf(
  PART_FAMILIES.flatMap((family) =>
    family.parts().map((part) => ({ ...part, family: family.id, source: family.source })),
  ),
);

export const partTitle = (part: Pick<Part, 'name' | 'detail'>): string => `${part.name} ${part.detail}`;
