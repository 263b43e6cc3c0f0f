import type { Planks } from '../../../walls/tank';
import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const crate = (planks: Planks) => tankWith({ type: 'crate-us', tank: { base: 'planks', planks } });
testCheck(check, {
  clean: [
    { why: 'a drum on firm ground', job: tankWith({}) },
    { why: 'a stand that is rated for it', job: tankWith({ tank: { base: 'stand', ratedKg: 400 } }) },
    { why: 'short thick planks', job: crate({ count: 6, widthM: 0.2, thickM: 0.075, spanM: 0.4 }) },
  ],
  found: [
    // Inside 990 by 990 mm and 945 deep stand 926 L: 9.1 kPa on a square metre (hydrostatics), 0.2 of the tank itself: 1.4 psi.
    {
      why: 'ground that bears 5 kPa',
      job: tankWith({ type: 'own-box', tank: { lengthM: 1, widthM: 1 }, settings: { groundKpa: 5 } }),
      findings: [{ title: 'Ground too soft', at: 'T1', text: 'presses 1.4 psi' }],
      fixSettles: false,
    },
    {
      why: 'a stand for less',
      job: tankWith({ tank: { base: 'stand', ratedKg: 150 } }),
      findings: [{ title: 'Stand too weak', at: 'T1', text: 'rated for 331 lb' }],
      fixSettles: false,
    },
    {
      why: 'a trailer of which nothing is said',
      job: tankWith({ type: 'trailer' }),
      findings: [{ title: 'Stand not rated', at: 'T1' }],
      fixSettles: false,
    },
    {
      why: 'two planks over a metre',
      job: crate({ count: 2, widthM: 0.15, thickM: 0.04, spanM: 1 }),
      findings: [{ title: 'Planks too weak', at: 'T1' }],
      fixSettles: false,
    },
  ],
});
