import {
  type Catalogue,
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
  whatChanges,
} from '@herrero/core';

/** What is asked of the way finder, here and in its worker. What is on hand is the catalogue's to say. */
export interface RouteQuestion {
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  readonly options: Omit<RouteOptions, 'onHand'>;
}

/** A part that is out, with everything else that is: what could be bought instead? */
export interface InsteadQuestion {
  readonly job: Job;
  readonly code: string;
  readonly out: readonly string[];
}

/** Something that could be bought instead, and what else becomes different. */
export interface Instead {
  readonly proposal: Proposal;
  readonly changes: WhatChanges;
}

/** What can be asked beside the page, and what comes back. */
export interface Answers {
  readonly routes: { readonly question: RouteQuestion; readonly answer: Routes };
  readonly unify: { readonly question: Job; readonly answer: Unified };
  readonly instead: { readonly question: InsteadQuestion; readonly answer: readonly Instead[] };
}
export type Asked = keyof Answers;

/** What the worker is told: what was entered, so that it can lay it over the shipped catalogue; and questions. */
export type ToWorker =
  | { readonly kind: 'own'; readonly own: readonly OwnPart[]; readonly holdings: readonly Holding[] }
  | {
      [Kind in Asked]: { readonly kind: Kind; readonly id: number; readonly question: Answers[Kind]['question'] };
    }[Asked];

export interface FromWorker {
  readonly id: number;
  readonly answer: Answers[Asked]['answer'];
}

const ANSWER: {
  readonly [Kind in Asked]: (question: Answers[Kind]['question'], catalogue: Catalogue) => Answers[Kind]['answer'];
} = {
  routes: ({ from, to, options }, catalogue) =>
    findRoutes(from, to, catalogue, { ...options, onHand: catalogue.onHand }),
  unify: (job, catalogue) => unify(contextOf(job, catalogue)),
  instead: ({ job, code, out }, catalogue) => {
    const before = plan(job, catalogue);
    return insteadOf(code, before.context, new Set(out)).flatMap((proposal) => {
      const made = applyEdits(job, proposal.edits, catalogue);
      return made.ok ? [{ proposal, changes: whatChanges(before, plan(made.value.job, catalogue)) }] : [];
    });
  },
};

export const answer = <Kind extends Asked>(
  kind: Kind,
  question: Answers[Kind]['question'],
  catalogue: Catalogue,
): Answers[Kind]['answer'] => ANSWER[kind](question, catalogue);
