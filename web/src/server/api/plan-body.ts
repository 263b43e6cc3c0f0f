import { type Plan, fillText, provenList, triedFixes, wayLines } from '@herrero/core';

/** The parts list as the API gives it: with its tools, its proof, and how everything on it is made. */
export const listBody = (plan: Plan) => ({ ...provenList(plan), ways: wayLines(plan.context) });

/** A plan as the API gives it: data with its words, without the index it was computed from. */
export function planBody(plan: Plan) {
  const { context, joints, findings, settled, stations, runs } = plan;
  const { measures } = context.job;
  return {
    stations: stations.map(({ id, peg, words }) => ({ id, peg, words })),
    joints: joints.map(({ joint, name, number, words, mating, penetration }) => ({
      id: joint.id,
      name,
      number,
      penetrationId: penetration?.id ?? null,
      words,
      ...mating,
    })),
    runs: runs.map(({ penetration, strands }) => ({
      penetrationId: penetration.id,
      strands: strands.map(({ items, end }) => ({ parts: items.map(({ placed }) => placed.id), end: end.at })),
    })),
    findings: findings.map((finding) => ({
      check: finding.check,
      messageId: finding.messageId,
      severity: finding.severity,
      station: finding.station,
      title: finding.title,
      text: fillText(finding.text, finding.data, measures),
      toDo: finding.toDo,
      at: finding.at,
      fixes: triedFixes(context, finding).map((fix) => ({
        text: fillText(fix.text, fix.data, measures),
        edits: fix.edits,
        partsAdded: fix.partsAdded,
        priceUsd: fix.priceUsd,
      })),
      safety: finding.safety,
      settled: finding.settled ?? null,
    })),
    settled: settled.flatMap(({ check, messageId, title, text, at, data, settled: by }) =>
      by ? [{ check, messageId, title, text: fillText(text, data, measures), at, settled: by }] : [],
    ),
    parts: listBody(plan),
  };
}
