import { describe, expect, test } from 'vitest';
import { plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { kindsInRegions } from '../test/kinds';
import { listText } from '../test/list-text';
import { jobOfPattern } from './pattern';

/**
 * The lists of the eighteen kinds in four regions, as text, each line with its reason: to be read as an installer reads them.
 * A change of one is read before it is taken (`HERRERO_DEEP=1 vitest run -u`).
 */
describe('the list of', () => {
  test.each(kindsInRegions(1))('$id in $region', async ({ pattern, region }) => {
    const made = plan(jobOfPattern(pattern, region));
    const { listed, joints, ends } = provenList(made);
    expect([listed.missing, joints.missing, ends.missing]).toEqual([[], [], []]);
    await expect(listText(made)).toMatchFileSnapshot(`./lists/${pattern.id}-${region}.txt`);
  });
});
