import { memoize } from '../quantity/memoize';
import type { NominalSize } from '../quantity/size';
import { type Part, isSpout } from './part';
import type { FamilyPart, PartFamily } from './part-family';
import { type Material, isMetal } from '../connections/material';
import { KPA_PER_PSI } from '../quantity/pressure';
import { boreOfEnd } from './body';
import { FIXED_LOSS, suddenChangeLoss } from './loss';
import { regionsOfEnds } from './regions';
import { adapters } from './families/adapter';
import { bulkheads } from './families/bulkhead';
import { camCouplings } from './families/cam-coupling';
import { checkValves } from './families/check-valve';
import { clickCouplings } from './families/click-coupling';
import { closures } from './families/closure';
import { containerFittings } from './families/container-fitting';
import { couplings } from './families/coupling';
import { downpipeFittings } from './families/downpipe-fitting';
import { elbows } from './families/elbow';
import { filters } from './families/filter';
import { flanges } from './families/flange';
import { gutters } from './families/gutter';
import { hoses } from './families/hose';
import { hoseFittings } from './families/hose-fitting';
import { hoseTails } from './families/hose-tail';
import { manifolds } from './families/manifold';
import { nipples } from './families/nipple';
import { pipes } from './families/pipe';
import { pumps } from './families/pump';
import { pushThroughGaskets } from './families/push-through-gasket';
import { rainFilters } from './families/rain-filter';
import { readyHoses } from './families/ready-hose';
import { reducers } from './families/reducer';
import { saddles } from './families/saddle';
import { screens } from './families/screen';
import { looseItems } from './families/loose-item';
import { supports } from './families/support';
import { tees } from './families/tee';
import { valves } from './families/valve';
import { wallFittings } from './families/wall-fitting';

/** Every family of the shipped catalogue, in the order in which a counter would show them. A new one: its file, and a line here. */
export const PART_FAMILIES: readonly PartFamily[] = [
  bulkheads,
  pushThroughGaskets,
  wallFittings,
  nipples,
  valves,
  checkValves,
  elbows,
  tees,
  manifolds,
  saddles,
  couplings,
  adapters,
  reducers,
  hoseFittings,
  hoseTails,
  readyHoses,
  clickCouplings,
  camCouplings,
  flanges,
  containerFittings,
  filters,
  pumps,
  pipes,
  hoses,
  downpipeFittings,
  rainFilters,
  closures,
  screens,
  supports,
  gutters,
  looseItems,
];

/** What a material bears where its family says nothing [kPa] (common practice); drainage and rubber bear none. */
const USUAL_KPA: Readonly<Partial<Record<Material, number>>> = {
  brass: 1000,
  stainless: 1000,
  galvanised: 1000,
  pvc: 600,
  polypropylene: 600,
  polyethylene: 400,
  nylon: 600,
};

/** A body with a seat, a ball or a mesh in it bears less than the pipe of its line where it is of plastic: 150 psi (common practice). */
const WORKING: readonly string[] = ['valve', 'check-valve', 'filter', 'manifold'];
const PLASTIC_BODY_KPA = 150 * KPA_PER_PSI;

function ratedOf({ ratedKpa, material }: FamilyPart, family: string): number | null {
  const kpa = ratedKpa === undefined ? (USUAL_KPA[material] ?? null) : ratedKpa;
  return kpa !== null && WORKING.includes(family) && !isMetal(material) ? Math.min(kpa, PLASTIC_BODY_KPA) : kpa;
}

/** A part as its family made it, with what follows from its ends, its material and its bores. */
function complete(part: FamilyPart, family: PartFamily): Part {
  const ends = part.ends.map(({ end }) => end);
  const bores = ends.map(boreOfEnd).filter(Number.isFinite);
  return {
    ...part,
    family: family.id,
    ...(part.ends.some(isSpout) ? { oneWay: true as const } : {}),
    source: part.source ?? family.source,
    regions: part.regions ?? regionsOfEnds(ends),
    ratedKpa: ratedOf(part, family.id),
    lossK:
      part.lossK ??
      FIXED_LOSS.bulkhead + suddenChangeLoss(part.boreMm, part.boreMm, Math.max(part.boreMm, bores[0] ?? part.boreMm)),
  };
}

/** Parts by code. `list` keeps the order of the families. */
export interface Catalogue {
  readonly list: readonly Part[];
  readonly byCode: ReadonlyMap<string, Part>;
  /** How many there are in the van or on the shelf, by code; what is not there is none. */
  readonly onHand: ReadonlyMap<string, number>;
  /** Pieces of pipe, hose and downpipe that are left over from other work [m], by code. */
  readonly offCutsM: ReadonlyMap<string, readonly number[]>;
}

const NOTHING_ON_HAND: ReadonlyMap<string, number> = new Map();
const NO_OFF_CUTS: ReadonlyMap<string, readonly number[]> = new Map();

/** @throws RangeError two parts share a code */
export function catalogueOf(parts: readonly Part[], onHand = NOTHING_ON_HAND, offCutsM = NO_OFF_CUTS): Catalogue {
  const byCode = new Map<string, Part>();
  for (const part of parts) {
    if (byCode.has(part.code)) throw new RangeError(`catalogueOf: ${part.code} is there twice`);
    byCode.set(part.code, part);
  }
  return { list: parts, byCode, onHand, offCutsM };
}

/** The catalogue that ships with Herrero: generic names, invented prices. */
export const shippedCatalogue: Catalogue = catalogueOf(
  PART_FAMILIES.flatMap((family) => family.parts().map((part) => complete(part, family))),
);

/** The parts that seal a hole, by the way they do it and their size. */
export const wallFittingsOf: (catalogue: Catalogue) => (style: string, size: NominalSize) => readonly Part[] = memoize(
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

/** What a code is called: by its part; what is no part of the catalogue by other words. */
export const titleOfCode = ({ byCode }: Pick<Catalogue, 'byCode'>, code: string, otherwise = code): string => {
  const part = byCode.get(code);
  return part ? partTitle(part) : otherwise;
};
