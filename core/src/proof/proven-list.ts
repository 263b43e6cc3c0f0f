import type { CheckContext } from '../derived/context';
import { partTitle } from '../fittings/catalogue';
import type { Completeness, PartsList, ProvenList } from '../parts/list/parts-list';
import { memoize } from '../quantity/memoize';
import { missingFrom } from './prove';

/** A list, and the job as it was judged for it. */
interface Listed {
  readonly parts: PartsList;
  readonly context: CheckContext;
}

/**
 * The list of a plan with its proof: everything counted anew from the job, held against what is built in, without the spares.
 * Pure; counted once for each plan, and only where somebody asks, since no screen but Parts and no paper needs it.
 */
export const provenList = memoize((plan: Listed): ProvenList => ({ ...plan.parts, listed: listed(plan) }));

function listed({ parts, context }: Listed): Completeness {
  const lines = parts.groups.flatMap(({ id, lines: own }) => (id === 'spares' ? [] : own));
  const missing = missingFrom({ lines, cuts: parts.cuts }, context);
  const notThere = missing.filter(({ bought }) => !bought).length;
  return {
    done: lines.length - (missing.length - notThere),
    of: lines.length + notThere,
    missing: missing.map(({ code, detail }) => {
      const part = context.catalogue.byCode.get(code);
      return part ? partTitle(part) : (detail ?? code);
    }),
  };
}
