import { type CannotClose, cannotClose } from '../../../assembly/closure';
import { freedomOfPart, givesM, lengthThatGivesM } from '../../../assembly/freedom';
import { runsOnce } from '../../../assembly/flow';
import { setField } from '../../../edits/change-field';
import { isByLength } from '../../../fittings/part';
import { closingFixes } from '../closing-fixes';
import { type Report, defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atJoint } from '../../places';

export default defineCheck({
  meta: {
    id: 'run/sprung-closure',
    severity: 'costs',
    toDo: 'Put a union in, or make the hose longer.',
    sources: [
      { document: 'a rigid stretch needs a union, a swivel or a flexible piece', provenance: 'common-practice' },
    ],
    messages: {
      sprung: {
        title: 'Must be sprung apart',
        text: 'Both ends are fixed and all between is rigid: to get the pipe into its last socket the two must be sprung apart by {by}, and nothing gives way later.',
      },
      short: {
        title: 'Too short to be bent on',
        text: 'Both ends are fixed. {part}, {length} long, gives {gives} when it is bowed as far as it may be, and its last joint goes on by {by}.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap(({ strands }) =>
      strands.flatMap((strand) =>
        cannotClose(strand, context)
          .filter(({ because }) => because !== 'threads')
          .map((found) => short(found) ?? sprung(found)),
      ),
    ),
});

const sprung = (found: CannotClose): Report<'sprung'> => ({
  messageId: 'sprung',
  at: atJoint(found.at),
  data: { by: { lengthM: found.byMm / 1000 } },
  fixes: (whole) => closingFixes(found, whole),
});

/** A piece that would close it, were it longer; undefined where none bends. */
function short(found: CannotClose): Report<'short'> | undefined {
  const { item, byMm, at } = found;
  const freedom = item && freedomOfPart(item.part);
  const lengthM = item && (isByLength(item.part) ? item.placed.lengthM : (item.part.readyM ?? null));
  if (!item || freedom?.is !== 'bends' || lengthM == null) return undefined;
  const longer = lengthThatGivesM(byMm / 1000, freedom.radiusM);
  return {
    messageId: 'short',
    at: atJoint(at),
    data: {
      part: item.part.name,
      length: { lengthM },
      gives: { lengthM: givesM(item.part, lengthM) ?? 0 },
      by: { lengthM: byMm / 1000 },
    },
    fixes: (whole) => [
      ...(isByLength(item.part)
        ? [
            setFix(setField('parts', item.placed, 'lengthM', longer), 'Make it {longer} long', {
              longer: { lengthM: longer },
            }),
          ]
        : []),
      ...closingFixes(found, whole),
    ],
  };
}
