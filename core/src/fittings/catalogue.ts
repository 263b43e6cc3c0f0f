import { remember } from '../quantity/remember';
import type { NominalSize } from '../quantity/size';
import type { Part } from './part';
import type { PartFamily } from './part-family';
import { pipeAdapters } from './families/adapter';
import { ballValves } from './families/ball-valve';
import { bulkheads } from './families/bulkhead';
import { containerFittings } from './families/container-fitting';
import { closures } from './families/closure';
import { couplings } from './families/coupling';
import { elbows } from './families/elbow';
import { hoses } from './families/hose';
import { hoseFittings } from './families/hose-fitting';
import { nipples } from './families/nipple';
import { pipes } from './families/pipe';
import { pushThroughGaskets } from './families/push-through-gasket';
import { reducers } from './families/reducer';
import { screens } from './families/screen';
import { tees } from './families/tee';
import { wallFittings } from './families/wall-fitting';

/** Every family of the shipped catalogue, in the order in which a counter would show them. A new one: its file, and a line here. */
export const PART_FAMILIES: readonly PartFamily[] = [
  bulkheads,
  pushThroughGaskets,
  wallFittings,
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
  containerFittings,
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

/** The parts that seal a hole, by the way they do it and their size. */
export const wallFittingsOf: (catalogue: Catalogue) => (style: string, size: NominalSize) => readonly Part[] = remember(
  ({ list }) => {
    const parts = new Map<string, Part[]>();
    for (const part of list) {
      const end = part.ends[0]?.end;
      if (end?.kind !== 'wall-seal') continue;
      const key = `${end.size} ${end.style}`;
      parts.set(key, [...(parts.get(key) ?? []), part]);
    }
    return (style, size) => parts.get(`${size} ${style}`) ?? [];
  },
);

export const partTitle = (part: Pick<Part, 'name' | 'detail'>): string => `${part.name} ${part.detail}`;
