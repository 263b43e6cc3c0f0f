'use client';

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { LightChoice } from '@/ui/light-choice';

/** Day or dark, on the jobs page. */
export function LightPopover() {
  return (
    <Popover className="relative">
      <PopoverButton className="action">
        <span>Light</span>
      </PopoverButton>
      <PopoverPanel anchor="bottom end" className="sheet z-20 w-56 p-4">
        <LightChoice />
      </PopoverPanel>
    </Popover>
  );
}
