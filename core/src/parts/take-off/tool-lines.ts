import type { CheckContext } from '../../derived/context';
import { isDownpipe } from '../../fittings/capability';
import type { Part } from '../../fittings/part';
import { makingOf } from '../../methods/applied';
import { WHOLE_JOB, type Work } from '../../methods/method';
import { TOOLS, type Tool, type ToolId } from '../../methods/tools';
import { type NominalSize, sizeCode, sizeInInches, sizeWords } from '../../quantity/size';
import type { Role } from '../../walls/roles';
import type { PartsLine } from '../list/parts-list';
import { type Use, traced, useOfPart } from '../list/trace';

const toolLine = ({ code, title, from = 'from the van' }: Tool, detail: string, uses: readonly Use[]): PartsLine => ({
  code,
  title,
  // What it is for, told apart from what it is.
  detail: `(${detail})`,
  need: 1,
  unit: 'piece',
  buy: 0,
  priceUsd: null,
  ...traced(uses),
  note: from,
});

/** 'for 1/2 to 2': from the smallest size to the largest; a tool is wanted for both. */
function sizesWords(works: readonly Work[]): string {
  const sizes = [...new Set(works.flatMap(({ size }) => (size === undefined ? [] : [size])))].sort(
    (a, b) => sizeInInches(a) - sizeInInches(b),
  );
  const [least, most] = [sizes[0], sizes.at(-1)];
  if (least === undefined || most === undefined) return '';
  return least === most ? `; for ${sizeWords(least)}` : `; for ${sizeWords(least)} to ${sizeWords(most)}`;
}

/** Every tool that the ways of making take, once, in the order of the table, with what it is for. */
function toolsOf(context: CheckContext): readonly PartsLine[] {
  const worksOf = new Map<ToolId, Work[]>();
  for (const { method, works } of makingOf(context).applied)
    for (const one of method.tools) {
      const [tool, own] = typeof one === 'string' ? [one, works] : [one.tool, works.filter(one.when)];
      if (own.length > 0) worksOf.set(tool, [...(worksOf.get(tool) ?? []), ...own]);
    }
  return (Object.keys(TOOLS) as readonly ToolId[]).flatMap((id) => {
    const works = worksOf.get(id);
    if (!works) return [];
    const tool: Tool = TOOLS[id];
    // What every job takes hangs on nothing single.
    const uses = works.some(({ use }) => use.place === WHOLE_JOB) ? [] : works.map(({ use }) => use);
    return [toolLine(tool, `${tool.detail}${tool.sized ? sizesWords(works) : ''}`, uses)];
  });
}

const isPipe = ({ family }: Part): boolean => family === 'pipe';
const TESTED: readonly Role[] = ['inlet', 'overflow', 'drain'];
const plugCode = (size: NominalSize): string => `TP-${sizeCode(size)}`;

/** Pipe that leads to daylight is shut by a plug of its size while it is tested. */
function testPlugs({ runs }: CheckContext): readonly PartsLine[] {
  const ends = runs.flatMap(({ penetration, strands }) =>
    strands.flatMap(({ end, items }) => {
      // A downpipe is open to the air at its joints: nobody shuts it with a plug.
      const last = items.findLast(({ part }) => isPipe(part) && !isDownpipe(part));
      return last &&
        !last.placed.existing &&
        end.at !== 'hole' &&
        penetration.roles.some((role) => TESTED.includes(role))
        ? [{ size: last.part.size, insideMm: last.part.boreMm, use: useOfPart(last.placed.id, penetration) }]
        : [];
    }),
  );
  return [...new Set(ends.map(({ size }) => size))].map((size) => {
    const own = ends.filter((one) => one.size === size);
    const insideMm = Math.round(Math.min(...own.map((one) => one.insideMm)));
    return toolLine(
      { code: plugCode(size), title: `Test plug for ${sizeWords(size)} pipe`, detail: '' },
      `expanding, ${insideMm} mm inside; shuts the line while it is tested`,
      own.map(({ use }) => use),
    );
  });
}

/** What the hands need, from how everything is made, and what shuts the lines while they are tested. */
export const toolLines = (context: CheckContext): readonly PartsLine[] => [...toolsOf(context), ...testPlugs(context)];
