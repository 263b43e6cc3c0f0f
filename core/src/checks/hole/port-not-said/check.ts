import { setField } from '../../../edits/change-field';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/port-not-said',
    severity: 'unknown',
    station: 'tanks',
    summary: 'A port that the tank comes with, of which nobody has said what becomes of it, or that is left open.',
    sources: [{ document: 'every opening of a tank is used, plugged or cut out', provenance: 'common-practice' }],
    messages: {
      unsaid: {
        title: 'Port not said',
        text: '{name}, {port}: use it, plug it, or cut it out. Unsaid, it lets in light and flies, or water out.',
      },
      open: {
        title: 'Port left open',
        text: '{name} is left as it is. Below the highest water it has to be plugged; above it, screened.',
      },
    },
  },
  check: ({ job }) =>
    job.penetrations
      .filter(({ port, portUse }) => port !== null && (portUse === null || portUse === 'leave'))
      .map((hole) => ({
        messageId: hole.portUse === null ? ('unsaid' as const) : ('open' as const),
        at: atPenetration(hole),
        data: { name: hole.name, port: hole.port ?? '' },
        fixes: [
          setFix(setField('penetrations', hole, 'portUse', 'use'), 'Use it'),
          setFix(setField('penetrations', hole, 'portUse', 'plug'), 'Plug it'),
        ],
      })),
});
