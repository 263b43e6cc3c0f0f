import { COVERS } from '../../../derived/shut';
import { invertM, levelsOf } from '../../../derived/levels';
import { ownSealIn } from '../../../derived/ports';
import { tankOf } from '../../../job/lookup';
import { OWN_SEAL_NAMES, type OwnSeal, type Penetration } from '../../../job/job';
import { setField } from '../../../edits/change-field';
import { type Report, defineCheck } from '../../define-check';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';

/** Water goes through, wherever it stands in front of it. */
const OPEN: readonly OwnSeal[] = ['clear', 'notch', 'loose-pipe', 'loose-cord'];

const wordsOf = (ownSeal: OwnSeal, { ownSealWords }: Penetration): string =>
  ownSeal === 'other' ? (ownSealWords ?? '') : OWN_SEAL_NAMES[ownSeal].toLowerCase();

export default defineCheck({
  meta: {
    id: 'hole/own-seal',
    severity: 'unknown',
    toDo: 'Take a listed seal, or fill the tank to over it, wait a day, and settle this by name.',
    sources: [{ document: 'only what is made to seal a wall is relied on below water', provenance: 'common-practice' }],
    messages: {
      leaks: {
        title: 'Water leaves by it',
        text: '{hole} has in it: {what}. Its lowest edge is at {edge}, the water stands to {full}.',
        severity: 'fails',
      },
      unrated: {
        title: 'Nobody rates that seal',
        text: '{hole} has in it: {what}. Water stands over its lowest edge at {edge}, to {full}; no figure says that it holds.',
      },
      open: {
        title: 'Insects get in',
        text: '{hole} has in it: {what}. Above the water it lets in light and insects: put mesh of about 1 mm over it.',
        severity: 'costs',
      },
      dry: {
        title: 'Nobody rates that seal',
        text: '{hole} has in it: {what}. It stands above the water at {full} and keeps out rain as well as it is made.',
        severity: 'advice',
      },
      unsaid: { title: 'What is in it?', text: '{hole} is closed by something else: say in words what it is.' },
    },
  },
  check: (context) =>
    context.job.penetrations.flatMap((hole): Report<'leaks' | 'unrated' | 'open' | 'dry' | 'unsaid'>[] => {
      const tank = tankOf(context.job, hole);
      const ownSeal = ownSealIn(hole, context.index);
      if (!tank || ownSeal === undefined) return [];
      const at = atPenetration(hole);
      if (ownSeal === 'other' && hole.ownSealWords === null)
        return [{ messageId: 'unsaid' as const, at, data: { hole: hole.label } }];
      const [edgeM, { fullM }] = [invertM(hole, tank, context), levelsOf(tank, context)];
      const data = {
        hole: hole.label,
        what: wordsOf(ownSeal, hole),
        edge: { lengthM: Math.max(0, edgeM) },
        full: { lengthM: fullM },
      };
      const wet = edgeM < fullM && !letsOut(hole);
      if (wet && OPEN.includes(ownSeal)) return [{ messageId: 'leaks' as const, at, data, fixes: listed(hole) }];
      if (wet) return [{ messageId: 'unrated' as const, at, data, fixes: listed(hole) }];
      if (OPEN.includes(ownSeal)) return [{ messageId: 'open' as const, at, data }];
      // Above the water nothing more is asked of what covers it.
      return COVERS.includes(ownSeal) ? [] : [{ messageId: 'dry' as const, at, data }];
    }),
});

/** Water is meant to leave by it; an inlet that stands open below the water lets it out as well. */
const letsOut = ({ roles }: Penetration): boolean => roles.includes('overflow');

const listed = (hole: Penetration) => [
  setFix(setField('penetrations', hole, 'ownSeal', null), 'Take a listed seal instead'),
];
