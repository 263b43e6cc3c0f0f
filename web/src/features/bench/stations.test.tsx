// @vitest-environment jsdom
import { type End, formatEnd, makeUp, mate, parseEnd, verdictWords } from '@herrero/core';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { BenchFrame } from './bench-frame';
import { BenchLink } from './bench-link';
import { useBench } from './bench-store';
import { CardStation } from './card/card-station';
import { NumberEntry } from './number-entry';
import { DryFit } from './together/dry-fit';
import { MediumPanel } from './together/medium-panel';
import { Numbers } from './together/numbers';
import { TogetherStation } from './together/together-station';
import { UseInstead } from './together/use-instead';
import { WhichStation } from './which/which-station';

const push = vi.fn();
let address = '';
let path = '/bench';
vi.mock('next/navigation', () => ({
  useRouter: () => ({ push }),
  usePathname: () => path,
  useSearchParams: () => new URLSearchParams(address),
}));

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};
const show = (node: ReactNode) => render(node);
const type = (label: string | RegExp, value: string): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
  fireEvent.blur(screen.getByLabelText(label));
};

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  push.mockClear();
  address = '';
  path = '/bench';
  useBench.setState(useBench.getInitialState(), true);
});
afterEach(cleanup);

describe('which thread', () => {
  const measured = (): void => {
    show(<WhichStation />);
    type('Over the crests, mm', '26.5');
    type('Crests counted', '10');
    type('Counted over, mm', '18.1');
  };
  const rows = () => screen.queryAllByRole('radio', { name: /to the inch/ });

  test('asks for the outside first', () => {
    show(<WhichStation />);
    expect(screen.getByText('Give the outside first')).toBeTruthy();
    expect(screen.getByText(/Nothing is measured yet/)).toBeTruthy();
    expect(rows()).toHaveLength(0);
  });
  test('names candidates with every key, in mm and inches alike', () => {
    measured();
    expect(rows()).toHaveLength(3);
    expect(screen.getByLabelText<HTMLInputElement>('Over the crests, in').value).toBe('1.043');
    // How far each is ahead of the next: two tapers fit alike, the straight one is 0.06 mm over its largest.
    expect(
      rows().map(
        ({ textContent }) => /(\d fits as well|[\d.]+ mm ahead of \d|nothing else is near)/.exec(textContent)?.[0],
      ),
    ).toEqual(['2 fits as well', '0.06 mm ahead of 3', 'nothing else is near']);
    type('Over the crests, in', '1.06');
    expect(screen.getByLabelText<HTMLInputElement>('Over the crests, mm').value).toBe('26.92');
  });
  test('a female is measured across its crests, and drawn hollow', async () => {
    show(<WhichStation />);
    await userEvent.click(screen.getByRole('radio', { name: 'female' }));
    type('Across the crests, mm', '24.4');
    type('Crests counted', '14');
    type('Counted over, in', '1');
    // ISO 228-1: G 3/4 is 24.12 to 24.66 mm across the crests of the female.
    expect(screen.getAllByText('3/4 G').length).toBeGreaterThan(0);
    expect(screen.getByRole('img', { name: 'A female end, 24.4 mm across its crests' })).toBeTruthy();
  });
  test('saying that it is straight leaves one, which is laid down', async () => {
    measured();
    await userEvent.click(screen.getByRole('radio', { name: 'straight' }));
    expect(screen.getByTestId('which-verdict').textContent).toBe('3/4 G male');
    await userEvent.click(screen.getByRole('button', { name: 'Lay it down as 3/4 G M' }));
    expect(useBench.getState().ends).toMatchObject([{ number: 1, end: '3/4 G M', either: [] }]);
    expect(screen.getByText('Give the outside first')).toBeTruthy();
  });
  test('what stays undecided is carried as not known', async () => {
    measured();
    await userEvent.click(screen.getByRole('button', { name: 'Keep all, undecided' }));
    expect(useBench.getState().ends[0]).toMatchObject({
      end: 'unknown thread',
      either: ['3/4 NPT M', '3/4 R M', '3/4 G M'],
    });
  });
  test('a cone is none of them, and is laid down as unknown', async () => {
    measured();
    await userEvent.click(screen.getByRole('radio', { name: 'cone' }));
    expect(screen.getByTestId('which-verdict').textContent).toBe('No thread fits');
    await userEvent.click(screen.getByRole('button', { name: 'Lay it down as unknown' }));
    expect(useBench.getState().ends[0]?.end).toBe('unknown thread');
  });
  test('the further measurement is taken where it is asked for', () => {
    useBench.getState().setRegion('US');
    measured();
    const apart = screen.getByRole('region', { name: 'The one measurement' });
    expect(within(apart).getByRole('img').getAttribute('aria-label')).toMatch(
      /^3\/4 NPT 25\.9\d to 26\.1\d mm, 3\/4 R/,
    );
    fireEvent.change(screen.getByLabelText('First crest, at the tip, mm'), { target: { value: '26.1' } });
    expect(useBench.getState().reading.tipMm).toBe(26.1);
    expect(rows()[0]?.textContent).toContain('3/4 NPT');
  });
  test('what cannot be is said at its field, and the last candidates stay', async () => {
    measured();
    type('Over the crests, mm', '2.65');
    expect(screen.getByRole('alert').textContent).toContain('2.65 mm is no thread on a tank');
    expect(rows()).toHaveLength(3);
    await userEvent.click(screen.getByRole('button', { name: 'Clear the readings' }));
    expect(rows()).toHaveLength(0);
  });
  test('nothing known is said where nothing is near', () => {
    show(<WhichStation />);
    type('Over the crests, mm', '140');
    type('Crests counted', '10');
    type('Counted over, mm', '20');
    expect(screen.getByText(/No pipe or hose thread on a tank measures this/)).toBeTruthy();
  });
  test('what fits and is not shown is counted', () => {
    // 1/2 NPT, R, G and the straight American threads may all read 20.8 mm at 14 to the inch.
    show(<WhichStation />);
    type('Over the crests, mm', '20.8');
    type('Crests counted', '14');
    type('Counted over, in', '1');
    expect(rows()).toHaveLength(3);
    expect(screen.getByText('1 more fits: say whether it tapers.')).toBeTruthy();
    expect(rows()[2]?.textContent).toContain('others fit as well');
  });
  test('the card of what is undecided is a press away', async () => {
    measured();
    await userEvent.click(screen.getByRole('button', { name: 'Print their card' }));
    expect(push).toHaveBeenCalledWith(`/bench/card?ends=${encodeURIComponent('3/4 NPT M,3/4 R M,3/4 G M')}`);
  });
});

describe('a number that is typed', () => {
  const onChange = vi.fn();
  const entry = (value: number | null) => (
    <NumberEntry
      label="Over"
      value={value}
      unit="mm"
      digits={2}
      parse={(text) => (text === 'x' ? undefined : Number(text))}
      onChange={onChange}
    />
  );
  beforeEach(() => onChange.mockClear());

  test('counts with every key; what cannot be read stays as typed and counts for nothing', () => {
    show(entry(null));
    fireEvent.change(screen.getByLabelText('Over, mm'), { target: { value: '26' } });
    expect(onChange).toHaveBeenLastCalledWith(26);
    fireEvent.change(screen.getByLabelText('Over, mm'), { target: { value: 'x' } });
    expect(onChange).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('alert').textContent).toBe('no number');
    fireEvent.blur(screen.getByLabelText('Over, mm'));
    expect(screen.getByLabelText<HTMLInputElement>('Over, mm').value).toBe('x');
    fireEvent.keyDown(screen.getByLabelText('Over, mm'), { key: 'Escape' });
    expect(screen.getByLabelText<HTMLInputElement>('Over, mm').value).toBe('');
  });
  test('emptied, it is not read', () => {
    show(entry(26));
    type('Over, mm', ' ');
    expect(onChange).toHaveBeenLastCalledWith(null);
  });
});

describe('two ends', () => {
  const joined = (a: string, b: string, more = ''): void => {
    path = '/bench/together';
    address = `a=${a}&b=${b}${more}`;
    show(<TogetherStation />);
  };
  const verdict = (): string | null => screen.getByTestId('verdict').textContent;

  test('are taken from the address with their materials', () => {
    joined('3/4 NPT M', '3/4 NPT F', '&am=stainless&bm=stainless');
    expect(verdict()).toBe('Holds with tape');
    expect(screen.getByText(/Stainless on stainless galls/)).toBeTruthy();
    expect(screen.getByText(/Which way it points/).closest('p')?.textContent).toContain('any direction can be reached');
  });
  test('change places, and the verdict does not', async () => {
    joined('3/4 NPT M', '3/4 NH F swivel');
    await userEvent.click(screen.getByRole('button', { name: 'Change the two round' }));
    expect(screen.getByLabelText<HTMLInputElement>('One end').value).toBe('3/4 NH F swivel');
    expect(verdict()).toBe('Starts, then leaks');
  });
  test('a word it does not know keeps the last pair and offers the nearest', async () => {
    joined('1 NPT M', '1 NPT F');
    type('The other end', '1 NPTT F');
    expect(screen.getByRole('alert').textContent).toContain('NPTT is no word for an end');
    expect(verdict()).toBe('Holds with tape');
    await userEvent.click(within(screen.getByRole('alert')).getByRole('button', { name: 'NPT' }));
    expect(screen.getByLabelText<HTMLInputElement>('The other end').value).toBe('1 NPT F');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  test('nothing good yet: an example of each kind', () => {
    useBench.getState().join({ a: '', b: '' });
    path = '/bench/together';
    show(<TogetherStation />);
    expect(screen.getByText(/Write an end the way you say it at the counter/)).toBeTruthy();
  });
  test('what is left out is judged, and put in again', async () => {
    joined('2 cam adapter', '2 cam coupler');
    expect(verdict()).toBe('Holds with washer');
    await userEvent.click(screen.getByRole('radio', { name: 'nothing' }));
    expect(verdict()).toBe('Starts, then leaks');
    expect(screen.getByText('Put the washer in.')).toBeTruthy();
    await userEvent.click(screen.getByRole('radio', { name: 'washer' }));
    expect(verdict()).toBe('Holds with washer');
  });
  test('a metal male in plastic has less than a turn to choose in', () => {
    joined('3/4 NPT M', '3/4 NPT F', '&am=brass&bm=pvc');
    expect(screen.getByText(/Which way it points/).closest('p')?.textContent).toContain('use a union or a swivel');
  });
  test('pairs looked at are remembered', () => {
    joined('1 R M', '1 Rp F');
    expect(useBench.getState().checked[0]).toEqual(['1 R M', '1 Rp F']);
  });
});

describe('what closes the joint', () => {
  const medium = (a: string, b: string, conditions = {}): string => {
    const { container } = show(<MediumPanel made={makeUp(end(a), end(b), conditions)} />);
    return container.textContent;
  };
  test.each([
    ['3/4 NH M', '3/4 NH F swivel', {}, ['The washer', '24.2 mm', 'No tape']],
    ['2 IPS spigot', '2 IPS socket', {}, ['The cement', 'PVC cement, 16 ml', '8 ml, on both', '5 min', '30 min']],
    ['2 IPS spigot', '2 IPS socket', { a: 'abs', b: 'abs' }, ['ABS cement', 'none: one step']],
    ['4 IPS spigot', '4 IPS socket', {}, ['30 min', '1.5 h']],
    ['3/4 barb', '3/4 hose bore', {}, ['The clamp', '1 x no. 16', 'No tape, no cement']],
    ['3/4 CTS spigot', '3/4 CTS push-fit', { a: 'pex' }, ['The insert', '3/4 CTS insert']],
    ['110 SOIL spigot', '110 SOIL push-fit', {}, ['The ring', '5 ml; never oil']],
    ['12.5 click plug', '12.5 click socket', {}, ['It needs nothing but itself']],
    ['1 NPT M', '3/4 NPT F', {}, ['this is no joint']],
    ['1/2 NPSM M', '1/2 NPSM F swivel', {}, ['Measure the seat for the washer']],
    ['3/4 G M', '3/4 Rc F', {}, ['Measure the male over its crests: 26.2 to 26.4 mm']],
  ])('%s with %s', (a, b, conditions, words) => {
    const text = medium(a, b, conditions);
    for (const word of words) expect(text).toContain(word);
    expect(text).not.toContain('turns of tape');
  });
});

describe('the dry fit', () => {
  const tapeOf = (handTurns?: number) => {
    const { tape } = makeUp(end('3/4 NPT M'), end('3/4 NPT F'), {}, handTurns === undefined ? {} : { handTurns });
    if (!tape) throw new Error('no tape');
    return tape;
  };
  test.each([
    [null, 'not tried', '3 to 4 turns of tape'],
    [4.75, '4-3/4 turns', '3 to 4 turns of tape'],
    [5.5, '5-1/2 turns', '2 for the slack'],
    [7, '7 turns', 'No amount of tape'],
    [2, '2 turns', 'It stops early'],
  ])('%s turns', (handTurns, shown, words) => {
    show(<DryFit tape={tapeOf(handTurns ?? undefined)} handTurns={handTurns} onTurns={vi.fn()} />);
    expect(screen.getByTestId('hand-turns').textContent).toBe(shown);
    expect(screen.getByTestId('tape-words').textContent).toContain(words);
  });
  test('a press is a quarter turn, never below none', async () => {
    const onTurns = vi.fn();
    show(<DryFit tape={tapeOf(5)} handTurns={5} onTurns={onTurns} />);
    await userEvent.click(screen.getByRole('button', { name: 'Turns by hand: more' }));
    expect(onTurns).toHaveBeenLastCalledWith(5.25);
    cleanup();
    show(<DryFit tape={tapeOf(0)} handTurns={0} onTurns={onTurns} />);
    await userEvent.click(screen.getByRole('button', { name: 'Turns by hand: fewer' }));
    expect(onTurns).toHaveBeenLastCalledWith(0);
  });
  test('is drawn with what it says', () => {
    show(<DryFit tape={tapeOf(5)} handTurns={5} onTurns={vi.fn()} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('5 turns on, 4.7 expected');
  });
});

describe('the numbers', () => {
  test('of two threads stand side by side with what lies between', () => {
    const [a, b] = [end('3/4 NH F swivel'), end('3/4 NPT M')];
    show(<Numbers a={a} b={b} mating={mate(a, b)} />);
    const row = (name: string): (string | null)[] =>
      [...(screen.getByRole('rowheader', { name }).closest('tr')?.querySelectorAll('td') ?? [])].map(
        ({ textContent }) => textContent,
      );
    // 14 and 11-1/2 to the inch: 1.814 and 2.209 mm (ASME B1.20.1, B1.20.7).
    expect(row('thread to thread')).toEqual(['1.814', '2.209', '0.39']);
    expect(row('taper')).toEqual(['1 in 16', 'none', 'differs']);
    expect(row('turns to tight')).toEqual(['', '', '1.7']);
  });
  test('of other ends are those of the verdict', () => {
    const [a, b] = [end('4 D3034 spigot'), end('4 IPS gasket')];
    const { container } = show(<Numbers a={a} b={b} mating={mate(a, b)} />);
    // ASTM D3034: 4.215 in is 107.06 mm; iron pipe size 4.5 in is 114.3 mm.
    expect(container.textContent).toContain('107.06 mm');
    expect(container.textContent).toContain('114.3 mm');
  });
});

describe('use instead', () => {
  const instead = (a: string, b: string): string => {
    const mating = mate(end(a), end(b));
    const { container } = show(
      <UseInstead
        a={end(a)}
        b={end(b)}
        aMaterial={null}
        bMaterial={null}
        service={null}
        mating={mating}
        words={verdictWords(mating)}
      />,
    );
    return container.textContent;
  };
  test('offers the chains that hold, fewest parts first', async () => {
    instead('3/4 NPT M', '3/4 NH F swivel');
    const ways = await screen.findAllByRole('button');
    expect(ways[0]?.textContent).toContain('+1 part');
    expect(ways[0]?.getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(ways[1] as HTMLElement);
    expect(ways[1]?.getAttribute('aria-pressed')).toBe('true');
  });
  test('says which one part would close a gap that nothing on the shelf does', async () => {
    instead('2-1/2 NH M', '1 NPT F');
    expect((await screen.findByText(/One part would close it/)).textContent).toContain('2-1/2 NH F swivel x 2 NPT F');
  });
  test('offers nothing for a joint that holds or is not known', () => {
    expect(instead('1 NPT M', '1 NPT F')).not.toContain('Use instead');
    cleanup();
    expect(instead('container neck', '1 NPT F')).not.toContain('Use instead');
  });
  test('defers to the local code', () => expect(instead('1 NPT M', '1 NPT F')).toContain('licensed trade'));
});

describe('the card', () => {
  const checked = (): (string | null | undefined)[] =>
    screen
      .getAllByRole<HTMLInputElement>('checkbox')
      .flatMap((box) => (box.checked ? [box.closest('label')?.textContent] : []));
  const link = (): string =>
    decodeURIComponent(screen.getByRole('link', { name: 'Download the card' }).getAttribute('href') ?? '');

  test('is of the threads asked for, those it knows', () => {
    address = 'ends=3/4 R M,nonsense,1 IPS socket';
    show(<CardStation />);
    expect(checked()).toEqual(['3/4 R M']);
    expect(link()).toBe('/api/v1/threads/card.pdf?paper=letter&ends=3/4 R M');
  });
  test('takes up to twelve, and none is no card', async () => {
    show(<CardStation />);
    for (const end of checked())
      await userEvent.click(screen.getAllByRole('checkbox', { name: end ?? '' })[0] as HTMLElement);
    expect(screen.queryByRole('link', { name: 'Download the card' })).toBeNull();
    const boxes = screen.getAllByRole<HTMLInputElement>('checkbox');
    for (const box of boxes.slice(0, 12)) await userEvent.click(box);
    expect(checked()).toHaveLength(12);
    expect(boxes.filter(({ disabled }) => disabled)).toHaveLength(boxes.length - 12);
    await userEvent.click(screen.getByRole('radio', { name: 'A4' }));
    expect(link()).toContain('paper=a4');
  });
});

describe('the frame', () => {
  const frame = (): void => {
    show(
      <BenchFrame>
        <p>the work</p>
      </BenchFrame>,
    );
  };
  test('lays out what was left on the bench, then shows the work', async () => {
    localStorage.setItem(
      'herrero-bench',
      JSON.stringify({ state: { ends: [{ number: 4, end: '1 NPT M', either: [] }], nextNumber: 5 }, version: 1 }),
    );
    frame();
    expect(await screen.findByText('the work')).toBeTruthy();
    expect(screen.getByRole('button', { name: /^E4/ })).toBeTruthy();
    expect(screen.getByRole('link', { name: /Which thread/ }).getAttribute('aria-current')).toBe('page');
  });
  test('two taps join two ends; the same twice lets it go', async () => {
    useBench.setState({
      ends: [
        { number: 2, end: '1 NPT F', either: [] },
        { number: 1, end: '1 NPT M', either: [] },
      ],
    });
    frame();
    const tap = (name: RegExp) => userEvent.click(screen.getByRole('button', { name }));
    await tap(/^E1/);
    await tap(/^E1/);
    expect(push).not.toHaveBeenCalled();
    await tap(/^E1/);
    await tap(/^E2/);
    expect(push).toHaveBeenCalledWith('/bench/together');
    expect(useBench.getState().together).toMatchObject({ a: '1 NPT M', b: '1 NPT F' });
    await tap(/Put E2 away/);
    expect(screen.queryByRole('button', { name: /^E2/ })).toBeNull();
  });
  test('the way back leads to the exact place left, with its joint', async () => {
    const from = {
      href: '/jobs/7/runs',
      label: 'Shed, Runs',
      joint: { name: 'P4 J5', ends: ['1 NPT M', '1 NH F'] as const },
    };
    show(<BenchLink from={from}>to the bench</BenchLink>);
    await userEvent.click(screen.getByRole('link', { name: 'to the bench' }));
    cleanup();
    frame();
    expect(screen.getByRole('link', { name: /Back to the job/ }).getAttribute('href')).toBe('/jobs/7/runs');
    expect(screen.getByRole('heading', { name: /J5/ }).textContent).toContain('the joint you came from');
  });
  test('without a job it leads back to the jobs', () => {
    frame();
    expect(screen.getByRole('link', { name: /^Back to/ }).getAttribute('href')).toBe('/');
  });
});

test('every end of the list can be typed as it is offered', () => {
  path = '/bench/together';
  const { container } = show(<TogetherStation />);
  const offered = [...container.querySelectorAll('datalist option')].map(
    (option) => option.getAttribute('value') ?? '',
  );
  expect(offered.length).toBeGreaterThan(300);
  for (const text of offered) expect(formatEnd(end(text))).toBe(text);
});
