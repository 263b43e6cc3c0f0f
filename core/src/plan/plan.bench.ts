import { bench, describe } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { nptFemale, nptMale } from '../fittings/ends';
import { mate } from '../connections/mate';
import { applyEdits } from '../job/edits/edits';
import { nextParts } from '../routes/next-parts';
import { plan } from './plan';

const job = ternPoint();
const height = job.penetrations.find(({ id }) => id === 'p4')?.heightM;

describe('within one frame (16 ms)', () => {
  bench('plan of Tern Point', () => void plan(job));
  bench(
    'one edit, validated',
    () =>
      void applyEdits(
        job,
        [{ type: 'change-field', in: 'penetrations', id: 'p4', field: 'heightM', from: height, to: 0.3 }],
        shippedCatalogue,
      ),
  );
  bench('next part over the whole catalogue', () => void nextParts({ end: nptFemale('3/4') }, shippedCatalogue));
  bench('mate two threads', () => void mate(nptMale('3/4'), nptFemale('3/4')));
});
