'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { CUSTOMS, type Measures, REGIONS, type Region } from '@herrero/core';
import { REGION_SHORT } from '../desk/region-choice';
import { useRouter } from 'next/navigation';
import { useRef, useState, useTransition } from 'react';
import { Choice } from '@/ui/choice';
import { beginJob } from '@/server/job-actions';
import { type ListedPattern } from '@/server/patterns';
import { RegionProvider } from '@/ui/region';
import { send } from '@/ui/send';
import { authorOfTab } from '../../store/unsent-store';
import { stationPath } from '../desk/stations';
import { PatternFigures, WhatStands } from './what-stands';

const MEASURES = [
  { value: 'in-gal', name: 'inches, gallons' },
  { value: 'mm-l', name: 'millimetres, litres' },
] as const satisfies readonly { value: Measures; name: string }[];

const NOT_BEGUN = 'The server does not answer, so the job could not be begun. What you wrote is still here: try again.';

const WHERE = REGIONS.map((value) => ({ value, name: REGION_SHORT[value] }));

/** Names a new job, says where it is and what stands there, and goes to its tanks, or to its list where all of it is made. */
export function NewJob({ patterns }: { readonly patterns: readonly ListedPattern[] }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [region, setRegion] = useState<Region>();
  const [measures, setMeasures] = useState<Measures>();
  const units = measures ?? (region && CUSTOMS[region].measures);
  const [chosen, setChosen] = useState<ListedPattern>();
  const [figures, setFigures] = useState<Readonly<Record<string, number>>>({});
  const [failed, setFailed] = useState<string>();
  const [missing, setMissing] = useState(false);
  const [pending, begin] = useTransition();
  const router = useRouter();
  const form = useRef<HTMLFormElement>(null);
  const start = (): void => {
    if (region === undefined || units === undefined) return setMissing(true);
    // What stands there as typed and was not taken is said at its field: nothing is made without it.
    const wrong = form.current?.querySelector<HTMLElement>('[aria-invalid="true"]');
    if (wrong) return wrong.focus();
    begin(async () => {
      setFailed(undefined);
      if (chosen) {
        const system = { pattern: chosen.id, ...figures };
        const sent = await send<{ readonly id: string }>('POST', '/api/v1/patterns', {
          ...(name.trim() === '' ? {} : { name }),
          region,
          measures: units,
          system,
        });
        return sent.ok ? router.push(stationPath(sent.answer.id, 'parts')) : setFailed(sent.message);
      }
      try {
        const id = await beginJob(name, region, units, authorOfTab());
        router.push(stationPath(id, 'tanks'));
      } catch {
        setFailed(NOT_BEGUN);
      }
    });
  };
  const take = (pattern: ListedPattern | undefined): void => {
    setChosen(pattern);
    setFigures({});
  };
  return (
    <>
      <button type="button" className="main-action" onClick={() => setOpen(true)}>
        New job
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} className="relative z-30">
        <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
        <div className="fixed inset-0 flex items-start justify-center p-4 pt-16 max-md:pt-4">
          <DialogPanel className="sheet max-h-full w-full max-w-xl scroll-pb-24 space-y-4 overflow-y-auto border-2 border-ink p-5">
            <DialogTitle className="type-title">New job</DialogTitle>
            <form ref={form} action={start} className="space-y-4">
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
              {region !== undefined && units !== undefined && (
                <RegionProvider value={region}>
                  <WhatStands patterns={patterns} chosen={chosen} onChoose={take} />
                  {chosen && (
                    <PatternFigures
                      key={chosen.id}
                      pattern={chosen}
                      measures={units}
                      given={figures}
                      onGive={(key, value) => setFigures({ ...figures, [key]: value })}
                    />
                  )}
                </RegionProvider>
              )}
              {failed !== undefined && (
                <p role="alert" className="type-row">
                  {failed}
                </p>
              )}
              <div className="sticky -bottom-5 -mx-5 flex gap-3 border-t border-hair bg-sheet px-5 py-3">
                <button type="submit" className="main-action flex-1" disabled={pending}>
                  {pending ? 'Beginning…' : chosen ? 'Set it out' : 'Begin'}
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
