import type { Job } from '../../../job/job';
import { newTerminal } from '../../../job/places';
import { drumWith } from '../../../test/sample-jobs';
import { crateOverflow, cutTooShort, drawnRoughly, fourDrums, twoDrums, withPart } from '../../../test/layouts';
import { testCheck } from '../../../test/test-check';
import check from './check';

const given = (job: Job, ...lengths: readonly (readonly [string, number])[]): Job =>
  lengths.reduce((made, [id, lengthM]) => withPart(made, id, { lengthM }), job);

/** A hose from a tank to a place 5 m before its outlet, 0.5 m lower. */
const hose = (lengthM: number): Job => {
  const job = drumWith({
    hole: { heightM: 0.5 },
    terminals: [
      newTerminal({
        id: 'bed',
        name: 'bed',
        placed: { by: 'rough', xM: 0, yM: -5 },
        readings: [{ from: { of: 'ground' }, by: 'tape', downM: 0 }],
      }),
    ],
    parts: [{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM }],
    end: { of: 'terminal', id: 'bed' },
  });
  const around = { aroundM: ((job.tanks[0]?.diameterM ?? 0) / 2) * Math.PI };
  return {
    ...job,
    tanks: job.tanks.map((tank) => ({ ...tank, placed: { by: 'origin' }, turned: { by: 'degrees', degrees: 0 } })),
    penetrations: job.penetrations.map((hole) => (hole.id === 'h' ? { ...hole, ...around } : hole)),
  };
};

testCheck(check, {
  clean: [
    { why: 'lengths that follow from both ends', job: twoDrums() },
    { why: 'four drums on a manifold', job: fourDrums() },
    { why: 'an overflow that falls to a gully', job: crateOverflow() },
    { why: 'the second drum turned by five degrees is 0.8 mm aside', job: twoDrums(-85) },
    { why: 'nobody has said where a bend points', job: withPart(twoDrums(), 'E1', { points: null }) },
    { why: 'a hose that reaches, slack', job: hose(6) },
  ],
  found: [
    {
      // The bungs stand 610 mm apart, and 276.4 + 250 + 2 x 2 x 14.29 reach 583.6: 26.4 mm, 1-1/16 in short.
      why: 'two given lengths are too short together',
      job: cutTooShort(),
      findings: [{ title: 'Ends do not meet', at: 'P1', text: '1-1/16 in short' }],
      fixSettles: true,
    },
    {
      // A drop of 60 mm where the bung asks for 80.1 ends 13/16 in too low.
      why: 'and a drop of the second drum too short as well',
      job: given(cutTooShort(), ['A4', 0.06]),
      findings: [{ title: 'Ends do not meet', at: 'P1', text: '13/16 in below' }],
      fixSettles: true,
    },
    {
      why: 'the same where one of the drums is only drawn',
      job: drawnRoughly(cutTooShort(), 't2'),
      findings: [{ title: 'Ends may not meet', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'six millimetres are inside what a tape is out',
      job: given(twoDrums(), ['A2', 0.276425], ['A3', 0.270425]),
      findings: [{ title: 'A little apart', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'the last bend lies level where the bung looks down: it misses two ways',
      job: withPart(twoDrums(), 'E2', { points: 'right' }),
      findings: [{ title: 'Ends do not meet', at: 'P1' }],
      fixSettles: true,
    },
    {
      why: 'a tap that is to look the other way',
      job: {
        ...twoDrums(),
        terminals: twoDrums().terminals.map((one) => ({ ...one, looks: { way: 'level', degrees: 60 } as const })),
      },
      findings: [{ title: 'Goes in askew', at: 'P1', text: '30 degrees' }],
      fixSettles: true,
    },
    {
      why: 'the same where its tank is only drawn: a question',
      job: drawnRoughly(
        {
          ...twoDrums(),
          terminals: twoDrums().terminals.map((one) => ({ ...one, looks: { way: 'level', degrees: 60 } as const })),
        },
        't1',
      ),
      findings: [{ title: 'May go in askew', at: 'P1', text: 'As it is drawn' }],
      fixSettles: true,
    },
    {
      why: 'a hose that is shorter than the way',
      job: hose(4),
      findings: [{ title: 'Hose too short', at: 'P1', text: 'short of bed' }],
      fixSettles: true,
    },
  ],
});
