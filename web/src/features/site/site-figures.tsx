'use client';

import {
  ASSUMED,
  FROST_PLANS,
  type FrostPlan,
  setSetting,
  type Settable,
  type Settings,
  type SiteFigure,
  SUN_PLANS,
  type SunPlan,
  usualOf,
} from '@herrero/core';
import { LengthField } from '@/ui/length-field';
import { FigureField } from '@/ui/figure-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { AskRainfall } from './ask-rainfall';
import { SelectField } from './site-fields';

const LENGTHS: readonly (readonly [SiteFigure, string])[] = [
  ['armM', 'Arm, shoulder to fingertips'],
  ['sedimentM', 'Sediment between cleanings'],
  ['groundWaterM', 'Ground water, below the ground'],
  ['frostM', 'Frost goes down to'],
  ['coverM', 'Cover over a drain'],
  ['standM', 'Highest stand without engineer'],
];
const SUN_NAMES: Readonly<Record<SunPlan, string>> = { shaded: 'Shaded or indoors', painted: 'Painted or covered' };
const FROST_NAMES: Readonly<Record<FrostPlan, string>> = {
  drained: 'Drained before frost',
  insulated: 'Insulated or buried',
  'none-here': 'No frost here',
};

/** What is taken of the site until somebody says better; what is assumed says so. */
export function SiteFigures() {
  const job = useJob((state) => state.job);
  const make = useJob((state) => state.make);
  const { measures } = job;
  const set = <Name extends Settable<'settings'>>(field: Name, to: Settings[Name]): string | undefined =>
    make([setSetting(job, field, to)])?.message;
  const mark = (figure: SiteFigure, name: string): string => `${name}${job[figure] === null ? ' (assumed)' : ''}`;
  const inches = measures === 'in-gal';
  return (
    <section aria-label="Figures of the site" className="rule-subject mt-4 pt-2">
      <h2 className="type-head">Figures of the site</h2>
      <p className="type-second">Assumed, and marked so, until you give yours. Checks and levels follow at once.</p>
      <div className="mt-2 grid grid-cols-4 items-end gap-x-3 gap-y-2 max-xl:grid-cols-3 max-md:grid-cols-2">
        {LENGTHS.map(([figure, name]) => (
          <LengthField
            key={figure}
            label={mark(figure, name)}
            valueM={job[figure] ?? ASSUMED[figure]}
            measures={measures}
            usual={usualOf('settings', figure)}
            onChange={(to) => set(figure, to)}
          />
        ))}
        <FigureField
          kind="pressure"
          measures={measures}
          plain="kPa"
          bare
          label={mark('groundKpa', 'Ground bears, kPa')}
          value={job.groundKpa ?? ASSUMED.groundKpa}
          onChange={(to) => set('groundKpa', to)}
        />
        <FigureField
          kind="share"
          measures={measures}
          bare
          label={mark('fallShare', 'Least fall of a drain, %')}
          value={job.fallShare ?? ASSUMED.fallShare}
          onChange={(to) => set('fallShare', to)}
        />
        <FigureField
          kind="rain"
          measures={measures}
          bare
          label={mark('stormMmPerH', inches ? 'Storm, in an hour' : 'Storm, mm an hour')}
          value={job.stormMmPerH ?? ASSUMED.stormMmPerH}
          onChange={(to) => set('stormMmPerH', to)}
        />
        <SelectField
          label="Plastic in the sun"
          value={job.sunPlan}
          options={SUN_PLANS.map((plan) => [plan, SUN_NAMES[plan]])}
          unsaid="not said"
          onChange={(to) => set('sunPlan', to)}
        />
        <SelectField
          label="Lines in frost"
          value={job.frostPlan}
          options={FROST_PLANS.map((plan) => [plan, FROST_NAMES[plan]])}
          unsaid="not said"
          onChange={(to) => set('frostPlan', to)}
        />
        <YesNo label="The water is drunk" value={job.drinking} onChange={(to) => set('drinking', to)} />
        <YesNo
          label="Silicone at bulkheads, as insurance"
          value={job.silicone}
          onChange={(to) => set('silicone', to)}
        />
      </div>
      <AskRainfall />
      {job.silicone && (
        <p className="pt-2 type-second">
          Neutral cure. It does not bond polyethylene or polypropylene: it only fills a gap beside the rubber. The tube
          is on the list.
        </p>
      )}
    </section>
  );
}
