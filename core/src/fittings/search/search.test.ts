import { describe, expect, test } from 'vitest';
import { DEEP } from '../../test/runs';
import { partTitle, shippedCatalogue } from '../catalogue';
import { queryWords, readQuery } from './read-query';
import { type Narrowing, searchParts, wantedOf } from './search-parts';
import { readSize } from './spoken';

const found = (text: string, narrowing: Narrowing = {}) => searchParts(shippedCatalogue, readQuery(text), narrowing);
const codes = (text: string, narrowing: Narrowing = {}) => found(text, narrowing).parts.map(({ code }) => code);

/** How people say these things at a counter is common practice, no source. */
describe('a query is read', () => {
  test.each([
    ['reducing bush 2x1.5', 'bushing, 2 in to 1-1/2 in'],
    ['3/4 ball valve fem', 'ball valve female, 3/4 in'],
    ['2in cam F', 'cam type F, 2 in'],
    ['1 1/2 elbow', 'elbow, 1-1/2 in'],
    ['32mm poly elbow', 'polyethylene pipe elbow, 32 mm'],
    ['45 elbow 1"', '45 elbow, 1 in'],
    ['½ npt street ell', 'NPT street elbow, 1/2 in'],
    ['sch 40 tee 2', 'Schedule 40 tee, 2 in'],
    ['bsp nipple 3/4 galv', 'ISO pipe thread nipple galvanised, 3/4 in'],
    ['the valve for 1 in', 'valve, 1 in'],
    ['', ''],
  ])('%s: %s', (text, words) => expect(queryWords(readQuery(text))).toBe(words));

  test('a slip is forgiven and said', () => {
    expect(readQuery('bushng 2').corrected).toEqual([{ wrote: 'bushng', read: 'bushing' }]);
    expect(readQuery('copuling').corrected).toEqual([{ wrote: 'copuling', read: 'coupling' }]);
    expect(readQuery('nippel 3/4').corrected).toEqual([{ wrote: 'nippel', read: 'nipple' }]);
  });

  test('short words are not guessed at, strange ones stay as they are', () => {
    expect(readQuery('tep').literal).toEqual(['tep']);
    expect(readQuery('zzyzx')).toMatchObject({ literal: ['zzyzx'], corrected: [] });
  });

  test.each([
    ['3/4', '3/4'],
    ['1.5', '1-1/2'],
    ['0.75', '3/4'],
    ['2in', '2'],
    ['32mm', '32'],
    ['32', '32'],
    ['1-1/4"', '1-1/4'],
    ['7/9', undefined],
    ['1.3', undefined],
    ['2mm', undefined],
    ['32in', undefined],
    ['', undefined],
  ])('size %s is %s', (text, size) => expect(readSize(text)).toBe(size));
});

/** What is handed over for each of these words is common practice, no source. */
describe('the first hit of a word is that thing', () => {
  test.each([
    ['ball cock', /^Float valve/],
    ['ballcock 1/2', /^Float valve/],
    ['tank connector', /^Tank connector/],
    ['back nut', /^Locknut/],
    ['vent cap', /^Vent cowl/],
    ['vent', /^Vent cowl|^Breather/],
    ['breather', /^Breather/],
    ['manhole', /^Access riser|^Screw-down cover/],
    ['riser', /^Access riser/],
    ['zip tie', /^Cable tie/],
    ['rose', /strainer$/i],
    ['sillcock', /[Hh]ose tap|[Ww]all tap/],
    ['pressure tank', /^Pressure vessel/],
    ['irrigation timer', /timer$/],
    ['float switch', /^Float switch/],
    ['atrium grate', /^Drop-in grate/],
    ['roof washer', /^Filter box|^First-flush/],
    ['leaf filter', /^Leaf head/],
    ['cable gland', /^Cable gland/],
    ['rodent screen', /^Rodent screen/],
    ['garden hose', /^Hose$/],
    ['garden hose 3/4', /^Hose$/],
    ['union', /^Union/],
    ['female adapter', /^Female adapter/],
    ['cam', /^Cam (adapter|coupler)/],
    ['hole plug', /^Blanking plug/],
    ['press elbow 22mm', /^Elbow/],
    ['crimp tee 3/4', /^Tee/],
    ['valve', /valve/],
    ['cap', /cap$/i],
    ['loose cap', /^Vented cap/],
    ['drip tube', /^Drip tube/],
    ['flange', /^Flange/],
    ['blind flange 2', /^Blind flange/],
    ['gutter', /^Gutter$/],
    ['gutter guard', /^Gutter guard/],
    ['gutter hanger', /^Gutter bracket/],
    ['first flush', /^First[ -]flush/],
    ['hose with ends 5/8', /^Hose with ends/],
  ])('%s', (text, name) => {
    const [first] = found(text).parts;
    expect(first?.name, text).toMatch(name);
  });

  test.each([
    ['primer', 'primer'],
    ['PTFE', 'thread tape'],
    ['jubilee', 'hose clamps'],
  ])('%s is no part: the list counts it', (text, counted) => {
    expect(readQuery(text)).toMatchObject({ counted: [counted], meanings: [], literal: [], corrected: [] });
    expect(found(text).parts).toEqual([]);
    expect(found(`${text} 3/4`).parts).toEqual([]);
  });
});

describe('a search', () => {
  test('finds what is asked for, of that size all over first', () => {
    const first = found('3/4 ball valve fem').parts[0];
    expect(first).toMatchObject({ family: 'valve', size: '3/4' });
    expect(first?.name).toContain('Ball valve');
    for (const { name, ends } of found('3/4 ball valve fem').parts.slice(0, 5)) {
      expect(name.toLowerCase()).toContain('ball valve');
      expect(ends.some(({ end }) => end.kind === 'thread' && end.sex === 'female')).toBe(true);
    }
  });

  test('knows the letters of cam couplings: F is the grooved half with a male thread', () => {
    for (const { ends } of found('2in cam F').parts) {
      expect(ends[0]?.end).toMatchObject({ kind: 'cam', part: 'adapter', size: '2' });
      expect(ends[1]?.end).toMatchObject({ kind: 'thread', sex: 'male' });
    }
    expect(codes('2 cam f brass npt')).toEqual(['CMFB-200']);
  });

  test('a bushing from one size to another, in sockets and threads, and near it the reducing couplings', () => {
    const { parts } = found('reducing bush 2x1.5');
    expect(parts.map(({ code }) => code)).toEqual(expect.arrayContaining(['RS-200150', 'R-200150', 'RG-200150']));
    for (const { name } of parts) expect(name).toMatch(/bushing/);
    expect(found('reducing coupling galvanised 2x1.5').near.map(({ code }) => code)).toContain('CR-200150');
  });

  test('finds a part by its code, and says nothing where there is nothing', () => {
    expect(codes('LV-075')).toEqual(expect.arrayContaining(['LV-075']));
    expect(found('qqq zzyzx')).toMatchObject({ parts: [], near: [] });
  });

  test('without words the whole catalogue stands there, counted by end', () => {
    const { parts, byEnd } = found('');
    expect(parts).toHaveLength(shippedCatalogue.list.length);
    // Counted anew over the whole list: every part with a cam coupler's arms.
    const arms = shippedCatalogue.list.filter(({ ends }) =>
      ends.some(({ end }) => end.kind === 'cam' && end.part === 'coupler'),
    );
    expect(byEnd.get('cam arms')).toBe(arms.length);
  });

  test('is narrowed by both ends, size, material, region and what is on hand', () => {
    for (const part of found('', {
      ends: ['hose tail', 'pipe thread male'],
      size: '3/4',
      material: 'brass',
      region: 'US',
    }).parts) {
      expect(part).toMatchObject({ material: 'brass' });
      expect(part.regions).toContain('US');
      expect(part.ends.some(({ end }) => end.kind === 'hose' && end.part === 'barb')).toBe(true);
    }
    expect(
      codes('', {
        onHand: new Map([
          ['LV-075', 2],
          ['LV-100', 0],
        ]),
      }),
    ).toEqual(['LV-075']);
    const all = found('elbow 1');
    const narrow = found('elbow 1', { ends: ['socket'] });
    expect(narrow.parts).toHaveLength(all.byEnd.get('socket') ?? 0);
    // Counts are of what the words ask for: narrowing down does not change them.
    expect(narrow.byEnd).toEqual(all.byEnd);
  });
});

test('a part is found by its name as the list prints it', () => {
  const everySo = shippedCatalogue.list.filter((_, place) => DEEP || place % 60 === 0);
  const lost = everySo.filter((part) => !wantedOf(shippedCatalogue, readQuery(partTitle(part)), null)?.has(part.code));
  expect(lost.map(partTitle)).toEqual([]);
});
