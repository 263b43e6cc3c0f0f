'use client';

import { usePathname } from 'next/navigation';
import { BenchLink } from '../bench/bench-link';
import { useJob } from '../../store/job-provider';

/** The bench works without a job; the way back leads to the place left. In the strip with a second line, beside the name on a phone. */
export function ToTheBench({ onPhone = false }: { readonly onPhone?: boolean }) {
  const name = useJob((state) => state.job.name);
  const stations = useJob((state) => state.plan.stations);
  const path = usePathname();
  const station = stations.find(({ id }) => id === path.split('/')[3]);
  const from = { href: path, label: `${name}, ${station?.name ?? 'job'}` };
  return onPhone ? (
    <BenchLink from={from} className="action min-h-9">
      <span>Bench</span>
    </BenchLink>
  ) : (
    <BenchLink
      from={from}
      className="block w-[92px] shrink-0 border-l border-hair px-3 pt-2 hover:bg-brass-wash max-md:hidden"
    >
      <span className="block text-[15px] leading-[22px] font-semibold [font-stretch:86%]">Bench</span>
      <span className="block truncate type-second">threads</span>
    </BenchLink>
  );
}
