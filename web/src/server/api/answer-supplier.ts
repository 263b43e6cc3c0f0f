import 'server-only';
import { putSupplier } from '../db/supplier-repository';
import { answer, readBody } from './operation';
import { putSupplier as operation } from './operations/stock';
import { badRequest } from './problem';

/** Puts a price list in; one of the same name is replaced whole. */
export async function answerPutSupplier(request: Request): Promise<Response> {
  const body = await readBody(request, operation);
  if (!body.ok) return body.error;
  const { name, currency, pricedOn, offers } = body.value;
  const seen = new Set<string>();
  const twice = offers.flatMap(({ article }, index) => {
    const known = seen.has(article);
    seen.add(article);
    return known ? [{ path: `offers[${index}].article`, message: `${article} is there twice.` }] : [];
  });
  if (twice.length > 0) return badRequest(twice);
  const id = await putSupplier({ name, currency, pricedOn, offers });
  return answer(operation, 201, { id, offers: offers.length });
}
