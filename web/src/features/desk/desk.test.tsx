// @vitest-environment jsdom
import { type Job, ternPoint } from '@herrero/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type ReactNode } from 'react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { CutList } from '../parts/cut-list';
import { PartsStation } from '../parts/parts-station';
import { useJob } from '../../store/job-provider';
import { Margin } from './margin';
import { Rack } from './rack';
import { Strip } from './strip';
import { freshDesk, showAtDesk } from './test/at-a-desk';
import { UndoBar } from './undo-bar';

const push = vi.fn();
vi.mock('next/navigation', () => ({ useRouter: () => ({ push }), usePathname: () => '/jobs/job-1/holes' }));

const desk = (children: ReactNode, job: Job = ternPoint()) => showAtDesk(children, job);

freshDesk();
beforeEach(() => void push.mockClear());

describe('the way to the bench', () => {
  test('keeps the exact place that is left, for the way back', async () => {
    desk(<Strip />);
    const [link] = screen.getAllByRole('link', { name: /^Bench/ });
    expect(link?.getAttribute('href')).toBe('/bench');
    await userEvent.click(link as HTMLElement);
    expect(JSON.parse(sessionStorage.getItem('herrero-bench-from') ?? '{}')).toEqual({
      href: '/jobs/job-1/holes',
      label: 'Tern Point boat rinse, Holes',
    });
  });
});

describe('the margin', () => {
  const titles = (): (string | null)[] =>
    screen.getAllByRole('heading', { level: 3 }).map(({ textContent }) => textContent);

  test('has the worst first, each with its place', () => {
    desk(<Margin />);
    expect(titles()).toEqual([
      'Starts, then leaksP4 J5',
      'End openP4',
      'Not known yetP3',
      'No hand insideP4',
      'Water left behindP4',
      'Mind the materialsP3 J2',
      'No valve in the linkP3',
      'Draws in airP4',
    ]);
  });

  test('offers one way, and the others when asked', async () => {
    desk(<Margin />);
    const note = screen.getByText('Starts, then leaks').closest('section');
    if (!note) throw new Error('no note');
    expect(await within(note).findAllByText('Fix')).toHaveLength(1);
    await userEvent.click(within(note).getByRole('button', { name: '2 other ways' }));
    expect(within(note).getAllByText('Fix')).toHaveLength(3);
  });

  test('settles a finding with one press', async () => {
    desk(<Margin />);
    await userEvent.click(await screen.findByRole('button', { name: /Hose adapter 3\/4 NPT female/ }));
    expect(titles()).not.toContain('Starts, then leaksP4 J5');
  });

  test('has no more than can be read, and the others when asked', async () => {
    const job = ternPoint();
    const [hole] = job.penetrations;
    if (!hole) throw new Error('no hole');
    const bare = Array.from({ length: 8 }, (_, place) => ({
      ...hole,
      id: `n${place}`,
      label: `P${place + 20}`,
      roles: ['draw-off'] as const,
    }));
    desk(<Margin />, { ...job, penetrations: [...job.penetrations, ...bare] });
    const count = Number(/^\d+/.exec(screen.getByText(/, worst first/).textContent ?? '')?.[0]);
    expect(count).toBeGreaterThan(41);
    expect(titles()).toHaveLength(40);
    await userEvent.click(screen.getByRole('button', { name: `${count - 40} more notes` }));
    expect(titles()).toHaveLength(count);
    expect(screen.queryByText(/more notes?$/)).toBeNull();
  });

  test('takes the measure where it asks for it', async () => {
    desk(<Margin />);
    await userEvent.type(screen.getByLabelText('Length of the pipe between'), '14 in{Enter}');
    expect(titles()).not.toContain('Not known yetP3');
  });

  test('leads to the place it speaks of', async () => {
    desk(<Margin />);
    await userEvent.click(screen.getByRole('button', { name: /^Water left behind/ }));
    expect(push).toHaveBeenCalledWith('/jobs/job-1/holes');
  });

  test('of an empty job says what comes first, and claims nothing', () => {
    const job = ternPoint();
    desk(<Margin />, { ...job, penetrations: [], parts: [], joints: [], tanks: [] });
    expect(screen.getByText(/Nothing is planned yet. It begins at Tanks/)).toBeDefined();
    expect(screen.queryByText(/Every joint holds/)).toBeNull();
  });

  test('lets a note be settled by a name that is typed, and opened again', async () => {
    desk(<Margin />);
    await userEvent.click(screen.getByRole('button', { name: 'Settle by name: Water left behind, P4' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Settle it' }));
    expect(screen.getByRole('alert').textContent).toContain('A name is asked for');
    await userEvent.type(screen.getByRole('textbox', { name: 'Who says so' }), 'R. Mason{Enter}');
    const settled = within(screen.getByRole('region', { name: 'Settled by name' }));
    expect(settled.getByText('Water left behind, P4')).toBeDefined();
    expect(settled.getByText(/works as it is: R. Mason/)).toBeDefined();
    expect(titles()).not.toContain('Water left behindP4');
    await userEvent.click(settled.getByRole('button', { name: 'Open it again' }));
    expect(titles()).toContain('Water left behindP4');
    expect(screen.queryByRole('region', { name: 'Settled by name' })).toBeNull();
  });
});

describe('the rack', () => {
  test('has the tanks from the top down, links and sight tubes in both places', () => {
    desk(<Rack />);
    const rows = (tank: string) =>
      within(screen.getByRole('region', { name: tank }))
        .getAllByRole('listitem')
        .map((row) => row.textContent?.split(' ')[0]);
    expect(rows('T1')).toEqual(['P1', 'P2', 'P3']);
    expect(rows('T2')).toEqual(['P7', 'P6', 'P4', 'P6', 'P3', 'P5']);
  });

  test('selects a hole', async () => {
    desk(<Rack />);
    await userEvent.click(screen.getByRole('button', { name: /P2 Overflow/ }));
    expect(screen.getByRole('button', { name: /P2 Overflow/ }).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByRole('button', { name: /P4 Hose/ }).getAttribute('aria-pressed')).toBe('false');
  });
});

describe('the strip', () => {
  test('links only stations that have a screen; the others lie dotted and say so', () => {
    const { container } = desk(<Strip />);
    const nav = screen.getByRole('navigation', { name: 'Stations' });
    expect(
      within(nav)
        .getAllByRole('link')
        .map(({ textContent }) => textContent?.replace(/\d.*/, '')),
    ).toEqual(['Site', 'Tanks', 'Holes', 'Runs', 'Parts']);
    expect(within(nav).getAllByText('comes later')).toHaveLength(2);
    expect(container.querySelectorAll('[data-peg="waits"]')).toHaveLength(2);
    expect(container.querySelectorAll('[data-peg="trouble"]')).toHaveLength(1);
  });

  test('marks the station one stands at', () => {
    desk(<Strip />);
    expect(screen.getByRole('link', { current: 'page' }).textContent).toContain('Holes');
  });

  test('renames the job in place; nothing typed leaves it', async () => {
    desk(<Strip />);
    await userEvent.click(screen.getByRole('button', { name: 'Tern Point boat rinse' }));
    await userEvent.clear(screen.getByLabelText('Name of the job'));
    await userEvent.keyboard('{Enter}');
    expect(screen.getByRole('button', { name: 'Tern Point boat rinse' })).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'Tern Point boat rinse' }));
    await userEvent.clear(screen.getByLabelText('Name of the job'));
    await userEvent.type(screen.getByLabelText('Name of the job'), 'Rinse{Enter}');
    expect(screen.getByRole('button', { name: 'Rinse' })).toBeDefined();
  });
});

describe('undo', () => {
  const Move = () => {
    const make = useJob((state) => state.make);
    const name = useJob((state) => state.job.name);
    return (
      <button
        type="button"
        onClick={() => make([{ type: 'change-field', in: 'settings', field: 'name', from: name, to: `${name}!` }])}
      >
        {name}
      </button>
    );
  };

  test('is by button and by Ctrl+Z, each named by what it takes back', async () => {
    desk(
      <>
        <UndoBar />
        <Move />
      </>,
    );
    expect(screen.getByRole('button', { name: 'Undo' })).toHaveProperty('disabled', true);
    await userEvent.click(screen.getByText('Tern Point boat rinse'));
    await userEvent.click(screen.getByRole('button', { name: 'Undo: Set the name' }));
    expect(screen.getByText('Tern Point boat rinse')).toBeDefined();
    await userEvent.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
    expect(screen.getByText('Tern Point boat rinse!')).toBeDefined();
    await userEvent.keyboard('{Control>}z{/Control}');
    expect(screen.getByText('Tern Point boat rinse')).toBeDefined();
  });
});

describe('parts', () => {
  test('say in three lines whether the list is complete', () => {
    desk(<PartsStation />);
    const lines = screen.getByRole('region', { name: 'Is it complete' });
    expect(lines.textContent).toContain('8 of 9 closed. P4');
    expect(lines.textContent).toContain('41 of 42 hold. P4 J5 starts, then leaks');
    expect(lines.textContent).toContain('8 of 8 named.');
  });

  test('ask what is not known, and warn at the step where it matters', () => {
    desk(<PartsStation />);
    expect(screen.getByText('How long is Pipe 1-1/2 Schedule 40 in P3?')).toBeDefined();
    expect(screen.getByText(/no flame, never inside a tank/)).toBeDefined();
  });

  test('of an empty job are none, and that is said', () => {
    const job = ternPoint();
    desk(<PartsStation />, { ...job, penetrations: [], parts: [], joints: [], tanks: [] });
    expect(screen.getByText(/Nothing is needed yet/)).toBeDefined();
  });

  test('without cuts have no cut list', () => {
    const { container } = desk(<CutList cuts={[]} />);
    expect(container.textContent).toBe('');
  });
});
