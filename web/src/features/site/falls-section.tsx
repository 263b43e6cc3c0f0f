'use client';

import {
  type CheckContext,
  type Measures,
  drainLegs,
  formatFlow,
  formatLength,
  holesOf,
  inflowM3s,
  linkedTanks,
  outfalls,
  overflowM3s,
  siteFigure,
} from '@herrero/core';
import { useJob } from '../../store/job-provider';

/** A fall as it is said on site: so much in so much. */
export const fallWords = (fall: number, measures: Measures): string =>
  Math.abs(fall) < 0.0005
    ? 'level'
    : `${fall < 0 ? 'backward ' : ''}${measures === 'in-gal' ? `${(Math.abs(fall) * 12).toFixed(2)} in to the foot` : `1 in ${Math.round(1 / Math.abs(fall))}`}`;

/** What must fall: every length of drain with its gradient and cover, and whether the surplus reaches daylight. */
export function FallsSection({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const { measures } = job;
  const legs = drainLegs(context);
  const ends = outfalls(context);
  const select = useJob((state) => state.selectSite);
  return (
    <section aria-label="Falls" className="rule-subject mt-5 pt-2">
      <h2 className="type-station">Falls</h2>
      <p className="type-second">
        Least fall {fallWords(siteFigure(job, 'fallShare'), measures)}, least cover{' '}
        {formatLength(siteFigure(job, 'coverM'), measures)}. Before digging: ask what lies in the ground; nobody in a
        trench that is not shored.
      </p>
      {legs.length === 0 && ends.length === 0 && (
        <p className="py-2 type-row">
          Nothing falls yet: a drain is a run with lengths of pipe; say at Runs how much each rises or falls. For an
          outfall, add a daylight with its height and how far it is.
        </p>
      )}
      {legs.length > 0 && (
        <div className="overflow-x-auto" tabIndex={0} aria-label="Lengths of drain">
          <table className="w-full min-w-[520px] type-row">
            <thead>
              <tr className="border-b border-ink text-left">
                {['drain', 'long', 'falls', 'cover at its ends'].map((title) => (
                  <th key={title} scope="col" className="py-1 pr-3 type-second font-normal">
                    {title}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {legs.map(({ run, leg, lengthM, fall, coverM }) => (
                <tr key={leg.placed.id} className="border-b border-hair">
                  <th scope="row" className="py-1.5 pr-3 text-left font-[650]">
                    {run.penetration.label} {leg.part.name.toLowerCase()}
                  </th>
                  <td className="pr-3">{formatLength(lengthM, measures)}</td>
                  <td className="pr-3">
                    {leg.placed.slope === null && Math.abs(fall) < 0.0005
                      ? 'not said, drawn level'
                      : fallWords(fall, measures)}
                  </td>
                  <td>
                    {Math.max(...coverM) <= 0
                      ? 'in the open'
                      : coverM.map((cover) => formatLength(Math.max(0, cover), measures)).join(' and ')}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <Overflows context={context} />
      {ends.map(({ place, hole, fromM, placeM, distanceM, fallsM, dropsM, leftM }) => (
        <p key={place.id} className="border-b border-hair py-2 type-row">
          <button type="button" className="font-[650] underline" onClick={() => select(`terminal ${place.id}`)}>
            {place.name}
          </button>
          : {hole.label} leaves {formatLength(Math.abs(fromM - placeM), measures)} {fromM >= placeM ? 'above' : 'below'}{' '}
          it, {formatLength(distanceM, measures)} away. The least fall takes {formatLength(fallsM, measures)}
          {dropsM > 0 ? `, boxes on the way ${formatLength(dropsM, measures)}` : ''}:{' '}
          <b className="font-[650]">
            {leftM >= 0
              ? `daylight is reached with ${formatLength(leftM, measures)} to spare`
              : `daylight not reachable: ${formatLength(-leftM, measures)} short`}
          </b>
          .
        </p>
      ))}
    </section>
  );
}

/** What the overflows take, against all that can come in at once. */
function Overflows({ context }: { readonly context: CheckContext }) {
  const { job } = context;
  const groups = linkedTanks(context).map((tanks) => ({
    tanks,
    holes: tanks.flatMap(({ id }) => holesOf(job, id, 'overflow')),
    comes: inflowM3s(tanks, context),
  }));
  return groups
    .filter(({ holes, comes }) => holes.length > 0 && comes > 0)
    .map(({ tanks, holes, comes }) => {
      const takes = holes.reduce((sum, hole) => sum + overflowM3s(hole, context), 0);
      return (
        <p key={tanks[0]?.id} className="border-b border-hair py-2 type-row">
          <b className="font-[650]">{holes.map(({ label }) => label).join(' and ')}</b>:{' '}
          {formatFlow(comes, job.measures)} can come into {tanks.map(({ label }) => label).join(' and ')} at once, with
          the design rain; the overflow takes <b className="font-[650]">{formatFlow(takes, job.measures)}</b> before the
          brim.
        </p>
      );
    });
}
