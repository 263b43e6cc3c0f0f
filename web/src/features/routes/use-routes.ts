'use client';

import { type Routes } from '@herrero/core';
import { type RouteQuestion } from './route-question';
import { type Answered, useAnswer } from './use-answer';

/** The routes of a question, found beside the page; nothing where nothing is asked. */
export const useRoutes = (question: RouteQuestion | undefined): Answered<Routes> =>
  useAnswer('routes', question ? JSON.stringify(question) : '', question);
