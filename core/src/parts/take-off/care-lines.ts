import { tankOf } from '../../job/lookup';
import { isDrunk } from '../../walls/tank';
import { isFlexible } from '../../fittings/flexible';
import { inGround } from '../../assembly/trench';
import type { CheckContext } from '../../derived/context';
import { isMetal } from '../../connections/material';
import { isDownpipe } from '../../fittings/capability';
import { type Part, isByLength, outsideMmOf } from '../../fittings/part';
import { MM_PER_INCH, METRES_PER_INCH, type Measures, formatStockLength } from '../../quantity/length';
import { memoize } from '../../quantity/memoize';
import { DRAWS } from '../../walls/roles';
import { packed } from './packed';
import type { PartsLine } from '../list/parts-list';
import { type PutIn, putIn } from './put-in';
import { type Use, useOfTerminal } from '../list/trace';

/** A tube of foam is sold 2 m or 6 ft long; the shorter is reckoned with (common practice). */
const FOAM: Readonly<Record<Measures, { readonly kind: string; readonly holds: number }>> = {
  'in-gal': { kind: 'FO', holds: 72 * METRES_PER_INCH },
  'mm-l': { kind: 'FOM', holds: 2 },
};
const FOAM_USD = 2.6;
/** Two coats of outdoor paint cover so much [m2/l], a tin holds so much [ml] (common practice). */
const PAINT_M2_PER_L = 5;
const PAINT_TIN_ML = 500;
const PAINT_USD = 9.5;
const LABEL_USD = 1.2;
const MEDIA_BAG_M3 = 0.02;
const MEDIA_USD = 8.5;

/** New lengths of pipe and hose in the open: not in the ground, and of a length that is known. */
const inTheOpen = memoize((context: CheckContext): readonly PutIn[] =>
  putIn(context).filter(
    ({ placed, part }) => isByLength(part) && placed.lengthM !== null && !inGround(context).has(placed.id),
  ),
);

const lengthOf = ({ placed }: PutIn): number => placed.lengthM ?? 0;

export const foamCode = (part: Part, measures: Measures): string =>
  `${FOAM[measures].kind}-${Math.round(outsideMmOf(part))}`;

/** What is insulated: lengths that hold water in the open, where the job says that frost is kept out so. */
export const insulated = (context: CheckContext): readonly { readonly item: PutIn; readonly lengthM: number }[] =>
  context.job.frostPlan === 'insulated'
    ? inTheOpen(context)
        .filter(
          ({ part, penetration }) =>
            !isDownpipe(part) && penetration.roles.some((role) => DRAWS.includes(role) || role === 'link'),
        )
        .map((item) => ({ item, lengthM: lengthOf(item) }))
    : [];

function insulationLines(context: CheckContext): PartsLine[] {
  const own = insulated(context);
  const { measures } = context.job;
  const { holds } = FOAM[measures];
  return [...new Set(own.map(({ item }) => foamCode(item.part, measures)))].map((code) => {
    const same = own.filter(({ item }) => foamCode(item.part, measures) === code);
    const outsideMm = outsideMmOf((same[0] as (typeof same)[number]).item.part);
    return packed({
      code,
      title: 'Pipe insulation, outdoor',
      detail: `for ${measures === 'mm-l' ? `${Math.round(outsideMm)} mm` : `${(outsideMm / MM_PER_INCH).toFixed(2)} in`} outside, tube of ${formatStockLength(holds, measures)}`,
      need: same.reduce((sum, { lengthM }) => sum + lengthM, 0),
      unit: 'm',
      holds,
      packUsd: FOAM_USD,
      uses: same.map(({ item }) => item.use),
      note: 'slows frost, does not stop it: drain the line too',
    });
  });
}

/** Rigid plastic lengths in the light that are painted, with the surface of each [m2]: what is insulated lies in the dark. */
export function painted(context: CheckContext): readonly { readonly item: PutIn; readonly m2: number }[] {
  const inTheDark = new Set(insulated(context).map(({ item }) => item.placed.id));
  return context.job.sunPlan === 'painted'
    ? inTheOpen(context)
        .filter(({ placed }) => !inTheDark.has(placed.id))
        // What bends sheds its paint, and a clear tube is there to be looked through.
        .filter(({ part }) => !isMetal(part.material) && !isFlexible(part) && part.material !== 'clear-pvc')
        .map((item) => ({ item, m2: Math.PI * (outsideMmOf(item.part) / 1000) * lengthOf(item) }))
    : [];
}

/** Paint for a surface [ml]. */
export const paintMl = (m2: number): number => (m2 / PAINT_M2_PER_L) * 1000;

function paintLines(context: CheckContext): PartsLine[] {
  const own = painted(context);
  if (own.length === 0) return [];
  return [
    packed({
      code: 'PA-500',
      title: 'Outdoor paint, water-based',
      detail: 'for plastic, light colour, tin of 500 ml',
      need: paintMl(own.reduce((sum, { m2 }) => sum + m2, 0)),
      unit: 'ml',
      holds: PAINT_TIN_ML,
      packUsd: PAINT_USD,
      uses: own.map(({ item }) => item.use),
      note: 'two coats on what is rubbed dull',
    }),
  ];
}

/** Places where somebody could drink: each gets a plate that says not to, unless the water is drunk. */
export const labelled = ({ runs, job }: CheckContext): readonly Use[] =>
  runs.flatMap(({ penetration, strands }) => {
    const tank = tankOf(job, penetration);
    return penetration.roles.some((role) => DRAWS.includes(role)) && !(tank && isDrunk(tank, job))
      ? strands.flatMap(({ end }) => (end.at === 'terminal' ? [useOfTerminal(end.id, penetration)] : []))
      : [];
  });

function labelLines(context: CheckContext): PartsLine[] {
  const own = labelled(context);
  if (own.length === 0) return [];
  return [
    packed({
      code: 'LB',
      title: 'Plate “Rain water. Do not drink.”',
      detail: 'one at each place where it is drawn',
      need: own.length,
      packUsd: LABEL_USD,
      uses: own,
    }),
  ];
}

/** What is filled with sand and gravel by the one who builds it, with how much [m3]. */
export const filled = (context: CheckContext): readonly { readonly use: Use; readonly m3: number }[] =>
  putIn(context)
    .filter(({ part }) => part.mediaM3 !== undefined)
    .map(({ part, use }) => ({ use, m3: part.mediaM3 ?? 0 }));

function mediaLines(context: CheckContext): PartsLine[] {
  const own = filled(context);
  if (own.length === 0) return [];
  return [
    packed({
      code: 'FM-20',
      title: 'Filter sand and gravel, washed',
      detail: 'a third gravel below, two thirds sand, bag of 20 L',
      need: own.reduce((sum, { m3 }) => sum + m3, 0),
      unit: 'm3',
      holds: MEDIA_BAG_M3,
      packUsd: MEDIA_USD,
      uses: own.map(({ use }) => use),
    }),
  ];
}

/** What looks after the water and the lines: insulation, paint, plates, what filters are filled with. */
export const careLines = (context: CheckContext): PartsLine[] => [
  ...insulationLines(context),
  ...paintLines(context),
  ...labelLines(context),
  ...mediaLines(context),
];
