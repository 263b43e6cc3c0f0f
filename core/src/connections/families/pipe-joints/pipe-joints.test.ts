import { describe, expect, test } from 'vitest';
import type { NominalSize } from '../../../quantity/size';
import type { PipePart } from '../../end';
import type { Material } from '../../material';
import { mate } from '../../mate';
import { holdsAtAll, verdictWords } from '../../mating';
import { parseEnd } from '../../parse';
import type { PipeSeries, PipeSize } from '../../standards/pipe-series';
import { PIPE_SERIES, pipeOf, pipeSeries } from '../../standards/pipes';
import { compression, compressionReason } from './compression';
import { dryHub } from './dry-hub';
import type { PipeJoint, PipePair } from './pipe-joint';
import { pushFit } from './push-fit';
import { overRubberMm, sleeve } from './sleeve';
import { solvent } from './solvent';

/** A pipe of this outside diameter offered to a fitting for 50 mm, all invented. */
function offer(
  outsideMm: number,
  part: PipePart,
  more: Partial<PipePair> & { readonly series?: Partial<PipeSeries>; readonly size?: Partial<PipeSize> } = {},
): PipePair {
  const row: PipeSize = {
    size: '50',
    outsideMm: 50,
    boreMm: 45,
    socketMouthMm: 50.4,
    socketBottomMm: 49.8,
    socketDepthMm: 30,
  };
  const series: PipeSeries = {
    id: 'invented',
    token: 'INVENTED',
    name: 'invented pipe',
    sources: [],
    regions: ['US'],
    sizes: [row],
    parts: ['spigot', part],
    family: 'invented',
    pressure: true,
    material: 'pvc',
  };
  const end = { kind: 'pipe', series: 'invented', size: '50' } as const;
  return {
    spigot: { ...end, part: 'spigot' },
    fitting: { ...end, part },
    pipe: { ...row, outsideMm, ...more.size },
    madeFor: row,
    pipeSeries: { ...series, ...more.series },
    fittingSeries: series,
    pipeMaterial: 'pvc',
    fittingMaterial: 'pvc',
    ...more,
  };
}

const reason = (joint: PipeJoint, pair: PipePair, conditions = {}): string => joint.judge(pair, conditions).reason;
const why = (joint: PipeJoint, pair: PipePair, conditions = {}): string =>
  joint.explain(pair, joint.judge(pair, conditions), conditions).why;

describe('a cemented socket: mouth 50.4, foot 49.8 mm', () => {
  test.each([
    [50.41, 'over-mouth'],
    [50.4, 'welds'],
    [49.8, 'welds'],
    [49.79, 'loose-in-socket'],
    [48.8, 'loose-in-socket'],
    [48.79, 'falls-in'],
  ])('%d mm: %s', (outsideMm, expected) => expect(reason(solvent, offer(outsideMm, 'socket'))).toBe(expected));

  test.each([
    ['cpvc', 'no-cement-for-pair'],
    ['abs', 'transition-unsaid'],
    ['polyethylene', 'no-cement-bonds'],
    ['nylon', 'no-cement-bonds'],
    ['brass', 'no-cement-bonds'],
  ] as const)('PVC in %s: %s', (fittingMaterial, expected) =>
    expect(reason(solvent, offer(50, 'socket', { fittingMaterial }))).toBe(expected),
  );

  test('a material that is not said is not guessed', () => {
    for (const pipeMaterial of ['abs', 'copper', undefined] as const)
      expect(
        reason(solvent, offer(50, 'socket', { pipeMaterial, fittingMaterial: undefined })),
        `${pipeMaterial ?? 'nothing'}`,
      ).toBe(pipeMaterial === 'copper' ? 'no-cement-bonds' : 'material-not-said');
  });
  test('the wrong cement is named with the right one', () => {
    const pair = offer(50, 'socket', { fittingMaterial: 'abs' });
    expect(reason(solvent, pair, { cement: 'pvc' })).toBe('wrong-cement');
    expect(solvent.explain(pair, solvent.judge(pair, { cement: 'pvc' }), { cement: 'pvc' }).instead).toBe(
      'Use PVC to ABS transition cement.',
    );
    expect(reason(solvent, pair, { cement: 'transition', service: 'drain' })).toBe('welds');
  });
  test('two pressure standards on one diameter are not rated; a pressure pipe in a drainage hub only on a drain', () => {
    expect(reason(solvent, offer(50, 'socket', { series: { family: 'other' } }))).toBe('other-series');
    const drainage = { ...offer(50, 'socket').fittingSeries, pressure: false };
    expect(reason(solvent, offer(50, 'socket', { fittingSeries: drainage }))).toBe('drainage-mixed');
    expect(reason(solvent, offer(50, 'socket', { fittingSeries: drainage }), { service: 'drain' })).toBe('welds');
    expect(
      reason(solvent, offer(50, 'socket', { fittingSeries: drainage, pipeSeries: { ...drainage, pressure: false } })),
    ).toBe('welds');
  });
  // (50.4 - 50) / (50.4 - 49.8) = 67 % of the way.
  test('says how far in it jams', () => expect(why(solvent, offer(50, 'socket'))).toContain('67 %'));
  test('a rectangle does not go into a round socket', () =>
    expect(why(solvent, offer(50, 'socket', { size: { shortSideMm: 30 } }))).toContain('rectangular'));
});

describe('a rubber ring for 50 mm', () => {
  test.each([
    [50.51, 'too-large'],
    [50.5, 'ring-and-teeth'],
    [49.5, 'ring-and-teeth'],
    [49.49, 'too-small'],
    [47, 'too-small'],
    [46.99, 'falls-through'],
  ])('%d mm: %s', (outsideMm, expected) => expect(reason(pushFit, offer(outsideMm, 'push-fit'))).toBe(expected));

  test('drainage rings want soapy water, pressure ones have teeth, soft pipe its insert', () => {
    const drainage = { ...offer(50, 'push-fit').fittingSeries, pressure: false };
    expect(reason(pushFit, offer(50, 'push-fit', { fittingSeries: drainage }))).toBe('ring-squeezes');
    expect(reason(pushFit, offer(50, 'push-fit', { pipeMaterial: 'pex' }))).toBe('needs-insert');
    expect(reason(pushFit, offer(50, 'push-fit', { pipeMaterial: 'copper' }))).toBe('ring-and-teeth');
  });
  test.each([
    ['ribbed pipe', { series: { ribbed: true } }],
    ['a rectangle', { size: { shortSideMm: 40 } }],
  ] as const)('nothing seals on %s', (_, more) =>
    expect(reason(pushFit, offer(50, 'push-fit', more as Parameters<typeof offer>[2]))).toBe('no-round'),
  );
  test('another standard of the same diameter is not rated', () =>
    expect(reason(pushFit, offer(50.2, 'push-fit', { series: { family: 'other' } }))).toBe('other-series'));
});

describe('a compression ring', () => {
  // 22 mm copper is 0.22 mm thinner than 3/4 CTS (ASTM B88: 22.22 mm): it can be pulled tight, no standard rates it.
  test.each([
    [0.36, 'too-large'],
    [0.35, 'nearly'],
    [0.15, 'grips'],
    [0, 'grips'],
    [-0.15, 'grips'],
    [-0.22, 'nearly'],
    [-0.36, 'too-small'],
    [-2.5, 'too-small'],
    [-2.51, 'falls-through'],
  ])('%d mm over: %s', (over, expected) => expect(compressionReason(over)).toBe(expected));

  test('soft tube wants its insert; one of another standard is not rated even where it fits', () => {
    expect(reason(compression, offer(50, 'compression'))).toBe('grips');
    expect(reason(compression, offer(50, 'compression', { pipeMaterial: 'pex' }))).toBe('needs-insert');
    expect(reason(compression, offer(50, 'compression', { series: { family: 'other' } }))).toBe('nearly');
  });
  test('no tape is ever part of it', () => {
    const pair = offer(50, 'compression');
    expect(compression.judge(pair, {}).media).toEqual([]);
    expect(why(compression, pair)).toContain('No tape');
  });
});

describe('a plain hub: falling water only', () => {
  test.each([
    [50.41, 'too-large'],
    [50.2, 'dry'],
    [49.7, 'too-small'],
    [45.9, 'falls-through'],
  ])('%d mm: %s', (outsideMm, expected) => expect(reason(dryHub, offer(outsideMm, 'dry-hub'))).toBe(expected));

  test('downpipe laps; a drain weeps as soon as it can fill', () => {
    const laps = mate(
      { kind: 'pipe', series: 'downpipe', size: '68', part: 'spigot' },
      { kind: 'pipe', series: 'downpipe', size: '68', part: 'dry-hub' },
    );
    expect(laps).toMatchObject({ verdict: 'holds' });
    expect(laps.why).toContain('Under any head it runs out');
    expect(why(dryHub, offer(50, 'dry-hub'))).toContain('weeps under any head');
  });
  test('2x3 does not lap into 3x4, nor square into round', () => {
    const downpipe = (size: NominalSize, part: 'spigot' | 'dry-hub') =>
      ({ kind: 'pipe', series: 'downpipe', size, part }) as const;
    expect(mate(downpipe('2x3', 'spigot'), downpipe('3x4', 'dry-hub')).reason).toBe('other-shape');
    expect(mate(downpipe('65', 'spigot'), downpipe('68', 'dry-hub')).reason).toBe('other-shape');
    expect(mate(downpipe('80', 'spigot'), downpipe('75', 'dry-hub')).reason).toBe('too-large');
  });
});

describe('a rubber sleeve with clamps', () => {
  test.each([
    [51.51, 'too-large'],
    [51.5, 'clamps'],
    [47.5, 'clamps'],
    [47.49, 'too-small'],
  ])('%d mm: %s', (outsideMm, expected) => expect(reason(sleeve, offer(outsideMm, 'sleeve'))).toBe(expected));
  test('the clamp closes over the rubber, and it is no pressure joint', () => {
    expect(overRubberMm(50)).toBe(60);
    expect(why(sleeve, offer(50, 'sleeve'))).toContain('not for a pump');
  });
});

describe('over every series', () => {
  const MATERIALS_OF: Readonly<Record<string, Material>> = { cts: 'cpvc' };
  /** Tube that a fitting is made for, where it takes one kind alone. */
  const TUBE_OF: Readonly<Partial<Record<PipePart, Material>>> = { press: 'copper', crimp: 'pex', expansion: 'pex' };

  test('pipe goes into every fitting made for it, and holds in those with a seal', () => {
    for (const { id, sizes, parts, material } of PIPE_SERIES)
      for (const { size } of sizes)
        for (const part of parts.filter((one) => one !== 'spigot')) {
          const of = TUBE_OF[part] ?? material ?? MATERIALS_OF[id];
          const mating = mate(
            { kind: 'pipe', series: id, size, part: 'spigot' },
            { kind: 'pipe', series: id, size, part },
            { a: of, b: of },
          );
          const name = `${size} ${id} in its ${part}: ${mating.reason}`;
          expect(mating.verdict, name).not.toBe('will-not-go');
          expect(mating.verdict, name).not.toBe('starts-then-leaks');
          if (part !== 'dry-hub') expect(holdsAtAll(mating.verdict), name).toBe(true);
        }
  });

  test('no pipe holds in a fitting of another size of its own series', () => {
    for (const { id, sizes, parts } of PIPE_SERIES)
      for (const one of sizes)
        for (const other of sizes)
          for (const part of parts.filter((kind) => kind !== 'spigot'))
            if (Math.abs(one.outsideMm - other.outsideMm) > 3)
              expect(
                holdsAtAll(
                  mate(
                    { kind: 'pipe', series: id, size: one.size, part: 'spigot' },
                    { kind: 'pipe', series: id, size: other.size, part },
                  ).verdict,
                ),
                `${one.size} in ${other.size} ${id} ${part}`,
              ).toBe(false);
  });

  test('a refusal by diameter quotes the difference it found', () => {
    const mating = mate(
      { kind: 'pipe', series: 'd3034', size: '4', part: 'spigot' },
      { kind: 'pipe', series: 'ips-40', size: '4', part: 'socket' },
    );
    // ASTM D3034: 4.215 in; foot of the D2466 socket 4.491 in: 0.276 in, 7.0 mm.
    expect(mating.why).toContain('7.0 mm');
    expect(mating.basis.map(({ value }) => value)).toContain(4.215 * 25.4);
  });

  test('a series or a size nobody registered is a bug of the caller', () => {
    expect(() => pipeSeries('none')).toThrow(RangeError);
    expect(() => pipeOf({ series: 'd2729', size: '1' })).toThrow(RangeError);
  });
});

// Which tube goes with which fitting is common practice; ASTM F1807 and F1960 are for PEX alone.
describe('copper soldered and pressed, PEX under rings', () => {
  test.each([
    ['22 CU spigot', '22 CU socket', { a: 'copper', b: 'copper' }, 'Holds with solder'],
    ['22 CU spigot', '22 CU socket', { a: 'pex', b: 'copper' }, 'Starts, then leaks'],
    ['22 CU spigot', '22 CU socket', { a: 'copper', b: 'copper', madeWith: [] }, 'Starts, then leaks'],
    ['3/4 CTS spigot', '3/4 CTS socket', { a: 'copper', b: 'brass' }, 'Holds with solder'],
    ['3/4 CTS spigot', '3/4 CTS socket', { a: 'copper', b: 'cpvc' }, 'Starts, then leaks'],
    ['22 CU spigot', '3/4 CTS socket', { a: 'copper', b: 'copper' }, 'Starts, then leaks'],
    ['22 CU spigot', '22 CU press', { a: 'copper' }, 'Holds'],
    ['22 CU spigot', '22 CU press', { a: 'stainless' }, 'Holds'],
    ['22 CU spigot', '22 CU press', { a: 'pex' }, 'Starts, then leaks'],
    ['3/4 CTS spigot', '22 CU press', { a: 'copper' }, 'Will not go'],
    ['15 CU spigot', '22 CU press', { a: 'copper' }, 'Will not go'],
    ['3/4 CTS spigot', '3/4 CTS crimp', { a: 'pex', b: 'brass' }, 'Holds with clamp'],
    ['3/4 CTS spigot', '3/4 CTS crimp', { a: 'copper', b: 'brass' }, 'Will not go'],
    ['3/4 CTS spigot', '3/4 CTS crimp', {}, 'Not known yet'],
    ['1 CTS spigot', '3/4 CTS crimp', { a: 'pex' }, 'Will not go'],
    ['3/4 CTS spigot', '3/4 CTS expansion', { a: 'pex', b: 'brass' }, 'Holds with clamp'],
  ] as const)('%s in %s, %j: %s', (a, b, conditions, expected) => {
    const [one, other] = [a, b].map((text) => {
      const parsed = parseEnd(text);
      if (!parsed.ok) throw new Error(text);
      return parsed.value;
    });
    expect(one && other && verdictWords(mate(one, other, conditions))).toBe(expected);
  });
});

// Outside diameters differ between makers, so a fitting goes by the size of the pipe it is sold for (common practice).
describe('rural polyethylene in fittings that grip it from outside', () => {
  const rural = (size: NominalSize) => ({ kind: 'hose', system: 'rural', size, part: 'bore' }) as const;
  const taker = (size: NominalSize, part: 'compression' | 'saddle') =>
    ({ kind: 'pipe', series: 'rural-outside', size, part }) as const;
  test('by its own size, and no other', () => {
    for (const size of ['3/4', '1', '1-1/4', '1-1/2', '2'] as const) {
      expect(mate(rural(size), taker(size, 'compression')).verdict).toBe('holds');
      expect(mate(rural(size), taker(size, 'saddle')).verdict).toBe('holds');
    }
    expect(mate(rural('1'), taker('3/4', 'compression')).verdict).toBe('will-not-go');
    expect(holdsAtAll(mate(rural('3/4'), taker('1', 'compression')).verdict)).toBe(false);
  });
  test('metric pipe of nearly the same outside is not promised', () => {
    const metric = { kind: 'pipe', series: 'pe', size: '25', part: 'spigot' } as const;
    expect(holdsAtAll(mate(metric, taker('3/4', 'compression')).verdict)).toBe(false);
  });
});
