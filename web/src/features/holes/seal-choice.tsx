'use client';

import {
  type Offer,
  type Part,
  type Penetration,
  holdsAtAll,
  lengthFigure,
  lengthUnit,
  offersOf,
  resolveEnd,
  shippedCatalogue,
  verdictWords,
  wallSealSize,
} from '@herrero/core';
import { MiniPart } from '@/drawing/view/mini-part';
import { useJob } from '../desk/job-provider';
import { newId } from '../desk/new-id';

/** The ways to seal this hole, each with its hole and how it is judged in this wall; the chosen one is washed. */
export function SealChoice({ penetration }: { readonly penetration: Penetration }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const make = useJob((state) => state.make);
  const run = plan.runs.find((one) => one.penetration.id === penetration.id);
  const seal = run?.strands[0]?.items[0];
  const sealPart = seal?.part.ends.some(({ end }) => end.kind === 'wall-seal') ? seal : undefined;
  if (penetration.port !== null)
    return (
      <p className="py-2 type-row">
        The tank comes with {penetration.port} here. Nothing is drilled; what goes on is chosen at Runs.
      </p>
    );
  const ways = shippedCatalogue.list.flatMap((part) => wayOf(part, penetration));
  const choose = (way: Offer): void => {
    if (sealPart)
      make([{ type: 'replace-part', partId: sealPart.placed.id, from: sealPart.part.code, to: way.part.code }]);
    else
      make([
        {
          type: 'add-part',
          part: { id: newId(), code: way.part.code, lengthM: null },
          at: { of: 'hole', id: penetration.id },
          partEnd: way.endIn,
          jointId: newId(),
        },
      ]);
  };

  function wayOf(part: Part, hole: Penetration): Offer[] {
    const end = part.ends[0]?.end;
    if (end?.kind !== 'wall-seal' || end.size !== hole.size) return [];
    const diameterM = hole.holeM ?? wallSealSize(end.style, end.size).typicalHoleMm / 1000;
    const wall = resolveEnd(
      { of: 'hole', id: hole.id },
      {
        ...job,
        penetrations: job.penetrations.map((one) => (one.id === hole.id ? { ...one, holeM: diameterM } : one)),
      },
      plan.context.index,
    );
    return wall.end
      ? offersOf({ end: wall.end, material: wall.material }, part).filter(({ endIn }) => endIn === 0)
      : [];
  }

  return (
    <ul>
      {ways.map((way) => (
        <SealRow
          key={way.part.code}
          way={way}
          chosen={sealPart?.part.code === way.part.code}
          onChoose={() => choose(way)}
        />
      ))}
    </ul>
  );
}

function SealRow({
  way,
  chosen,
  onChoose,
}: {
  readonly way: Offer;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}) {
  const measures = useJob((state) => state.job.measures);
  const { part, mating } = way;
  const end = part.ends[0]?.end;
  const holeM = end?.kind === 'wall-seal' ? wallSealSize(end.style, end.size).typicalHoleMm / 1000 : 0;
  const holds = holdsAtAll(mating.verdict);
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
          <span className={`block text-[16px] leading-5 ${holds ? 'font-[650]' : 'text-ink-2'}`}>{part.name}</span>
          <span className="block type-second">
            {part.detail}, hole {lengthFigure(holeM, measures)} {lengthUnit(measures)}
          </span>
          {!holds && (
            <span className="block type-second">
              <b className="text-ink">{verdictWords(mating)}.</b> {mating.why}
            </span>
          )}
        </span>
      </button>
    </li>
  );
}
