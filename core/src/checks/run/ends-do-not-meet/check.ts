import { ASKEW_DEGREES, type EndGap, NO_GAP_M, inSpaceOf, meetingOf } from '../../../assembly/in-space';
import { setField } from '../../../edits/change-field';
import { type Run, strandPath } from '../../../derived/run';
import { endName } from '../../../derived/strands';
import { partTitle } from '../../../fittings/catalogue';
import { isByLength } from '../../../fittings/part';
import { isFlexible } from '../../../fittings/flexible';
import { bridges } from '../../../routes/bridge';
import type { Fix } from '../../finding';
import { type Report, defineCheck } from '../../define-check';
import { atPenetration } from '../../places';

/** Hose is bought and cut by so much more [m]. */
const HOSE_STEP_M = 0.05;

type MessageId = 'apart' | 'one-way' | 'rough' | 'tape' | 'askew' | 'rough-askew' | 'hose';

export default defineCheck({
  meta: {
    id: 'run/ends-do-not-meet',
    severity: 'fails',
    toDo: 'Change a length or turn a bend, put in what bridges the gap, or measure the two ends again.',
    sources: [{ document: 'geometry of the run from opening to opening', provenance: 'standard-formula' }],
    messages: {
      apart: {
        title: 'Ends do not meet',
        text: '{run} ends {along} {on}, {across} {aside} and {up} {upward} of {end}.',
      },
      'one-way': {
        title: 'Ends do not meet',
        text: '{run} ends {by} {way} of {end}.',
      },
      rough: {
        title: 'Ends may not meet',
        text: 'As it is drawn {run} ends {along} {on}, {across} {aside} and {up} {upward} of {end}; not all of that is measured.',
        severity: 'unknown',
      },
      tape: {
        title: 'A little apart',
        text: '{run} misses {end} by {by}: inside what the tape can be out. Cut the last piece to what is found.',
        severity: 'advice',
      },
      askew: {
        title: 'Goes in askew',
        text: '{run} meets {end} {degrees} degrees askew; its joints give {gives}.',
      },
      'rough-askew': {
        title: 'May go in askew',
        text: 'As it is drawn {run} meets {end} {degrees} degrees askew; not all of that is measured.',
        severity: 'unknown',
      },
      hose: {
        title: 'Hose too short',
        text: '{run} ends {by} short of {end}, however its hose lies.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    context.runs.flatMap((run) =>
      (inSpaceOf(context).get(run.penetration.id)?.gaps ?? []).flatMap((gap): readonly Report<MessageId>[] => {
        const messageId = messageOf(gap);
        if (!messageId) return [];
        const figures = {
          run: run.penetration.label,
          end: endName(context.job, gap.strand.end),
          along: { lengthM: Math.abs(gap.alongM) },
          on: gap.alongM > 0 ? 'short' : 'too far',
          across: { lengthM: Math.abs(gap.acrossM) },
          aside: gap.acrossM > 0 ? 'left' : 'right',
          up: { lengthM: Math.abs(gap.upM) },
          upward: gap.upM > 0 ? 'below' : 'above',
          by: { lengthM: gap.distanceM },
          way: waysOf(gap)[0] ?? '',
          degrees: Math.round(gap.degrees ?? 0),
          gives: ASKEW_DEGREES,
        };
        return [
          {
            messageId,
            at: atPenetration(run.penetration),
            data: figures,
            fixes:
              messageId === 'hose'
                ? longerHose(run, gap)
                : (whole) => [
                    ...(meetingOf(gap) === 'askew' ? [] : freeLengths(gap)),
                    ...(messageId === 'tape' ? [] : bridges(gap, whole)),
                  ],
          },
        ];
      }),
    ),
});

/** The ways in which it misses by more than nothing. */
const waysOf = ({ alongM, acrossM, upM }: EndGap): readonly string[] => [
  ...(Math.abs(alongM) > NO_GAP_M ? [alongM > 0 ? 'short' : 'beyond'] : []),
  ...(Math.abs(acrossM) > NO_GAP_M ? [acrossM > 0 ? 'left' : 'right'] : []),
  ...(Math.abs(upM) > NO_GAP_M ? [upM > 0 ? 'below' : 'above'] : []),
];

function messageOf(gap: EndGap): MessageId | undefined {
  const meeting = meetingOf(gap);
  if (meeting === 'meets') return undefined;
  if (meeting === 'tape') return 'tape';
  if (meeting === 'hose-short') return 'hose';
  if (meeting === 'askew') return gap.sure ? 'askew' : 'rough-askew';
  return !gap.sure ? 'rough' : waysOf(gap).length === 1 ? 'one-way' : 'apart';
}

/** A piece whose length was given may take it from the plan instead. */
const freeLengths = ({ cuts }: EndGap): readonly Fix[] =>
  cuts.map(({ placed, part }) => ({
    text: 'Let {part}, now {length}, follow from both ends',
    data: { part: partTitle(part), length: { lengthM: placed.lengthM ?? 0 } },
    edits: [
      setField('parts', placed, 'lengthM', null),
      ...(placed.lengthKind === 'computed' ? [] : [setField('parts', placed, 'lengthKind', 'computed')]),
    ],
    partsAdded: 0,
    priceUsd: 0,
  }));

const longerHose = (run: Run, { strand, distanceM }: EndGap): readonly Fix[] =>
  strandPath(run, strand)
    .filter(({ placed, part }) => isByLength(part) && isFlexible(part) && placed.lengthM !== null && !placed.existing)
    .slice(0, 1)
    .map(({ placed, part }) => {
      const lengthM = Math.ceil(((placed.lengthM ?? 0) + distanceM) / HOSE_STEP_M) * HOSE_STEP_M;
      return {
        text: '{part} of {length}',
        data: { part: partTitle(part), length: { lengthM } },
        edits: [setField('parts', placed, 'lengthM', lengthM)],
        partsAdded: 0,
        priceUsd: part.priceUsd * (lengthM - (placed.lengthM ?? 0)),
      };
    });
