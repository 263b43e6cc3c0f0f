// @vitest-environment jsdom
import { type Job, ternPoint } from '@herrero/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, test, vi } from 'vitest';
import { freshDesk, showAtDesk } from '../desk/test/at-a-desk';
import { useJob } from '../../store/job-provider';
import { PartsAlike } from './parts-alike';
import RunAsAt from './run-as-at';
import { RunStands } from './run-stands';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: vi.fn() }), usePathname: () => '/jobs/job-1/runs' }));

freshDesk();

function Of({ holeId, of }: { readonly holeId: string; readonly of: 'stands' | 'as-at' }) {
  const run = useJob(({ plan }) => plan.runs.find(({ penetration }) => penetration.id === holeId));
  return run ? of === 'stands' ? <RunStands run={run} /> : <RunAsAt run={run} /> : null;
}
const standing = (job: Job): number => job.parts.filter(({ existing }) => existing).length;

describe('in one press', () => {
  test('all of a run stands there already, and none of it again', async () => {
    const { now } = showAtDesk(<Of holeId="p4" of="stands" />, ternPoint());
    const before = standing(now());
    await userEvent.click(screen.getByRole('button', { name: 'All of it stands there already' }));
    expect(standing(now())).toBeGreaterThan(before);
    await userEvent.click(screen.getByRole('button', { name: /^None of it stands yet/ }));
    expect(now().parts.filter(({ id, existing }) => id.startsWith('p4-') && existing)).toEqual([]);
  });

  test('a bare opening gets the run of another of its size', async () => {
    const job = ternPoint();
    const [hole] = job.penetrations.filter(({ id }) => id === 'p4');
    if (!hole) throw new Error('the demo has p4');
    const bare = { ...hole, id: 'bare', label: 'P99', aroundM: 0.2 };
    const { now } = showAtDesk(<Of holeId="bare" of="as-at" />, { ...job, penetrations: [...job.penetrations, bare] });
    await userEvent.click(screen.getByRole('button', { name: `Build it as P4 ${hole.name}` }));
    expect(now().parts.length).toBeGreaterThan(job.parts.length);
    expect(screen.queryByRole('button', { name: /^Build it as/ })).toBeNull();
  });

  test('what is said of one part is said of all others of its code', async () => {
    const job = ternPoint();
    const code = job.parts.map((part) => part.code).find((one, at, all) => all.indexOf(one) !== at);
    const told: Job = {
      ...job,
      parts: job.parts.map((part, at, all) =>
        at === all.findIndex((one) => one.code === code) ? { ...part, because: 'brass by the sea' } : part,
      ),
    };
    const placed = told.parts.find(({ because }) => because !== null);
    if (!placed) throw new Error('the demo has a part twice');
    const { now } = showAtDesk(<PartsAlike placed={placed} />, told);
    await userEvent.click(screen.getByRole('button', { name: /^Say the same of/ }));
    const all = now().parts.filter((part) => part.code === code);
    expect(all.every(({ because }) => because === 'brass by the sea')).toBe(true);
    expect(screen.queryByRole('button', { name: /^Say the same of/ })).toBeNull();
  });
});
