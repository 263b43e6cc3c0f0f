import Link from 'next/link';
import { SeamGlyph } from '@/ui/seam-glyph';

/** The mark is the glyph of a joint that holds; it leads back to the jobs. */
export function NameBlock() {
  return (
    <Link href="/" className="flex items-center gap-2" aria-label="Herrero: all jobs">
      <SeamGlyph seam="holds" width={30} />
      <span className="text-[22px] leading-6 font-[760] [font-stretch:116%]">Herrero</span>
    </Link>
  );
}
