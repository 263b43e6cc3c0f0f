'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { type Measures } from '@herrero/core';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { Choice } from '@/ui/choice';
import { beginJob } from '@/server/job-actions';
import { authorOfTab } from '../desk/unsent-store';
import { stationPath } from '../desk/stations';

const MEASURES = [
  { value: 'in-gal', name: 'inches, gallons' },
  { value: 'mm-l', name: 'millimetres, litres' },
] as const satisfies readonly { value: Measures; name: string }[];

/** Names a new job and goes to its tanks. */
export function NewJob() {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [measures, setMeasures] = useState<Measures>('in-gal');
  const [failed, setFailed] = useState(false);
  const [pending, begin] = useTransition();
  const router = useRouter();
  const start = (): void =>
    begin(async () => {
      try {
        const id = await beginJob(name, measures, authorOfTab());
        router.push(stationPath(id, 'tanks'));
      } catch {
        setFailed(true);
      }
    });
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
              <div>
                <span className="block pb-1 type-second">Measured in</span>
                <Choice label="Measured in" value={measures} options={MEASURES} onChange={setMeasures} />
              </div>
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
