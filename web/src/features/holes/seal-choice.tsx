'use client';

import {
  type Part,
  type Penetration,
  type SealWay,
  type Tank,
  WAY_WORDS,
  fillText,
  formatLength,
  lengthFigure,
  lengthUnit,
  isSoldIn,
  sealOf,
  sealWays,
  sizeWords,
  wayTitle,
  newPart,
} from '@herrero/core';
import dynamic from 'next/dynamic';
import { MiniPart } from '@/drawing/view/mini-part';
import { soldWords } from '@/ui/sold-words';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

const HoleOwn = dynamic(() => import('./hole-own'), { ssr: false });

/** The ways to seal this hole, each with its hole and what speaks for or against it in this wall; the chosen one is washed. */
export function SealChoice({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const context = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const seal = sealOf(penetration.id, context.index);
  const ways = sealWays(penetration, tank, context);
  const chosen = (way: SealWay): boolean => way.style.id === seal?.end.style;
  /** What is chosen first, then what is allowed, then what wants care, then what is welded on or cast in; of each what is sold where the work is. */
  const rank = (way: SealWay): number =>
    (chosen(way) ? 0 : way.style.byTrade ? 6 : way.verdict === 'allowed' ? 2 : 4) +
    (way.parts.some((part) => isSoldIn(part, context.job.region)) ? 0 : 1);
  const open = ways
    .filter((way) => chosen(way) || (way.verdict !== 'ruled-out' && way.parts.length > 0))
    .toSorted((a, b) => rank(a) - rank(b));
  const shut = ways.filter((way) => !open.includes(way));
  const choose = (part: Part): void => {
    if (seal) make([{ type: 'replace-part', partId: seal.placed.id, from: seal.part.code, to: part.code }]);
    else
      make([
        {
          type: 'add-part',
          part: newPart(newId(), part.code),
          at: { of: 'hole', id: penetration.id },
          partEnd: 0,
          jointId: newId(),
        },
      ]);
  };
  return (
    <>
      {open.length === 0 && (
        <p className="py-2 type-row">
          Nothing in the catalogue seals {sizeWords(penetration.size)} here. The note beside it has the next size that
          something does, where there is one; or take another place, or measure the shank.
        </p>
      )}
      <ul>
        {open.flatMap((way) =>
          way.parts.map((part, place) => (
            <SealRow
              key={part.code}
              way={way}
              part={part}
              wallM={tank.wallM}
              first={place === 0}
              chosen={seal?.part.code === part.code}
              onChoose={() => choose(part)}
            />
          )),
        )}
      </ul>
      <HoleOwn penetration={penetration} />
      {shut.length > 0 && (
        <details className="border-b border-hair py-1">
          <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">
            {shut.length} {shut.length === 1 ? 'way is' : 'ways are'} ruled out here: why
          </summary>
          <ul className="space-y-1.5 pb-2">
            {shut.map((way) => (
              <li key={way.style.id} className="type-second">
                <b className="font-[650] text-ink">{wayTitle(way)}.</b> <Reasons way={way} />
                {way.reasons.length === 0 ? 'Not in the catalogue in this size.' : ''}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Reasons({ way }: { readonly way: SealWay }) {
  const measures = useJob((state) => state.job.measures);
  return way.reasons.map(({ text, data }) => fillText(text, data, measures)).join(' ');
}

function SealRow({
  way,
  part,
  wallM,
  first,
  chosen,
  onChoose,
}: {
  readonly way: SealWay;
  readonly part: Part;
  readonly wallM: number;
  /** The reasons stand once, at the first part of a way. */
  readonly first: boolean;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}) {
  const measures = useJob((state) => state.job.measures);
  const region = useJob((state) => state.job.region);
  const holeM = (way.row?.typicalHoleMm ?? 0) / 1000;
  const allowed = way.verdict === 'allowed';
  return (
    <li className="border-b border-hair">
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onChoose}
        className={`flex w-full items-center gap-3 px-2 py-1.5 text-left ${chosen ? 'row-selected' : 'hover:bg-paper-deep'}`}
      >
        <MiniPart part={part} />
        <span className="min-w-0 flex-1">
          <span className="block text-[16px] leading-5 font-[650]">{part.name}</span>
          <span className="block type-second">
            {part.detail}, hole {lengthFigure(holeM, measures)} {lengthUnit(measures)}
            {soldWords(part, region)}
          </span>
          {!allowed && (
            <span className="block type-second">
              <b className="text-ink">{WAY_WORDS[way.verdict]}.</b> {first ? <Reasons way={way} /> : 'As above.'}
            </span>
          )}
        </span>
      </button>
      {chosen && way.row && <SealFigures way={way} wallM={wallM} />}
    </li>
  );
}

/** What the chosen way asks for: its range of holes, flat, inside and nut. */
function SealFigures({ way: { style, row }, wallM }: { readonly way: SealWay; readonly wallM: number }) {
  const measures = useJob((state) => state.job.measures);
  if (!row) return null;
  const mm = (value: number): string => formatLength(value / 1000, measures);
  const facts: readonly (readonly [string, string])[] = [
    ['Holes', `${mm(row.holeMm[0])} to ${mm(row.holeMm[1])} between makers`],
    ['Grips', `${mm(row.gripMm[0])} to ${mm(row.gripMm[1])} of wall`],
    ['Flat', `${mm(row.flangeMm)} across`],
    ['Inside', style.inside],
    ['Nut', style.side],
    // What the nut does not need may be cut off a shank, as long as it keeps its threads.
    ...(style.washer
      ? [
          [
            'Shank',
            `${mm(Math.max(0, row.gripMm[1] - wallM * 1000))} to spare; cut shorter, keep four threads under the nut`,
          ] as const,
        ]
      : []),
  ];
  return (
    <div className="px-2 pb-2 type-second">
      <dl className="grid grid-cols-[52px_1fr] gap-x-2">
        {facts.map(([name, value]) => (
          <div key={name} className="contents">
            <dt>{name}</dt>
            <dd className="text-ink">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="pt-1">
        {style.source.provenance === 'from-memory'
          ? 'Ranges from memory: measure what you have.'
          : style.source.document}
      </p>
    </div>
  );
}
