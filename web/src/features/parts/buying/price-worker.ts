import { serve } from '@/workers/worker-protocol';
import { type PriceTasks, priceTasks } from './price-tasks';

/** Reads price lists beside the page. */
serve<PriceTasks>(priceTasks());
