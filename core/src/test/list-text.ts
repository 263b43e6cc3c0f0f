import { needWords } from '../parts/tables/line-words';
import { openQuestions } from '../parts/tables/open-questions';
import type { Use } from '../parts/list/trace';
import type { Plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { formatMoney } from '../quantity/money';

/** What a line is for, so that who reads the list can ask of each line why it is there: 'P1: part, joint 2'. */
function reasonOf(uses: readonly Use[]): string {
  const byPlace = new Map<string, Map<string, number>>();
  for (const { place, of } of uses) {
    const counts = byPlace.get(place) ?? new Map<string, number>();
    counts.set(of, (counts.get(of) ?? 0) + 1);
    byPlace.set(place, counts);
  }
  return [...byPlace]
    .map(([place, counts]) => {
      const what = [...counts].map(([of, count]) => (count === 1 ? of : `${of} ${count}`)).join(', ');
      return place === '' ? what : `${place}: ${what}`;
    })
    .join('; ');
}

/** The parts list of a plan as text, each line with its reason, then every question: for reading, and for being compared. */
export function listText(plan: Plan): string {
  const { job } = plan.context;
  const parts = provenList(plan);
  const lines = parts.groups.flatMap(({ title, lines: own }) => [
    '',
    title,
    ...own.map((line) => {
      const { title: name, detail, buy, note, leftOver, uses } = line;
      const amount = `need ${needWords(line, job.measures)}, buy ${buy}`;
      const left = leftOver === undefined ? '' : ', some left over';
      const why = reasonOf(uses);
      return `  ${name} ${detail} | ${amount}${left} | ${why === '' ? 'the whole job' : why}${note === undefined ? '' : ` | ${note}`}`;
    }),
  ]);
  const { listed, ends, joints } = parts;
  return [
    `${job.name}: ${parts.toBuy} to buy, ${formatMoney(parts.totalUsd, 'USD')} invented; found ${listed.done} of ${listed.of}, joints ${joints.done} of ${joints.of}, ends ${ends.done} of ${ends.of}`,
    ...lines,
    '',
    ...openQuestions(parts).map((question) => `? ${question}`),
    '',
  ].join('\n');
}
