'use client';
import { type ComponentProps, useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * What takes no press before its scripts are there to answer it: until then the page is only drawn, and a press on it would be
 * lost without a word. Links beside it lead on meanwhile.
 */
export function Awake(props: ComponentProps<'div'>) {
  const awake = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return <div inert={!awake} aria-busy={!awake} {...props} />;
}
