import {
  type Catalogue,
  type Holding,
  type OpenEnd,
  type OwnPart,
  type RouteOptions,
  type Routes,
  findRoutes,
} from '@herrero/core';

/** What is asked of the way finder, here and in its worker. What is on hand is the catalogue's to say. */
export interface RouteQuestion {
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  readonly options: Omit<RouteOptions, 'onHand'>;
}

/** What the worker is told: what was entered, so that it can lay it over the shipped catalogue; and questions. */
export type ToWorker =
  | { readonly kind: 'own'; readonly own: readonly OwnPart[]; readonly holdings: readonly Holding[] }
  | { readonly kind: 'ask'; readonly id: number; readonly question: RouteQuestion };

export interface RouteAnswer {
  readonly id: number;
  readonly routes: Routes;
}

export const answer = ({ from, to, options }: RouteQuestion, catalogue: Catalogue): Routes =>
  findRoutes(from, to, catalogue, { ...options, onHand: catalogue.onHand });
