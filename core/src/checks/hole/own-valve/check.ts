import { tankOf } from '../../../job/lookup';
import { isShutOff } from '../../../fittings/capability';
import { portOf } from '../../../walls/tank-types';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/own-valve',
    severity: 'advice',
    toDo: 'Put a valve into the run.',
    sources: [{ document: 'container valves wear and stop closing', provenance: 'common-practice' }],
    messages: {
      only: {
        title: 'Only its own valve',
        text: '{hole} has no valve but the container’s own: those wear and stop closing. A second valve becomes the working one.',
      },
    },
  },
  sees: 'run',
  check: ({ job, runs }) =>
    runs.flatMap(({ penetration, strands }) => {
      const tank = tankOf(job, penetration);
      const port = tank && portOf(tank, penetration);
      const behind = port?.ways.find(({ end }) => end === penetration.port)?.valve === 'behind';
      if (port?.closedBy !== 'valve' || behind || penetration.portUse !== 'use') return [];
      const shuts = strands.some(({ items }) => items.some(({ part }) => isShutOff(part)));
      return shuts
        ? []
        : [{ messageId: 'only' as const, at: atPenetration(penetration), data: { hole: penetration.label } }];
    }),
});
