import type { End } from '../connections/end';
import type { Material } from '../connections/material';
import type { Source } from '../provenance';
import type { NominalSize } from '../quantity/size';
import { boreOfEnd, endSection, middle } from './body';
import { endsWords } from './end-words';
import { FIXED_LOSS, LENGTH_OVER_BORE, type LossShape, roughFriction, suddenChangeLoss } from './loss';
import type { BodySection, Feature, Part, PartEnd, Sale } from './part';
import { type FamilyPart, inventedPriceUsd } from './part-family';

/** What a fitting is, from which its body, bore, loss and price follow. */
export interface FittingSpec {
  readonly code: string;
  readonly name: string;
  /** What tells it apart; where nothing is said its ends do. */
  readonly detail?: string;
  readonly size: NominalSize;
  readonly material: Material;
  /** Inlet, outlet, then branches; one end alone is a cap, a plug, or the end of a line. */
  readonly ends: readonly (End | PartEnd)[];
  /** Along the axis between the feet of inlet and outlet; behind the only end its head [mm]. */
  readonly betweenMm: number;
  /** Outside of that stretch, as a share of its widest end. */
  readonly girth?: number;
  readonly surface?: BodySection['surface'];
  /** The narrow end lies inside the wide one and adds no length of its own (a bushing). */
  readonly nested?: true;
  readonly features?: readonly Feature[];
  readonly boreMm?: number;
  readonly bendDegrees?: number;
  readonly branchDegrees?: number;
  /** From the middle to the face of each end [mm], where a table gives it; else half of what the body measures. */
  readonly reachMm?: readonly number[] | undefined;
  readonly dropMm?: number;
  readonly diverts?: number;
  readonly mesh?: NonNullable<Part['mesh']>;
  readonly oneWay?: true;
  /** How it loses head, on the velocity in its least bore; a straight piece unless something else is said. */
  readonly loss?: LossShape | keyof typeof FIXED_LOSS;
  readonly ratedKpa?: number | null;
  readonly leastKpa?: number;
  readonly reducesToKpa?: number;
  readonly sale?: Sale;
  /** Where its lengths come from, where that is not where those of its family come from. */
  readonly source?: Source | undefined;
  /** Invented, at one inch; grows with size. */
  readonly priceUsdAtOneInch: number;
}

const GIRTH = 1.04;
/** However near two sizes are, a ring of this share is left between them. */
const LEAST_RING = 0.94;

const isPartEnd = (end: End | PartEnd): end is PartEnd => 'position' in end;

const placed = (end: End | PartEnd, index: number): PartEnd =>
  isPartEnd(end) ? end : { end, position: index === 0 ? 'inlet' : index === 1 ? 'outlet' : 'branch' };

const isLossShape = (loss: string): loss is LossShape => loss in LENGTH_OVER_BORE;

/** An end at which water is meant to leave. */
export const discharge = (end: End): PartEnd => ({ end, position: 'outlet', mayStayOpen: 'discharge' });
/**
 * Builds a part from what it is: a section for each end in line, the stretch between, and what follows from them.
 *
 * @returns a part that lacks only its family
 * @source loss: equivalent length times friction of rough pipe, plus sudden changes of bore between its ends
 */
export function fitting(spec: FittingSpec): FamilyPart {
  const ends = spec.ends.map(placed);
  const bores = ends.map(({ end }) => boreOfEnd(end));
  const boreMm = spec.boreMm ?? Math.min(...bores);
  const { loss = 'straight' } = spec;
  const reachMm = spec.reachMm ?? feetApart(spec, ends);
  return {
    code: spec.code,
    name: spec.name,
    detail: spec.detail ?? endsWords(ends.map(({ end }) => end)),
    size: spec.size,
    material: spec.material,
    ends,
    body: bodyOf(spec, ends, boreMm),
    features: spec.features ?? [],
    boreMm,
    ...(spec.bendDegrees === undefined ? {} : { bendDegrees: spec.bendDegrees }),
    ...(spec.branchDegrees === undefined ? {} : { branchDegrees: spec.branchDegrees }),
    ...(reachMm === undefined ? {} : { reachMm }),
    ...(spec.source === undefined ? {} : { source: spec.source }),
    ...(spec.dropMm === undefined ? {} : { dropMm: spec.dropMm }),
    ...(spec.diverts === undefined ? {} : { diverts: spec.diverts }),
    ...(spec.mesh === undefined ? {} : { mesh: spec.mesh }),
    ...(spec.oneWay ? { oneWay: true as const } : {}),
    lossK:
      (isLossShape(loss) ? LENGTH_OVER_BORE[loss] * roughFriction(boreMm) : FIXED_LOSS[loss]) +
      suddenChangeLoss(boreMm, bores[0] ?? boreMm, bores[1] ?? boreMm),
    ...(spec.leastKpa === undefined ? {} : { leastKpa: spec.leastKpa }),
    ...(spec.reducesToKpa === undefined ? {} : { reducesToKpa: spec.reducesToKpa }),
    ...(spec.ratedKpa === undefined ? {} : { ratedKpa: spec.ratedKpa }),
    sale: spec.sale ?? { by: 'piece' },
    priceUsd: inventedPriceUsd(spec.priceUsdAtOneInch, spec.size),
  };
}

/**
 * Of what turns or branches: from its middle to the foot of each end half of what is between the feet, and on to its face
 * by as much as that end is long. Undefined of what runs straight.
 */
const feetApart = (
  { betweenMm, features = [] }: FittingSpec,
  ends: readonly PartEnd[],
): readonly number[] | undefined =>
  (features.includes('bend') || features.includes('branch')) && !features.includes('saddle')
    ? ends.map(({ end }) => betweenMm / 2 + endSection(end, boreOfEnd(end)).lengthMm)
    : undefined;

function bodyOf(
  { betweenMm, girth = GIRTH, surface = 'plain', nested }: FittingSpec,
  ends: readonly PartEnd[],
  boreMm: number,
): Part['body'] {
  const [inlet, outlet] = ends.map(({ end }) => endSection(end, Math.min(boreMm, boreOfEnd(end))));
  if (!inlet) return [middle(betweenMm, boreMm * 1.5, boreMm, surface)];
  const first = isSwivel(ends[0]) ? { ...inlet, surface: 'nut' as const } : inlet;
  if (!outlet) return [first, { lengthMm: betweenMm, outsideMm: inlet.outsideMm, boreMm: 0, surface: 'closed' }];
  if (nested) return nestedBody(first, outlet, betweenMm, girth, boreMm);
  const last = isSwivel(ends[1]) ? { ...outlet, surface: 'nut' as const } : outlet;
  return [first, middle(betweenMm, Math.max(inlet.outsideMm, outlet.outsideMm) * girth, boreMm, surface), last];
}

/** A narrow end inside a wide one: it begins at the head and goes as deep as it is long, into the wide end where it must. */
function nestedBody(
  outer: BodySection,
  inner: BodySection,
  headMm: number,
  girth: number,
  boreMm: number,
): readonly BodySection[] {
  const insideMm = Math.min(inner.boreMm, outer.outsideMm * LEAST_RING);
  const deepMm = Math.min(outer.lengthMm, Math.max(0, inner.lengthMm - headMm));
  const shallowMm = outer.lengthMm - deepMm;
  return [
    ...(shallowMm > 0 ? [{ ...outer, lengthMm: shallowMm, boreMm }] : []),
    ...(deepMm > 0 ? [{ ...outer, lengthMm: deepMm, boreMm: insideMm }] : []),
    middle(headMm, outer.outsideMm * girth, insideMm, 'hex'),
  ];
}

/** What is left between the feet of two ends whose faces stand so far from the middle [mm]. */
export const betweenFeetMm = (ends: readonly [End, End], reachMm: readonly [number, number]): number =>
  ends.reduce((sum, end, index) => sum + (reachMm[index] ?? 0) - endSection(end, boreOfEnd(end)).lengthMm, 0);

const isSwivel = (end: PartEnd | undefined): boolean => end?.end.kind === 'thread' && end.end.swivel === true;
