'use client';

import { type Routes } from '@herrero/core';
import { type RouteQuestion } from './route-question';
import { useAnswer } from './use-answer';

/** The routes of a question, found beside the page; undefined while they are looked for, or where nothing is asked. */
export const useRoutes = (question: RouteQuestion | undefined): Routes | undefined =>
  useAnswer('routes', question ? JSON.stringify(question) : '', question);
