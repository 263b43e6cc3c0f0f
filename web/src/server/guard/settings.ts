import { type GuardSettings } from './guard';

let known: GuardSettings | undefined;

/** Read once: HERRERO_HOSTS (names with commas between) and HERRERO_PASSPHRASE. */
export function guardSettings(): GuardSettings {
  known ??= {
    hosts: (process.env.HERRERO_HOSTS ?? '')
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter((name) => name !== ''),
    passphrase: process.env.HERRERO_PASSPHRASE || undefined,
  };
  return known;
}
