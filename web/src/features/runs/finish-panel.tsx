'use client';

import {
  type Edit,
  type EndRef,
  type Fits,
  type Job,
  type Plan,
  type Chain,
  type Route,
  type TriedWays,
  appendChain,
  endsInside,
  fitsPlace,
  fitsRun,
  formatLength,
  flowAt,
  holeOf,
  leftShortM,
  newTerminal,
  refKey,
  resolveEnd,
  runsOnce,
  serviceAt,
  soldFirst,
  staysClosed,
  tankOf,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';
import { type RouteQuestion } from '../routes/route-question';
import { NoWay, RouteList } from '../routes/route-list';
import { SearchFailed } from '../routes/search-failed';
import { useAnswer } from '../routes/use-answer';
import { useRoutes } from '../routes/use-routes';
import { NO_WISHES, type Wishes, WishesChoice } from '../routes/wishes';

/** Where a run may finish: a named place, or an open end of another run. */
interface Target {
  readonly ref: EndRef;
  readonly name: string;
  readonly taken: boolean;
}

const NO_PARTS: Route = { links: [], priceUsd: 0, smallestBoreMm: Number.POSITIVE_INFINITY, cost: 0 };

/** Ends of other runs; of other tanks also moulded ports as they are. A drilled hole must be sealed first. */
const offersAnEnd = (ref: EndRef, ownTankId: string | undefined, job: Job, plan: Plan): boolean => {
  const { end } = resolveEnd(ref, job, plan.context.index);
  const hole = ref.of === 'hole' ? job.penetrations.find(({ id }) => id === ref.id) : undefined;
  return end !== undefined && end.kind !== 'hole' && hole?.tankId !== ownTankId;
};

/**
 * Where this run may finish: where it is meant to first, then where it can; places that no run has reached yet before the
 * open ends of others, and those before places that are taken. It never leads back into itself.
 */
function targetsOf(at: EndRef, job: Job, plan: Plan): readonly Target[] {
  // What hangs inside the tank comes out nowhere.
  if (endsInside(at, plan.context)) return [];
  const reached = new Set(
    job.joints.flatMap(({ a, b }) => [a, b]).flatMap((ref) => (ref.of === 'terminal' ? [ref.id] : [])),
  );
  const own = job.penetrations.find(({ id }) => id === holeOf(at, job, plan.context.catalogue)?.id);
  const places = job.terminals.flatMap((terminal): readonly (Target & { readonly fits: Fits })[] => {
    const { id, name } = terminal;
    const taken = reached.has(id);
    const fits = own ? fitsPlace(own, terminal) : 'can';
    return [{ ref: { of: 'terminal', id }, name: taken ? `${name}, already reached` : name, taken, fits }];
  });
  const ends = runsOnce(plan.context)
    // Into what stays closed nothing is led.
    .filter(({ penetration: hole }) => hole.id !== own?.id && !staysClosed(hole, tankOf(job, hole)))
    .flatMap(({ penetration, strands }) =>
      strands.flatMap(({ end: last }, place) =>
        last.at === 'open' && offersAnEnd(last.ref, own?.tankId, job, plan)
          ? [
              {
                ref: last.ref,
                name: `into ${place === 0 ? '' : `branch ${place} of `}${penetration.label} ${penetration.name}`,
                taken: false,
                fits: own ? fitsRun(own, penetration) : 'can',
              },
            ]
          : [],
      ),
    );
  const order = (target: { readonly taken: boolean; readonly fits: Fits }): number =>
    Number(target.taken) * 2 + Number(target.fits !== 'meant');
  return [...places, ...ends].filter(({ fits }) => fits !== 'never').toSorted((a, b) => order(a) - order(b));
}

/** Ways to finish the run: at a named place, in another run, or with water leaving here. Found beside the page, ranked. */
export function FinishPanel({ at }: { readonly at: EndRef }) {
  const job = useJob((state) => state.job);
  const plan = useJob((state) => state.plan);
  const targets = useMemo(() => targetsOf(at, job, plan), [at, job, plan]);
  const [chosen, setChosen] = useState<string | null>(null);
  // A run that shall come apart is rather not glued.
  const comesApart = useJob((state) => {
    const hole = holeOf(at, state.job, state.plan.context.catalogue);
    return state.job.penetrations.find(({ id }) => id === hole?.id)?.comesApart === true;
  });
  const [wishes, setWishes] = useState<Wishes>(comesApart ? { ...NO_WISHES, prefer: ['no-glue'] } : NO_WISHES);
  const target = targets.find(({ ref }) => refKey(ref) === chosen) ?? targets[0];
  return (
    <section aria-label="Finish to" id="finish">
      <div className="flex items-center justify-between gap-3 border-b border-ink pb-1">
        <h2 className="type-head">Finish to</h2>
        {target && targets.length > 1 && (
          <select
            className="field max-w-64"
            aria-label="Where the run finishes"
            value={refKey(target.ref)}
            onChange={(event) => setChosen(event.target.value)}
          >
            {targets.map(({ ref, name }) => (
              <option key={refKey(ref)} value={refKey(ref)}>
                {name}
              </option>
            ))}
          </select>
        )}
        {target && targets.length === 1 && <span className="type-row">{target.name}</span>}
      </div>
      {target && <Ways key={refKey(target.ref)} at={at} target={target} wishes={wishes} />}
      <WishesChoice wishes={wishes} onChange={setWishes} />
      <NewTerminal at={at} />
    </section>
  );
}

function Ways({ at, target, wishes }: { readonly at: EndRef; readonly target: Target; readonly wishes: Wishes }) {
  const job = useJob((state) => state.job);
  const context = useJob((state) => state.plan.context);
  const { index } = context;
  const make = useJob((state) => state.make);
  const flow = useJob((state) => flowAt(at, state.plan.context));
  const service = useJob((state) => serviceAt(at, state.plan.context.runs));
  const [here, there] = [resolveEnd(at, job, index), resolveEnd(target.ref, job, index)];
  const options: RouteQuestion['options'] = { ...wishes, home: job.region ?? undefined, limit: MOST_WAYS, flow };
  const question: RouteQuestion | undefined =
    here.end && there.end
      ? {
          from: { end: here.end, material: here.material, service },
          to: { end: there.end, material: there.material },
          options,
        }
      : undefined;
  const { answer: found, failed, again } = useRoutes(question);
  const space = useSpaceWays(at, target.ref, options);
  const routes = question ? found?.routes : there.ref.of === 'terminal' ? [NO_PARTS] : [];
  if (failed !== undefined) return <SearchFailed why={failed} onAgain={again} />;
  if (routes === undefined) return <p className="py-3 type-second">Looking for ways</p>;
  if (routes.length === 0) return <NoWay found={found} />;
  const take = (route: Chain): void => void make(appendChain(job, at, route, '', target.ref).edits);
  const alone = `Join it to ${target.name}: no part is needed`;
  const { ref } = target;
  const farM = ref.of === 'terminal' ? routes.map(({ links }) => leftShortM(at, ref.id, links, context)) : [];
  const reaching = routes.filter((_, place) => farM[place] === undefined);
  const straight =
    reaching.length > 0 ? (
      <RouteList routes={reaching} onTake={take} alone={alone} />
    ) : (
      <p className="py-3 type-row">
        {target.name} lies {formatLength(farM[0] ?? 0, job.measures)} off: fittings alone do not lead there. Put pipe or
        hose on first.
      </p>
    );
  if (space === 'no-place') return straight;
  const some = space.ways.length > 0;
  return (
    <>
      <section aria-label="Ways in space">
        <p className="pt-2 type-second" role="status">
          {some
            ? 'By where both ends are, with its bends and lengths: its ends meet. Each was tried on this job; first comes the one of which least is said.'
            : space.looking
              ? 'Looking for ways by where both ends are'
              : noWayInSpace(space.against)}
          {some && space.looking && ' Still looking.'}
        </p>
        {some && <RouteList routes={space.ways} onTake={take} alone={alone} />}
      </section>
      <details className="pt-2">
        <summary className="min-h-11 py-2 type-row">Straight on, as if both ends lay in one line</summary>
        {straight}
      </details>
    </>
  );
}

/** Why nothing is offered by where both ends are. */
const noWayInSpace = (against: readonly string[]): string =>
  against.length > 0
    ? `No line by where both ends are can be offered: each that was tried has this against it. ${against.join('; ')}.`
    : 'No pipe with its bends, and no hose, was found that meets both ends where they are: they may stand too near each other, or look the same way without room to turn.';

/** Ways between two ends by where they are, found beside the page; nothing where one of them has no place. */
function useSpaceWays(
  at: EndRef,
  to: EndRef,
  options: RouteQuestion['options'],
): 'no-place' | (TriedWays & { readonly looking: boolean }) {
  const job = useJob((state) => state.job);
  const placed = job.tanks.some((tank) => tank.placed !== null) || at.of === to.of;
  const question = placed ? { job, at, to, options } : undefined;
  const { answer, soFar, failed } = useAnswer('space', question ? JSON.stringify(question) : '', question);
  if (!question || failed !== undefined || answer?.placed === false) return 'no-place';
  return { ways: [], placed: true, against: [], ...(answer ?? soFar), looking: answer === undefined };
}

const MOST_WAYS = 5;

const OFFERS = [
  { value: '', name: 'nothing: water just leaves' },
  { value: '3/4 NH F swivel', name: 'a hose swivel, 3/4 NH female' },
  { value: '3/4 NPT F', name: 'a pipe thread, 3/4 NPT female' },
  { value: '1 NPT F', name: 'a pipe thread, 1 NPT female' },
  { value: '3/4 G F swivel', name: 'a hose nut, 3/4 G female' },
  { value: '1/2 R M', name: 'a pipe thread, 1/2 R male' },
  { value: '3/4 R M', name: 'a pipe thread, 3/4 R male' },
  { value: '32 PE spigot', name: 'polyethylene pipe, 32 mm' },
  { value: '3 IPS socket', name: 'a downpipe socket for 3 in pipe' },
  { value: '110 SOIL spigot', name: 'drain pipe, 110 mm' },
] as const;

const textOf = (form: FormData, field: string): string => {
  const value = form.get(field);
  return typeof value === 'string' ? value : '';
};

/** Water leaves here, or at a new named place. */
function NewTerminal({ at }: { readonly at: EndRef }) {
  const make = useJob((state) => state.make);
  const daylight = useJob((state) =>
    state.job.terminals.find(({ name, offers }) => name === 'open air' && offers === null),
  );
  const region = useJob((state) => state.job.region);
  const [naming, setNaming] = useState(false);
  const leave = (): void => {
    const id = daylight?.id ?? newId();
    const named: Edit[] = daylight
      ? []
      : [
          {
            type: 'add-terminal',
            terminal: newTerminal({ id, name: 'open air', kind: 'daylight' }),
          },
        ];
    make([...named, { type: 'join-ends', jointId: newId(), a: at, b: { of: 'terminal', id } }]);
  };
  const add = (form: FormData): void => {
    const name = textOf(form, 'name').trim();
    const offers = textOf(form, 'offers');
    if (name === '') return;
    make([
      {
        type: 'add-terminal',
        terminal: newTerminal({
          id: newId(),
          name,
          offers: offers === '' ? null : offers,
          mains: form.get('mains') === 'on',
        }),
      },
    ]);
    setNaming(false);
  };
  return (
    <div>
      <div className="flex flex-wrap gap-x-5">
        <Action onClick={leave}>Water leaves here</Action>
        <Action aria-expanded={naming} onClick={() => setNaming(!naming)}>
          Name another place
        </Action>
      </div>
      {naming && (
        <form action={add} className="space-y-2 pb-2">
          <label className="block">
            <span className="block type-second">What is the place called?</span>
            <input name="name" required maxLength={80} className="field w-full" placeholder="wash bay" />
          </label>
          <label className="block">
            <span className="block type-second">What is there to join to?</span>
            <select name="offers" className="field w-full">
              {soldFirst(OFFERS, ({ value }) => value, region).map(({ value, name }) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <label className="flex min-h-11 items-center gap-2 type-row">
            <input name="mains" type="checkbox" className="size-5 accent-(--brass-line)" />
            the pressure of the mains stands there
          </label>
          <button type="submit" className="other-action">
            Add the place
          </button>
        </form>
      )}
    </div>
  );
}
