// @vitest-environment jsdom
import { contextOf, shippedCatalogue, ternPoint, unify } from '@herrero/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
import Buildings from './buildings';

vi.mock('next/navigation', () => ({ useRouter: () => ({}) }));

freshDesk();

test('the job is held against its fewest and its cheapest building, and one of them is built in a press', async () => {
  const job = ternPoint();
  const { fewest, now: asIs } = unify(contextOf(job, shippedCatalogue));
  const { now } = showAtDesk(<Buildings />, job);
  expect(await screen.findByText(new RegExp(`As it is: ${asIs.differentParts} different parts`))).toBeDefined();
  const proposed = within(await screen.findByRole('region', { name: 'Fewest different' }));
  expect(proposed.getByRole('heading').textContent).toContain(`${fewest.differentParts} different parts`);
  await userEvent.click(proposed.getByRole('button', { name: 'Build it so' }));
  expect(new Set(now().parts.map(({ code }) => code)).size).toBe(fewest.differentParts);
  // What was weighed is of the job before: it is asked for anew by hand.
  await userEvent.click(await screen.findByRole('button', { name: /weigh it again/ }));
  expect(await screen.findByText(new RegExp(`As it is: ${fewest.differentParts} different parts`))).toBeDefined();
});
