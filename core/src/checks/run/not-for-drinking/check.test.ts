import { tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const line = (drinking: boolean | null, ...codes: readonly string[]) =>
  tankWith({ settings: { drinking }, holes: [{ id: 'h', parts: codes.map((code) => ({ code })) }] });

testCheck(check, {
  clean: [
    { why: 'nobody drinks it', job: line(null, 'BH-075', 'NCG-075') },
    { why: 'brass and plastic', job: line(true, 'BH-075', 'NC-075', 'LV-075') },
  ],
  found: [
    {
      why: 'galvanised in a line that is drunk',
      job: line(true, 'BH-075', 'NLG-075-4', 'TG-075'),
      findings: [{ title: 'Not for drinking water', at: 'P1', text: '2 parts of galvanised steel' }],
      fixSettles: false,
    },
  ],
});
