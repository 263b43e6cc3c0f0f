import { expect, test } from 'vitest';
import { ternPoint } from '../../../demo/tern-point';
import { setField } from '../../../edits/change-field';
import { applyEdits } from '../../../edits/edits';
import { shippedCatalogue } from '../../../fittings/catalogue';
import type { Job } from '../../../job/job';
import { plan } from '../../../plan/plan';
import { testCheck } from '../../../test/test-check';
import check from './check';

const job = ternPoint();
const changed = (more: Partial<Job>): Job => ({ ...job, ...more });
const tanks = (change: object): Job['tanks'] =>
  job.tanks.map((tank, index) => (index === 0 ? { ...tank, ...change } : tank));
const found = (at: string, text: string) => [{ title: 'Would not be taken today', at, text }];

testCheck(check, {
  clean: [{ why: 'a sound job', job }],
  found: [
    {
      why: 'a tank of a type that is gone',
      job: changed({ tanks: tanks({ type: 'retired' }) }),
      findings: found('T1', '("retired")'),
      fixSettles: false,
    },
    {
      why: 'a capacity that was allowed once',
      job: changed({ tanks: tanks({ capacityM3: 600 }) }),
      findings: found('T1', 'at most 132086 gal. It stands as it was stored (600)'),
      fixSettles: false,
    },
    {
      why: 'a setting of the job',
      job: changed({ frostM: 9 }),
      findings: found('the job', '(9)'),
      fixSettles: false,
    },
    {
      why: 'a hole of a size that is made no more',
      job: changed({
        penetrations: job.penetrations.map((hole) => (hole.id === 'p4' ? { ...hole, size: '7/8' as never } : hole)),
      }),
      findings: found('P4', '("7/8")'),
      fixSettles: false,
    },
  ],
});

test('such a job is planned, drawn from its levels to its list, and takes every other change', () => {
  const old = changed({ tanks: tanks({ type: 'retired' }), frostM: 9 });
  const planned = plan(old);
  expect(planned.findings.filter(({ title }) => title === 'This check failed')).toEqual([]);
  expect(planned.findings[0]?.check).toBe('site/refused-today');
  const [hole] = old.penetrations;
  if (!hole) throw new RangeError('no hole');
  const edited = applyEdits(old, [setField('penetrations', hole, 'name', 'Rain in')], shippedCatalogue);
  expect(edited.ok).toBe(true);
  // What is worse than before is refused as ever; what puts the fault right is taken.
  const [tank] = old.tanks;
  if (!tank) throw new RangeError('no tank');
  expect(applyEdits(old, [setField('tanks', tank, 'wallM', 9)], shippedCatalogue).ok).toBe(false);
  const righted = applyEdits(old, [setField('tanks', tank, 'type', 'vertical-round')], shippedCatalogue);
  expect(
    righted.ok && plan(righted.value.job).findings.filter(({ check: id }) => id === 'site/refused-today'),
  ).toHaveLength(1);
});
