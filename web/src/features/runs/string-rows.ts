import { type JudgedJoint, type Plan, type Strand, formatLength, type Measures, tankOf } from '@herrero/core';
import { type LaidPart, type LaidSeam } from '@/drawing/geometry/string-layout';

/** How the far end of a strand reads. */
export interface EndWords {
  readonly words: string;
  readonly open: boolean;
}

export function endWords(strand: Strand, plan: Plan): EndWords {
  const { end, items } = strand;
  const { job } = plan.context;
  switch (end.at) {
    case 'open':
      return { words: 'End open', open: true };
    case 'discharge':
      return {
        words: items.at(-1)?.part.features.includes('screen') ? 'Water leaves here, screened' : 'Water leaves here',
        open: false,
      };
    case 'closed':
      // A grate, a cowl or a screen ends a line, and lets water and air through.
      return { words: items.at(-1)?.part.features.includes('screen') ? 'Open, screened' : 'Closed', open: false };
    case 'terminal':
      return { words: `At ${job.terminals.find(({ id }) => id === end.id)?.name ?? 'its place'}`, open: false };
    case 'hole': {
      const hole = job.penetrations.find(({ id }) => id === end.id);
      return { words: `Into ${tankOf(job, hole)?.label ?? 'a tank'}`, open: false };
    }
    case 'unknown':
      return { words: 'Not known yet', open: false };
  }
}

const lengthWords = ({ byLength, lengthM }: LaidPart, measures: Measures): readonly string[] =>
  byLength ? [lengthM === null ? 'length not known' : formatLength(lengthM, measures)] : [];

/** What tells a part apart: its length first, since that is measured; and whether it is there already. */
export const detailWords = (part: LaidPart, measures: Measures): string =>
  [...lengthWords(part, measures), part.detail, ...(part.existing ? ['stands already'] : [])].join(', ');

export const judgedOf = (plan: Plan, { jointId }: LaidSeam): JudgedJoint | undefined => plan.context.judgedOf(jointId);
