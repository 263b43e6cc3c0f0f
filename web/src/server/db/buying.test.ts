import { randomUUID } from 'node:crypto';
import { type SupplierName, ternPoint } from '@herrero/core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { closeDatabase } from './database';
import { createJob } from './job-repository';
import { jobOfSecret, makeMerchantLink, merchantLinksOf, revokeMerchantLink } from './merchant-repository';
import { putOwn, readEntered, readOwn, theCatalogue } from './part-repository';
import { listOffCuts, listTaken, putOffCuts, removeOffCut, takeFromHand } from './stock-repository';
import { askSupplier, listSuppliers, putSupplier, rememberedPrices, removeSupplier } from './supplier-repository';
import { type Tick, putTicks, ticksOf } from './tick-repository';

const [job, other, third] = [randomUUID(), randomUUID(), randomUUID()];
beforeAll(async () => {
  await createJob(job, ternPoint(), 'test');
  await createJob(other, ternPoint(), 'test');
});
afterAll(closeDatabase);

describe('left-overs', () => {
  test('are cut for other jobs, not for the one they are from, and are put in once', async () => {
    const id = randomUUID();
    const offCut = { id, code: 'PI-150', lengthM: 1.234, fromJob: job };
    await putOffCuts([offCut], undefined);
    await putOffCuts([{ ...offCut, lengthM: 9 }], undefined);
    expect((await listOffCuts()).filter((one) => one.id === id)).toEqual([{ ...offCut, usedBy: null }]);
    const lengths = async (forJob?: string) => (await theCatalogue(forJob)).offCutsM.get('PI-150') ?? [];
    expect(await lengths(other)).toContain(1.234);
    expect(await lengths(job)).not.toContain(1.234);
    // What has been worked out of its parts is not lost between two requests.
    // (Other tests put things in stock meanwhile; that is a catalogue more.)
    const sameFor = (forJob?: string) => async () => (await theCatalogue(other)) === (await theCatalogue(forJob));
    await expect.poll(sameFor(other)).toBe(true);
    await expect.poll(sameFor()).toBe(true);
    // Once a job was cut from it, it is gone for all others.
    await putOffCuts([], { ids: [id], by: other });
    expect(await lengths(other)).toContain(1.234);
    expect(await lengths(third)).not.toContain(1.234);
    expect(await lengths()).not.toContain(1.234);
    expect(await removeOffCut(id)).toBe(true);
    expect(await removeOffCut(id)).toBe(false);
    expect(await lengths(other)).not.toContain(1.234);
  });
});

describe('what a job takes of what is on hand', () => {
  const code = 'GV-075';
  const onHand = async (): Promise<number | undefined> =>
    (await readOwn()).holdings.find((one) => one.code === code)?.onHand;
  const forJob = async (jobId: string): Promise<number | undefined> =>
    (await readEntered(jobId)).holdings.find((one) => one.code === code)?.onHand;
  const hold = (count: number) => putOwn({ own: [], holdings: [{ code, onHand: count, priceUsd: null }] });

  test('is counted down for all others and still on hand for it, until it is put back', async () => {
    await hold(3);
    expect(await takeFromHand(job, [{ code, count: 2 }])).toEqual([]);
    expect(await listTaken(job)).toEqual([{ code, count: 2 }]);
    expect([await onHand(), await forJob(job), await forJob(other)]).toEqual([1, 3, 1]);
    expect((await theCatalogue(job)).onHand.get(code)).toBe(3);
    expect((await theCatalogue(other)).onHand.get(code)).toBe(1);
    // Said again, or otherwise, it is not taken twice.
    await takeFromHand(job, [{ code, count: 3 }]);
    expect(await onHand()).toBe(0);
    expect((await theCatalogue(other)).onHand.get(code)).toBeUndefined();
    await takeFromHand(job, []);
    expect([await onHand(), await forJob(job), await listTaken(job)]).toEqual([3, 3, []]);
  });

  test('of which there are too few: nothing is taken, and what is short is said', async () => {
    await hold(3);
    await takeFromHand(job, [{ code, count: 2 }]);
    expect(await takeFromHand(other, [{ code, count: 2 }])).toEqual([{ code, wanted: 2, onHand: 1 }]);
    expect(await listTaken(other)).toEqual([]);
    expect(await onHand()).toBe(1);
    await takeFromHand(job, []);
  });

  test('by two at once: one gets it, nothing is counted below none', async () => {
    await hold(1);
    const short = await Promise.all([job, other].map((jobId) => takeFromHand(jobId, [{ code, count: 1 }])));
    expect(short.filter((one) => one.length === 0)).toHaveLength(1);
    expect(await onHand()).toBe(0);
    await Promise.all([job, other].map((jobId) => takeFromHand(jobId, [])));
    expect(await onHand()).toBe(1);
    await hold(0);
  });
});

describe('ticks', () => {
  const NOW = new Date('2026-12-31T00:00:00Z');

  const tick = (state: Tick['state'], second: number, line = 'NC-075'): Tick => ({
    line,
    state,
    at: new Date(Date.UTC(2026, 10, 25, 9, 0, second)).toISOString(),
  });

  test('on each line the newest press stands, in whatever order phones send them', async () => {
    await putTicks(job, [tick('in', 5), tick('open', 2), tick('in', 1, 'LV-075')], NOW);
    expect(await ticksOf(job)).toEqual([tick('in', 1, 'LV-075'), tick('in', 5)]);
    await putTicks(job, [tick('not-on-shelf', 3)], NOW);
    expect((await ticksOf(job))[1]).toEqual(tick('in', 5));
    await putTicks(job, [tick('open', 9)], NOW);
    expect((await ticksOf(job))[1]).toEqual(tick('open', 9));
    await putTicks(job, [], NOW);
    expect(await ticksOf(other)).toEqual([]);
  });

  test('a press of the future counts as of now and is named; a minute ahead is nobody’s fault', async () => {
    const now = new Date(Date.UTC(2026, 10, 25, 10, 0, 0));
    const ahead = (ms: number, line: string): Tick => ({
      line,
      state: 'in',
      at: new Date(now.getTime() + ms).toISOString(),
    });
    expect(await putTicks(other, [ahead(3_600_000, 'A'), ahead(60_000, 'B'), ahead(-1000, 'C')], now)).toEqual(['A']);
    expect((await ticksOf(other)).map(({ at }) => Date.parse(at) - now.getTime())).toEqual([0, 0, -1000]);
    // It does not stand for ever: the next press of the other phone counts.
    await putTicks(other, [{ ...ahead(1000, 'A'), state: 'open' }], new Date(now.getTime() + 2000));
    expect((await ticksOf(other))[0]?.state).toBe('open');
  });
});

describe('links for merchants', () => {
  test('lead to one job until they are closed; their secrets are not kept', async () => {
    const { id, secret } = await makeMerchantLink(job);
    const { secret: second } = await makeMerchantLink(job);
    // 256 bits in base64url.
    expect(secret).toMatch(/^[\w-]{43}$/);
    expect(second).not.toBe(secret);
    expect(await jobOfSecret(secret)).toBe(job);
    expect(await jobOfSecret(`${secret}x`)).toBeUndefined();
    expect(JSON.stringify(await merchantLinksOf(job))).not.toContain(secret);
    // Only the job that it belongs to closes it.
    expect(await revokeMerchantLink(other, id)).toBe(false);
    expect(await revokeMerchantLink(job, id)).toBe(true);
    expect(await revokeMerchantLink(job, id)).toBe(false);
    expect(await jobOfSecret(secret)).toBeUndefined();
    expect(await jobOfSecret(second)).toBe(job);
  });
});

describe('price lists', () => {
  test('one of the same name replaces the one before whole', async () => {
    const name = `Yard ${randomUUID().slice(0, 8)}`;
    const list = (pricedOn: string, articles: readonly string[]) =>
      putSupplier({
        name,
        currency: 'GBP',
        pricedOn,
        offers: articles.map((article) => ({ article, price: 2.5, pack: 10, stock: null })),
        names: [],
      });
    const id = await list('2026-11-01', ['NC-075', 'LV-075']);
    expect(await list('2026-11-20', ['NC-075'])).toBe(id);
    const stored = (await listSuppliers()).filter((one) => one.name === name);
    expect(stored).toEqual([{ id, name, currency: 'GBP', pricedOn: '2026-11-20', offers: 1 }]);
    expect(await askSupplier(id, ['NC-075', 'LV-075'])).toMatchObject({
      currency: 'GBP',
      standIn: false,
      offers: [{ article: 'NC-075', price: 2.5, pack: 10, stock: null }],
    });
    expect(await askSupplier('nobody', ['NC-075'])).toBeUndefined();
    expect(await removeSupplier(id)).toBe(true);
    expect((await listSuppliers()).some((one) => one.name === name)).toBe(false);
  });

  test('what a supplier calls an article is kept when its list is replaced, and a number of the trade is known of others', async () => {
    const [name, other] = [`Yard ${randomUUID().slice(0, 8)}`, `Depot ${randomUUID().slice(0, 8)}`];
    const list = (whose: string, offers: { article: string; price: number }[], names: SupplierName[]) =>
      putSupplier({
        name: whose,
        currency: 'EUR',
        pricedOn: '2026-11-20',
        offers: offers.map((offer) => ({ ...offer, pack: 1, stock: null })),
        names,
      });
    const id = await list(
      name,
      [{ article: 'LV-075', price: 9 }],
      [
        { theirs: 'KH  20', article: 'LV-075' },
        { theirs: '4006381333931', article: 'LV-075' },
        // A code of fourteen figures, no number of the trade: its check digit does not fit.
        { theirs: '04006381333932', article: 'LV-075' },
      ],
    );
    await list(name, [{ article: 'KH 20', price: 8 }], []);
    // Kept under their own name, found under ours.
    expect((await askSupplier(id, ['LV-075', 'NC-075']))?.offers).toEqual([
      { article: 'LV-075', price: 8, pack: 1, stock: null },
    ]);
    expect(await rememberedPrices(name, 0)).toMatchObject({
      currency: 'EUR',
      offers: [{ article: 'KH 20' }],
      more: false,
    });
    const ofOther = await list(other, [{ article: 'x', price: 1 }], []);
    const known = (await rememberedPrices(other, 0)).names;
    expect(known).toContainEqual({ theirs: '04006381333931', article: 'LV-075' });
    expect(known).not.toContainEqual({ theirs: 'kh 20', article: 'LV-075' });
    expect(known).not.toContainEqual({ theirs: '04006381333932', article: 'LV-075' });
    await removeSupplier(id);
    expect((await rememberedPrices(other, 0)).names).not.toContainEqual({
      theirs: '04006381333931',
      article: 'LV-075',
    });
    await removeSupplier(ofOther);
  });

  test('half a list is none', async () => {
    const name = `Yard ${randomUUID().slice(0, 8)}`;
    const twice = [1, 2].map((price) => ({ article: 'NC-075', price, pack: 1, stock: null }));
    await expect(
      putSupplier({ name, currency: 'USD', pricedOn: '2026-11-20', offers: twice, names: [] }),
    ).rejects.toThrow();
    expect((await listSuppliers()).some((one) => one.name === name)).toBe(false);
  });
});
