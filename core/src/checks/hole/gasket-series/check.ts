import { strandsOf } from '../../../derived/strands';
import { sealReports } from '../../seals';
import type { RunSight } from '../../../derived/context';
import type { Penetration } from '../../../job/job';
import type { Seal } from '../../../derived/resolve';
import { judge } from '../../../connections/mate';
import { holdsAtAll } from '../../../connections/mating';
import { partTitle } from '../../../fittings/catalogue';
import type { Fix } from '../../finding';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/gasket-series',
    severity: 'fails',
    toDo: 'Change the gasket or the pipe.',
    sources: [{ document: 'ASTM D1785, ASTM D3034, EN 1329: outside diameters', provenance: 'standard-table' }],
    messages: { seal: { title: 'Gasket for another pipe', text: '{why}' } },
  },
  sees: 'run-in-water',
  check: (context) => sealReports(context, ['pipe'], ({ hole, seal }, _, whole) => gasketFor(hole, seal, whole)),
});

/** The same kind of seal, made for the pipe that is there. */
function gasketFor(hole: Penetration, seal: Seal, { runs, catalogue }: RunSight): Fix[] {
  const next = strandsOf(hole, runs)[0]?.items[1];
  const pipe = next?.part.ends[next.inEnd]?.end;
  if (!pipe) return [];
  const right = catalogue.list.find(({ ends: [wall, lip] }) => {
    const same = wall?.end.kind === 'wall-seal' && wall.end.style === seal.end.style;
    return same && lip?.end.kind === 'gasket' && holdsAtAll(judge(lip.end, pipe).verdict);
  });
  if (!right) return [];
  return [
    {
      text: 'Take the one for this pipe: {part}',
      data: { part: partTitle(right) },
      edits: [
        { type: 'replace-part', partId: seal.placed.id, from: seal.part.code, to: right.code },
        { type: 'change-field', in: 'penetrations', id: hole.id, field: 'size', from: hole.size, to: right.size },
      ],
      partsAdded: 1,
      priceUsd: right.priceUsd,
    },
  ];
}
