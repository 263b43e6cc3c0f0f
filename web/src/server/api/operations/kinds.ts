import {
  CEMENTS,
  type Field,
  type Fields,
  MATERIALS,
  MATERIALS_ALSO,
  MEDIA,
  SERVICES,
  NOMINAL_SIZES,
  REGIONS,
  REGIONS_ALSO,
  SETTLEMENT,
  SEVERITIES,
  USED_BY,
  STATION_IDS,
  UNITS,
} from '@herrero/core';

/** Of what is answered: nothing is measured there, it is as it comes. */
const UNBOUNDED = Number.POSITIVE_INFINITY;
export const TEXT = { kind: 'text', least: 0, most: UNBOUNDED } as const;
export const NUMBER = { kind: 'number', least: -UNBOUNDED, most: UNBOUNDED } as const;
export const COUNT = { kind: 'count', least: 0, most: Number.MAX_SAFE_INTEGER } as const;
export const YES_NO = { kind: 'yes-no' } as const;
export const ID = { kind: 'id' } as const;
export const MAY_TEXT = { ...TEXT, optional: true } as const;
export const MAY_NUMBER = { ...NUMBER, optional: true } as const;
export const TEXT_OR_NULL = { ...TEXT, orUnknown: true } as const;
export const NUMBER_OR_NULL = { ...NUMBER, orUnknown: true } as const;
/** A moment, ISO 8601. */
export const MOMENT = { ...TEXT, says: 'A moment, ISO 8601' } as const;
export const listOf = <const Item extends Field>(of: Item, most = UNBOUNDED) => ({ kind: 'list', of, most }) as const;
export const group = <const Inner extends Fields>(of: Inner) => ({ kind: 'group', of }) as const;

/** An end as it is said at the counter: `3/4 NPT M`. */
export const END_TEXT = { kind: 'text', most: 80, says: 'An end as it is said at the counter: 3/4 NPT M' } as const;
export const MATERIAL = {
  kind: 'choice',
  of: MATERIALS,
  also: MATERIALS_ALSO,
  optional: true,
  says: 'What else materials are called is understood: pe, pe100, pp, upvc',
} as const;
export const REGION = {
  kind: 'choice',
  of: REGIONS,
  also: REGIONS_ALSO,
  optional: true,
  says: 'A country by its two letters is understood: AU, NZ, IE, CA, DE',
} as const;

/** Why something was refused, and each field that is wrong. */
export const PROBLEM = {
  error: TEXT,
  fields: listOf(
    group({ path: TEXT, message: TEXT, readings: { ...listOf(group({ value: NUMBER, text: TEXT })), optional: true } }),
  ),
} as const satisfies Fields;

/** Where a note lies. */
const PLACE = group({ kind: TEXT, id: TEXT, penetrationId: MAY_TEXT, label: TEXT });
const SIZE = { kind: 'choice', of: NOMINAL_SIZES } as const;
const NEED = {
  kind: 'variant',
  on: 'kind',
  of: {
    tape: { size: SIZE, turns: NUMBER, lengthM: NUMBER },
    cement: { size: SIZE, cement: { kind: 'choice', of: CEMENTS }, ml: NUMBER, primerMl: NUMBER },
    washer: { name: TEXT, comesWith: TEXT_OR_NULL },
    clamp: {
      name: TEXT,
      count: COUNT,
      aroundMm: { ...MAY_NUMBER, says: 'What a worm drive closes on [mm]; a ring is known by its name' },
    },
    insert: { name: TEXT },
    solder: { size: SIZE, wireMm: NUMBER, fluxMl: NUMBER },
    bolts: { name: TEXT, count: COUNT },
    lubricant: {},
  },
} as const;

/** How two ends meet: verdict, reason, what it holds with, and the figures it stands on. */
export const MATING = {
  verdict: {
    kind: 'choice',
    of: ['holds', 'holds-with', 'fits-unrated', 'starts-then-leaks', 'will-not-go', 'unknown'],
  },
  words: { ...TEXT, says: 'The verdict as it is said: Holds with tape' },
  reason: { ...TEXT, says: 'Why, as a code' },
  needs: listOf(NEED),
  why: TEXT,
  basis: listOf(
    group({ name: TEXT, value: NUMBER, unit: { kind: 'choice', of: ['mm', 'turns', 'per inch', 'degrees', '%'] } }),
  ),
  instead: MAY_TEXT,
  practice: {
    ...TEXT,
    optional: true,
    says: 'Where it is done every day and no standard stands behind it: which do not, and what it may be trusted with',
  },
  sources: listOf(
    group({
      document: TEXT,
      provenance: { kind: 'choice', of: ['standard-formula', 'standard-table', 'from-memory', 'common-practice'] },
    }),
  ),
  engagementMm: NUMBER,
  tighten: MAY_TEXT,
  cautions: listOf(group({ kind: { kind: 'choice', of: ['wedge', 'corrodes', 'galls'] }, text: TEXT })),
} as const satisfies Fields;
export const SERVICE = {
  kind: 'choice',
  of: SERVICES,
  optional: true,
  says: 'What the water does there: only falls, stands as high as the tank is full, or is pressed by a pump or the mains',
} as const;
export const MADE_WITH = { ...listOf({ kind: 'choice', of: MEDIA } as const, MEDIA.length), optional: true } as const;

/** A part of the catalogue as it stands in a way. */
export const ROUTE_PART = {
  code: TEXT,
  name: TEXT,
  material: { kind: 'choice', of: MATERIALS },
  ends: listOf(TEXT),
} as const satisfies Fields;

const COMPLETENESS = group({ done: COUNT, of: COUNT, missing: listOf(TEXT), settled: { ...COUNT, optional: true } });
const USE = group({
  place: TEXT,
  of: { kind: 'choice', of: USED_BY },
  id: TEXT,
  penetrationId: { ...TEXT, optional: true },
});
const PIECE = {
  label: TEXT,
  use: { ...USE, optional: true },
  lengthM: NUMBER,
  kind: { ...TEXT, optional: true },
  trimAt: { ...TEXT, orUnknown: true, optional: true },
  spareM: MAY_NUMBER,
} as const satisfies Fields;

/** A parts list: lines by where they go, bars with what is cut from them, and how far it is complete. */
export const PARTS_LIST = {
  groups: listOf(
    group({
      id: TEXT,
      title: TEXT,
      subtitle: TEXT,
      penetrationId: MAY_TEXT,
      lines: listOf(
        group({
          code: TEXT,
          title: TEXT,
          detail: TEXT,
          need: NUMBER,
          unit: { kind: 'choice', of: UNITS },
          buy: NUMBER,
          priceUsd: NUMBER_OR_NULL,
          fromHand: MAY_NUMBER,
          leftOver: MAY_NUMBER,
          stockM: MAY_NUMBER,
          note: MAY_TEXT,
          places: listOf(TEXT),
          uses: listOf(USE),
          inside: {
            ...listOf(
              group({ code: TEXT, title: TEXT, detail: TEXT, need: NUMBER, unit: { kind: 'choice', of: UNITS } }),
            ),
            optional: true,
          },
          byHand: {
            ...group({ id: TEXT, reckoned: { kind: 'any', says: 'The line as it is reckoned' } }),
            optional: true,
          },
        }),
      ),
    }),
  ),
  cuts: listOf(
    group({
      code: TEXT,
      title: TEXT,
      order: group({ pieces: listOf(group(PIECE)), stockM: listOf(NUMBER), offCutsM: listOf(NUMBER), kerfM: NUMBER }),
      bars: listOf(
        group({
          stockM: NUMBER,
          onHand: YES_NO,
          pieces: listOf(group(PIECE)),
          offCutM: NUMBER,
          atCounter: { ...YES_NO, optional: true },
        }),
      ),
      leastBars: NUMBER,
      mostLeftM: NUMBER,
      searched: YES_NO,
      tooLong: listOf(group(PIECE)),
      unknown: listOf(TEXT),
    }),
  ),
  closedBy: listOf(group({ words: TEXT, count: COUNT, kind: TEXT, places: listOf(TEXT) })),
  ends: COMPLETENESS,
  joints: COMPLETENESS,
  holes: COMPLETENESS,
  lengths: COMPLETENESS,
  listed: COMPLETENESS,
  ways: listOf(
    group({
      id: TEXT,
      name: TEXT,
      per: TEXT,
      amount: NUMBER,
      minutes: listOf(NUMBER),
      takes: listOf(TEXT),
      people: COUNT,
      waits: listOf(group({ what: TEXT, before: TEXT, minutes: listOf(NUMBER) })),
      before: listOf(TEXT),
      after: listOf(TEXT),
      places: listOf(TEXT),
    }),
  ),
  cautions: listOf(TEXT),
  questions: listOf(TEXT),
  toBuy: NUMBER,
  totalUsd: NUMBER,
} as const satisfies Fields;

/** Everything that follows from a job, in words and figures. */
export const PLAN = (edit: Field) =>
  ({
    stations: listOf(
      group({
        id: { kind: 'choice', of: STATION_IDS },
        peg: { kind: 'choice', of: ['settled', 'under-way', 'not-begun', 'waits', 'trouble'] },
        words: TEXT,
      }),
    ),
    joints: listOf(group({ id: TEXT, name: TEXT, number: COUNT, penetrationId: TEXT_OR_NULL, ...MATING })),
    runs: listOf(group({ penetrationId: TEXT, strands: listOf(group({ parts: listOf(TEXT), end: TEXT })) })),
    findings: listOf(
      group({
        check: TEXT,
        messageId: TEXT,
        severity: { kind: 'choice', of: SEVERITIES },
        station: { kind: 'choice', of: STATION_IDS },
        title: TEXT,
        text: TEXT,
        toDo: TEXT,
        at: PLACE,
        fixes: listOf(group({ text: TEXT, edits: listOf(edit), partsAdded: NUMBER, priceUsd: NUMBER })),
        safety: YES_NO,
        settled: { ...group(SETTLEMENT), orUnknown: true },
      }),
    ),
    settled: listOf(
      group({ check: TEXT, messageId: TEXT, title: TEXT, text: TEXT, at: PLACE, settled: group(SETTLEMENT) }),
    ),
    parts: group(PARTS_LIST),
  }) as const satisfies Fields;
