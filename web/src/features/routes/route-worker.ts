import { serve } from '@/workers/worker-protocol';
import { type RouteTasks, routeTasks } from './route-question';

/** The way finder beside the page: the index of the catalogue is built once here, and the page never waits for a search. */
serve<RouteTasks>(routeTasks());
