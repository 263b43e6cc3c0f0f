import {
  CAPABILITY_NAMES,
  type ChainLink,
  MATERIAL_NAMES,
  type Measures,
  type Route,
  type Routes,
  formatLength,
  partTitle,
} from '@herrero/core';
import { MiniPart } from '@/drawing/view/mini-part';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';
import { HEADING_NAMES } from '@/ui/heading-names';

/** A way as it is listed: one in space also says its lengths, and which way its bends point. */
type Listed = Omit<Route, 'links'> & { readonly links: readonly ChainLink[] };

/** Ranked ways, each drawn part by part, with what it costs and how narrow it gets. Pressing one takes it. */
export function RouteList<Way extends Listed>({
  routes,
  onTake,
  alone,
}: {
  readonly routes: readonly Way[];
  readonly onTake: (route: Way) => void;
  /** What a way of no parts at all is called. */
  readonly alone: string;
}) {
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  return (
    <ol>
      {routes.map((route, index) => (
        <li key={`${index} ${route.links.map(({ part }) => part.code).join()}`} className="border-b border-hair">
          <button
            type="button"
            onClick={() => onTake(route)}
            className="flex min-h-14 w-full items-center gap-2.5 px-1 py-1 text-left hover:bg-brass-wash focus-visible:bg-brass-wash"
          >
            <b className="w-4 font-[650]">{index + 1}</b>
            <RouteWords route={route} alone={alone} measures={measures} />
            <RouteFigures route={route} measures={measures} money={money} />
          </button>
        </li>
      ))}
    </ol>
  );
}

function RouteWords({
  route: { links },
  alone,
  measures,
}: {
  readonly route: Listed;
  readonly alone: string;
  readonly measures: Measures;
}) {
  if (links.length === 0) return <span className="flex-1 type-row">{alone}</span>;
  return (
    <span className="min-w-0 flex-1">
      {links.map((link, index) => (
        <span key={index} className="flex items-center gap-2">
          <MiniPart part={link.part} width={48} height={32} />
          <span className="min-w-0 type-row">
            {partTitle(link.part)}, {MATERIAL_NAMES[link.part.material]}
            <LinkWords link={link} measures={measures} />
          </span>
        </span>
      ))}
    </span>
  );
}

/** How long a piece is cut, which way a bend points, how it falls. */
function LinkWords({
  link: { lengthM, followsM, said },
  measures,
}: {
  readonly link: ChainLink;
  readonly measures: Measures;
}) {
  const longM = lengthM ?? followsM;
  const words = [
    ...(longM === undefined ? [] : [formatLength(longM, measures)]),
    ...(said?.slope?.by === 'fall' ? [`falls 1 in ${Math.round(1 / Math.abs(said.slope.fallShare))}`] : []),
    ...(said?.points ? [`points ${HEADING_NAMES[said.points]}`] : []),
    ...(said?.rollDegrees ? [`turned ${Math.abs(said.rollDegrees).toFixed(0)}°`] : []),
  ];
  return words.length > 0 && <b className="font-[650]">, {words.join(', ')}</b>;
}

const RouteFigures = ({
  route: { links, priceUsd, smallestBoreMm },
  measures,
  money,
}: {
  readonly route: Listed;
  readonly measures: Measures;
  readonly money: (usd: number) => string;
}) => (
  <span className="shrink-0 text-right type-second">
    {links.length === 0 ? 'no part' : `${links.length} ${links.length === 1 ? 'part' : 'parts'}, ${money(priceUsd)}`}
    {links.length > 0 && <span className="block">least bore {formatLength(smallestBoreMm / 1000, measures)}</span>}
  </span>
);

/** No way: the one part that would close it, or what was asked for that cannot be had. */
export function NoWay({ found }: { readonly found: Routes | undefined }) {
  if (found?.unmet)
    return (
      <p className="border-b border-hair py-2 type-row">
        No chain of up to six parts has {found.unmet.map((one) => CAPABILITY_NAMES[one]).join(' and ')}. Leave one of
        them out, or begin the run with it.
      </p>
    );
  if (!found?.gap)
    return <p className="border-b border-hair py-2 type-row">Nothing is known to go on here. Measure the end first.</p>;
  const { part, before, after } = found.gap;
  return (
    <div className="border-b border-hair py-2 type-row">
      <p>
        No chain of the catalogue leads there. One part would close it: <b className="font-[650]">{part}</b>
        {before.length + after.length === 0 ? '.' : ', with'}
      </p>
      {before.length + after.length > 0 && <p>{[...before, ...after].map(partTitle).join(', ')}</p>}
    </div>
  );
}
