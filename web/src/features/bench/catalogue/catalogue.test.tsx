// @vitest-environment jsdom
import { type Holding, type OwnPart, shippedCatalogue } from '@herrero/core';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { CatalogueProvider } from '../../../store/catalogue-provider';
import { CatalogueStation } from './catalogue-station';

const push = vi.fn();
let address = '';
vi.mock('next/navigation', () => ({
  useRouter: () => ({ push }),
  useSearchParams: () => new URLSearchParams(address),
}));

const OWN: OwnPart = {
  code: 'MINE-1',
  name: 'Bridge',
  detail: '',
  size: '2',
  material: 'brass',
  ends: ['2 NPT M', '2 cam adapter'],
  lengthMm: 80,
  boreMm: null,
  priceUsd: 19,
  stockLengthM: null,
  does: [],
};

interface Sent {
  readonly method: string;
  readonly url: string;
  readonly body: unknown;
}
let sent: Sent[] = [];
let reply: () => Response = () => Response.json({});

beforeEach(() => {
  address = '';
  sent = [];
  reply = () => Response.json({});
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    sent.push({ method, url, body: typeof body === 'string' ? (JSON.parse(body) as unknown) : undefined });
    return Promise.resolve(reply());
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  push.mockClear();
});

const show = (own: readonly OwnPart[] = [], holdings: readonly Holding[] = []): void =>
  void render(
    <CatalogueProvider own={own} holdings={holdings}>
      <CatalogueStation />
    </CatalogueProvider>,
  );
const field = () => screen.getByLabelText('Which part?');
const ask = async (words: string): Promise<void> => {
  await userEvent.clear(field());
  await userEvent.paste(words);
};
const opened = () => within(screen.getByRole('region', { name: 'The opened part' }));

describe('the catalogue', () => {
  test('stands whole until something is asked, with examples to press', async () => {
    show();
    expect(screen.getByText(`${shippedCatalogue.list.length.toLocaleString('en')} found`)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: '2in cam F' }));
    expect(screen.getByText(/cam type F, 2 in/)).toBeDefined();
  });

  test('keeps what is asked and opened in the address', async () => {
    show();
    await ask('lever 3/4 brass npt');
    await userEvent.click(await screen.findByRole('button', { name: 'Lever valve 3/4 NPT female, brass' }));
    expect(decodeURIComponent(window.location.search)).toBe('?q=lever+3/4+brass+npt&part=LV-075');
    await userEvent.click(opened().getByRole('button', { name: 'Close' }));
    expect(decodeURIComponent(window.location.search)).toBe('?q=lever+3/4+brass+npt');
  });

  test('opens what the address says', () => {
    address = 'q=lever&part=LV-075';
    show();
    // 2.6 in overall (typical, value from memory); bore of 3/4 Schedule 40 pipe 0.824 in, 20.9 mm (ASTM D1785).
    expect(opened().getByText('2-5/8 in, 66 mm')).toBeDefined();
    expect(opened().getByText('13/16 in, 21 mm')).toBeDefined();
    expect(opened().getByText(/invented/)).toBeDefined();
  });

  test('says so where there is nothing, and what is near', async () => {
    show();
    await ask('qqq zzyzx');
    expect(await screen.findByText(/No part of the catalogue has all of this/)).toBeDefined();
  });

  test('is narrowed down by region, and by at most two ends', async () => {
    show();
    const facets = within(screen.getByRole('complementary', { name: 'Narrow it down' }));
    for (const end of [/^pipe thread male/, /^socket/, /^hose tail/])
      await userEvent.click(facets.getByRole('button', { name: end }));
    expect(
      facets.getAllByRole('button', { pressed: true }).map(({ textContent }) => textContent?.replace(/\d+/, '')),
    ).toEqual(['socket', 'hose tail']);
    await userEvent.selectOptions(facets.getByLabelText('Sold in'), 'UK and Ireland');
    expect(screen.getByRole('status').textContent).not.toBe(`${shippedCatalogue.list.length} found`);
  });

  test('a press on what goes on lays both ends on the bench', async () => {
    address = 'part=NC-075';
    show();
    await userEvent.click(opened().getAllByRole('button', { name: /Starts, then leaks/ })[0] as HTMLElement);
    expect(push).toHaveBeenCalledWith('/bench/together');
  });
});

describe('stock and price', () => {
  test('are sent, and nonsense is named and not sent', async () => {
    address = 'part=LV-075';
    show();
    await userEvent.clear(opened().getByLabelText('On hand'));
    await userEvent.type(opened().getByLabelText('On hand'), 'some');
    await userEvent.click(opened().getByRole('button', { name: 'Keep it' }));
    expect(opened().getByRole('status').textContent).toBe('some is no figure. Write it like 4.');
    expect(sent).toEqual([]);
    await userEvent.clear(opened().getByLabelText('On hand'));
    await userEvent.type(opened().getByLabelText('On hand'), '4');
    await userEvent.type(opened().getByLabelText('Your price, $'), '9.5');
    await userEvent.click(opened().getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(opened().getByRole('status').textContent).toContain('Kept'));
    expect(opened().getByText('$9.50, yours')).toBeDefined();
    expect(sent[0]).toMatchObject({
      method: 'POST',
      body: { own: [], holdings: [{ code: 'LV-075', onHand: 4, priceUsd: 9.5 }] },
    });
  });

  test('a price of yours is yours, and what is on hand stands in the row', async () => {
    address = 'part=LV-075';
    show([], [{ code: 'LV-075', onHand: 3, priceUsd: 9.5 }]);
    expect(opened().getByText('$9.50, yours')).toBeDefined();
    await ask('LV-075');
    expect(await screen.findByText('3 on hand')).toBeDefined();
  });

  test('a server that does not answer changes nothing, and says so', async () => {
    address = 'part=LV-075';
    vi.stubGlobal('fetch', () => Promise.reject(new Error('offline')));
    show();
    await userEvent.click(opened().getByRole('button', { name: 'Keep it' }));
    expect((await opened().findByRole('status')).textContent).toContain('Nothing was changed');
  });

  test('a part of your own that is built in stays, and says where', async () => {
    address = 'part=MINE-1';
    reply = () =>
      Response.json({ error: 'MINE-1 is built into Tern Point. Take it out there first.' }, { status: 409 });
    show([OWN]);
    await userEvent.click(opened().getByRole('button', { name: 'Take this part out' }));
    expect((await opened().findByRole('status')).textContent).toContain('built into Tern Point');
    expect(sent[0]).toMatchObject({ method: 'DELETE', url: '/api/v1/parts/own/MINE-1' });
  });
});

describe('a part of your own', () => {
  const form = () => within(screen.getByRole('form', { name: 'Your own part' }));
  const begin = async (): Promise<void> => {
    show();
    await userEvent.click(
      screen.getAllByRole('button', { name: 'It is not here: add your own part' })[0] as HTMLElement,
    );
  };

  test('is not wrong before it is kept, but an end that cannot be read is said at once', async () => {
    await begin();
    expect(form().queryAllByRole('alert')).toEqual([]);
    await userEvent.type(form().getByLabelText('End 1'), '3/4 NPTT M');
    expect(form().getByRole('alert').textContent).toContain('NPTT');
    await userEvent.click(form().getByRole('button', { name: 'Keep it in the catalogue' }));
    expect(form().getAllByRole('alert').length).toBeGreaterThan(2);
    expect(sent).toEqual([]);
  });

  test('is kept with what was typed, and opened', async () => {
    await begin();
    await userEvent.type(form().getByLabelText('Code'), 'MINE-2');
    await userEvent.type(form().getByLabelText('What is it called?'), 'Bridge');
    await userEvent.selectOptions(form().getByLabelText('Size it goes by'), '2 in');
    await userEvent.type(form().getByLabelText('End 1'), '2 NPT M');
    await userEvent.type(form().getByLabelText('End 2'), '2 cam adapter');
    await userEvent.type(form().getByLabelText('Price, $'), '19');
    await userEvent.click(form().getByRole('checkbox', { name: 'a shut-off' }));
    await userEvent.click(form().getByRole('button', { name: 'Keep it in the catalogue' }));
    expect(await screen.findByRole('region', { name: 'Bridge 2 NPT male x 2 cam adapter' })).toBeDefined();
    expect(sent[0]?.body).toMatchObject({
      own: [{ code: 'MINE-2', ends: ['2 NPT M', '2 cam adapter'], priceUsd: 19, lengthMm: null, does: ['shut-off'] }],
    });
  });

  test('what the server refuses stays in the form with the reason', async () => {
    await begin();
    reply = () =>
      Response.json(
        { error: 'no', fields: [{ path: 'own[0].code', message: 'That code is taken.' }] },
        { status: 400 },
      );
    await userEvent.type(form().getByLabelText('Code'), 'MINE-3');
    await userEvent.type(form().getByLabelText('What is it called?'), 'Bridge');
    await userEvent.type(form().getByLabelText('End 1'), '3/4 NPT M');
    await userEvent.click(form().getByRole('button', { name: 'Keep it in the catalogue' }));
    expect(await form().findByText('That code is taken.')).toBeDefined();
    expect(form().getByLabelText<HTMLInputElement>('Code').value).toBe('MINE-3');
  });
});

describe('a list', () => {
  const TABLE = 'code,name,size,material,end 1,price\nA-1,Bridge,2,brass,2 NPT M,12\nA-2,Odd,2,brass,2 NPTT M,5\n';
  const panel = () => within(screen.getByRole('region', { name: 'Bring in a list' }));
  const bring = async (text: string, name = 'list.csv'): Promise<void> => {
    show();
    await userEvent.click(screen.getAllByRole('button', { name: /^Bring in a list/ })[0] as HTMLElement);
    await userEvent.upload(panel().getByLabelText(/Choose a file/), new File([text], name, { type: 'text/csv' }));
  };

  test('is previewed: what can be put in, and every row that cannot with its reason', async () => {
    await bring(TABLE);
    expect((await panel().findByRole('status')).textContent).toContain('1 row can be put in: 1 of your own');
    expect(panel().getByText('Row 2, end 1:')).toBeDefined();
    expect(sent).toEqual([]);
  });

  test('is read anew with other columns, and its good rows are put in together', async () => {
    await bring(TABLE.replace('end 1', 'thread'));
    await waitFor(() => expect(panel().getByRole('status').textContent).toContain('0 rows can be put in'));
    await userEvent.selectOptions(panel().getByLabelText('end 1'), 'thread');
    await userEvent.click(await panel().findByRole('button', { name: 'Put 1 row in' }));
    await waitFor(() => expect(sent[0]?.body).toMatchObject({ own: [{ code: 'A-1' }] }));
    await ask('A-1');
    expect(await screen.findByText('A-1')).toBeDefined();
  });

  test('that the server refuses puts nothing in, and says so', async () => {
    reply = () =>
      Response.json(
        { error: 'no', fields: [{ path: 'own[0].code', message: 'A-1 is a shipped part.' }] },
        { status: 400 },
      );
    await bring(TABLE);
    await userEvent.click(await panel().findByRole('button', { name: 'Put 1 row in' }));
    expect((await panel().findByRole('alert')).textContent).toBe('Nothing was put in. A-1 is a shipped part.');
    await ask('A-1');
    expect(screen.queryByText('A-1')).toBeNull();
  });
});
