// @vitest-environment jsdom
import { type Job, flangeRadiusM, noDrillZones, tankOf, ternPoint, zoneAt } from '@herrero/core';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, test, vi } from 'vitest';
import { useJob } from '../../store/job-provider';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
import { HolePanel } from './hole-panel';
import { HolesSheet } from './holes-sheet';
import { TankRow } from './tank-row';

vi.mock('next/navigation', () => ({
  useRouter: () => ({ push: vi.fn() }),
  usePathname: () => '/jobs/job-1/holes',
}));

freshDesk();

function Panel({ holeId }: { readonly holeId: string }) {
  const { job } = useJob((state) => state);
  const hole = job.penetrations.find(({ id }) => id === holeId);
  const tank = tankOf(job, hole);
  return hole && tank ? (
    <>
      <TankRow tankId={tank.id} />
      <HolesSheet tank={tank} />
      <HolePanel penetration={hole} tank={tank} />
    </>
  ) : null;
}
const show = (holeId: string, job = ternPoint()): (() => Job) => showAtDesk(<Panel holeId={holeId} />, job).now;
/** The demo with its drain as one of the ports that the type of tank comes with. */
const withPort = (): Job => {
  const job = ternPoint();
  return {
    ...job,
    penetrations: job.penetrations.map((hole) => (hole.id === 'p5' ? { ...hole, portId: 'drain' } : hole)),
  };
};
const holeOf = (job: Job, id: string) => job.penetrations.find((hole) => hole.id === id);

describe('what seals it', () => {
  test('has what is chosen first, with its range, and the others behind', () => {
    show('p4');
    const [first, second] = screen.getAllByRole('button', { name: /hole \d/ });
    expect(first?.getAttribute('aria-pressed')).toBe('true');
    expect(first?.textContent).toMatch(/^Bulkhead/);
    expect(second?.getAttribute('aria-pressed')).toBe('false');
    expect(screen.getByText('1-3/8 in to 1-3/4 in between makers')).toBeDefined();
  });

  test('says which of them nobody sells where the work is', () => {
    show('p4', { ...ternPoint(), region: 'EU' });
    const rows = screen.getAllByRole('button', { name: /hole \d/ }).map(({ textContent }) => textContent);
    expect(rows.find((text) => text.includes('Schedule 40'))).toContain('not sold there');
    expect(rows.find((text) => text.includes('G female'))).not.toContain('not sold there');
  });

  test('says with which two figures a way is ruled out', async () => {
    show('p2');
    await userEvent.click(screen.getByText(/ruled out here: why/));
    expect(screen.getByText(/It keeps insects out, not water in: its lowest edge is/)).toBeDefined();
  });

  test('is changed by a press', async () => {
    const now = show('p4');
    await userEvent.click(screen.getByRole('button', { name: /^Push-through gasket/ }));
    expect(now().parts.find(({ id }) => id === 'p4-1')?.code).toBe('PG-075');
  });
});

describe('figures', () => {
  test('name an arm that does not reach, and that nobody goes in', () => {
    show('p4');
    expect(screen.getByText('No.')).toBeDefined();
    expect(screen.getByText(/Nobody goes in/)).toBeDefined();
  });

  test('a shank in hand gives the hole: the smallest saw that leaves it play', async () => {
    const now = show('p4');
    await userEvent.type(screen.getByLabelText('Shank, measured'), '40 mm{Enter}');
    // 1-5/8 in is 41.275 mm.
    expect(holeOf(now(), 'p4')?.holeM).toBeCloseTo(0.041275, 9);
  });

  test('an opening can have several roles, and keeps the last one', async () => {
    const now = show('p4');
    expect(screen.queryByRole('button', { name: 'not this' })).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText('Also for'), 'Drain');
    expect(holeOf(now(), 'p4')?.roles).toEqual(['draw-off', 'drain']);
    const [first] = screen.getAllByRole('button', { name: 'not this' });
    if (first) await userEvent.click(first);
    expect(holeOf(now(), 'p4')?.roles).toEqual(['drain']);
  });

  test('another face puts it on the flat of that face', async () => {
    const now = show('p4');
    await userEvent.selectOptions(screen.getByLabelText('Face'), 'Top');
    const hole = holeOf(now(), 'p4');
    expect(hole?.face).toBe('top');
    const tank = now().tanks.find(({ id }) => id === hole?.tankId);
    expect(zoneAt(noDrillZones(tank!), hole!, flangeRadiusM(hole!.size, undefined))).toBeUndefined();
  });

  test('a moulded port has no saw and cannot change its face', () => {
    show('p5', withPort());
    expect(screen.queryByLabelText('Hole, if measured')).toBeNull();
    expect(screen.getByLabelText<HTMLSelectElement>('Face').disabled).toBe(true);
  });
});

describe('the sheet', () => {
  test('shows each face that is asked for, and what there is to draw on', async () => {
    show('p4');
    const faces = screen.getByRole('list', { name: 'Faces of T2' });
    expect(within(faces).getByText(/gal to draw on/)).toBeDefined();
    await userEvent.click(within(faces).getByRole('button', { name: /^Top/ }));
    expect(screen.getByRole('group', { name: 'Top seen from above' })).toBeDefined();
  });

  test('a hole is moved by arrow keys, by a sixteenth and by ten of them', async () => {
    const now = show('p4');
    screen.getByRole('button', { name: /P4 Hose outlet in T2, on the unrolled wall/ }).focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(holeOf(now(), 'p4')?.heightM).toBeCloseTo((8 + 1 / 16) * 0.0254, 9);
    await userEvent.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(holeOf(now(), 'p4')?.aroundM).toBeCloseTo((66.5 - 10 / 16) * 0.0254, 9);
  });

  test('a port of its type is not moved; an end that somebody found there is', async () => {
    const found = show('p5');
    screen.getByRole('button', { name: /P5 Drain in T2, on the unrolled wall/ }).focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(holeOf(found(), 'p5')?.heightM).toBeCloseTo((2 + 1 / 16) * 0.0254, 9);
    cleanup();
    const now = show('p5', withPort());
    screen.getByRole('button', { name: /P5 Drain in T2, on the unrolled wall/ }).focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(holeOf(now(), 'p5')?.heightM).toBeCloseTo(2 * 0.0254, 9);
  });

  test('all tanks stand on one datum', () => {
    show('p4');
    const row = screen.getByRole('group', { name: 'Tanks' });
    expect(within(row).getByRole('button', { name: 'T2' }).getAttribute('aria-pressed')).toBe('true');
    expect(within(row).getByText(/T1 full .* over the ground/)).toBeDefined();
  });
});
