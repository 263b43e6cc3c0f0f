import { isTankType } from '../walls/tank-types';
import { type Job, NO_SETTINGS, SCHEMA_VERSION } from './job';
import { newPart } from './new-part';
import { newPenetration, newTank } from './new-tank';
import { belowGround, newRoof, newTerminal } from './places';

type Old = Readonly<Record<string, unknown>>;

/** From a version to the next: each adds what came after it and leaves what was said. */
const STEPS: Readonly<Record<number, (job: Old) => Old>> = {
  // Version 2: forms of tank, what they stand on and came with; openings on every face; figures of the site.
  1: (job) => ({
    ...NO_SETTINGS,
    ...job,
    schemaVersion: 2,
    tanks: (job['tanks'] as readonly Old[]).map((tank) => {
      const type = isTankType(`${String(tank['type'])}`) ? `${String(tank['type'])}` : 'own-cylinder';
      const diameterM = tank['diameterM'];
      return { ...newTank('', type), baseDiameterM: diameterM, ...tank };
    }),
    penetrations: (job['penetrations'] as readonly Old[]).map((hole) => ({
      ...newPenetration(hole as unknown as Parameters<typeof newPenetration>[0]),
      portUse: hole['port'] === null ? null : 'use',
    })),
  }),
  // Version 3: the catalogue of every region, in which a code names its line.
  2: (job) => ({
    ...job,
    schemaVersion: 3,
    parts: (job['parts'] as readonly Old[]).map((part) => ({
      ...part,
      code: codeOfVersion3(`${String(part['code'])}`),
    })),
  }),
  // Version 4: what stands already, where things point and rise, what comes apart, what a joint is really made with.
  3: (job) => ({
    drinking: null,
    ...job,
    schemaVersion: 4,
    penetrations: (job['penetrations'] as readonly Old[]).map((hole) => ({ comesApart: null, ...hole })),
    parts: (job['parts'] as readonly Old[]).map((part) => ({ ...newPart('', ''), ...part })),
    joints: (job['joints'] as readonly Old[]).map((joint) => ({ madeWith: null, ...joint })),
    terminals: (job['terminals'] as readonly Old[]).map((terminal) => ({ mains: false, ...terminal })),
  }),
  // Version 5: heights as they were read, roofs and places with what they are and want, other inflows.
  4: (job) => {
    const [first] = job['tanks'] as readonly Old[];
    const baseM = first ? Number(first['plinthM']) - Number(first['buriedM']) : 0;
    return {
      standM: null,
      fallShare: null,
      coverM: null,
      inflows: [],
      marks: [],
      ...job,
      schemaVersion: 5,
      roofs: (job['roofs'] as readonly Parameters<typeof newRoof>[0][]).map(newRoof),
      terminals: (job['terminals'] as readonly (Parameters<typeof newTerminal>[0] & Old)[]).map(
        ({ dropM, ...terminal }) =>
          newTerminal({
            ...terminal,
            kind: terminal.offers === null ? 'daylight' : 'other',
            // It was said as a drop below the base of the tanks.
            readings: typeof dropM === 'number' ? belowGround(dropM - baseM) : [],
          }),
      ),
    };
  },
  // Version 6: how a length is known, spares, and the money of the job.
  5: (job) => ({
    spares: 'none',
    currency: 'USD',
    taxPercent: null,
    ...job,
    schemaVersion: 6,
    parts: (job['parts'] as readonly Old[]).map((part) => ({ lengthKind: 'computed', trimAt: null, ...part })),
  }),
};

/** Codes that were given anew in version 3: the start of the old one, and what it became. */
const NEW_CODES: readonly (readonly [RegExp, string])[] = [
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

function codeOfVersion3(code: string): string {
  const renamed = NEW_CODES.find(([old]) => old.test(code));
  return renamed ? code.replace(...renamed) : code;
}

/**
 * A stored document of any version that Herrero has written, as one of today's.
 * A document of today's version, or of one that is not known, comes back as it is; validation says what is wrong with it.
 */
export function migrateJob(stored: unknown): Job {
  let job = stored as Old;
  for (;;) {
    const version = job['schemaVersion'];
    if (version === SCHEMA_VERSION || typeof version !== 'number') return job as unknown as Job;
    const step = STEPS[version];
    if (!step) return job as unknown as Job;
    job = step(job);
  }
}
