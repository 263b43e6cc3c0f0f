'use client';

import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { LightChoice } from '@/ui/light-choice';
import { MeasuresChoice } from './measures-choice';
import { RegionChoice } from './region-choice';

/** In which units the job is read, and the light of the screen. */
export default function SettingsDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-end p-3 pt-[72px]">
        <DialogPanel className="sheet w-96 max-w-full space-y-3 border-2 border-ink p-4">
          <DialogTitle className="type-head">Measures</DialogTitle>
          <MeasuresChoice />
          <p className="type-head">Region</p>
          <RegionChoice />
          <p className="type-head">Light</p>
          <LightChoice />
          <button type="button" className="other-action w-full" onClick={onClose}>
            Done
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
