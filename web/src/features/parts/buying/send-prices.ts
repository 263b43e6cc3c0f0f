import { type PriceList } from '@herrero/core';
import { send } from '@/ui/send';
import { newId } from '../../../store/new-id';

/** So many prices are sent at once: a body of more values than the server looks at is refused. */
const A_PAGE = 10_000;

/** Sends a price list page by page; with the last one all of it is put in. Answers what went wrong, undefined where nothing did. */
export async function sendPrices({ offers, names, ...whose }: PriceList): Promise<string | undefined> {
  const upload = newId();
  const pages = Math.max(1, Math.ceil(offers.length / A_PAGE), Math.ceil(names.length / A_PAGE));
  const each = Math.ceil(offers.length / pages);
  const eachName = Math.ceil(names.length / pages);
  for (let page = 0; page < pages; page++) {
    const sent = await send('POST', '/api/v1/suppliers', {
      ...whose,
      offers: offers.slice(page * each, (page + 1) * each),
      names: names.slice(page * eachName, (page + 1) * eachName),
      ...(pages > 1 ? { upload, page, more: page < pages - 1 } : {}),
    });
    if (!sent.ok) return sent.message;
  }
  return undefined;
}
