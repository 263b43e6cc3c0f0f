// @vitest-environment jsdom
import { type End, type ThreadEnd, parseEnd } from '@herrero/core';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { SlipJoint } from './slip-joint';
import { ThreadJoint } from './thread-joint';
import { ThreadStrip } from './thread-strip';

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};
const thread = (text: string): ThreadEnd => end(text) as ThreadEnd;
afterEach(cleanup);

describe('two threads', () => {
  const draw = (male: string, female: string, tight: boolean) =>
    render(
      <ThreadJoint
        male={thread(male)}
        female={thread(female)}
        widthPx={525}
        mostPxPerMm={50}
        tight={tight}
        crown
        labels
      />,
    );

  test('say what they are and how far they are on', () => {
    draw('3/4 NPT M', '3/4 NH F swivel', false);
    // Two turns bite, then the pitches bind (11-1/2 against 14 to the inch).
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      '3/4 NH female swivel over 3/4 NPT male, in section, 1.7 turns on',
    );
    expect(screen.getByText('1.7 turns by hand, then it binds')).toBeTruthy();
  });
  test('show every turn there is, however long the thread', () => {
    // ISO 7-1: 4 in goes on its gauge length, 25.4 mm at 11 to the inch: 11 turns. ASME B1.20.1: 3/4 NPT 4.75.
    for (const [male, female, turns] of [
      ['4 R M', '4 Rp F', '11.0'],
      ['3/4 NPT M', '3/4 NPT F', '4.7'],
    ] as const) {
      draw(male, female, true);
      expect(screen.getByText(`${turns} turns by hand`)).toBeTruthy();
      cleanup();
    }
  });
  test('stand in water where they leak, and not where they are tight', () => {
    const water = (container: HTMLElement): string | null | undefined =>
      container.querySelector('[data-water]')?.getAttribute('data-water');
    expect(water(draw('3/4 R M', '3/4 NPT F', false).container)).toBe('true');
    cleanup();
    expect(water(draw('3/4 NPT M', '3/4 NPT F', true).container)).toBe('false');
  });
  test('show the flanks of each and how wide the root stays open', () => {
    draw('3/4 R M', '3/4 NPT F', false);
    expect(screen.getByText('60 degrees, flat')).toBeTruthy();
    expect(screen.getByText('55 degrees, round')).toBeTruthy();
    expect(screen.getByText(/^0\.\d\d mm open$/)).toBeTruthy();
  });
  test('are marked where metal touches: along the flank of a designed pair, at few points of a false friend', () => {
    const touches = (male: string, female: string): number => {
      const { container } = draw(male, female, false);
      const count = container.querySelectorAll('[data-touch]').length;
      cleanup();
      return count;
    };
    expect(touches('3/4 NPT M', '3/4 NPT F')).toBeGreaterThan(0);
    expect(touches('3/4 R M', '3/4 NPT F')).toBeGreaterThan(0);
    // Hose thread runs loose: nothing touches before the washer does (ASME B1.20.7 allows 0.25 mm).
    expect(touches('3/4 NH M', '3/4 NH F swivel')).toBe(0);
  });
  test('never draw what is no number, whatever pair it is', () => {
    for (const male of ['1/8 NPT M', '4 R M', 'S100x8 M', '3/4 NH M', '2 NPS M'])
      for (const female of ['1/8 Rc F', '4 Rp F', 'S60x6 F', '3/4 NPT F', '2 G F swivel']) {
        const { container } = draw(male, female, false);
        expect(container.innerHTML, `${male} in ${female}`).not.toMatch(/NaN|Infinity|undefined/);
        cleanup();
      }
  });
  test('of one sex are not drawn as a joint', () => {
    const { container } = draw('1 NPT M', '1 R M', false);
    expect(container.innerHTML).toBe('');
  });
});

describe('what slips in', () => {
  const draw = (a: string, b: string, goesOn = true) =>
    render(<SlipJoint a={end(a)} b={end(b)} materials={{}} goesOn={goesOn} />);

  // ASTM D1785: 2 in pipe is 2.375 in, 60.32 mm outside.
  test.each([
    ['2 IPS spigot', '2 IPS socket', '60.32 mm outside'],
    ['2 IPS socket', '2 IPS spigot', '60.32 mm outside'],
    ['5/8 barb', '5/8 hose bore', 'over its crests'],
    ['4 IPS gasket', '4 D3034 spigot', '107.06 mm outside'],
  ])('%s with %s', (a, b, words) => {
    const { container } = draw(a, b);
    expect(screen.getByRole('img')).toBeTruthy();
    expect(container.textContent).toContain(words);
    expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
  });
  test('says by how much it is loose', () => {
    draw('4 D3034 spigot', '4 IPS gasket');
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('7.24 mm smaller than what takes it');
  });
  test('ends that do not slip into one another stand side by side by name', () => {
    const { container } = draw('2 cam adapter', '2 cam coupler');
    expect(screen.queryByRole('img')).toBeNull();
    expect(container.textContent).toContain('2 in cam adapter, grooved');
  });
});

test('a strip of the tray is solid below its line for a male, hatched above for a female, dotted where nothing is known', () => {
  const fill = (text?: string): string | null | undefined => {
    const { container } = render(<ThreadStrip end={text === undefined ? undefined : thread(text)} />);
    return container.querySelector('path')?.getAttribute('fill');
  };
  expect([fill('1 NPT M'), fill('1 NPT F'), fill()]).toEqual(['var(--mat-brass)', 'url(#section-brass)', 'none']);
});
