import type { Method } from '../method';

/** What is done when everything is made: it is filled and looked at. */
export const TEST_WAYS = {
  'test-fill': {
    name: 'Test by filling, first just over the lowest seals, then to the overflow',
    per: 'tank',
    minutes: [30, 120],
    tools: ['fillHose', 'bucket', 'light', 'rags'],
  },
} as const satisfies Readonly<Record<string, Method>>;
