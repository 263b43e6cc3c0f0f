'use client';

import { type CheckContext } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { InflowFields, MarkFields, PlaceFields, RoofFields } from './site-fields';
import { StandPanel } from './stand-panel';

/** What is chosen on the site, with all that can be said of it. */
export function SelectedPanel({ context }: { readonly context: CheckContext }) {
  const { roofs, inflows, terminals, marks, tanks } = context.job;
  // While nothing is chosen: how high the first tank may stand.
  const key = useJob((state) => state.siteKey) ?? (tanks[0] ? `tank ${tanks[0].id}` : null);
  const [of, id] = [key?.slice(0, key.indexOf(' ')), key?.slice(key.indexOf(' ') + 1)];
  const roof = of === 'roof' ? roofs.find((one) => one.id === id) : undefined;
  const inflow = of === 'inflow' ? inflows.find((one) => one.id === id) : undefined;
  const place = of === 'terminal' ? terminals.find((one) => one.id === id) : undefined;
  const mark = of === 'mark' ? marks.find((one) => one.id === id) : undefined;
  const tank = of === 'tank' ? tanks.find((one) => one.id === id) : undefined;
  const name = roof?.name ?? inflow?.name ?? place?.name ?? mark?.name ?? tank?.label;
  if (name === undefined)
    return (
      <p className="rule-subject mt-1 pt-2 type-row">
        Add a roof, a place or a level line above; what is chosen is said more of here.
      </p>
    );
  return (
    <section aria-label={`About ${name}`} className="rule-selected pt-2">
      <h2 className="pb-2 type-head">
        {tank ? `${name}: ${tank.buriedM > 0 ? 'how deep it is' : 'how high it may stand'}` : name}
      </h2>
      {roof && <RoofFields key={roof.id} roof={roof} />}
      {inflow && <InflowFields key={inflow.id} inflow={inflow} />}
      {place && <PlaceFields key={place.id} place={place} />}
      {mark && <MarkFields key={mark.id} mark={mark} />}
      {tank && <StandPanel key={tank.id} tank={tank} context={context} />}
    </section>
  );
}
