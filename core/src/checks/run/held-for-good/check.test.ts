import { drumWith, linkedDrums } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const line = (comesApart: boolean | null, ...parts: Parameters<typeof linkedDrums>[1]) =>
  linkedDrums('BS-100', parts, { size: '1', comesApart });
const pipe = { code: 'PI-100', lengthM: 0.3 } as const;

testCheck(check, {
  clean: [
    {
      why: 'a strainer with a union beside it',
      job: line(
        null,
        pipe,
        { code: 'AM-100', inEnd: 1 },
        { code: 'YT-100' },
        { code: 'AM-100' },
        pipe,
        { code: 'US-100' },
        pipe,
      ),
    },
    { why: 'made for good, and nobody wants it otherwise', job: line(null, pipe) },
    { why: 'it shall come apart, and a union lets it', job: line(true, pipe, { code: 'US-100' }, pipe) },
    { why: 'made for good on purpose', job: line(false, pipe) },
  ],
  found: [
    {
      why: 'a cap for now, glued on until the next tank comes',
      job: drumWith({
        hole: { size: '1' },
        parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.3 }, { code: 'KS-100', forNow: true }],
      }),
      findings: [{ title: 'Does not come off again', at: 'P1', text: 'for now' }],
      fixSettles: false,
    },
    {
      why: 'a strainer between two glued pipes',
      job: line(null, pipe, { code: 'AM-100', inEnd: 1 }, { code: 'YT-100' }, { code: 'AM-100' }, pipe),
      findings: [{ title: 'Cannot come out again', at: 'P1', text: 'P1 J4 and P1 J5' }],
      fixSettles: false,
    },
    {
      why: 'a run that shall come apart, glued throughout',
      job: line(true, pipe),
      findings: [{ title: 'Does not come apart', at: 'P1', text: 'are glued' }],
      fixSettles: false,
    },
  ],
});
