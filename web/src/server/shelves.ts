import 'server-only';
import { type Currency, type Part, type ShelfLine, openQuestions, provenList, shelves, tickLine } from '@herrero/core';
import { notFound } from './api/problem';
import { findPlannedJob } from './planned-job';

/** The list of a job by shelf, as the pages in the shop and at the merchant's show it. */
export interface JobShelves {
  readonly name: string;
  readonly currency: Currency;
  readonly taxPercent: number | null;
  /** What is not known, and therefore on no shelf. */
  readonly questions: readonly string[];
  readonly shelves: readonly {
    readonly name: string;
    readonly lines: readonly (ShelfLine & {
      /** What its ticks belong to. */
      readonly id: string;
      /** How it looks, where the catalogue knows it. */
      readonly part?: Part;
    })[];
  }[];
}

/** Answers the pages, never a caller of the API. */
export async function answerShelves(_: Request, { id = '' }: Readonly<Record<string, string>>): Promise<Response> {
  const found = await findPlannedJob(id);
  if (!found) return notFound('job');
  const { name, currency, taxPercent } = found.stored.document;
  const body: JobShelves = {
    name,
    currency,
    taxPercent,
    questions: openQuestions(provenList(found.plan)),
    shelves: shelves(found.plan.parts, found.catalogue).map((shelf) => ({
      name: shelf.name,
      lines: shelf.lines.map((line) => {
        const part = found.catalogue.byCode.get(line.code);
        return { ...line, id: tickLine(line), ...(part ? { part } : {}) };
      }),
    })),
  };
  return Response.json(body);
}
