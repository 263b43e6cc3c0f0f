import 'server-only';
import { nameOf } from '@herrero/core';
import { forgetPages, keepPage, pagesOf } from '../db/sent-pages';
import { putSupplier } from '../db/supplier-repository';
import { answer, readBody } from './operation';
import { MOST_ROWS, putSupplier as operation } from './operations/stock';
import { badRequest, twice } from './problem';

/** Puts a price list in, with all of its pages; one of the same name is replaced whole. */
export async function answerPutSupplier(request: Request): Promise<Response> {
  const body = await readBody(request, operation);
  if (!body.ok) return body.error;
  const { name, currency, pricedOn, upload, page, more } = body.value;
  if (more) {
    if (upload === undefined) return badRequest([{ path: 'upload', message: 'Say which upload this is a page of.' }]);
    await keepPage(upload, page, body.value);
    return answer(operation, 202, { page });
  }
  const sent = upload === undefined ? [] : await pagesOf(upload, page);
  if (upload !== undefined && sent.length !== page)
    return badRequest([
      { path: 'page', message: `Of ${page} pages before this one ${sent.length} came: send it again.` },
    ]);
  const offers = [...sent.flatMap((one) => one.offers), ...body.value.offers];
  const names = [...sent.flatMap((one) => one.names), ...body.value.names];
  if (offers.length > MOST_ROWS)
    return badRequest([{ path: 'offers', message: `Of one list ${MOST_ROWS} prices are taken at most.` }]);
  const problems = [
    ...twice(
      offers,
      ({ article }) => article,
      (index) => `offers[${index}].article`,
    ),
    ...twice(
      names,
      ({ theirs }) => nameOf(theirs),
      (index) => `names[${index}].theirs`,
    ),
  ];
  if (problems.length > 0) return badRequest(problems);
  const id = await putSupplier({ name, currency, pricedOn, offers, names });
  if (upload !== undefined) await forgetPages(upload);
  return answer(operation, 201, { id, offers: offers.length });
}
