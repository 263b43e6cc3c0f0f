import {
  type Catalogue,
  type CutAnswer,
  type EndRef,
  NO_SOLUTIONS,
  type OffCut,
  type Solutions,
  catalogueWith,
  type Holding,
  type Job,
  type OpenEnd,
  type Proposal,
  type OwnPart,
  type RouteOptions,
  type Routes,
  type Unified,
  type WhatChanges,
  applyEdits,
  contextOf,
  findRoutes,
  insteadOf,
  plan,
  unify,
  type TriedWays,
  triedWays,
  whatChanges,
} from '@herrero/core';

/** What is asked of the way finder, here and in its worker. What is on hand is the catalogue's to say. */
export interface RouteQuestion {
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  readonly options: Omit<RouteOptions, 'onHand'>;
}

/** Two open ends of a job that both may have a place. */
export interface SpaceQuestion {
  readonly job: Job;
  readonly at: EndRef;
  readonly to: EndRef;
  readonly options: RouteQuestion['options'];
}

/** A part that is out, with everything else that is: what could be bought instead? All that a plan is made of comes with it. */
export interface InsteadQuestion {
  readonly job: Job;
  readonly cuts: readonly (readonly [question: string, answer: CutAnswer])[];
  readonly code: string;
  readonly out: readonly string[];
}

/** Something that could be bought instead, and what else becomes different. */
export interface Instead {
  readonly proposal: Proposal;
  readonly changes: WhatChanges;
}

/** What was entered of parts, stock and prices, and what is left over to be cut from: laid over the shipped catalogue. */
export interface Stock {
  readonly own: readonly OwnPart[];
  readonly holdings: readonly Holding[];
  readonly offCuts: readonly OffCut[];
}

/** What can be asked beside the page, and what comes back. Stock is told whenever it changes, before what is asked over it. */
export interface RouteTasks {
  readonly stock: { readonly question: Stock; readonly progress: never; readonly answer: null };
  readonly routes: { readonly question: RouteQuestion; readonly progress: never; readonly answer: Routes };
  readonly space: { readonly question: SpaceQuestion; readonly progress: TriedWays; readonly answer: TriedWays };
  readonly unify: { readonly question: Job; readonly progress: never; readonly answer: Unified };
  readonly instead: {
    readonly question: InsteadQuestion;
    readonly progress: never;
    readonly answer: readonly Instead[];
  };
}
export type Asked = Exclude<keyof RouteTasks, 'stock'>;

/** How each is answered, over a catalogue that is told. */
export function routeTasks() {
  let catalogue: Catalogue = catalogueWith([], []);
  return {
    stock: ({ own, holdings, offCuts }: Stock): null => {
      catalogue = catalogueWith(own, holdings, offCuts);
      return null;
    },
    routes: ({ from, to, options }: RouteQuestion): Routes =>
      findRoutes(from, to, catalogue, { ...options, onHand: catalogue.onHand }),
    space: ({ job, at, to, options }: SpaceQuestion, tell?: (soFar: TriedWays) => void): TriedWays =>
      triedWays(job, catalogue, at, to, options, tell),
    unify: (job: Job): Unified => unify(contextOf(job, catalogue)),
    instead: ({ job, code, out, cuts }: InsteadQuestion): readonly Instead[] => {
      const solutions: Solutions = { ...NO_SOLUTIONS, cuts: new Map(cuts) };
      const before = plan(job, catalogue, solutions);
      return insteadOf(code, before.context, new Set(out)).flatMap((proposal) => {
        const made = applyEdits(job, proposal.edits, catalogue);
        return made.ok ? [{ proposal, changes: whatChanges(before, plan(made.value.job, catalogue, solutions)) }] : [];
      });
    },
  };
}
