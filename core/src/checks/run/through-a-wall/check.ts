import { crossingsOf } from '../../../assembly/walls-crossed';
import { askField } from '../../../edits/change-field';
import { defineCheck } from '../../define-check';
import { atPart } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/through-a-wall',
    severity: 'unknown',
    toDo: 'Say how thick the wall is, or lead the line round it or clear of it.',
    sources: [
      { document: 'a line through a wall goes in a sleeve that is closed round it', provenance: 'common-practice' },
    ],
    messages: {
      place: {
        title: 'Through a wall?',
        text: '{part} of {run} goes through the wall from {from} to {to}, by their places. Its sleeve is listed once the thickness is said.',
      },
      other: {
        title: 'Through a wall?',
        text: '{part} of {run} goes through the wall from {from} to {to}, by their places. Lead it round, or put a sleeve and what closes it on the list by hand.',
      },
      along: {
        title: 'In the wall?',
        text: '{part} of {run} lies along the wall from {from} to {to} and nearer to it than half its own width, by their places. Set the line off from the wall, or measure again.',
      },
    },
  },
  check: (context) =>
    crossingsOf(context).flatMap(({ how, run: { penetration }, strand: { end }, leg: { placed, part }, from, to }) => {
      const through = how === 'through';
      const place =
        through && end.at === 'terminal' ? context.job.terminals.find(({ id }) => id === end.id) : undefined;
      // Its wall is said, and its sleeve is on the list.
      if (place && place.throughM !== null) return [];
      return [
        {
          messageId: !through ? ('along' as const) : place ? ('place' as const) : ('other' as const),
          at: atPart(placed.id, penetration),
          data: { part: part.name, run: penetration.label, from: from.name, to: to.name },
          ...(place && {
            question: {
              text: `Thickness of the wall before ${place.name}`,
              edit: askField('terminals', place, 'throughM'),
            },
          }),
        },
      ];
    }),
});
