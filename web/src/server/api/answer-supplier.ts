import 'server-only';
import { nameOf } from '@herrero/core';
import { putSupplier } from '../db/supplier-repository';
import { answer, readBody } from './operation';
import { putSupplier as operation } from './operations/stock';
import { badRequest, twice } from './problem';

/** Puts a price list in; one of the same name is replaced whole. */
export async function answerPutSupplier(request: Request): Promise<Response> {
  const body = await readBody(request, operation);
  if (!body.ok) return body.error;
  const { name, currency, pricedOn, offers, names } = body.value;
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
  return answer(operation, 201, { id, offers: offers.length });
}
