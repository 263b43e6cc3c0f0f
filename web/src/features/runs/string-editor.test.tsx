// @vitest-environment jsdom
import { type Job, ternPoint } from '@herrero/core';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, test, vi } from 'vitest';
import { tankWith } from '../../../../core/src/test/sample-jobs';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
// What the page loads when it is first asked for is here already, so that no test waits for it.
import './course-figure';
import './cut-in-form';
import './flow-table';
import './from-hand-list';
import './order-list';
import { RunsStation } from './runs-station';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: vi.fn() }), usePathname: () => '/jobs/job-1/runs' }));

freshDesk();

const show = (job: Job = ternPoint()) => showAtDesk(<RunsStation />, job).now;
const string = () => screen.getByLabelText('The string in half-section');
const label = (name: RegExp) => within(string()).getByRole('button', { name });
const action = (name: string | RegExp) => screen.getByRole('button', { name });
/** The codes of the run of P4, from the tank outward. */
const run = (job: Job): readonly (string | undefined)[] => {
  const codes: (string | undefined)[] = [];
  let at = job.joints.find(({ a }) => a.of === 'hole' && a.id === 'p4')?.b;
  while (at?.of === 'part') {
    const { id, end } = at;
    codes.push(job.parts.find((part) => part.id === id)?.code);
    const out = job.joints.find(
      ({ a, b }) =>
        (a.of === 'part' && a.id === id && a.end !== end) || (b.of === 'part' && b.id === id && b.end !== end),
    );
    at = out && (out.a.of === 'part' && out.a.id === id ? out.b : out.a);
  }
  return codes;
};
const AS_IT_WAS = ['BH-075', 'NC-075', 'LV-075', 'NH-075', 'HS-075100', 'HO-100'];

describe('keys on the string', () => {
  test('arrows go from joint to part to joint', () => {
    show();
    fireEvent.keyDown(string(), { key: 'ArrowRight' });
    expect(
      within(string())
        .getByRole('button', { name: /^P4 J1/ })
        .getAttribute('aria-pressed'),
    ).toBe('true');
    fireEvent.keyDown(string(), { key: 'ArrowRight' });
    expect(label(/^Bulkhead/).getAttribute('aria-pressed')).toBe('true');
    fireEvent.keyDown(string(), { key: 'ArrowRight' });
    fireEvent.keyDown(string(), { key: 'ArrowRight' });
    expect(label(/^Close nipple/).getAttribute('aria-pressed')).toBe('true');
  });

  test('Shift selects a stretch, Alt moves it, undoing is one step', () => {
    const now = show();
    fireEvent.click(label(/^Lever valve/));
    fireEvent.keyDown(string(), { key: 'ArrowRight', shiftKey: true });
    expect(screen.getByRole('region', { name: '2 parts' }).textContent).toContain('Hex nipple');
    fireEvent.keyDown(string(), { key: 'ArrowLeft', altKey: true });
    expect(run(now())).toEqual(['BH-075', 'LV-075', 'NH-075', 'NC-075', 'HS-075100', 'HO-100']);
  });

  test('Delete takes the stretch out and its neighbours meet', () => {
    const now = show();
    fireEvent.click(label(/^Lever valve/));
    fireEvent.click(label(/^Hex nipple/), { shiftKey: true });
    fireEvent.keyDown(string(), { key: 'Delete' });
    expect(run(now())).toEqual(['BH-075', 'NC-075', 'HS-075100', 'HO-100']);
  });

  test('cut at one joint and paste at another; what seals the wall is not cut', () => {
    const now = show();
    fireEvent.click(label(/^Bulkhead/));
    fireEvent.keyDown(string(), { key: 'x', ctrlKey: true });
    expect(screen.queryByRole('status')).toBeNull();
    fireEvent.click(label(/^Lever valve/));
    fireEvent.keyDown(string(), { key: 'x', ctrlKey: true });
    expect(screen.getByRole('status').textContent).toContain('To be moved: Lever valve');
    fireEvent.click(within(string()).getByRole('button', { name: /^P4 J2/ }));
    fireEvent.keyDown(string(), { key: 'v', ctrlKey: true });
    expect(run(now())).toEqual(['BH-075', 'LV-075', 'NC-075', 'NH-075', 'HS-075100', 'HO-100']);
    expect(screen.queryByRole('status')).toBeNull();
  });

  test('a letter begins to name the next part', () => {
    show();
    fireEvent.keyDown(string(), { key: 'h' });
    expect(document.activeElement).toBe(screen.getByLabelText('Narrow the parts down'));
  });

  test('and Enter takes the first that has that name', async () => {
    const now = show();
    fireEvent.keyDown(string(), { key: 'h' });
    await userEvent.keyboard('hose male end{Enter}');
    expect(run(now()).at(-1)).toBe('HM-075100');
    expect(document.activeElement).toBe(string());
  });
});

describe('a stretch by hand', () => {
  test('copied, it is put on the end as often as wanted', async () => {
    const now = show();
    await userEvent.click(label(/^Hose swivel/));
    await userEvent.click(action('Select the next as well'));
    await userEvent.click(action('Copy'));
    await userEvent.click(action('Put it on the end'));
    await userEvent.click(action('Put it on the end'));
    expect(run(now())).toEqual([...AS_IT_WAS, 'HS-075100', 'HO-100', 'HS-075100', 'HO-100']);
    await userEvent.click(action('Let go'));
    expect(screen.queryByRole('button', { name: 'Put it on the end' })).toBeNull();
  });

  test('moved outward and back by its actions', async () => {
    const now = show();
    await userEvent.click(label(/^Lever valve/));
    await userEvent.click(action('Move outward'));
    expect(run(now()).slice(1, 4)).toEqual(['NC-075', 'NH-075', 'LV-075']);
    await userEvent.click(action('Move towards the tank'));
    expect(run(now())).toEqual(AS_IT_WAS);
  });

  test('what stands already says so and is not bought', async () => {
    const now = show();
    await userEvent.click(label(/^Lever valve/));
    await userEvent.click(action('It stands already'));
    expect(now().parts.find(({ id }) => id === 'p4-3')?.existing).toBe(true);
    expect(label(/^Lever valve/).textContent).toContain('stands already');
    await userEvent.click(action('It is new after all'));
    expect(now().parts.find(({ id }) => id === 'p4-3')?.existing).toBe(false);
  });
});

describe('where a run goes', () => {
  test('a hose that falls is drawn to scale, and its end is said', async () => {
    const now = show();
    await userEvent.click(action('As it runs'));
    const course = await screen.findByRole('region', { name: 'As it runs' });
    // 60 ft that fall 74 in go 59 ft 8-1/8 in out and a little more for the fittings (Pythagoras).
    expect(course.textContent).toMatch(/74 in below its hole/);
    expect(course.textContent).not.toContain('assumed');
    await userEvent.click(label(/^Hose60/));
    await userEvent.click(screen.getByRole('radio', { name: 'rises' }));
    expect(now().parts.find(({ id }) => id === 'p4-6')?.slope).toEqual({
      by: 'rise',
      riseM: expect.closeTo(74 * 0.0254, 9) as number,
    });
  });

  test('a rise longer than the hose is named and nothing is lost', async () => {
    const now = show();
    await userEvent.click(label(/^Hose60/));
    const falls = screen.getByLabelText('It falls by');
    await userEvent.clear(falls);
    await userEvent.type(falls, '80 ft{Enter}');
    expect(screen.getByText(/cannot rise or fall by more than its own length/)).toBeDefined();
    expect(now().parts.find(({ id }) => id === 'p4-6')?.slope).toEqual({
      by: 'rise',
      riseM: expect.closeTo(-74 * 0.0254, 9) as number,
    });
  });

  test('the order of work names every joint once, and a press chooses it', async () => {
    show();
    await userEvent.click(action('Order of work'));
    const order = within(await screen.findByRole('region', { name: 'The order of work' }));
    expect(order.getAllByRole('button').map(({ textContent }) => /P\d J\d/.exec(textContent)?.[0])).toEqual([
      'P4 J1',
      'P4 J2',
      'P4 J3',
      'P4 J4',
      'P4 J5',
      'P4 J6',
    ]);
    await userEvent.click(order.getAllByRole('button')[2]!);
    expect(screen.getByTestId('joint-panel').getAttribute('aria-label')).toBe('Joint P4 J3');
  });

  const orderWith = async (...beyond: readonly { readonly code: string; readonly lengthM?: number }[]) => {
    show(tankWith({ holes: [{ id: 'h', parts: [{ code: 'BH-075' }, ...beyond] }] }));
    await userEvent.click(action('Order of work'));
    return within(await screen.findByRole('region', { name: 'The order of work' }));
  };

  // Beside a bulkhead of plastic tube is soldered into its fitting on the bench; a press has no flame.
  test.each([
    ['AMCTS-075', 'On the bench: Copper tube: solder it in'],
    ['AMCTP-075', 'Copper tube: press it on'],
  ])('copper on %s is not glued', async (adapter, words) => {
    const order = await orderWith({ code: adapter }, { code: 'PIK-075', lengthM: 0.3 });
    expect(order.getByText(new RegExp(`^${words}`))).toBeDefined();
    expect(order.queryByText(/glue/)).toBeNull();
    expect(order.queryAllByText(/flame would spoil the bulkhead/i)).toHaveLength(0);
  });

  test('what is soldered near a bulkhead in place is told so', async () => {
    const order = await orderWith({ code: 'AMCTS-075' }, { code: 'PIK-075', lengthM: 0.1 }, { code: 'ECTS-075' });
    expect(order.getAllByText(/flame would spoil the bulkhead/i)).toHaveLength(1);
  });

  test('what the run gives is said for a full, a half and a low tank, with its condition', async () => {
    show();
    await userEvent.click(action('What it gives'));
    const given = await screen.findByRole('region', { name: 'What the run gives' });
    const rows = within(given).getAllByRole('row').slice(1);
    expect(rows.map((row) => within(row).getByRole('rowheader').textContent)).toEqual([
      'full',
      'half drawn',
      'a tenth left',
    ]);
    // Hydrostatics: 2.67 m over the end of the hose, 26.1 kPa, 3.8 psi.
    expect(rows[0]?.textContent).toContain('3.8 psi');
    expect(rows[0]?.textContent).toMatch(/1[0-9] gpm/);
    expect(given.textContent).toContain('The end lies where the parts lead.');
  });

  test('a run that shall come apart is said once and can be taken back', async () => {
    const now = show();
    await userEvent.click(screen.getByRole('radio', { name: 'comes apart' }));
    expect(now().penetrations.find(({ id }) => id === 'p4')?.comesApart).toBe(true);
    await userEvent.click(screen.getByRole('radio', { name: 'for good' }));
    expect(now().penetrations.find(({ id }) => id === 'p4')?.comesApart).toBe(false);
  });

  test('with nothing on hand the van is empty, and that is said', async () => {
    show();
    await userEvent.click(action('From what is on hand'));
    expect(await screen.findByText(/Nothing is on hand yet/)).toBeDefined();
  });
});

describe('old work', () => {
  test('a joint made without what it asks for is told, and put right in one press', async () => {
    const now = show();
    await userEvent.click(within(string()).getByRole('button', { name: /^P4 J3/ }));
    await userEvent.click(action('It is made otherwise'));
    await userEvent.click(screen.getByRole('checkbox', { name: 'tape' }));
    expect(now().joints.find(({ id }) => id === 'p4-j3')?.madeWith).toEqual([]);
    expect(screen.getByTestId('joint-panel').textContent).toContain('that is left out');
    await userEvent.click(action('As it asks'));
    expect(now().joints.find(({ id }) => id === 'p4-j3')?.madeWith).toBeNull();
  });

  test('something is cut into a hose that stands: what to shut and what runs out comes first', async () => {
    const now = show();
    await userEvent.click(label(/^Hose60/));
    await userEvent.click(action('It stands already'));
    await userEvent.click(action('Cut something in'));
    const before = await screen.findByRole('region', { name: 'Before it is cut' });
    expect(before.textContent).toContain('Shut the lever valve.');
    // 60 ft of 1 in hold 2.45 gal (geometry).
    expect(before.textContent).toContain('2 gal');
    const middle = screen.getByLabelText('Its middle, from the end nearer the tank');
    await userEvent.clear(middle);
    await userEvent.type(middle, '70 ft{Enter}');
    expect(screen.getByText('The pipe is not so long.')).toBeDefined();
    await userEvent.clear(middle);
    await userEvent.type(middle, '20 ft{Enter}');
    await userEvent.click(screen.getAllByRole('button', { name: /^Saw out/ })[0]!);
    const hoses = now().parts.filter(({ code }) => code === 'HO-100');
    expect(hoses).toHaveLength(2);
    expect(hoses.every(({ existing }) => existing)).toBe(true);
    expect(now().parts.at(-1)?.existing).toBe(false);
  });
});
