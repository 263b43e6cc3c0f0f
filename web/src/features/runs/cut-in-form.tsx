'use client';

import {
  CUT_INS,
  type CutIn,
  type CutInWay,
  type StrandItem,
  beforeCutting,
  cutIn,
  fillText,
  formatVolume,
  isLengthFound,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { LengthField } from '@/ui/length-field';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';

const NAMES: Readonly<Record<CutIn, string>> = {
  branch: 'a branch',
  'shut-off': 'a valve',
  'non-return': 'a check valve',
  filter: 'a filter',
  union: 'a union',
};

/** The form of it: comes when it is first asked for. */
export function CutInForm({ item, onDone }: { readonly item: StrandItem; readonly onDone: () => void }) {
  const { placed, outEnd, inEnd } = item;
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const context = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const [wanted, setWanted] = useState<CutIn>('branch');
  const [saidM, setSaidM] = useState(placed.lengthM === null ? null : placed.lengthM / 2);
  const [follows, setFollows] = useState(true);
  // What goes on a branch brings it to its place, where the length of the pipe is not said but follows.
  const said = useJob((state) => state.job.parts.find(({ id }) => id === placed.id));
  const mayFollow = wanted === 'branch' && said !== undefined && isLengthFound(item.part, said, placed);
  const nearM = mayFollow && follows ? null : saidM;
  const ways = useMemo(
    () => cutIn(placed.id, wanted, { nearM, farEnd: outEnd ?? 1 - inEnd }, context),
    [placed.id, wanted, nearM, outEnd, inEnd, context],
  );
  const take = ({ edits }: CutInWay): void => {
    if (make(edits) === undefined) onDone();
  };
  return (
    <div className="space-y-2 border-l-[3px] border-brass-line pl-3">
      <label className="block">
        <span className="block type-second">What?</span>
        <select
          className="field w-full"
          value={wanted}
          onChange={(event) => setWanted(CUT_INS.find((one) => one === event.target.value) ?? 'branch')}
        >
          {CUT_INS.map((one) => (
            <option key={one} value={one}>
              {NAMES[one]}
            </option>
          ))}
        </select>
      </label>
      {mayFollow && (
        <label className="flex min-h-11 items-center gap-2 type-row">
          <input
            type="checkbox"
            className="size-5 accent-(--brass-line)"
            checked={follows}
            onChange={(event) => setFollows(event.target.checked)}
          />
          it comes to lie where what goes on it asks
        </label>
      )}
      {!(mayFollow && follows) && (
        <LengthField
          label="Its middle, from the end nearer the tank"
          valueM={saidM}
          measures={measures}
          onChange={(to) => {
            if (placed.lengthM !== null && to >= placed.lengthM) return 'The pipe is not so long.';
            setSaidM(to);
            return undefined;
          }}
        />
      )}
      {placed.existing && <First partId={placed.id} />}
      {ways.length === 0 && (
        <p className="type-row">
          {nearM === null
            ? 'The catalogue has nothing for this pipe.'
            : 'Nothing fits there: the piece that is left on one side would be too short, or the catalogue has no fitting for this pipe.'}
        </p>
      )}
      <ul>
        {ways.map((way) => (
          <li key={way.parts.map(({ code }) => code).join()} className="border-b border-hair">
            <button
              type="button"
              className="flex min-h-12 w-full items-center gap-3 py-1 text-left hover:bg-brass-wash"
              onClick={() => take(way)}
            >
              <span className="flex-1 type-row">{fillText(way.text, way.data, measures)}</span>
              <span className="shrink-0 text-right type-second">
                {way.parts.length} {way.parts.length === 1 ? 'part' : 'parts'}
                <br />
                {money(way.priceUsd)}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What has to be shut, and how much water goes first. */
function First({ partId }: { readonly partId: string }) {
  const context = useJob((state) => state.plan.context);
  const measures = useJob((state) => state.job.measures);
  const { shut, letDown, mains, lineM3 } = useMemo(() => beforeCutting(partId, context), [partId, context]);
  return (
    <section aria-label="Before it is cut" className="type-row">
      <h3 className="font-[650]">Before it is cut</h3>
      <ul className="list-disc pl-5">
        {shut.map(({ placed, name }) => (
          <li key={placed.id}>Shut the {name.toLowerCase()}.</li>
        ))}
        {letDown.map(({ hole, tank, volumeM3 }) => (
          <li key={hole.id}>
            No valve stands before {hole.label}: let {tank.label} down to it, {formatVolume(volumeM3, measures)} when it
            is full.
          </li>
        ))}
        {mains.map((name) => (
          <li key={name}>Shut off {name} at the supply; work on the mains is for a licensed trade.</li>
        ))}
        <li>
          {lineM3 > 0
            ? `${formatVolume(lineM3, measures)} stand in the line and run out at the cut.`
            : 'The line itself is empty.'}
        </li>
      </ul>
    </section>
  );
}
