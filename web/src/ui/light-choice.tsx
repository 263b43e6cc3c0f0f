'use client';

import { useSyncExternalStore } from 'react';
import { Choice } from './choice';

type Light = 'bench' | 'shed';

const LIGHTS = [
  { value: 'bench', name: 'bench' },
  { value: 'shed', name: 'shed' },
] as const satisfies readonly { value: Light; name: string }[];

const listeners = new Set<() => void>();

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

function shine(light: Light): void {
  document.documentElement.dataset.light = light;
  try {
    localStorage.setItem('herrero-light', light);
  } catch {
    // Without storage the light holds for this visit.
  }
  for (const listener of listeners) listener();
}

/** Day or dark: the bench, or the shed. Kept on this device. */
export function LightChoice() {
  const light = useSyncExternalStore<Light>(
    subscribe,
    () => (document.documentElement.dataset.light === 'shed' ? 'shed' : 'bench'),
    () => 'bench',
  );
  return <Choice label="Light" value={light} options={LIGHTS} onChange={shine} />;
}
