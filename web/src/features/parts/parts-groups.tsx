'use client';

import {
  type PartsGroup,
  type PartsLine,
  type PartsList,
  type Use,
  changesOfNoLine,
  needWords,
  noteWords,
  placesWords,
  reckoningWords,
  titleOfCode,
} from '@herrero/core';
import { ChevronRight } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { type RefObject, useEffect, useRef, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { stationPath } from '../desk/stations';
import { useMoney } from '../../store/use-money';

// Comes when a line is changed.
const ChangeLine = dynamic(() => import('./change-line'));

const COLUMNS = 'grid grid-cols-[minmax(0,1fr)_62px_36px_76px] items-baseline gap-x-2 px-2';

const LINE_COLUMNS =
  'grid grid-cols-[76px_minmax(0,1fr)_62px_36px_76px] items-baseline gap-x-2 px-2 max-md:grid-cols-[minmax(0,1fr)_62px_36px_76px]';

/** The list by place: every group opens to its lines; need, buy, price. */
export function PartsGroups({ parts: { groups, toBuy } }: { readonly parts: PartsList }) {
  const selectedId = useJob((state) => state.selectedId);
  const section = useRef<HTMLElement>(null);
  const money = useMoney();
  const words = useJob(({ job }) => reckoningWords(job));
  useEffect(() => openForPrint(section), []);
  return (
    <section aria-label="Parts by place" ref={section}>
      <div className={`${COLUMNS} border-b-2 border-ink pb-1 type-second`}>
        <span>Where you will need it</span>
        <span className="text-right">need</span>
        <span className="text-right">buy</span>
        <span className="text-right">price</span>
      </div>
      {groups.map((group) => (
        <Group
          key={group.id}
          group={group}
          chosen={group.penetrationId !== undefined && group.penetrationId === selectedId}
        />
      ))}
      <div className={`${COLUMNS} border-t-2 border-ink pt-2`}>
        <span>
          <b className="text-[18px] font-[650]">{toBuy} to buy</b>{' '}
          <span className="type-second">all prices are invented, {words}</span>
        </span>
        <span />
        <span />
        <b className="text-right text-[18px] font-[650]">
          {money(...groups.flatMap(({ lines }) => lines.map(({ priceUsd }) => priceUsd)))}
        </b>
      </div>
      <OnNoLine groups={groups} />
    </section>
  );
}

/** Paper cannot be pressed: every group is open while it is printed, and as it was afterwards. */
function openForPrint(section: RefObject<HTMLElement | null>): () => void {
  let closed: HTMLDetailsElement[] = [];
  const open = (): void => {
    closed = [...(section.current?.querySelectorAll<HTMLDetailsElement>('details:not([open])') ?? [])];
    for (const group of closed) group.open = true;
  };
  const close = (): void => {
    for (const group of closed) group.open = false;
  };
  window.addEventListener('beforeprint', open);
  window.addEventListener('afterprint', close);
  return () => {
    window.removeEventListener('beforeprint', open);
    window.removeEventListener('afterprint', close);
  };
}

function Group({ group, chosen }: { readonly group: PartsGroup; readonly chosen: boolean }) {
  const buy = group.lines.reduce((sum, line) => sum + line.buy, 0);
  const prices = group.lines.map(({ priceUsd }) => priceUsd);
  const money = useMoney();
  const followed = useJob((state) => group.lines.some((line) => codeOf(line) === state.lineCode));
  return (
    <details
      open={chosen || followed || group.id === 'wall'}
      className="group border-b border-hair print:break-inside-avoid"
    >
      <summary
        className={`${COLUMNS} min-h-11 w-full list-none py-2 text-left ${chosen ? 'row-selected' : 'hover:bg-paper-deep'}`}
      >
        <span className="flex min-w-0 items-baseline gap-2">
          <ChevronRight
            size={16}
            strokeWidth={3}
            className="shrink-0 self-center group-open:rotate-90"
            aria-hidden="true"
          />
          <span className="shrink-0 text-[16.5px] font-[650]">{group.title}</span>
          <span className="truncate type-second">{group.subtitle}</span>
        </span>
        <span className="text-right">{group.lines.length}</span>
        <b className="text-right font-[650]">{buy === 0 ? '–' : buy}</b>
        <span className="text-right">{prices.some(Boolean) ? money(...prices) : '–'}</span>
      </summary>
      <ul className="border-t border-hair bg-sheet">
        {group.lines.map((line, index) => (
          <Line key={`${line.code} ${line.detail} ${index}`} groupId={group.id} line={line} />
        ))}
      </ul>
    </details>
  );
}

/** What a line is followed by: its code as it is reckoned, whatever is bought instead. */
const codeOf = (line: PartsLine): string => (line.byHand?.reckoned ?? line).code;

/** A press opens what can be changed of a line; a line that was changed is open. */
function ByHand({ groupId, line }: { readonly groupId: string; readonly line: PartsLine }) {
  const [open, setOpen] = useState(line.byHand !== undefined);
  return open ? (
    <ChangeLine groupId={groupId} line={line} />
  ) : (
    <span className="no-print col-[2/-1] max-md:col-span-full">
      <Action onClick={() => setOpen(true)}>Change this line by hand</Action>
    </span>
  );
}

/** What was changed by hand and what the job asks for no longer: kept until somebody strikes it out. */
function OnNoLine({ groups }: Pick<PartsList, 'groups'>) {
  const job = useJob((state) => state.job);
  const catalogue = useJob((state) => state.plan.context.catalogue);
  const make = useJob((state) => state.make);
  const idle = changesOfNoLine(groups, job);
  if (idle.length === 0) return null;
  return (
    <section aria-label="Changed by hand, on no line now" className="no-print pt-3">
      <h2 className="type-second">Changed by hand, and not asked for by the job as it is now:</h2>
      <ul>
        {idle.map(({ id, code, detail }) => (
          <li key={id} className="flex items-baseline gap-3 border-b border-hair py-1 type-row">
            <span className="min-w-0 flex-1">{titleOfCode(catalogue, code, detail)}</span>
            <Action onClick={() => make([{ type: 'restore-line', id }])}>Strike out</Action>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Line({ groupId, line }: { readonly groupId: string; readonly line: PartsLine }) {
  const measures = useJob((state) => state.job.measures);
  const note = noteWords(line, measures);
  const money = useMoney();
  const code = codeOf(line);
  const followed = useJob((state) => state.lineCode === code);
  const follow = useJob((state) => state.followLine);
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (followed) row.current?.scrollIntoView({ block: 'nearest' });
  }, [followed]);
  const words = (
    <>
      {line.title} {line.detail} <span className="type-second">{placesWords(line.places)}</span>
    </>
  );
  return (
    <li
      ref={row}
      className={`${LINE_COLUMNS} list-line min-h-[26px] border-b border-hair py-1 last:border-b-0 pointer-coarse:min-h-11 ${followed ? 'row-selected' : ''}`}
    >
      <span className="type-code text-ink-2 max-md:hidden">{line.code}</span>
      <span className="min-w-0 type-row">
        {line.uses.length === 0 && line.buy === 0 ? (
          words
        ) : (
          <button
            type="button"
            aria-expanded={followed}
            className="block text-left hover:underline"
            onClick={() => follow(followed ? null : code)}
          >
            {words}
          </button>
        )}
        {note !== '' && <span className="block type-second">{note}</span>}
        {followed && line.uses.length > 0 && <Uses uses={line.uses} />}
      </span>
      <span className="text-right type-row">{needWords(line, measures)}</span>
      <b className="text-right type-row font-[650]">{line.buy === 0 ? '–' : line.buy}</b>
      <span className="text-right type-row">{line.priceUsd === null ? '' : money(line.priceUsd)}</span>
      {followed && (line.buy > 0 || line.byHand) && <ByHand groupId={groupId} line={line} />}
    </li>
  );
}

/** Where each kind of use is seen. */
const STATION_OF: Readonly<Record<Use['of'], string>> = {
  part: 'runs',
  joint: 'runs',
  hole: 'holes',
  terminal: 'site',
  tank: 'tanks',
  roof: 'site',
  extra: 'parts',
};

/** Every place that a line is for; each leads there. */
function Uses({ uses }: { readonly uses: readonly Use[] }) {
  const jobId = useJob((state) => state.jobId);
  const judgedOf = useJob((state) => state.plan.context.judgedOf);
  const select = useJob((state) => state.select);
  const selectPart = useJob((state) => state.selectPart);
  const showTank = useJob((state) => state.showTank);
  const selectSite = useJob((state) => state.selectSite);
  const go = ({ of, id, penetrationId }: Use): void => {
    if (of === 'tank') return showTank(id);
    if (of === 'roof') return selectSite(`roof ${id}`);
    select(penetrationId ?? null, of === 'joint' ? id : null);
    if (of === 'part') selectPart(id);
  };
  const nameOf = ({ of, id, place }: Use): string => {
    return (of === 'joint' ? judgedOf(id)?.name : undefined) ?? place;
  };
  return (
    <span role="group" className="no-print flex flex-wrap gap-x-3 gap-y-1 py-1" aria-label="Used at">
      {uses.map((use, index) => (
        <Link
          key={`${use.of} ${use.id} ${index}`}
          href={stationPath(jobId, STATION_OF[use.of])}
          onClick={() => go(use)}
          className="action !min-h-8 pointer-coarse:!min-h-11"
        >
          <span>{nameOf(use)}</span>
        </Link>
      ))}
    </span>
  );
}
