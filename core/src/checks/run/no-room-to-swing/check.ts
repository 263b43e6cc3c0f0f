import { coursesOf } from '../../../assembly/course';
import { withoutRoom } from '../../../assembly/swing';
import { atJoint } from '../../places';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';

export default defineCheck({
  meta: {
    id: 'run/no-room-to-swing',
    severity: 'costs',
    toDo: 'Screw it to the piece before it first, where that is fixed afterwards without turning; otherwise a union.',
    sources: [{ document: 'lever and spout lengths', provenance: 'from-memory' }],
    messages: {
      first: {
        title: 'No room to screw it on',
        text: '{part} sweeps {swing} and {against} is {room} away: screw it on to {carrier} first, then fix both.',
      },
      turns: {
        title: 'No room to screw it on',
        text: '{part} sweeps {swing} and {against} is {room} away: put a union or an end that turns between, or set it further out.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) => {
      const course = coursesOf(context).get(run.penetration.id);
      return (course ? withoutRoom(run, course, context) : []).map(
        ({ leg, judged, swingM, roomM, against, carrier }) => ({
          messageId: carrier ? ('first' as const) : ('turns' as const),
          at: atJoint(judged),
          data: {
            part: leg.part.name,
            swing: { lengthM: swingM },
            room: { lengthM: roomM },
            against,
            ...(carrier ? { carrier: carrier.part.name.toLowerCase() } : {}),
          },
        }),
      );
    }),
});
