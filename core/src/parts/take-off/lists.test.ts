import { cementFor } from '../../connections/make-up/cement';
import { describe, expect, test } from 'vitest';
import { sawFit } from '../../walls/hole-saws';
import { shippedCatalogue } from '../../fittings/catalogue';
import {
  BOLT_CODE,
  CEMENT_CODES,
  FLUX_CODE,
  type PlacedNeed,
  SOLDER_CODE,
  consumableLines,
  tapeCode,
} from './consumables';
import { sawLines } from './saw-lines';

const INCH = 0.0254;
const at = (place: string) => ({ use: { place, of: 'joint', id: `j-${place}`, penetrationId: undefined } }) as const;
const line = (needs: readonly PlacedNeed[], code: string) =>
  consumableLines(needs, 'in-gal').find((one) => one.code === code);

describe('consumables', () => {
  const tape = (lengthM: number, place: string): PlacedNeed => ({
    need: { kind: 'tape', size: '3/4', turns: 4, lengthM },
    ...at(place),
  });

  test('of nothing are none', () => expect(consumableLines([], 'in-gal')).toEqual([]));

  test('tape is summed over joints and bought by the roll of 13.2 m', () => {
    expect(line([tape(6.6, 'P1'), tape(6.6, 'P2')], 'TA-050')).toMatchObject({
      need: 13.2,
      buy: 1,
      places: ['P1', 'P2'],
      note: '8 turns on 2 joints',
    });
    expect(line([tape(6.6, 'P1'), tape(6.7, 'P1')], 'TA-050')).toMatchObject({ buy: 2, places: ['P1'] });
  });

  test('tape of each width is a line of its own, narrow first', () => {
    const wide: PlacedNeed = { need: { kind: 'tape', size: '2', turns: 6, lengthM: 1.1 }, ...at('P5') };
    expect(consumableLines([wide, tape(0.33, 'P1')], 'in-gal').map(({ code }) => code)).toEqual([
      'TA-050',
      'TA-075',
      'JP-60',
    ]);
  });

  // A film of 0.3 mm round 50.8 mm over 0.6 of that: pi x 50.8 x 30.5 x 0.3 = 1.46 ml; four take 5.8 ml of a tube of 60.
  test('large threads take paste over the tape', () => {
    const wide = (place: string): PlacedNeed => ({
      need: { kind: 'tape', size: '2', turns: 6, lengthM: 1.1 },
      ...at(place),
    });
    expect(line(['P1', 'P2', 'P3', 'P4'].map(wide), 'JP-60')).toMatchObject({ need: 6, buy: 1, leftOver: 54 });
    expect(line([tape(0.33, 'P1')], 'JP-60')).toBeUndefined();
  });

  // By hand: 3 in makes 40 joints to the quart of 946 ml: 23.7 ml a joint; six are 142 ml: a tin of 8 oz or of 250 ml.
  test('cement goes by joint and size, primer half as far', () => {
    const needs = Array.from({ length: 6 }, (): PlacedNeed => ({ need: cementFor('3', 'pvc', 88.9), ...at('P2') }));
    expect(line(needs, 'CE-237')).toMatchObject({ need: 142, buy: 1, unit: 'ml', detail: '8 fl oz tin, 237 ml' });
    expect(line(needs, 'PR-118')).toMatchObject({ need: 71, buy: 1 });
    expect(consumableLines(needs, 'mm-l').map(({ code, buy }) => `${code} ${buy}`)).toEqual(['PR-125 1', 'CE-250 1']);
    // Fifty are 1183 ml: more than a quart, so two of them.
    const many = Array.from({ length: 50 }, () => needs[0]!);
    expect(line(many, 'CE-946')).toMatchObject({ need: 1183, buy: 2 });
  });

  test('each cement is a tin of its own, and only those that want it get primer', () => {
    // By hand: 2 in makes 60 joints to the quart of 946.4 ml: 15.8 ml a joint, primer half of it.
    const glued = (cement: 'pvc' | 'abs' | 'transition' | 'cpvc'): PlacedNeed => ({
      need: cementFor('2', cement, 60.3),
      ...at(`P ${cement}`),
    });
    const needs = [glued('pvc'), glued('pvc'), glued('abs'), glued('transition'), glued('cpvc')];
    expect(
      consumableLines(needs, 'in-gal').map(({ code, need, places }) => `${code} ${need} ${places.join('+')}`),
    ).toEqual([
      'PR-118 24 P pvc+P cpvc',
      'CE-118 32 P pvc',
      'CC-118 16 P cpvc',
      'CA-118 16 P abs',
      'CT-118 16 P transition',
    ]);
    expect(consumableLines([glued('abs')], 'in-gal').map(({ code }) => code)).toEqual(['CA-118']);
  });

  test('inserts go by the piece and the size', () => {
    const insert = (name: string, place: string): PlacedNeed => ({ need: { kind: 'insert', name }, ...at(place) });
    expect(
      consumableLines(
        [insert('3/4 CTS insert', 'P1'), insert('3/4 CTS insert', 'P2'), insert('22 CU insert', 'P2')],
        'in-gal',
      ),
    ).toMatchObject([
      { title: 'Pipe insert', detail: '3/4 CTS insert', need: 2, buy: 2, places: ['P1', 'P2'] },
      { detail: '22 CU insert', need: 1, places: ['P2'] },
    ]);
  });

  // As much 3 mm wire as the tube is across, 250 g of it is 4.8 m (common practice; geometry with 7.3 g/cm3).
  test('solder goes by the wire, with its flux; the ring of an insert is no hose clamp', () => {
    const solder = { kind: 'solder', size: '22', wireMm: 22, fluxMl: 0.44 } as const;
    const ring = { kind: 'clamp', name: '3/4 in crimp ring', count: 1 } as const;
    const lines = consumableLines(
      [
        { need: solder, ...at('P1') },
        { need: solder, ...at('P1') },
        { need: ring, ...at('P1') },
        { need: ring, ...at('P1') },
      ],
      'in-gal',
    );
    expect(lines.map(({ code, title, need, unit, buy }) => [code, title, need, unit, buy])).toEqual([
      ['RG-3-4-IN-CRIMP', 'Ring', 2, 'piece', 2],
      ['SOL-250', 'Solder wire, lead-free', 0.044, 'm', 1],
      ['FX-80', 'Flux for soft solder', 1, 'ml', 1],
    ]);
  });

  test('a washer that comes with its part is named and not bought; a loose one is', () => {
    const washer = (supplied: boolean): PlacedNeed => ({
      need: { kind: 'washer', name: '3/4 NH hose washer', comesWith: supplied ? '3/4 NH F swivel' : null },
      ...at('P4'),
    });
    expect(consumableLines([washer(true)], 'in-gal')).toMatchObject([
      { buy: 0, priceUsd: null, note: expect.stringContaining('comes with') as string },
    ]);
    expect(consumableLines([washer(false), washer(false)], 'in-gal')).toMatchObject([{ need: 2, buy: 2 }]);
    expect(consumableLines([washer(false), washer(true)], 'in-gal')).toHaveLength(2);
  });

  test('large hose takes two clamps a joint', () => {
    const clamp: PlacedNeed = { need: { kind: 'clamp', name: 'worm-drive clamp no. 40', count: 2 }, ...at('P1') };
    expect(line([clamp, clamp], 'HC-40')).toMatchObject({ need: 4, buy: 4 });
    // On 62 mm: no. 40 closes from 2-1/16 to 3 in (SAE J1508), of those by millimetres 50 to 70 (DIN 3017); from memory.
    const metric = { ...clamp, need: { ...clamp.need, aroundMm: 62 } as PlacedNeed['need'] };
    expect(consumableLines([metric], 'mm-l')).toMatchObject([
      { code: 'HC-50-70', detail: 'worm-drive clamp 50-70 mm', need: 2 },
    ]);
  });
});

// The screen of a 2-1/2 in overflow and a roll of solder were one article once.
test('what is used up has no code of a part', () => {
  const codes = [SOLDER_CODE, FLUX_CODE, BOLT_CODE, tapeCode(0.5)];
  expect(codes.filter((code) => shippedCatalogue.byCode.has(code))).toEqual([]);
  // Tins have their millilitres behind their letters.
  const tins = [...Object.values(CEMENT_CODES), 'PR'].map((letters) => new RegExp(`^${letters}-\\d+$`));
  expect(shippedCatalogue.list.filter(({ code }) => tins.some((tin) => tin.test(code)))).toEqual([]);
});

describe('hole saws', () => {
  test.each([
    [1.625 * INCH, 'in-gal', 1.625 * INCH],
    [1.61 * INCH, 'in-gal', 1.625 * INCH],
    [1.69 * INCH, 'in-gal', undefined],
    [0.041, 'mm-l', 0.041],
    [0.0425, 'mm-l', 0.043],
    [0.2, 'mm-l', undefined],
  ] as const)('for a hole of %d m in %s: %s', (hole, measures, saw) =>
    expect(sawFit(hole, measures, undefined, false)).toEqual(
      saw === undefined ? { fit: 'template' } : { fit: 'fits', sawM: saw },
    ),
  );

  test('the nearest saw does where the seal allows its hole; concrete is cored', () => {
    // 81 mm is 2 mm from both 79 and 83.
    expect(sawFit(0.081, 'mm-l', [73, 86], false)).toMatchObject({ fit: 'allowed' });
    expect(sawFit(0.081, 'mm-l', [80.5, 81.5], false)).toEqual({ fit: 'template' });
    expect(sawFit(0.076, 'mm-l', [70, 80], true)).toEqual({ fit: 'core' });
  });

  test('one saw cuts all holes of its size', () => {
    const lines = sawLines(
      [
        { id: 'P3', label: 'P3', cut: { fit: 'fits', sawM: 2.5 * INCH } },
        { id: 'P3', label: 'P3', cut: { fit: 'allowed', sawM: 2.5 * INCH } },
        { id: 'P4', label: 'P4', cut: { fit: 'fits', sawM: 1.625 * INCH } },
      ],
      'in-gal',
    );
    expect(lines).toMatchObject([
      { detail: '1-5/8 in', buy: 1, places: ['P4'] },
      { detail: '2-1/2 in', buy: 1, places: ['P3'], note: expect.stringContaining('2 holes') as string },
    ]);
  });

  test('a hole without a saw buys none', () =>
    expect(sawLines([{ id: 'P1', label: 'P1', cut: { fit: 'template' } }], 'mm-l')).toEqual([]));

  test('nothing to drill needs nothing', () => expect(sawLines([], 'mm-l')).toEqual([]));
});
