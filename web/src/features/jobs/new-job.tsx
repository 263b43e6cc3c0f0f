'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { CUSTOMS, type Measures, REGIONS, type Region } from '@herrero/core';
import { REGION_SHORT } from '../desk/region-choice';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { Choice } from '@/ui/choice';
import { beginJob } from '@/server/job-actions';
import { authorOfTab } from '../../store/unsent-store';
import { stationPath } from '../desk/stations';

const MEASURES = [
  { value: 'in-gal', name: 'inches, gallons' },
  { value: 'mm-l', name: 'millimetres, litres' },
] as const satisfies readonly { value: Measures; name: string }[];

const WHERE = REGIONS.map((value) => ({ value, name: REGION_SHORT[value] }));

/** Names a new job, says where it is, and goes to its tanks. */
export function NewJob() {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [region, setRegion] = useState<Region>();
  const [measures, setMeasures] = useState<Measures>();
  const units = measures ?? (region && CUSTOMS[region].measures);
  const [failed, setFailed] = useState(false);
  const [missing, setMissing] = useState(false);
  const [pending, begin] = useTransition();
  const router = useRouter();
  const start = (): void => {
    if (region === undefined || units === undefined) return setMissing(true);
    begin(async () => {
      try {
        const id = await beginJob(name, region, units, authorOfTab());
        router.push(stationPath(id, 'tanks'));
      } catch {
        setFailed(true);
      }
    });
  };
  return (
    <>
      <button type="button" className="main-action" onClick={() => setOpen(true)}>
        New job
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} className="relative z-30">
        <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
        <div className="fixed inset-0 flex items-start justify-center p-4 pt-24">
          <DialogPanel className="sheet w-full max-w-md space-y-4 border-2 border-ink p-5">
            <DialogTitle className="type-title">New job</DialogTitle>
            <form action={start} className="space-y-4">
              <label className="block">
                <span className="block type-second">What is it called?</span>
                <input
                  autoFocus
                  className="field w-full"
                  value={name}
                  maxLength={120}
                  placeholder="New job"
                  onChange={(event) => setName(event.target.value)}
                />
              </label>
              <fieldset>
                <legend className="pb-1 type-second">Where is it? Threads, paper and money follow.</legend>
                <Choice
                  label="Where is it?"
                  value={region ?? null}
                  options={WHERE}
                  onChange={(to) => {
                    setRegion(to);
                    setMissing(false);
                  }}
                />
                {missing && (
                  <p role="alert" className="pt-1 type-row">
                    Say where the job is: what the counter hands out depends on it.
                  </p>
                )}
              </fieldset>
              {units !== undefined && (
                <div>
                  <span className="block pb-1 type-second">Measured in</span>
                  <Choice label="Measured in" value={units} options={MEASURES} onChange={setMeasures} />
                </div>
              )}
              {failed && (
                <p role="alert" className="type-row">
                  The server does not answer, so the job could not be begun. What you wrote is still here: try again.
                </p>
              )}
              <div className="flex gap-3">
                <button type="submit" className="main-action flex-1" disabled={pending}>
                  {pending ? 'Beginning…' : 'Begin'}
                </button>
                <button type="button" className="other-action" onClick={() => setOpen(false)}>
                  Not now
                </button>
              </div>
            </form>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
}
