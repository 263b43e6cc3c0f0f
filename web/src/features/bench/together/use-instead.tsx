'use client';

import {
  type End,
  MATERIAL_NAMES,
  type Mating,
  type Service,
  type Material,
  holdsAtAll,
  partTitle,
  settingCaution,
} from '@herrero/core';
import Link from 'next/link';
import { type ReactNode, useState } from 'react';
import { MiniPart } from '@/drawing/view/mini-part';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { type RouteQuestion } from '../../routes/route-question';
import { NoWay } from '../../routes/route-list';
import { SearchFailed } from '../../routes/search-failed';
import { useRoutes } from '../../routes/use-routes';
import { useCameFrom } from '../came-from';

interface UseInsteadProps {
  readonly a: End;
  readonly b: End;
  readonly aMaterial: Material | null;
  readonly bMaterial: Material | null;
  readonly service: Service | null;
  readonly mating: Mating;
  readonly words: string;
}

/** At most three ways that hold; where there is none, the one part that would close the gap. Then what the materials ask for. */
export function UseInstead({ a, b, aMaterial, bMaterial, service, mating, words }: UseInsteadProps) {
  const holds = holdsAtAll(mating.verdict);
  // A joint that only lacks what it needs is put right by putting it in.
  const leftOut = mating.reason.startsWith('left-out');
  const asks = !holds && !leftOut && mating.verdict !== 'unknown';
  const question: RouteQuestion | undefined = asks
    ? {
        from: { end: a, material: aMaterial ?? undefined, service: service ?? undefined },
        to: { end: b, material: bMaterial ?? undefined },
        options: { limit: 3 },
      }
    : undefined;
  const { answer: found, failed, again } = useRoutes(question);
  const chains = found?.routes ?? [];
  const [chosen, setChosen] = useState(0);
  return (
    <>
      {asks && (
        <>
          <h2 className="flex items-baseline justify-between pt-3 pb-2">
            <span className="type-head">Use instead</span>
            <span className="type-second">
              {failed !== undefined
                ? 'the search failed'
                : found === undefined
                  ? 'looking'
                  : chains.length === 0
                    ? 'no way found'
                    : chains.length === 1
                      ? '1 way that holds'
                      : `${chains.length} ways that hold`}
            </span>
          </h2>
          {chains.length === 0 ? (
            <>
              {found && <NoWay found={found} />}
              {failed !== undefined && <SearchFailed why={failed} onAgain={again} />}
            </>
          ) : (
            <ol className="border-t-[1.5px] border-ink">
              {chains.map((chain, index) => (
                <li key={index}>
                  <button
                    type="button"
                    aria-pressed={index === chosen}
                    onClick={() => setChosen(index)}
                    className={`w-full border-b border-hair px-1 py-2 text-left ${index === chosen ? 'row-selected' : 'hover:bg-brass-wash'}`}
                  >
                    {chain.links.map(({ part }) => (
                      <span key={part.code} className="flex items-center gap-2 pb-1">
                        <MiniPart part={part} width={56} height={40} />
                        <span className="min-w-0 text-[15.5px] leading-5 font-[640] [font-stretch:88%]">
                          {partTitle(part)} <span className="type-code font-normal">{part.code}</span>
                        </span>
                      </span>
                    ))}
                    <span className="block type-second">
                      {chain.links.map(({ part }) => MATERIAL_NAMES[part.material]).join(' and ')}, +
                      {chain.links.length} {chain.links.length === 1 ? 'part' : 'parts'}, ${chain.priceUsd.toFixed(2)}{' '}
                      (invented)
                    </span>
                  </button>
                </li>
              ))}
            </ol>
          )}
          <BackToJoint />
        </>
      )}
      <Note
        weight={
          mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go'
            ? 'heavy'
            : holds
              ? 'light'
              : 'open'
        }
        glyph={<SeamGlyph seam={seamOf(mating)} width={30} />}
        title={words}
      >
        {meaningOf(mating)}
      </Note>
      {mating.cautions.map(({ kind, text }) => (
        <Note key={kind} weight="light" title="The materials">
          {text}
        </Note>
      ))}
      <Settings materials={[aMaterial, bMaterial]} />
      <p className="border-t border-hair pt-2 type-second">
        Cold water at the head of a tank. Drinking water, buried work and anything on the mains follow the local code
        and a licensed trade.
      </p>
    </>
  );
}

function BackToJoint() {
  const cameFrom = useCameFrom();
  if (!cameFrom?.joint) return null;
  return (
    <Link href={cameFrom.href} className="main-action mt-3 block text-center">
      Put it right at {cameFrom.joint.name}
    </Link>
  );
}

/** What the verdict means for a tank, a pump and the mains. */
function meaningOf({ verdict, reason, instead }: Mating): string {
  switch (verdict) {
    case 'holds':
    case 'holds-with':
      return 'Made up as it says here, this is a joint.';
    case 'fits-unrated':
      return 'Nothing rates it as it stands: read why beside it, and take what is rated where it matters.';
    case 'starts-then-leaks':
      return reason.startsWith('left-out') ? (instead ?? '') : 'The false friend: it looks made and is not.';
    case 'will-not-go':
      return 'These two do not meet.';
    case 'unknown':
      return instead ?? 'Measure it first.';
  }
}

function Settings({ materials }: { readonly materials: readonly (Material | null)[] }) {
  const said = [...new Set(materials)].flatMap((material) =>
    material === null
      ? []
      : (['sunlight', 'burial', 'potable'] as const).flatMap((setting) => settingCaution(material, setting) ?? []),
  );
  if (said.length === 0) return null;
  return (
    <Note weight="light" title="Sun, earth, drinking water">
      {said.join(' ')}
    </Note>
  );
}

const WEIGHTS = {
  heavy: 'border-t-[5px] border-oxide',
  open: 'border-t-[3px] border-ink',
  light: 'border-t-[1.5px] border-ink',
} as const;

function Note({
  weight,
  glyph,
  title,
  children,
}: {
  readonly weight: keyof typeof WEIGHTS;
  readonly glyph?: ReactNode;
  readonly title: string;
  readonly children: ReactNode;
}) {
  return (
    <section className={`${WEIGHTS[weight]} mt-3 pt-2 pb-2`}>
      <h3 className="flex items-center gap-2 text-[16px] leading-5 font-[650]">
        {glyph}
        {title}
      </h3>
      <p className="pt-1 type-row">{children}</p>
    </section>
  );
}
