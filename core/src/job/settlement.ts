import type { Fields, RecordOf } from '../record/field';

/** Why a note is settled although what it says stays so. */
export const SETTLED_BECAUSE = ['works-as-it-is', 'accepted', 'licensed-trade'] as const;
export type SettledBecause = (typeof SETTLED_BECAUSE)[number];

export const SETTLED_WORDS: Readonly<Record<SettledBecause, string>> = {
  'works-as-it-is': 'works as it is',
  accepted: 'accepted',
  'licensed-trade': 'done by a licensed trade',
};

/** A note that somebody has settled by name: it holds for as long as the figures that it rested on. */
export const SETTLEMENT = {
  id: { kind: 'id', fixed: true },
  about: { kind: 'text', most: 300, fixed: true, words: 'note', says: 'Check, message and place of the note' },
  because: { kind: 'choice', of: SETTLED_BECAUSE, words: 'reason' },
  by: { kind: 'text', most: 80, words: 'name' },
  on: { kind: 'day', words: 'day' },
  figures: {
    kind: 'text',
    most: 2000,
    orUnknown: true,
    fixed: true,
    words: 'figures',
    says: 'The figures that the note rested on; null: settled before they were kept, whatever they are',
  },
} as const satisfies Fields;
export interface Settlement extends RecordOf<typeof SETTLEMENT> {}
