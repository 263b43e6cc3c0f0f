'use client';

import {
  MATERIAL_NAMES,
  type Part,
  REGION_NAMES,
  describeEnd,
  endPartners,
  formatEnd,
  formatLength,
  isByLength,
  rainWords,
  overallMm,
  sourceWords,
  partTitle,
  settingCaution,
  verdictWords,
} from '@herrero/core';
import { useRouter } from 'next/navigation';
import { MiniPart } from '@/drawing/view/mini-part';
import { Action } from '@/ui/action';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { useCatalogue, useOwn } from '../../../store/catalogue-provider';
import { HoldingForm } from './holding-form';
import { PutInRun } from './put-in-run';
import { useBench } from '../bench-store';

const DRAWN = { width: 400, height: 230 } as const;

/** One part: in half-section, its ends and dimensions in both measures, and what goes on to each end. */
export function OpenedPart({ part, onClose }: { readonly part: Part; readonly onClose: () => void }) {
  return (
    <section className="rule-selected pt-2" aria-label={partTitle(part)}>
      <div className="flex items-start justify-between gap-3">
        <h2 className="text-[21px] leading-6 font-[650]">{partTitle(part)}</h2>
        <Action onClick={onClose}>Close</Action>
      </div>
      <p className="pb-2 type-second">
        {MATERIAL_NAMES[part.material]} <span className="type-code">{part.code}</span>
      </p>
      <div className="flex justify-center border border-hair bg-sheet">
        <MiniPart part={part} {...DRAWN} named />
      </div>
      <PutInRun part={part} />
      <Figures part={part} />
      <HoldingForm part={part} onGone={onClose} />
      <div className="mt-3 grid grid-cols-2 gap-x-4 max-md:grid-cols-1">
        {distinctEnds(part).map(({ end, label }) => (
          <Partners key={label} label={label} end={end} part={part} />
        ))}
      </div>
      <Cautions part={part} />
    </section>
  );
}

/** Ends that are alike are said once: 'E1, E2'. */
function distinctEnds(part: Part) {
  const groups: { end: Part['ends'][number]['end']; label: string }[] = [];
  for (const [index, { end }] of part.ends.entries()) {
    if (end.kind === 'wall-seal') continue;
    const same = groups.find((group) => formatEnd(group.end) === formatEnd(end));
    if (same) same.label = `${same.label}, E${index + 1}`;
    else groups.push({ end, label: `E${index + 1}` });
  }
  return groups;
}

const both = (mm: number): string =>
  `${formatLength(mm / 1000, 'in-gal')}, ${mm < 10 ? mm.toFixed(1) : Math.round(mm)} mm`;

function Figures({ part }: { readonly part: Part }) {
  const { holdings } = useOwn();
  const yours = part.family === 'own' || holdings.some(({ code, priceUsd }) => code === part.code && priceUsd !== null);
  const rows: readonly (readonly [string, string])[] = [
    ...part.ends.map(({ end, position }, index): readonly [string, string] => [
      `E${index + 1} ${position}`,
      describeEnd(end),
    ]),
    ['least bore', both(part.boreMm)],
    ...(part.readyM === undefined ? [] : [['long', both(part.readyM * 1000)] as const]),
    ...(isByLength(part) || part.readyM !== undefined
      ? []
      : [[part.bendDegrees ? 'along its axis' : 'overall', both(overallMm(part))] as const]),
    ...(part.bendDegrees ? [['turns by', `${part.bendDegrees} degrees`] as const] : []),
    ...rainWords(part),
    ...(part.oneWay ? [['water passes', 'from E1 only'] as const] : []),
    ...(part.ends.length > 0
      ? [
          [
            'made for',
            part.ratedKpa === null
              ? 'drainage, no pressure'
              : `${Math.round(part.ratedKpa / 6.894757)} psi, ${Math.round(part.ratedKpa)} kPa at 20 C`,
          ] as const,
        ]
      : []),
    ...(part.lossK > 0 ? [['loses', `${part.lossK.toFixed(2)} velocity heads`] as const] : []),
    ['sold in', part.regions.map((region) => REGION_NAMES[region]).join('; ')],
    ['price', `$${part.priceUsd.toFixed(2)}${isByLength(part) ? ' a metre' : ''}${yours ? ', yours' : ', invented'}`],
    ['lengths from', sourceWords(part.source)],
  ];
  return (
    <dl className="mt-2 grid grid-cols-[104px_1fr] type-row">
      {rows.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="border-t border-hair py-0.5 text-ink-2">{name}</dt>
          <dd className="border-t border-hair py-0.5">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** What goes on to an end: what holds, then what is not sure, then what looks right and fails. A press asks why. */
function Partners({
  label,
  end,
  part,
}: {
  readonly label: string;
  readonly end: Part['ends'][number]['end'];
  readonly part: Part;
}) {
  const catalogue = useCatalogue();
  const join = useBench((state) => state.join);
  const router = useRouter();
  return (
    <section aria-label={`On ${label}`}>
      <h3 className="border-b-2 border-ink pt-2 pb-0.5 type-row font-[650]">
        On {label}, {describeEnd(end)}
      </h3>
      <ul>
        {endPartners(end, part.material, catalogue).map(({ end: other, mating }) => (
          <li key={formatEnd(other)} className="border-b border-hair">
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-2 py-1 text-left hover:bg-brass-wash"
              onClick={() => {
                join({ a: formatEnd(end), b: formatEnd(other), aMaterial: part.material, bMaterial: null });
                router.push('/bench/together');
              }}
            >
              <SeamGlyph seam={seamOf(mating)} width={30} />
              <span className="min-w-0">
                <span className={`block type-row font-[650] ${FAILING.includes(mating.verdict) ? 'text-oxide' : ''}`}>
                  {verdictWords(mating)}
                </span>
                <span className="block type-second">{describeEnd(other)}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const FAILING: readonly string[] = ['will-not-go', 'starts-then-leaks'];

function Cautions({ part }: { readonly part: Part }) {
  const said = (['sunlight', 'burial', 'potable'] as const).flatMap(
    (setting) => settingCaution(part.material, setting) ?? [],
  );
  return (
    <p className="pt-3 type-second">
      {said.join(' ')} Drinking water, buried work and anything on the mains follow the local code and a licensed trade.
    </p>
  );
}
