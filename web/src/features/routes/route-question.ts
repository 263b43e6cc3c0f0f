import {
  type Catalogue,
  type Holding,
  type Job,
  type OpenEnd,
  type OwnPart,
  type RouteOptions,
  type Routes,
  type Unified,
  contextOf,
  findRoutes,
  unify,
} from '@herrero/core';

/** What is asked of the way finder, here and in its worker. What is on hand is the catalogue's to say. */
export interface RouteQuestion {
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  readonly options: Omit<RouteOptions, 'onHand'>;
}

/** What can be asked beside the page, and what comes back. */
export interface Answers {
  readonly routes: { readonly question: RouteQuestion; readonly answer: Routes };
  readonly unify: { readonly question: Job; readonly answer: Unified };
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
};

export const answer = <Kind extends Asked>(
  kind: Kind,
  question: Answers[Kind]['question'],
  catalogue: Catalogue,
): Answers[Kind]['answer'] => ANSWER[kind](question, catalogue);
