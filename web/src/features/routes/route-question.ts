import { type OpenEnd, type RouteOptions, type Routes, findRoutes, shippedCatalogue } from '@herrero/core';

/** What is asked of the way finder, here and in its worker. */
export interface RouteQuestion {
  readonly from: OpenEnd;
  readonly to: OpenEnd;
  readonly options: RouteOptions;
}

export interface AskedQuestion extends RouteQuestion {
  readonly id: number;
}

export interface RouteAnswer {
  readonly id: number;
  readonly routes: Routes;
}

export const answer = ({ from, to, options }: RouteQuestion): Routes => findRoutes(from, to, shippedCatalogue, options);
