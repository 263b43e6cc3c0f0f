'use client';

import { Action } from '@/ui/action';

/** A search beside the page broke: why, and how to try again. */
export function SearchFailed({ why, onAgain }: { readonly why: string; readonly onAgain: () => void }) {
  return (
    <div role="alert" className="py-2">
      <p className="type-row">The search failed: {why}. What stands on the page is as it was.</p>
      <Action onClick={onAgain}>Look again</Action>
    </div>
  );
}
