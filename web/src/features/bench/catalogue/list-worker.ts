import { serve } from '@/workers/worker-protocol';
import { type ListTasks, listTasks } from './list-tasks';

/** Reads long lists beside the page. */
serve<ListTasks>(listTasks());
