import { type Heading } from '@herrero/core';

/** How somebody says it who stands before the opening and looks at the tank. */
export const HEADING_NAMES: Readonly<Record<Heading, string>> = {
  out: 'away from the tank',
  back: 'towards the tank',
  left: 'to the left',
  right: 'to the right',
  up: 'up',
  down: 'down',
};
