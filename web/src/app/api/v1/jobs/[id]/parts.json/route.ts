import { answerDownload } from '@/server/download';

/** The parts list with every use of every line, for another program. */
export const GET = answerDownload(({ plan, stored: { document, revision } }) => {
  const { name, currency, taxPercent } = document;
  return {
    ending: 'parts.json',
    type: 'application/json',
    body: JSON.stringify({ job: name, revision, currency, taxPercent, ...plan.parts }),
  };
});
