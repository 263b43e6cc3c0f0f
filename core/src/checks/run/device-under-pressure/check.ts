import { formatEnd } from '../../../connections/format';
import { partTitle } from '../../../fittings/catalogue';
import type { Part } from '../../../fittings/part';
import { GRAVITY_M_S2 } from '../../../hydraulics/free-flow';
import { lineFlows } from '../../../hydraulics/line-flow';
import { formatPressure } from '../../../quantity/flow';
import { atPart } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'run/device-under-pressure',
    severity: 'fails',
    summary: 'A device that asks for more pressure than the water above it gives.',
    sources: [
      { document: 'hydrostatics: 9.81 kPa a metre', provenance: 'standard-formula' },
      { document: 'least pressure of timers', provenance: 'common-practice' },
    ],
    messages: {
      under: {
        title: 'Too little pressure',
        text: '{part} wants {wants} and has {has} with the tank full: raise the tank by {raise}, take one that works at low pressure, or put a pump before it.',
      },
    },
  },
  check: (context) =>
    context.runs.flatMap((run) =>
      lineFlows(run, context)
        .filter(({ endKnownBy }) => endKnownBy !== 'assumed')
        .flatMap(({ items, states }) =>
          items.flatMap(({ part, placed }) => {
            const fullKpa = states.find(({ water }) => water === 'full')?.shutKpa ?? 0;
            if (part.leastKpa === undefined || fullKpa >= part.leastKpa) return [];
            return [
              {
                messageId: 'under' as const,
                at: atPart(placed.id, run.penetration),
                data: {
                  part: part.name,
                  wants: formatPressure(part.leastKpa, context.job.measures),
                  has: formatPressure(fullKpa, context.job.measures),
                  raise: { lengthM: (part.leastKpa - fullKpa) / GRAVITY_M_S2 },
                },
                fixes: alikeThatAsksForNone(part, context.catalogue.list).map((other) => ({
                  text: 'Take instead: {part}',
                  data: { part: partTitle(other) },
                  edits: [{ type: 'replace-part' as const, partId: placed.id, from: part.code, to: other.code }],
                  partsAdded: 0,
                  priceUsd: other.priceUsd - part.priceUsd,
                })),
              },
            ];
          }),
        ),
    ),
});

const endsOf = ({ ends }: Part): string => ends.map(({ end }) => formatEnd(end)).join();

/** The cheapest of the same kind and ends that works without pressure. */
const alikeThatAsksForNone = (part: Part, list: readonly Part[]): readonly Part[] =>
  list
    .filter(
      (other) =>
        other.leastKpa === undefined &&
        other.features.join() === part.features.join() &&
        endsOf(other) === endsOf(part),
    )
    .toSorted((a, b) => a.priceUsd - b.priceUsd)
    .slice(0, 1);
