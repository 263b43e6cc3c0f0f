import fc from 'fast-check';
import { applyEdits, type Edit } from '../edits/edits';
import { settableField } from '../edits/change-field';
import { setOutTank } from '../edits/set-out-tank';
import { PART_FAMILIES, shippedCatalogue, wallFittingsOf } from '../fittings/catalogue';
import { sealWays } from '../derived/seal-ways';
import { contextOf } from '../derived/context';
import { COLLECTIONS, type EndRef, type Job, RECORDS } from '../job/job';
import { HOLE_KINDS, setOutHole } from '../job/hole-kinds';
import { newPart } from '../job/new-part';
import { belowGround, newInflow, newRoof, newTerminal } from '../job/places';
import { gather } from '../quantity/gather';
import { type Field, isFigure } from '../record/field';
import { REGIONS } from '../region';
import { INFLOW_KINDS } from '../site/inflow-kinds';
import { PLACE_KINDS } from '../site/place-kinds';
import { TANK_TYPES } from '../walls/tank-types';
import { valueOf } from './arbitrary-field';
import { BEGUN_JOBS } from './begun-jobs';

/** A step of work: what it becomes, or the job itself where that cannot be done. */
type Step = (job: Job) => readonly Edit[];

const pickOf = <Item>(list: readonly Item[], pick: number): Item | undefined => list[pick % Math.max(1, list.length)];

/** What somebody may type into a field: mostly what is usual there. */
const typed = (field: Field): fc.Arbitrary<unknown> =>
  isFigure(field) && field.usual !== undefined
    ? fc.oneof(
        { weight: 3, arbitrary: fc.double({ min: field.usual[0], max: field.usual[1], noNaN: true }) },
        valueOf(field),
      )
    : valueOf(field);

/** A field of any record is set to something that it may hold. */
const FIELD_SET: fc.Arbitrary<Step> = fc
  .constantFrom(...(['settings', ...COLLECTIONS] as const).filter((where) => where !== 'settlements'))
  .chain((where) => fc.constantFrom(...Object.keys(RECORDS[where]).map((name) => [where, name] as const)))
  .chain(([where, name]) => {
    const field = settableField(where, name);
    return fc.tuple(fc.nat(), field ? typed(field) : fc.constant(undefined)).map(([pick, to]): Step => (job) => {
      if (field === undefined) return [];
      const record = where === 'settings' ? job : pickOf<{ readonly id: string }>(job[where], pick);
      if (record === undefined) return [];
      const reference =
        field.kind === 'reference' ? pickOf<{ readonly id: string }>(job[field.to as 'tanks'], pick) : undefined;
      return [
        {
          type: 'change-field',
          in: where,
          ...(where === 'settings' ? {} : { id: (record as { readonly id: string }).id }),
          field: name,
          from: (record as unknown as Readonly<Record<string, unknown>>)[name],
          to: field.kind === 'reference' && to !== null ? (reference?.id ?? null) : to,
        } as unknown as Edit,
      ];
    });
  });

/** The ends that nothing is on. */
const openEnds = (job: Job): readonly EndRef[] => {
  const { index } = contextOf(job, shippedCatalogue);
  const ends: readonly EndRef[] = [
    ...job.penetrations.map(({ id }): EndRef => ({ of: 'hole', id })),
    ...gather(job.parts, ({ id, code }) =>
      (shippedCatalogue.byCode.get(code)?.ends ?? []).map((_, end): EndRef => ({ of: 'part', id, end })),
    ),
  ];
  return ends.filter((end) => index.jointAt(end) === undefined);
};

const ROOF_AND_PLACE = fc.record({
  role: fc.constantFrom(...HOLE_KINDS),
  type: fc.constantFrom(...TANK_TYPES.map(({ id }) => id)),
  place: fc.constantFrom(...PLACE_KINDS),
  inflow: fc.constantFrom(...INFLOW_KINDS),
  offers: fc.constantFrom(null, '3/4 NPT M', '3/4 G M', '3/4 NH F swivel', '1 NPT F', '32 mm PE'),
  downM: fc.double({ min: -3, max: 3, noNaN: true }),
  region: fc.constantFrom(...REGIONS, null),
});

/** The work itself: tanks, holes, seals, parts, places, water that comes in. */
const WORK: fc.Arbitrary<Step> = fc
  .tuple(fc.nat(), fc.nat(), ROOF_AND_PLACE, fc.nat(8))
  .map(([pick, other, { role, type, place, inflow, offers, downM, region }, way]): Step => (job) => {
    const id = `n${job.tanks.length + job.penetrations.length + job.parts.length + job.terminals.length}-${pick % 9973}`;
    const tank = pickOf(job.tanks, pick);
    const part = pickOf(job.parts, pick);
    const hole = pickOf(job.penetrations, pick);
    const codeLike = (code: string): string | undefined => {
      const family = shippedCatalogue.byCode.get(code)?.family;
      return pickOf(
        shippedCatalogue.list.filter((one) => one.family === family),
        other,
      )?.code;
    };
    switch (way) {
      case 0:
        return [...setOutTank(id, type, region)];
      case 1:
        return tank ? [{ type: 'add-penetration', penetration: setOutHole(id, role, tank, job) }] : [];
      case 2: {
        const own = hole && job.tanks.find((one) => one.id === hole.tankId);
        if (!hole || !own) return [];
        const ways = sealWays(hole, own, contextOf(job, shippedCatalogue)).filter(({ parts }) => parts.length > 0);
        const seal = pickOf(
          pickOf(ways, other)?.parts ?? wallFittingsOf(shippedCatalogue)('bulkhead', hole.size),
          pick,
        );
        return seal
          ? [
              {
                type: 'add-part',
                part: newPart(id, seal.code),
                at: { of: 'hole', id: hole.id },
                partEnd: 0,
                jointId: `${id}-j`,
              },
            ]
          : [];
      }
      case 3: {
        const to = part && codeLike(part.code);
        return part && to ? [{ type: 'replace-part', partId: part.id, from: part.code, to }] : [];
      }
      case 4:
        return part ? [{ type: 'remove-part', partId: part.id }] : [];
      case 5: {
        const at = pickOf(openEnds(job), pick);
        const family = pickOf(PART_FAMILIES, other);
        const put = pickOf(
          shippedCatalogue.list.filter((one) => one.family === family?.id),
          pick,
        );
        return at && put ? [{ type: 'add-part', part: newPart(id, put.code), at, partEnd: 0, jointId: `${id}-j` }] : [];
      }
      case 6: {
        const at = pickOf(openEnds(job), pick);
        return [
          {
            type: 'add-terminal',
            terminal: newTerminal({ id, name: `Place ${id}`, kind: place, offers, readings: belowGround(downM) }),
          },
          ...(at ? [{ type: 'join-ends', jointId: `${id}-j`, a: at, b: { of: 'terminal', id } } as const] : []),
        ];
      }
      case 7: {
        const into = hole?.id ?? null;
        return pick % 2 === 0
          ? [
              {
                type: 'add-roof',
                roof: newRoof({
                  id,
                  name: `Roof ${id}`,
                  planAreaM2: 20 + (other % 300),
                  into,
                  readings: belowGround(downM - 2),
                }),
              },
            ]
          : [{ type: 'add-inflow', inflow: newInflow({ id, name: `Inflow ${id}`, kind: inflow, into }) }];
      }
      default:
        return part ? [{ type: 'turn-part', partId: part.id }] : [];
    }
  });

/** The job after a step; the same where the step is refused. */
export function after(job: Job, edits: readonly Edit[]): Job {
  const edited = edits.length === 0 ? undefined : applyEdits(job, edits, shippedCatalogue);
  return edited?.ok ? edited.value.job : job;
}

/** A job as somebody may have it: one that was begun, with some steps of work and some fields set. */
export const anyJob: fc.Arbitrary<Job> = fc
  .tuple(
    fc.constantFrom(...BEGUN_JOBS),
    fc.array(fc.oneof({ weight: 3, arbitrary: FIELD_SET }, { weight: 2, arbitrary: WORK }), { maxLength: 12 }),
  )
  .map(([begun, steps]) => steps.reduce((job, step) => after(job, step(job)), begun));
