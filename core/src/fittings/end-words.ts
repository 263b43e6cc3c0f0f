import type { End } from '../connections/end';
import { formatEnd, threadName } from '../connections/format';
import { sizeWords } from '../quantity/size';

/** An end as it stands in a part's name: '3/4 NPT male', '1-1/2 socket', '1 in tail'. */
export function endWords(end: End): string {
  switch (end.kind) {
    case 'thread':
      return [threadName(end), end.sex, ...(end.swivel ? ['swivel'] : [])].join(' ');
    case 'pipe':
      return end.series === 'ips-40' ? `${end.size} ${end.part}` : formatEnd(end);
    case 'hose':
      return end.part === 'barb' && end.system === 'hose' ? `${sizeWords(end.size)} tail` : formatEnd(end);
    default:
      return formatEnd(end);
  }
}

/** The ends of a part in a row, said once where they are alike: '2 x 1 NPT female', '3/4 NPT male x 1 tail'. */
export function endsWords(ends: readonly End[]): string {
  const all = ends.map(endWords);
  const words = new Set(all).size === 1 ? all.slice(0, 1) : all;
  const kinds = words.map((one) => one.slice(one.indexOf(' ') + 1));
  return kinds.length > 1 && kinds.every((kind) => kind === kinds[0])
    ? `${words.map((one) => one.slice(0, one.indexOf(' '))).join(' x ')} ${kinds[0]}`
    : words.join(' x ');
}
