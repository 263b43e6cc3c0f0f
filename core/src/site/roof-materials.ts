/** May water from it be gathered: yes; only once somebody has looked into it; better not. */
export type Suits = 'yes' | 'with-care' | 'no';

/** What a roof is covered with, what part of the rain runs off it over a year, and whether its water may be gathered. */
export interface RoofMaterial {
  readonly id: string;
  readonly name: string;
  /** Share of the rain that reaches the gutter (handbook values, from memory). */
  readonly runoff: number;
  readonly suits: Suits;
  /** Why it does not suit, or what to look into. */
  readonly why: string;
}

const TASTE = 'the first rain after dry weather carries grit and taste: a first flush is worth having';

/** Common practice of rainwater gathering; local health rules come first. */
export const ROOF_MATERIALS: readonly RoofMaterial[] = [
  { id: 'metal', name: 'Metal sheet, coated', runoff: 0.95, suits: 'yes', why: '' },
  { id: 'tile', name: 'Clay or concrete tile', runoff: 0.9, suits: 'yes', why: '' },
  { id: 'slate', name: 'Slate', runoff: 0.9, suits: 'yes', why: '' },
  { id: 'membrane', name: 'Plastic or rubber membrane', runoff: 0.9, suits: 'yes', why: '' },
  { id: 'shingle', name: 'Bitumen shingle or felt', runoff: 0.85, suits: 'with-care', why: TASTE },
  {
    id: 'gravel',
    name: 'Gravel on a flat roof',
    runoff: 0.7,
    suits: 'with-care',
    why: 'fines come down for years: a settling drain or a filter before the tank',
  },
  {
    id: 'green',
    name: 'Planted roof',
    runoff: 0.4,
    suits: 'with-care',
    why: 'the water is brown and carries soil: for the ground only',
  },
  {
    id: 'timber',
    name: 'Treated timber shingle',
    runoff: 0.85,
    suits: 'no',
    why: 'preservatives wash out of it',
  },
  {
    id: 'lead',
    name: 'Lead, or with lead flashing',
    runoff: 0.95,
    suits: 'no',
    why: 'lead dissolves in soft rain water',
  },
  {
    id: 'asbestos',
    name: 'Asbestos cement',
    runoff: 0.9,
    suits: 'no',
    why: 'fibres come down with the water; it must not be drilled, cut or brushed',
  },
];

/** The material of an id; undefined where nobody has said it. */
export const roofMaterial = (id: string | null): RoofMaterial | undefined =>
  ROOF_MATERIALS.find((material) => material.id === id);

/** Nothing said: what a hard roof sheds (handbook value, from memory). */
const USUAL_RUNOFF = 0.9;
export const runoffOf = (material: string | null): number => roofMaterial(material)?.runoff ?? USUAL_RUNOFF;
