'use client';

import {
  type Tank,
  flotation,
  formatLength,
  formatMass,
  highEnoughRiser,
  lidOverGroundM,
  siteFigure,
} from '@herrero/core';
import { Action } from '@/ui/action';
import { FigureField } from '@/ui/figure-field';
import { LengthField } from '@/ui/length-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { Fact } from './fact';
import { useTankField } from './use-tank-field';

/** A buried tank: how it is buried, what lifts it and what holds it. */
export function InTheGround({ tank }: { readonly tank: Tank }) {
  const job = useJob((state) => state.job);
  const set = useTankField(tank);
  const { liftKg, heldKg, missingKg } = flotation(tank, siteFigure(job, 'groundWaterM'));
  const pounds = job.measures === 'in-gal';
  return (
    <div className="space-y-2 border-t border-hair py-2">
      <Fact name="lid over ground">{formatLength(lidOverGroundM(tank), job.measures)}</Fact>
      <Fact name="empty, it is">
        lifted by {formatMass(liftKg, job.measures)}, held by {formatMass(heldKg, job.measures)}
        {missingKg > 0 ? `: ${formatMass(missingKg, job.measures)} missing` : ': it stays'}
      </Fact>
      <RiserFields tank={tank} />
      <FigureField
        kind="mass"
        measures={job.measures}
        bare
        label={`Anchors hold, ${pounds ? 'lb' : 'kg'}`}
        value={tank.anchorKg}
        onChange={(to) => set('anchorKg', to)}
      />
      <YesNo
        label="Water goes in as the ground does"
        value={tank.filledAsBuried}
        onChange={(to) => set('filledAsBuried', to)}
      />
      <YesNo label="Braced inside while empty" value={tank.braced} onChange={(to) => set('braced', to)} />
    </div>
  );
}

/** What leads from its way in up to a lid over the ground. */
function RiserFields({ tank }: { readonly tank: Tank }) {
  const measures = useJob((state) => state.job.measures);
  const set = useTankField(tank);
  const { riser } = tank;
  if (riser === null) return <Action onClick={() => set('riser', highEnoughRiser(tank))}>Put a riser on it</Action>;
  return (
    <div>
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Riser, high"
          valueM={riser.heightM}
          measures={measures}
          onChange={(heightM) => set('riser', { ...riser, heightM })}
        />
        <LengthField
          label="Riser, clear inside"
          valueM={riser.widthM}
          measures={measures}
          onChange={(widthM) => set('riser', { ...riser, widthM })}
        />
      </div>
      <Action onClick={() => set('riser', null)}>No riser on it</Action>
    </div>
  );
}
