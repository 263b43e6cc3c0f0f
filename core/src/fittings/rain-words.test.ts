import { expect, test } from 'vitest';
import { shippedCatalogue } from './catalogue';
import { rainWords } from './rain-words';

const words = (code: string) => rainWords(shippedCatalogue.byCode.get(code)!);

test('a filter box says what level it takes, its mesh and its way round it', () => {
  const rows = words('JBSP-110M');
  expect(rows.map(([name]) => name)).toEqual(['level it takes', 'mesh']);
  expect(rows[0]?.[1]).toBe('100 mm, from memory');
  expect(rows[1]?.[1]).toMatch(/^0\.7 mm, \d+ cm2 open, with a way round it$/);
});
test('a diverter says its share, a fine screen that there is no way round it, a valve nothing', () => {
  expect(words('DVG-300')).toEqual([['turns aside', '85 % of the water, from memory']]);
  expect(words('JFSP-110M')[0]?.[1]).toContain('no way round it');
  expect(words('LV-075')).toEqual([]);
});
