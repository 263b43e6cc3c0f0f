import { describe, expect, test } from 'vitest';
import { merged, pressed, readTicks, unsent } from './ticks';

const at = (second: number): string => new Date(Date.UTC(2026, 10, 25, 9, 0, second)).toISOString();

describe('ticks', () => {
  test('a press is unsent until the server has it', () => {
    const ticks = pressed({}, 'NC-075', 'in', at(1));
    expect(unsent(ticks)).toEqual([{ line: 'NC-075', state: 'in', at: at(1) }]);
    expect(unsent(merged(ticks, [{ line: 'NC-075', state: 'in', at: at(1) }]))).toEqual([]);
  });

  test('a press made while the server was asked is not lost', () => {
    const first = pressed({}, 'NC-075', 'in', at(1));
    const second = pressed(first, 'NC-075', 'open', at(2));
    const answered = merged(second, [{ line: 'NC-075', state: 'in', at: at(1) }]);
    expect(answered['NC-075']).toEqual({ state: 'open', at: at(2), sent: false });
  });

  test('what another phone pressed later counts, what it pressed earlier does not', () => {
    const mine = pressed({}, 'NC-075', 'in', at(5));
    expect(merged(mine, [{ line: 'NC-075', state: 'not-on-shelf', at: at(9) }])['NC-075']?.state).toBe('not-on-shelf');
    expect(merged(mine, [{ line: 'NC-075', state: 'not-on-shelf', at: at(3) }])['NC-075']?.state).toBe('in');
    expect(merged(mine, [{ line: 'LV-075', state: 'in', at: at(3) }])['LV-075']).toMatchObject({ sent: true });
  });

  // It was sent again every few seconds for as long as the clock was ahead, over what other phones had pressed since.
  test('a press by a clock that is ahead is sent once; the time of the server stands', () => {
    const ahead = pressed({}, 'NC-075', 'in', at(59));
    const answered = merged(ahead, [{ line: 'NC-075', state: 'in', at: at(1) }], unsent(ahead));
    expect(unsent(answered)).toEqual([]);
    expect(merged(answered, [{ line: 'NC-075', state: 'open', at: at(5) }])['NC-075']?.state).toBe('open');
    // Pressed again while it was on its way: that press is still to be sent.
    const again = pressed(ahead, 'NC-075', 'open', at(3));
    expect(unsent(merged(again, [{ line: 'NC-075', state: 'in', at: at(1) }], unsent(ahead)))).toHaveLength(1);
  });

  test('a clock that was set back does not take a press back', () => {
    const ticks = pressed(pressed({}, 'NC-075', 'in', at(9)), 'NC-075', 'open', at(2));
    expect(Date.parse(ticks['NC-075']!.at)).toBeGreaterThan(Date.parse(at(9)));
  });

  test.each([
    ['nothing', null],
    ['half a text', '{"NC-075":{"sta'],
    ['another kind of text', '[1,2]'],
    ['a state there is not', '{"NC-075":{"state":"eaten","at":"2026-11-25T09:00:00Z"}}'],
    ['no time', '{"NC-075":{"state":"in","at":"soon"}}'],
    ['nothing where a tick should be', '{"NC-075":null}'],
  ])('%s is no tick', (_, text) => expect(readTicks(text)).toEqual({}));
});
