'use client';

import { type Building, MATERIAL_NAMES, type Part, partTitle } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';
import { SearchFailed } from '../routes/search-failed';
import { useAnswer } from '../routes/use-answer';

/** The whole job built with the fewest different parts, or most cheaply, beside how it is now. */
export default function Buildings() {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const money = useMoney();
  const [weighed, setWeighed] = useState(job);
  // What is weighed is the job as it was when it was asked for; a change asks anew by hand, since it takes a while.
  const { answer, failed, again } = useAnswer('unify', JSON.stringify(weighed), weighed);
  if (failed !== undefined) return <SearchFailed why={failed} onAgain={again} />;
  if (!answer) return <p className="py-2 type-second">Weighing the ways of every run</p>;
  if (weighed !== job)
    return <Action onClick={() => setWeighed(job)}>The job has changed since: weigh it again</Action>;
  const { now, fewest, cheapest } = answer;
  return (
    <>
      <p className="type-row">
        As it is: {now.differentParts} different parts, {now.parts} in all, {money(now.priceUsd)} without lengths.
      </p>
      <Proposed title="Fewest different" building={fewest} now={now} onTake={() => make(fewest.edits)} />
      <Proposed title="Cheapest" building={cheapest} now={now} onTake={() => make(cheapest.edits)} />
    </>
  );
}

/** In the singular where there is one. */
const count = (many: number, what: string): string => `${many} ${what}${many === 1 ? '' : 's'}`;

const saved = (usd: number, money: (usd: number) => string): string =>
  Math.abs(usd) < 0.005 ? 'costs the same' : usd > 0 ? `saves ${money(usd)}` : `costs ${money(-usd)} more`;

const namesOf = (parts: readonly Part[]): string =>
  parts.length === 0
    ? 'nothing'
    : parts.map((part) => `${partTitle(part)}, ${MATERIAL_NAMES[part.material]}`).join('; ');

function Proposed({
  title,
  building,
  now,
  onTake,
}: {
  readonly title: string;
  readonly building: Building;
  readonly now: Building;
  readonly onTake: () => void;
}) {
  const money = useMoney();
  const fewer = now.differentParts - building.differentParts;
  return (
    <section aria-label={title} className="border-t border-hair py-2">
      <h3 className="flex items-baseline justify-between gap-3 type-row">
        <b className="font-[650]">
          {title}: {count(building.differentParts, 'different part')}
        </b>
        <span>{money(building.priceUsd)}</span>
      </h3>
      {building.edits.length === 0 ? (
        <p className="type-row">It is built so already.</p>
      ) : (
        <>
          <p className="type-second">
            {fewer > 0 ? `${count(fewer, 'part')} fewer to keep as spares` : 'No fewer to keep as spares'};{' '}
            {saved(now.priceUsd - building.priceUsd, money)}.
          </p>
          <ul className="type-row">
            {building.changes.map(({ places, out, in: into }) => (
              <li key={`${places.join()} ${namesOf(out)}`} className="border-t border-hair py-1">
                {places.join(', ')}: {namesOf(into)}
                <span className="block type-second">instead of {namesOf(out)}</span>
              </li>
            ))}
          </ul>
          <button type="button" className="other-action" onClick={onTake}>
            Build it so
          </button>
        </>
      )}
    </section>
  );
}
