import 'server-only';
import { type FieldProblem, type ThreadEnd, endProblemWords, parseEnd } from '@herrero/core';
import { badRequest } from './problem';
import { MOST_THREADS, PAPERS, type Paper, cardName, threadCard } from '../thread-card';

/** The thread card as a PDF at true scale: `?ends=3/4 NPT M,3/4 G M&paper=a4`. */
export async function answerThreadCard(request: Request): Promise<Response> {
  const asked = new URL(request.url).searchParams;
  const paper = asked.get('paper') ?? 'letter';
  const texts = (asked.get('ends') ?? '').split(',').filter((text) => text.trim() !== '');
  const problems: FieldProblem[] = [];
  if (!Object.hasOwn(PAPERS, paper))
    problems.push({ path: 'paper', message: `Paper is ${Object.keys(PAPERS).join(' or ')}.` });
  if (texts.length === 0) problems.push({ path: 'ends', message: 'Name at least one thread: ends=3/4 NPT M' });
  if (texts.length > MOST_THREADS)
    problems.push({ path: 'ends', message: `At most ${MOST_THREADS} threads fit on a card.` });
  const ends = texts.flatMap((text): ThreadEnd[] => {
    const parsed = parseEnd(text);
    if (parsed.ok && parsed.value.kind === 'thread') return [parsed.value];
    problems.push({
      path: 'ends',
      message: parsed.ok ? `${text.trim()} is no thread.` : `${text.trim()}: ${endProblemWords(parsed.error)}`,
    });
    return [];
  });
  if (problems.length > 0) return badRequest(problems);
  const pdf = await threadCard(ends, paper as Paper);
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${cardName(ends)}"` },
  });
}
