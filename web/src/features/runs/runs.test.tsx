// @vitest-environment jsdom
import { AS_ASKED, type Job, emptyJob, ternPoint, newPart } from '@herrero/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, test, vi } from 'vitest';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
import { FinishPanel } from './finish-panel';
import { NextPartPicker } from './part-pickers';
import { RunsStation } from './runs-station';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: vi.fn() }), usePathname: () => '/jobs/job-1/runs' }));

const HOSE_END = { of: 'part', id: 'p4-6', end: 1 } as const;
const show = (children: React.ReactNode, job: Job = ternPoint()) => showAtDesk(children, job).now;
const finish = () => screen.getByRole('region', { name: 'Finish to' });

freshDesk();

describe('finish to', () => {
  test('the place that no run has reached yet comes first, and its ways are ranked', async () => {
    show(<FinishPanel at={HOSE_END} />);
    const places = within(finish()).getByLabelText<HTMLSelectElement>('Where the run finishes');
    expect(places.selectedOptions[0]?.textContent).toBe('rinse bay');
    expect([...places.options].map(({ textContent }) => textContent)).toContain('gravel bed, already reached');
    const ways = await within(finish()).findAllByRole('listitem');
    expect(ways).toHaveLength(5);
    expect(ways[0]?.textContent).toContain('Hose male end 1 in tail x 3/4 NH male');
    expect(ways[0]?.textContent).toContain('1 part, $6.50');
  });

  test('a way that is taken is built and joined', async () => {
    const now = show(<FinishPanel at={HOSE_END} />);
    const [first] = await within(finish()).findAllByRole('listitem');
    await userEvent.click(within(first as HTMLElement).getByRole('button'));
    expect(now().parts.at(-1)?.code).toBe('HM-075100');
    expect(now().joints.at(-1)?.b).toEqual({ of: 'terminal', id: 'bay' });
  });

  test('a place where water just leaves needs no part', async () => {
    const now = show(<FinishPanel at={HOSE_END} />);
    await userEvent.selectOptions(screen.getByLabelText('Where the run finishes'), 'gravel bed, already reached');
    await userEvent.click(await screen.findByRole('button', { name: /no part is needed/ }));
    expect(now().joints.at(-1)).toMatchObject({ a: HOSE_END, b: { of: 'terminal', id: 'gravel' } });
  });

  test('wishes are kept in sight and change the ways', async () => {
    show(<FinishPanel at={HOSE_END} />);
    await userEvent.click(screen.getByRole('button', { name: 'What it must have' }));
    await userEvent.click(
      within(screen.getByRole('group', { name: 'Must have' })).getByRole('button', { name: 'non-return' }),
    );
    await waitFor(() => expect(screen.getByRole('button', { name: 'What it must have: non-return' })).toBeDefined());
    const ways = await within(finish()).findAllByRole('listitem');
    for (const { textContent } of ways) expect(textContent).toMatch(/check/i);
    await userEvent.click(
      within(screen.getByRole('group', { name: 'Rather' })).getByRole('button', { name: 'cheapest' }),
    );
    await waitFor(() => expect(screen.getByRole('button', { name: /non-return, cheapest$/ })).toBeDefined());
  });

  test('a run that shall come apart is rather not glued', () => {
    const job = ternPoint();
    show(<FinishPanel at={HOSE_END} />, {
      ...job,
      penetrations: job.penetrations.map((hole) => (hole.id === 'p4' ? { ...hole, comesApart: true } : hole)),
    });
    expect(screen.getByRole('button', { name: 'What it must have: no glue' })).toBeDefined();
  });

  test('what cannot be had is said with what was asked', async () => {
    const job = ternPoint();
    const nowhere = { ...job, terminals: [{ ...job.terminals[0]!, id: 'x', name: 'elsewhere', offers: '2-1/2 NH F' }] };
    show(<FinishPanel at={HOSE_END} />, { ...nowhere, joints: nowhere.joints.filter(({ b }) => b.of !== 'terminal') });
    expect((await screen.findByText(/One part would close it/)).textContent).toContain('2-1/2 NH M');
  });
});

describe('next part', () => {
  const list = () => within(screen.getByRole('region', { name: 'Next part' }));

  test('the likeliest dozen first, the rest when asked', async () => {
    show(<NextPartPicker at={HOSE_END} line={[]} />);
    expect(list().getAllByRole('listitem')).toHaveLength(12);
    await userEvent.click(list().getByRole('button', { name: /^Show \d+ more that go on/ }));
    expect(list().getAllByRole('listitem').length).toBeGreaterThan(12);
  });

  test('narrowed down by words; what is called by no name is said', async () => {
    show(<NextPartPicker at={HOSE_END} line={[]} />);
    await userEvent.type(list().getByLabelText('Narrow the parts down'), 'swivel brass');
    for (const { textContent } of list().getAllByRole('listitem')) expect(textContent).toMatch(/swivel/);
    await userEvent.clear(list().getByLabelText('Narrow the parts down'));
    await userEvent.type(list().getByLabelText('Narrow the parts down'), 'zzyzx');
    expect(screen.getByText('Nothing that goes on is called “zzyzx”.')).toBeDefined();
  });

  // Built as kind k in the United Kingdom: 'elbow' and Enter put in one that is sold on the other side of the world.
  test('narrowed down, what is sold where the work is still comes first, and the rest says that it is not', async () => {
    show(<NextPartPicker at={HOSE_END} line={[]} />, { ...ternPoint(), region: 'UK' });
    await userEvent.type(list().getByLabelText('Narrow the parts down'), 'brass');
    await userEvent.click(list().getByRole('button', { name: /^Show \d+ more that go on/ }));
    const elsewhere = list()
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent.includes('not sold there'));
    expect(new Set(elsewhere).size).toBe(2);
    expect(elsewhere).toEqual(elsewhere.toSorted());
  });

  // Built as kind o by its builder: he pressed Runs before he had chosen a seal, and was told that nothing goes on.
  test('on an opening that nothing seals yet the seal is asked for, and leads to where it is chosen', () => {
    const job = ternPoint();
    const [hole] = job.penetrations;
    if (!hole) throw new Error('the demo has openings');
    const bare = { ...hole, id: 'bare', label: 'P99', port: null };
    show(<NextPartPicker at={{ of: 'hole', id: 'bare' }} line={[]} />, {
      ...job,
      penetrations: [...job.penetrations, bare],
    });
    expect(list().getByText(/Nothing seals this opening yet/)).toBeDefined();
    expect(list().getByRole('link', { name: 'Choose it at Holes' }).getAttribute('href')).toMatch(/\/holes$/);
    expect(list().queryByText(/No part of the catalogue/)).toBeNull();
    expect(list().queryByRole('button', { name: /do not go on/ })).toBeNull();
  });

  // Built as kind a by its builder: a bare neck of no standard was told that nothing goes on, which nobody knows.
  test('on an end of no standard says what to measure and refuses nothing', async () => {
    const job = ternPoint();
    const [hole] = job.penetrations;
    if (!hole) throw new Error('the demo has openings');
    const neck = { ...hole, id: 'neck', label: 'P99', port: 'container neck' };
    show(<NextPartPicker at={{ of: 'hole', id: 'neck' }} line={[]} />, {
      ...job,
      penetrations: [...job.penetrations, neck],
    });
    expect(list().getByText(/^What goes on here is not known before this end is measured/)).toBeDefined();
    expect(list().getByRole('link', { name: 'Say it at Holes' }).getAttribute('href')).toMatch(/\/holes$/);
    expect(list().queryByText(/No part of the catalogue/)).toBeNull();
    await userEvent.click(list().getByRole('button', { name: /that cannot be promised, and why/ }));
    expect(list().getAllByRole('listitem')[0]?.textContent).toMatch(/is of no standard\. Take the cap off and measure/);
  });

  test('what does not go on says why not', async () => {
    show(<NextPartPicker at={HOSE_END} line={[]} />);
    await userEvent.click(list().getByRole('button', { name: /that do not go on, and why/ }));
    await userEvent.type(list().getByLabelText('Narrow the parts down'), 'hose swivel 5/8');
    const [refused] = list().getAllByRole('listitem');
    expect(refused?.textContent).toMatch(/Will not go\.|Starts, then leaks\./);
  });
});

describe('the station', () => {
  test('without a hole says where a run starts', () => {
    show(<RunsStation />, emptyJob('Empty', 'mm-l'));
    expect(screen.getByText('A run starts at a hole, and there is none yet.')).toBeDefined();
  });

  test('the size of an opening is said in its own unit', () => {
    const job = ternPoint();
    const penetrations = job.penetrations.map((hole) => (hole.id === 'p4' ? { ...hole, size: '50' as const } : hole));
    show(<RunsStation />, { ...job, penetrations });
    const title = screen.getByRole('heading', { level: 1 }).parentElement?.textContent ?? '';
    expect(title).toContain('50 mm');
    expect(title).not.toContain('50 in');
  });

  test('what hangs on the inside of the wall is a strand of its own, called so', () => {
    const job = ternPoint();
    const inside: Job = {
      ...job,
      parts: [...job.parts, newPart('riser', 'NC-075')],
      joints: [
        ...job.joints,
        {
          id: 'in',
          a: { of: 'part', id: 'p4-1', end: 2 },
          b: { of: 'part', id: 'riser', end: 0 },
          ...AS_ASKED,
        },
      ],
    };
    show(<RunsStation />, inside);
    expect(screen.getByRole('button', { name: /^Inside the tank/ })).toBeDefined();
  });

  test('what hangs on the inside is begun from there, and where nothing can hang nothing is offered', async () => {
    const user = userEvent.setup();
    show(<RunsStation />, ternPoint());
    await user.click(screen.getByRole('button', { name: 'Inside the tank' }));
    expect(await screen.findByText(/On the inside of/)).toBeDefined();
    // The first part that is hung there is built on there, not outside.
    const sheet = within(await screen.findByRole('region', { name: 'Inside the tank' }));
    await user.click((await sheet.findAllByRole('button', { name: /nipple/i }))[0]!);
    expect(screen.getByRole('button', { name: /^Inside the tank, open/ }).getAttribute('aria-pressed')).toBe('true');
  });
});
