/** A document as it was stored: nothing is known of it but what its version says. */
export type Stored = Readonly<Record<string, unknown>>;

const listOf = (job: Stored, name: string): readonly Stored[] => (job[name] ?? []) as readonly Stored[];

/** What a tank of the first version did not say, by its type, as the types were when the second version came. */
const TANKS_OF_VERSION_2: Readonly<Record<string, Stored>> = {
  'open-drum': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.55, base: 'ground', dark: true },
  'closed-drum': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0, base: 'ground', dark: true },
  'drum-upside-down': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0, base: 'blocks', dark: true },
  'drum-on-side': { lengthM: 0.89, widthM: 0.585, buriedM: 0, accessM: 0, base: 'stand', dark: true },
  'cut-drum': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.53, base: 'ground', dark: true },
  bin: { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.56, base: 'ground', dark: true },
  'crate-us': { lengthM: 1.219, widthM: 1.016, buriedM: 0, accessM: 0.14, base: 'ground', dark: false },
  'crate-eu': { lengthM: 1.2, widthM: 1, buriedM: 0, accessM: 0.14, base: 'ground', dark: false },
  'vertical-round': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.4064, base: 'ground', dark: true },
  slimline: { lengthM: 1.88, widthM: 0.65, buriedM: 0, accessM: 0.35, base: 'slab', dark: true },
  trailer: { lengthM: 1.7, widthM: 0.95, buriedM: 0, accessM: 0.3, base: 'trailer', dark: true },
  buried: { lengthM: 3.5, widthM: 1.75, buriedM: 2.1, accessM: 0.55, base: 'ground', dark: true },
  concrete: { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.6, base: 'slab', dark: true },
  corrugated: { lengthM: 0, widthM: 0, buriedM: 0, accessM: 0.55, base: 'ground', dark: true },
  'own-cylinder': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 1.1, base: 'ground', dark: true },
  'own-tapered': { lengthM: 0, widthM: 0, buriedM: 0, accessM: 1.2, base: 'ground', dark: true },
  'own-box': { lengthM: 1.2, widthM: 0.95, buriedM: 0, accessM: 0.9, base: 'ground', dark: true },
  'own-lying': { lengthM: 1.5, widthM: 1, buriedM: 0, accessM: 0.4, base: 'ground', dark: true },
};
const OWN_CYLINDER = 'own-cylinder';

/** Codes that were given anew in version 3: the start of the old one, and what it became. */
const CODES_OF_VERSION_3: readonly (readonly [RegExp, string])[] = [
  [/^ET-/, 'EV-'],
  [/^TT-/, 'TV-'],
  [/^CT-/, 'CV-'],
  [/^KT-/, 'KV-'],
  [/^PT-/, 'PLV-'],
  [/^UT-/, 'U-'],
  [/^RT-/, 'R-'],
  [/^TR-/, 'TRS-'],
  [/^(NLV?-\d{3})$/, '$1-4'],
  [/^CC-NPTM$/, 'CMBP-200'],
  [/^CC-NPTF$/, 'CMDP-200'],
  [/^CC-BARB$/, 'CMCP-200'],
  [/^CC-CAP$/, 'CMDCP-200'],
];

function codeOfVersion3(code: unknown): string {
  const text = `${String(code)}`;
  const renamed = CODES_OF_VERSION_3.find(([old]) => old.test(text));
  return renamed ? text.replace(...renamed) : text;
}

/**
 * From a version to the next: each adds what came after it and leaves what was said. Frozen: a step stands on literals of
 * its day and on nothing of today, so that it does the same for ever. A field that came without a version has no step.
 */
export const STEPS: Readonly<Record<number, (job: Stored) => Stored>> = {
  // Version 2: forms of tank, what they stand on and came with; openings on every face; figures of the site.
  1: (job) => ({
    armM: null,
    sedimentM: null,
    groundWaterM: null,
    frostM: null,
    groundKpa: null,
    stormMmPerH: null,
    silicone: false,
    sunPlan: null,
    frostPlan: null,
    ...job,
    schemaVersion: 2,
    tanks: listOf(job, 'tanks').map((tank) => ({
      baseDiameterM: tank['diameterM'],
      metered: [],
      ratedKg: null,
      planks: null,
      contents: null,
      foodGrade: null,
      cleaning: null,
      filledAsBuried: false,
      braced: false,
      anchorKg: 0,
      pump: null,
      ...(TANKS_OF_VERSION_2[`${String(tank['type'])}`] ?? TANKS_OF_VERSION_2[OWN_CYLINDER]),
      ...tank,
    })),
    penetrations: listOf(job, 'penetrations').map((hole) => ({
      depthM: 0,
      portId: null,
      drawnIn: false,
      supported: false,
      shutsM: null,
      ...hole,
      portUse: hole['port'] === null ? null : 'use',
    })),
  }),
  // Version 3: the catalogue of every region, in which a code names its line.
  2: (job) => ({
    ...job,
    schemaVersion: 3,
    parts: listOf(job, 'parts').map((part) => ({ ...part, code: codeOfVersion3(part['code']) })),
  }),
  // Version 4: what stands already, where things point and rise, what comes apart, what a joint is really made with.
  3: (job) => ({
    drinking: null,
    ...job,
    schemaVersion: 4,
    penetrations: listOf(job, 'penetrations').map((hole) => ({ comesApart: null, ...hole })),
    parts: listOf(job, 'parts').map((part) => ({
      lengthM: null,
      existing: false,
      points: null,
      riseM: null,
      held: false,
      ...part,
    })),
    joints: listOf(job, 'joints').map((joint) => ({ madeWith: null, ...joint })),
    terminals: listOf(job, 'terminals').map((terminal) => ({ mains: false, ...terminal })),
  }),
  // Version 5: heights as they were read, roofs and places with what they are and want, other inflows.
  4: (job) => {
    const [first] = listOf(job, 'tanks');
    const baseM = first ? Number(first['plinthM']) - Number(first['buriedM']) : 0;
    return {
      standM: null,
      fallShare: null,
      coverM: null,
      inflows: [],
      marks: [],
      ...job,
      schemaVersion: 5,
      roofs: listOf(job, 'roofs').map((roof) => ({ material: null, fixedTo: null, into: null, readings: [], ...roof })),
      terminals: listOf(job, 'terminals').map(({ dropM, ...terminal }) => ({
        distanceM: null,
        throughM: null,
        mains: false,
        wantsKpa: null,
        wantsM3s: null,
        vesselM: null,
        reserveM3: null,
        ...terminal,
        kind: terminal['offers'] === null ? 'daylight' : 'other',
        // It was said as a drop below the base of the tanks.
        readings: typeof dropM === 'number' ? [{ from: { of: 'ground' }, by: 'tape', downM: dropM - baseM }] : [],
      })),
    };
  },
  // Version 6: how a length is known, spares, and the money of the job.
  5: (job) => ({
    spares: 'none',
    currency: 'USD',
    taxPercent: null,
    ...job,
    schemaVersion: 6,
    parts: listOf(job, 'parts').map((part) => ({ lengthKind: 'computed', trimAt: null, ...part })),
  }),
  // Version 7: any note is settled by name, a joint that is not rated among them.
  6: (job) => {
    const joints = listOf(job, 'joints');
    return {
      ...job,
      schemaVersion: 7,
      joints: joints.map(({ accepted: _, ...joint }) => joint),
      settlements: joints.flatMap(({ id, accepted }) =>
        accepted === null || accepted === undefined
          ? []
          : [
              {
                ...(accepted as Stored),
                id: `accepted-${id as string}`,
                about: `joint/not-rated fits joint ${id as string}`,
                because: 'accepted',
                figures: null,
              },
            ],
      ),
    };
  },
  // Version 8: one placing of whatever has a place; how far off a place is, is one of its ways.
  7: (job) => ({
    ...job,
    schemaVersion: 8,
    terminals: listOf(job, 'terminals').map(({ distanceM, ...terminal }) => ({
      ...terminal,
      placed: typeof distanceM === 'number' ? { by: 'away', distanceM } : null,
    })),
  }),
  // Version 9: joints are numbered along the flow, by where they are.
  8: (job) => ({
    ...job,
    schemaVersion: 9,
    joints: listOf(job, 'joints').map(({ number: _, ...joint }) => joint),
  }),
  // Version 10: how much a piece rises or falls is said once, in one of its ways.
  9: (job) => ({
    ...job,
    schemaVersion: 10,
    parts: listOf(job, 'parts').map(({ riseM, fallShare, ...part }) => ({
      ...part,
      slope:
        typeof fallShare === 'number'
          ? { by: 'fall', fallShare }
          : typeof riseM === 'number'
            ? { by: 'rise', riseM }
            : null,
    })),
  }),
};
