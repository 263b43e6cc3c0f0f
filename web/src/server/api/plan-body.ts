import { type Plan, fillText } from '@herrero/core';

/** A plan as the API gives it: data with its words, without the index it was computed from. */
export function planBody({ context, joints, findings, settled, parts, stations, runs }: Plan) {
  const { measures } = context.job;
  return {
    stations: stations.map(({ id, peg, words }) => ({ id, peg, words })),
    joints: joints.map(({ joint, words, mating, penetration }) => ({
      id: joint.id,
      number: joint.number,
      penetrationId: penetration?.id ?? null,
      words,
      ...mating,
    })),
    runs: runs.map(({ penetration, strands }) => ({
      penetrationId: penetration.id,
      strands: strands.map(({ items, end }) => ({ parts: items.map(({ placed }) => placed.id), end: end.at })),
    })),
    findings: findings.map(
      ({ check, messageId, severity, station, title, text, at, data, fixes, safety, settled: by }) => ({
        check,
        messageId,
        severity,
        station,
        title,
        text: fillText(text, data, measures),
        at,
        fixes: fixes.map((fix) => ({
          text: fillText(fix.text, fix.data, measures),
          edits: fix.edits,
          partsAdded: fix.partsAdded,
          priceUsd: fix.priceUsd,
        })),
        safety,
        settled: by ?? null,
      }),
    ),
    settled: settled.flatMap(({ check, messageId, title, text, at, data, settled: by }) =>
      by ? [{ check, messageId, title, text: fillText(text, data, measures), at, settled: by }] : [],
    ),
    parts,
  };
}
