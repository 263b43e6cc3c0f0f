import { expect, test } from 'vitest';
import { holdsAtAll } from '../connections/mating';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import { overallMm } from '../fittings/part';
import { provenList } from '../parts/proven-list';
import { missingFrom } from '../proof/prove';
import { LINES, jobOfLine } from '../test/lines';
import { plan } from './plan';

test.each(LINES)('%s, %s: every joint of a line holds, is drawn, priced and on the list', (...line) => {
  const [, region, , , parts] = line;
  const job = jobOfLine(line);
  const { joints } = contextOf(job, shippedCatalogue);
  expect(joints.map(({ words, mating }) => (holdsAtAll(mating.verdict) ? 'holds' : `${words}: ${mating.why}`))).toEqual(
    joints.map(() => 'holds'),
  );
  expect(joints).toHaveLength(parts.length);
  for (const { code } of job.parts) {
    const part = shippedCatalogue.byCode.get(code);
    expect(part && overallMm(part), code).toBeGreaterThan(0);
    expect(part?.priceUsd, code).toBeGreaterThan(0);
    expect(part?.regions, code).toContain(region);
  }
  const planned = plan(job, shippedCatalogue);
  const lines = provenList(planned).groups.flatMap((group) => group.lines);
  expect(missingFrom({ lines, cuts: planned.parts.cuts }, planned.context)).toEqual([]);
});
