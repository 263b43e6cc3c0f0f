// @vitest-environment jsdom
import { type Job, heightsOf, millRow, ternPoint } from '@herrero/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, test, vi } from 'vitest';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
import { SiteStation } from './site-station';

vi.mock('next/navigation', () => ({
  useRouter: () => ({ push: vi.fn() }),
  usePathname: () => '/jobs/job-1/site',
}));

freshDesk();

const show = (job: Job): (() => Job) => showAtDesk(<SiteStation />, job).now;
const write = async (label: string, value: string): Promise<void> => {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${value}{Enter}`);
};

describe('heights', () => {
  test('a reading is taken from a reference, up or down', async () => {
    const now = show(ternPoint());
    await userEvent.click(screen.getByRole('button', { name: 'boat house downpipe' }));
    const panel = within(screen.getByRole('region', { name: 'About boat house downpipe' }));
    await userEvent.selectOptions(panel.getByLabelText('Taken from'), 'gutter of boat house');
    await userEvent.type(panel.getByLabelText(/^How far down/), '16 in{Enter}');
    // The gutter hangs 114 in over the ground.
    expect(heightsOf(now()).get('terminal downpipe')?.upM).toBeCloseTo(98 * 0.0254, 9);
  });

  test('what a place wants is usual until it is given', async () => {
    const now = show(millRow());
    await userEvent.click(screen.getByRole('button', { name: 'fire coupling' }));
    await write('Reserve, L', '9000');
    expect(now().terminals.find(({ id }) => id === 'fire')?.reserveM3).toBeCloseTo(9, 9);
    expect(screen.getByLabelText('Wants, L/min (usual)')).toBeDefined();
  });

  test('the stand has a window, and says what bites', () => {
    show(ternPoint());
    const panel = screen.getByRole('region', { name: 'About T1' });
    expect(within(panel).getByText(/the way from the gutter of boat house/)).toBeDefined();
    expect(within(panel).getByText(/higher wants an engineer/)).toBeDefined();
  });
});

describe('figures of the site', () => {
  test('are marked as assumed until they are given', async () => {
    const now = show(ternPoint());
    await write('Sediment between cleanings (assumed)', '3 in');
    expect(now().sedimentM).toBeCloseTo(3 * 0.0254, 9);
    expect(screen.getByLabelText('Sediment between cleanings')).toBeDefined();
  });

  test('a storm is given in inches and kept in millimetres', async () => {
    const now = show(ternPoint());
    await write('Storm, in an hour (assumed)', '5');
    expect(now().stormMmPerH).toBeCloseTo(127, 9);
  });

  test('silicone is said once for the job, with what it does not do', async () => {
    const now = show(ternPoint());
    await userEvent.click(
      within(screen.getByRole('radiogroup', { name: /Silicone/ })).getByRole('radio', { name: 'yes' }),
    );
    expect(now().silicone).toBe(true);
    expect(screen.getByText(/does not bond polyethylene/)).toBeDefined();
  });
});
