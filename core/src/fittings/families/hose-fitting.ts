import type { End } from '../../connections/end';
import type { Material } from '../../connections/material';
import { type NominalSize, sizeCode } from '../../quantity/size';
import { barbBoreMm, endSection, fullBoreMm, middle } from '../body';
import { barb, nhMale, nhSwivel, nptFemale, nptMale } from '../ends';
import type { BodySection, Feature, PartEnd } from '../part';
import { TYPICAL_BODIES, defineFamily, inventedPriceUsd } from '../part-family';

const HEX_MM = 10;
const HOSE_TAIL_SIZES: readonly NominalSize[] = ['1/2', '5/8', '3/4', '1'];
const INSERT_SIZES: readonly NominalSize[] = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'];

const sizeOf = (end: End): NominalSize => ('size' in end ? end.size : '3/4');
const boreOf = (end: End): number =>
  end.kind === 'hose'
    ? barbBoreMm(end.size)
    : end.kind === 'thread' && end.standard === 'nh'
      ? 17
      : fullBoreMm(sizeOf(end));

interface Spec {
  readonly code: string;
  readonly name: string;
  readonly detail: string;
  readonly inlet: End;
  readonly outlet: PartEnd;
  readonly size?: NominalSize;
  readonly priceUsd: number;
  readonly material?: Material;
  readonly features?: readonly Feature[];
  readonly middleMm?: number;
}

function fitting(spec: Spec) {
  const boreMm = Math.min(boreOf(spec.inlet), boreOf(spec.outlet.end));
  const inlet = endSection(spec.inlet, boreMm);
  const outlet = endSection(spec.outlet.end, boreMm);
  const swivel = spec.inlet.kind === 'thread' && spec.inlet.swivel === true;
  const hexMm = Math.max(inlet.outsideMm, outlet.outsideMm) * (swivel ? 0.7 : 1.12);
  const body: BodySection[] = [
    swivel ? { ...inlet, surface: 'nut' } : inlet,
    middle(spec.middleMm ?? HEX_MM, hexMm, boreMm, swivel ? 'plain' : 'hex'),
    outlet,
  ];
  const size = spec.size ?? sizeOf(spec.inlet);
  return {
    code: spec.code,
    name: spec.name,
    detail: spec.detail,
    size,
    material: spec.material ?? ('brass' as const),
    ends: [{ end: spec.inlet, position: 'inlet' as const }, spec.outlet],
    body,
    features: spec.features ?? [],
    boreMm,
    sale: { by: 'piece' as const },
    priceUsd: inventedPriceUsd(spec.priceUsd, size),
  };
}

const outlet = (end: End): PartEnd => ({ end, position: 'outlet' });
const discharge = (end: End): PartEnd => ({ end, position: 'outlet', mayStayOpen: 'discharge' });

/** Brass fittings between pipe thread, garden hose thread and hose tail, and the taps that end in them. */
export const hoseFittings = defineFamily({
  id: 'hose-fitting',
  name: 'Hose fitting',
  source: TYPICAL_BODIES,
  parts: () => [
    ...(['1/2', '3/4'] as const).flatMap((size) => [
      fitting({
        code: `AD-${sizeCode(size)}F`,
        name: 'Hose adapter',
        detail: `${size} NPT female x 3/4 NH male`,
        inlet: nptFemale(size),
        outlet: outlet(nhMale),
        priceUsd: 8,
      }),
      fitting({
        code: `AD-${sizeCode(size)}M`,
        name: 'Hose adapter',
        detail: `${size} NPT male x 3/4 NH male`,
        inlet: nptMale(size),
        outlet: outlet(nhMale),
        priceUsd: 7.5,
      }),
      fitting({
        code: `AS-${sizeCode(size)}M`,
        name: 'Hose swivel adapter',
        detail: `3/4 NH female swivel x ${size} NPT male`,
        inlet: nhSwivel,
        outlet: outlet(nptMale(size)),
        size,
        priceUsd: 9,
      }),
      fitting({
        code: `AS-${sizeCode(size)}F`,
        name: 'Hose swivel adapter',
        detail: `3/4 NH female swivel x ${size} NPT female`,
        inlet: nhSwivel,
        outlet: outlet(nptFemale(size)),
        size,
        priceUsd: 9,
      }),
      fitting({
        code: `HT-${sizeCode(size)}M`,
        name: 'Hose tap',
        detail: `${size} NPT male x 3/4 NH male`,
        inlet: nptMale(size),
        outlet: discharge(nhMale),
        priceUsd: 16,
        features: ['spout'],
        middleMm: 42,
      }),
      fitting({
        code: `HT-${sizeCode(size)}F`,
        name: 'Hose tap',
        detail: `${size} NPT female x 3/4 NH male`,
        inlet: nptFemale(size),
        outlet: discharge(nhMale),
        priceUsd: 16,
        features: ['spout'],
        middleMm: 42,
      }),
    ]),
    ...HOSE_TAIL_SIZES.flatMap((size) => [
      fitting({
        code: `HS-075${sizeCode(size)}`,
        name: 'Hose swivel',
        detail: `3/4 NH female x ${size} in tail`,
        inlet: nhSwivel,
        outlet: outlet(barb(size)),
        size,
        priceUsd: 6.5,
      }),
      fitting({
        code: `HM-075${sizeCode(size)}`,
        name: 'Hose male end',
        detail: `3/4 NH male x ${size} in tail`,
        inlet: barb(size),
        outlet: outlet(nhMale),
        size,
        priceUsd: 6.5,
      }),
    ]),
    ...INSERT_SIZES.map((size) =>
      fitting({
        code: `HB-${sizeCode(size)}`,
        name: 'Hose tail',
        detail: `${size} NPT male x ${size} in tail`,
        inlet: nptMale(size),
        outlet: outlet(barb(size)),
        priceUsd: 6,
      }),
    ),
    fitting({
      code: 'HV-075',
      name: 'Hose-end valve',
      detail: '3/4 NH female x 3/4 NH male',
      inlet: nhSwivel,
      outlet: discharge(nhMale),
      priceUsd: 17.4,
      features: ['ball-and-lever'],
      middleMm: 30,
    }),
  ],
});
