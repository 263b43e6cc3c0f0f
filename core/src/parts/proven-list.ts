import type { CheckContext } from '../derived/context';
import { titleOfCode } from '../fittings/catalogue';
import { cautionsIn, makingOf } from '../methods/applied';
import { ALWAYS } from '../methods/cautions';
import { missingFrom } from '../proof/prove';
import { memoize } from '../quantity/memoize';
import { asReckoned } from './list/changed-lines';
import type { Completeness, PartsGroup, PartsList, ProvenList } from './list/parts-list';
import { toolLines } from './take-off/tool-lines';

/** A list, and the job as it was judged for it. */
interface Listed {
  readonly parts: PartsList;
  readonly context: CheckContext;
}

/**
 * The list of a plan as it goes out: with the tools that its ways of making take, with what no way is described for as a question, and
 * with its proof: everything counted anew from the job, held against what is built in, without the spares.
 * Pure; made once for each plan, and only where somebody asks, since no screen but Parts and no paper needs it.
 */
export const provenList = memoize((plan: Listed): ProvenList => {
  const { parts, context } = plan;
  const making = makingOf(context);
  const tools = toolLines(context);
  const spares = parts.groups.filter(({ id }) => id === 'spares');
  const builtIn = parts.groups.filter(({ id }) => id !== 'spares');
  const groups = [...builtIn, ...(tools.length === 0 ? [] : [toolGroup(tools)]), ...spares];
  return {
    ...parts,
    groups,
    questions: [...parts.questions, ...making.undescribed.map(({ name }) => `How is ${name} made?`)],
    cautions: [...cautionsIn(making), ALWAYS],
    listed: listed({ parts: { ...parts, groups: groups.filter(({ id }) => id !== 'spares') }, context }),
  };
});

const toolGroup = (lines: PartsGroup['lines']): PartsGroup => ({
  id: 'tools',
  title: 'Tools',
  subtitle: 'not counted in the price',
  lines,
});

function listed({ parts, context }: Listed): Completeness {
  const lines = parts.groups.flatMap(({ lines: own }) => own);
  const missing = missingFrom({ lines: asReckoned(lines), cuts: parts.cuts }, context);
  const notThere = missing.filter(({ bought }) => !bought).length;
  // What lacks only since somebody changed it by hand is his to answer for: not found, and not missing either.
  const byHand = lines.some((line) => line.byHand)
    ? missingFrom({ lines, cuts: parts.cuts }, context).filter(
        (lacks) => !missing.some(({ code, detail }) => code === lacks.code && detail === lacks.detail),
      ).length
    : 0;
  return {
    done: lines.length - (missing.length - notThere) - byHand,
    of: lines.length + notThere,
    ...(byHand > 0 ? { settled: byHand } : {}),
    missing: missing.map(({ code, detail }) => titleOfCode(context.catalogue, code, detail)),
  };
}
