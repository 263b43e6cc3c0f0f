import { type Seam, SeamGlyph } from '@/ui/seam-glyph';

const KEY: readonly (readonly [Seam, string])[] = [
  ['holds', 'Holds'],
  ['tape', 'Holds with tape'],
  ['fits-unrated', 'Fits, not rated'],
  ['starts-then-leaks', 'Starts, then leaks'],
  ['will-not-go', 'Will not go'],
  ['unknown', 'Not known yet'],
  ['open', 'End open'],
];

/** What the seams in the rack mean. */
export function SeamKey() {
  return (
    <section aria-label="How a joint is judged" className="mx-4 border-t border-hair-2 pt-2 pb-4">
      <h2 className="pb-1 text-[14.5px] font-semibold [font-stretch:82%]">How a joint is judged</h2>
      <ul className="space-y-1.5">
        {KEY.map(([seam, words]) => (
          <li key={seam} className="flex items-center gap-2.5">
            <SeamGlyph seam={seam} width={30} />
            <span className="text-[14.5px] [font-stretch:76%]">{words}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
