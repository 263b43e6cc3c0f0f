import { METRES_PER_FOOT, type Measures } from '../../quantity/length';
import { spanWords } from '../../quantity/time-words';
import type { WayLine } from '../list/parts-list';
import { placesWords } from './line-words';

/** How much of a way there is: '12 joints', '26 m', '86 ft', 'once'. */
export function wayAmountWords({ amount, per }: Pick<WayLine, 'amount' | 'per'>, measures: Measures): string {
  if (per === 'job') return 'once';
  if (per !== 'metre' && per !== 'square metre') return `${amount} ${per}${amount === 1 ? '' : 's'}`;
  const power = per === 'metre' ? 1 : 2;
  const [figure, name] = measures === 'mm-l' ? [amount, 'm'] : [amount / METRES_PER_FOOT ** power, 'ft'];
  const unit = per === 'metre' ? name : `square ${name}`;
  return `${figure < 10 ? Math.max(0.1, Math.round(figure * 10) / 10) : Math.round(figure)} ${unit}`;
}

/** How long a way takes, and by how many where one is not enough. */
export const wayTimeWords = ({ minutes, people }: Pick<WayLine, 'minutes' | 'people'>): string =>
  `${spanWords(minutes)}${people > 1 ? ', by two' : ''}`;

/** Everything that is said of a way below its name, each with what it is about. */
export const wayRows = ({
  places,
  takes,
  before,
  after,
  waits,
}: WayLine): readonly (readonly [about: string, said: string])[] => [
  ...(places.length === 0 ? [] : [['where', placesWords(places)] as const]),
  ...(takes.length === 0 ? [] : [['takes', takes.join(', ')] as const]),
  ['before', before.join('; ')],
  ['after', after.join('; ')],
  ...waits.map((wait) => ['wait', `${wait.what}: ${spanWords(wait.minutes)} before ${wait.before}`] as const),
];

/** How long all of them take together: what a trained hand does with all things laid out, and what comes on top. */
export function allWaysWords(ways: readonly WayLine[]): string {
  const [least, most] = [0, 1].map((at) => ways.reduce((sum, { minutes }) => sum + (minutes[at] ?? 0), 0));
  return `${spanWords([least ?? 0, most ?? 0])} for one trained hand with all things laid out. Setting out, carrying and cleaning take about as much again; whoever does it the first time, twice that. Waits run side by side.`;
}
