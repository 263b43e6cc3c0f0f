import { err, ok } from '../../result';
import type { Terminal } from '../job';
import { put } from './change';
import { defineEdit } from './edit-kind';

/** Names a place where a run may end. */
export interface AddTerminal {
  readonly type: 'add-terminal';
  readonly terminal: Terminal;
}

export const addTerminal = defineEdit<AddTerminal>({
  type: 'add-terminal',
  changes: (job, { terminal }) =>
    job.terminals.some(({ id }) => id === terminal.id)
      ? err({ code: 'taken', message: `${terminal.name} is there already.` })
      : ok([put(job, 'terminals', terminal)]),
  label: ({ terminal }) => `Add ${terminal.name}`,
});
