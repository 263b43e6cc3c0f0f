'use client';

import {
  type Course,
  type Meeting,
  type Run,
  type StrandEnd,
  endName,
  formatLength,
  inSpaceOf,
  meetingOf,
} from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { lowestM } from './numbered-legs';

/** How a line comes to its end, in words before the name of that. */
const MEETING_WORDS: Readonly<Record<Meeting, string>> = {
  meets: 'Meets',
  tape: 'Within what a tape can be out of',
  askew: 'Comes askew to',
  apart: 'Does not meet',
  'hose-short': 'Its hose does not reach',
};

/** Where the ends of a run should be and by how much they miss, in three figures; or what keeps that from being said. */
export function SpaceGaps({ run, course }: { readonly run: Run; readonly course: Course }) {
  const context = useJob((state) => state.plan.context);
  const { measures } = context.job;
  const gaps = inSpaceOf(context).get(run.penetration.id)?.gaps ?? [];
  const named = (end: StrandEnd): string => endName(context.job, end);
  const ends = run.strands.filter(({ end }) => end.at === 'hole' || end.at === 'terminal');
  const unknown = ends.filter(({ end }) => !gaps.some((gap) => gap.strand.end === end));
  const asked = course.strands.flat().filter(({ assumed }) => assumed.some((one) => one !== 'length'));
  return (
    <section aria-label="Where its ends are" className="rule-subject space-y-2 pt-2">
      <h2 className="type-head">Where its ends are</h2>
      {gaps.map((gap) => {
        const meeting = meetingOf(gap);
        return (
          <div key={named(gap.strand.end)} className="border-b border-hair pb-2">
            <p className="type-row">
              {MEETING_WORDS[meeting]} <b className="font-[650]">{named(gap.strand.end)}</b>
              {meeting === 'askew' && `, by ${String(Math.round(gap.degrees ?? 0))} degrees`}
              {gap.sure ? '' : ', as it is drawn: not all of it is measured'}
            </p>
            {meeting !== 'meets' && meeting !== 'askew' && (
              <dl className="grid grid-cols-3 text-center">
                {(
                  [
                    [gap.alongM, gap.alongM > 0 ? 'short, along' : 'too far, along'],
                    [gap.acrossM, gap.acrossM > 0 ? 'across, to the right' : 'across, to the left'],
                    [gap.upM, gap.upM > 0 ? 'too low' : 'too high'],
                  ] as const
                ).map(([metres, words]) => (
                  <div key={words} className="flex flex-col-reverse border-l border-hair first:border-0">
                    <dt className="type-second">{words}</dt>
                    <dd className="type-station font-[650]">{formatLength(Math.abs(metres), measures)}</dd>
                  </div>
                ))}
              </dl>
            )}
          </div>
        );
      })}
      {unknown.map(({ end }) => (
        <p key={named(end)} className="type-row">
          Not known yet whether it meets <b className="font-[650]">{named(end)}</b>:{' '}
          {asked.length > 0 ? 'say which way its bends point' : 'place both ends on the plan of the site'}.
        </p>
      ))}
      {ends.length === 0 && <p className="type-row">It ends in the open: there is nothing that it has to meet.</p>}
      <p className="type-second">
        Its lowest point lies {formatLength(Math.abs(lowestM(course)), measures)}{' '}
        {lowestM(course) < 0 ? 'under' : 'over'} the finished ground.
      </p>
    </section>
  );
}
