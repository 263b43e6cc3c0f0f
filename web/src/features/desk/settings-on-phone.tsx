'use client';

import { LightChoice } from '@/ui/light-choice';
import { MeasuresChoice } from './measures-choice';
import { RegionChoice } from './region-choice';

/** On a phone the strip has no room for measures and light: they stand after the notes. */
export default function SettingsOnPhone() {
  return (
    <div className="grid grid-cols-2 gap-3 border-t border-hair py-3 md:hidden">
      <MeasuresChoice />
      <div className="order-last col-span-full">
        <RegionChoice />
      </div>
      <LightChoice />
    </div>
  );
}
